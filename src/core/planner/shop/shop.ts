import type { Model } from '../model/model';
import { FREE } from '../model/step-model';

/** A step that must be over, and the minutes that must then pass. */
interface ShopArc {
  step: number;
  lag: number;
}

/**
 * A problem that is a job shop: one hand-over, and before it nothing but steps that each need one thing of their own, with
 * shortest waits between them. What is left to decide is only in which order each thing does its steps.
 */
export interface Shop {
  /** Steps by index in the model; the last is the hand-over. */
  steps: number[];
  minutes: Int32Array;
  /** Earliest start of each. */
  release: Int32Array;
  before: ShopArc[][];
  after: ShopArc[][];
  /** Thing that each needs; −1 for none, as where a step takes no time. Steps of one thing never overlap. */
  thing: Int32Array;
  things: number;
  pickup: number;
}

/** Reads a model as a job shop; null where it is more than that. */
export function shopOf(model: Model): Shop | null {
  const { problem } = model;
  if (problem.orders.length !== 1 || problem.routes.length > 0 || problem.holds.length > 0) return null;
  const collect = model.stepIndex.get(problem.orders[0]!.collect)!;
  const attended = model.attended.some(([a, b]) => a <= problem.now && b >= problem.horizon);
  const thingOf = new Map<number, number>();
  const thing = (step: number): number | null => {
    const s = model.steps[step]!;
    if (step === collect) return -1;
    if (s.work !== 'machine' || s.fixed !== FREE || s.needs.length !== 1 || !attended) return null;
    const [need] = s.needs;
    const item = need!.items[0]!;
    const { units, closed } = problem.equipment[item]!;
    if (need!.items.length !== 1 || need!.celsius !== null || 2 * need!.units <= units || closed?.length) return null;
    // What takes no time keeps nothing busy: it may lie beside anything.
    if (s.modes[0]!.minutes === 0) return -1;
    if (!thingOf.has(item)) thingOf.set(item, thingOf.size);
    return thingOf.get(item)!;
  };
  const steps = [...model.steps.keys()].filter((s) => s !== collect).concat(collect);
  const things = steps.map(thing);
  if (things.some((t) => t === null) || steps.length < 3) return null;
  if (model.waits.some((w) => w.max !== Infinity || w.items !== null || w.ageing > 0 || w.wish || w.min < 0))
    return null;
  const position = new Map(steps.map((s, i) => [s, i]));
  const before: ShopArc[][] = steps.map(() => []);
  const after: ShopArc[][] = steps.map(() => []);
  for (const w of model.waits) {
    const [from, to] = [position.get(w.from)!, position.get(w.to)!];
    after[from]!.push({ step: to, lag: w.min });
    before[to]!.push({ step: from, lag: w.min });
  }
  // Work that the hand-over does not wait for would not count.
  if (after.some((a, i) => a.length === 0 && i < steps.length - 1)) return null;
  return {
    ...{ steps, before, after, things: thingOf.size, pickup: problem.orders[0]!.pickup },
    minutes: Int32Array.from(steps, (s) => model.steps[s]!.modes[0]!.minutes),
    release: Int32Array.from(steps, (s) => model.steps[s]!.earliest),
    thing: Int32Array.from(things as number[]),
  };
}
