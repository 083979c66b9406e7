import type { Formula } from '../../../formula/formula';

/** g of raw mix that gives a slab of this volume by the formula’s own density after its loss. */
export const rawGrams = (ml: number, formula: Formula): number => (ml * formula.density) / (1 - formula.loss);
