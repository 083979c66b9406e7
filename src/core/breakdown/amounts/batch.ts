import { isOfBatch, type Measure } from '../../design/measure';

/** A use of a batch: what it says, or what it comes to. */
export interface BatchUse {
  measure: Measure | undefined;
  /** g that are made for it, where that does not depend on the batch. */
  made: number;
  /** Pieces that get it, where it is told in grams for each. */
  pieces: number;
}

/**
 * How large a batch is and what its uses get of it, g as made. Where the batch is told, or one share uses it up, shares are of that; else it grows
 * until its shares are what they say: all that is measured ÷ (1 − shares). `recipe` is the formula once, for a batch that nothing else measures.
 * Example: two thirds around the outside by its millimetres, 600 g, and a third inside: 600 ÷ (1 − ⅓) = 900 g.
 */
export function divideBatch(
  uses: readonly BatchUse[],
  told: number | undefined,
  recipe: number,
): { batch: number; grams: number[] } {
  const own = (u: BatchUse) =>
    u.measure === undefined || !isOfBatch(u.measure)
      ? typeof u.measure === 'object' && 'grams' in u.measure
        ? u.measure.grams * u.pieces
        : u.made
      : 0;
  const measured = uses.reduce((sum, u) => sum + own(u), 0);
  const share = (u: BatchUse) => (typeof u.measure === 'object' && 'share' in u.measure ? u.measure.share : 0);
  const shares = uses.reduce((sum, u) => sum + share(u), 0);
  const rests = uses.filter((u) => u.measure === 'rest').length;
  const free = 1 - shares;
  const grown = free > 1e-6 && measured > 0 && rests === 0 ? measured / free : Math.max(recipe, measured);
  const batch = told ?? grown;
  const rest = Math.max(0, batch * free - measured);
  return {
    batch,
    grams: uses.map((u) => (u.measure === 'rest' ? rest / rests : share(u) > 0 ? batch * share(u) : own(u))),
  };
}
