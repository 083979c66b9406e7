import type { BatchWork } from '../batching/batch';
import type { Breakdown } from '../breakdown/breakdown';
import type { StoreDraw } from '../breakdown/amounts/store-draw';
import type { Kitchen } from '../breakdown/kitchen';
import type { Design } from '../design/design';
import type { Choices } from '../formula/schools';
import type { Form } from '../shape/form';

/** What of an order decides how it is broken down. */
export interface MakingAnswers {
  build: string;
  tiers: Form[];
  /** Its own design; not there where it was taken before orders had one: then it is its build in these tiers. */
  design?: Design;
  /** What it says, letter for letter; not there where it was kept before that was looked at. */
  inscription?: string;
  /** Roles of optional components that are left out. */
  without: string[];
  /** Another formula for a role. */
  swaps: Record<string, string>;
  /** Amounts set by hand, g by role. */
  overrides: Record<string, number>;
  /** What it takes out of the store of own parts; nothing where it is not there. */
  fromStore?: StoreDraw[];
  /** Schools and routes that it has decided for itself. */
  choices: Choices;
  /** Versions of the formulas that it was planned with. */
  versions: Record<string, number>;
}

/** What a breakdown is made by beside the order’s own answers and formulas. */
export type BreakdownFigures = Pick<Kitchen, 'coefficients' | 'choices' | 'moulds' | 'ovenSlots' | 'slot' | 'mixes'>;

/**
 * An order’s work as it was broken down when its first step was told. It stays like that: later rules, figures and formulas apply only when
 * the lead says so. Where an answer of the order is changed, it is broken down anew by the figures that are kept here.
 */
export interface KeptBreakdown {
  /** What it was broken down from. */
  answers: MakingAnswers;
  figures: BreakdownFigures;
  breakdown: Breakdown;
  /** Its steps have the ids that they had before those stayed the same whatever the amounts. */
  formerIds?: boolean;
}

/** The same of a batch that has been begun. */
export interface KeptBatch {
  members: { order: number; role: string }[];
  work: BatchWork;
}

/** The answers alone of whatever has them. */
export const answersOf = (order: MakingAnswers): MakingAnswers => {
  const { build, tiers, design, inscription = '', without, swaps, overrides, fromStore, choices, versions } = order;
  return {
    ...{ build, tiers, ...(design && { design }), inscription, without, swaps, overrides },
    ...(fromStore && fromStore.length > 0 && { fromStore }),
    ...{ choices, versions },
  };
};

/** Are these the same answers? Lists as they are ordered, names in any order; what one of them does not know of is not held against it. */
export function sameAnswers(a: MakingAnswers, b: MakingAnswers): boolean {
  const inscription = a.inscription === undefined || b.inscription === undefined ? '' : null;
  const design = a.design === undefined || b.design === undefined ? null : undefined;
  const of = (x: MakingAnswers) =>
    sorted({ ...x, inscription: inscription ?? x.inscription, design: design === undefined ? x.design : design });
  return of(a) === of(b);
}

const sorted = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([x], [y]) => (x < y ? -1 : 1)))
      : v,
  );
