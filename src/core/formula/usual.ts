import type { Batter, Formula } from './formula';

/** What formulas of a family have in common, as a beginning for one more: the middle of their figures, and what most of them say. */
export interface UsualOfFamily {
  purpose: Formula['purpose'];
  batter: Batter | '';
  loss: number;
  density: number;
  keeping: { place: string | null; min: number; max: number };
}

/** What is usual in each family, of the formulas that the kitchen has. */
export function usualByFamily(formulas: readonly Formula[]): Record<string, UsualOfFamily> {
  const families = new Map<string, Formula[]>();
  for (const f of formulas) families.set(f.family, [...(families.get(f.family) ?? []), f]);
  return Object.fromEntries([...families].map(([family, own]) => [family, usualOf(own)]));
}

function usualOf(own: readonly Formula[]): UsualOfFamily {
  const of = <T>(read: (f: Formula) => T) => own.map(read);
  return {
    purpose: most(of((f) => f.purpose)),
    batter: most(of((f) => f.batter ?? '')),
    loss: middle(of((f) => f.loss)),
    density: middle(of((f) => f.density)),
    keeping: {
      place: most(of((f) => f.keeping.place)),
      min: middle(of((f) => f.keeping.min)),
      max: middle(of((f) => f.keeping.max)),
    },
  };
}

/** The one that comes most often; of several the first. */
function most<T>(values: readonly T[]): T {
  const count = (v: T) => values.filter((x) => x === v).length;
  return values.reduce((best, v) => (count(v) > count(best) ? v : best));
}

/** The middle one by size; of two the lower, so that it is one that somebody has chosen. */
const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) / 2)]!;
