import type { Formula } from '../formula/formula';
import { freeOf, type Drawing } from './free';
import type { Store } from './lot';

/** A part of which too little is free. Pieces of what is counted, else g. */
export interface MakeAgain {
  formula: string;
  name: string;
  by: 'piece' | 'weight';
  free: number;
  level: number;
  makes: number;
}

/**
 * Parts that fall below the level that their formula says, those that are furthest below first. What does not keep beyond `day` counts for nothing.
 * Where a formula does not say how much is made at a time, it is made up to the level.
 */
export function makeAgain(
  formulas: Iterable<Formula>,
  store: Store,
  orders: readonly Drawing[],
  day: string,
): MakeAgain[] {
  return [...formulas]
    .flatMap((f): MakeAgain[] => {
      const { level, makes, by } = f.inStore ?? { by: 'weight' as const };
      if (level === undefined || f.retired) return [];
      const free = store.lots
        .filter((l) => l.formula === f.id && l.useBy > day)
        .reduce((sum, l) => sum + freeOf(l, orders), 0);
      if (free >= level) return [];
      return [{ formula: f.id, name: f.name, by, free, level, makes: makes ?? level - free }];
    })
    .sort((a, b) => a.free / a.level - b.free / b.level);
}
