import type { Batter, Formula } from '../formula/formula';
import type { Kitchen, MixLimits } from './kitchen';

/**
 * The least and the most g of a formula that can be mixed at once: as the formula says; else as the mixers take of its batter; else nothing at
 * least, and what the largest bowl holds.
 */
export function mixLimits(
  { batch, batter }: Pick<Formula, 'batch' | 'batter'>,
  { mixes, coefficients }: Pick<Kitchen, 'mixes' | 'coefficients'>,
): { least: number | undefined; most: number } {
  const own = batter && mixes?.[batter];
  return {
    least: batch?.least ?? (own && own.least > 0 ? own.least : undefined),
    most: batch?.most ?? own?.most ?? coefficients.bowlKilos * 1000,
  };
}

/** What several mixers take together: the least of the smallest, and the most of the largest. Undefined where none says anything. */
export function mixesOf(
  mixers: readonly { batches: readonly { batter: Batter; least: number; most: number }[] }[],
): MixLimits | undefined {
  const mixes: MixLimits = {};
  for (const { batter, least, most } of mixers.flatMap((m) => m.batches)) {
    const known = mixes[batter];
    mixes[batter] = known ? { least: Math.min(known.least, least), most: Math.max(known.most, most) } : { least, most };
  }
  return Object.keys(mixes).length > 0 ? mixes : undefined;
}
