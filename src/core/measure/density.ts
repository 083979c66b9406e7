/** Flour that was sifted before it was measured weighs less in the cup; sifted after, the same. */
export type Sifting = 'not' | 'before measuring' | 'after measuring';

/** What sifted flour weighs against unsifted in the same cup. */
const SIFTED = 0.87;

/** ml → g by the ingredient's own density (g/ml). Example: 250 ml of flour at 0.53 = 132.5 g. */
export function toGrams(ml: number, density: number, sifting: Sifting = 'not'): number {
  return ml * density * (sifting === 'before measuring' ? SIFTED : 1);
}

/** g → ml, the inverse. */
export function toMillilitres(grams: number, density: number, sifting: Sifting = 'not'): number {
  return grams / (density * (sifting === 'before measuring' ? SIFTED : 1));
}
