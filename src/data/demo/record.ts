import type { Reading } from '../../core/records/cooling';
import type { DemoOrder } from './orders';
import record from './record.json' with { type: 'json' };

/**
 * An order of the weeks before. Days are counted from the anchor, the day on which the demo is loaded; minutes from its midnight by the
 * clock on the wall. All of them lie before it, and are negative.
 */
export interface PastOrder extends Omit<DemoOrder, 'inscription' | 'avoid' | 'note'> {
  /** When its last step was done. */
  ready: number;
}

/** A step of a past order as it was worked. */
export interface PastStep {
  /** Place of its order in the list. */
  order: number;
  /** Its id without the order's. */
  step: string;
  name: string;
  likely: number;
  start: number;
  took: number;
  people: string[];
  equipment: string[];
  check?: { kind: string; text: string; value: number | null };
}

/** Readings of a probe while something cooled. */
export interface PastProbe {
  thing: string;
  place: 'bench' | 'fridge' | 'freezer';
  ambient: number;
  start: number;
  readings: Reading[];
}

/** Six weeks of work, made by `npm run demo:record` and kept as data: what was planned, and how long it took. */
export const demoRecord = record as { orders: PastOrder[]; work: PastStep[]; probes: PastProbe[] };
