import type { Formula, Ingredient, Allergen, FormulaLine } from './formula';
import { NOT_CONFIRMED, ROLLED_UP } from './formula';

/** Grams of all ingredients together. */
export function totalGrams(formula: Pick<Formula, 'lines'>): number {
  return formula.lines.reduce((sum, line) => sum + line.grams, 0);
}

/** Grams that the formula gives as written: total less the loss in baking, boiling or trimming. */
export function yieldGrams(formula: Pick<Formula, 'lines' | 'loss'>): number {
  return totalGrams(formula) * (1 - formula.loss);
}

export interface ScaledLine extends FormulaLine {
  /** Share of the total, as a fraction. */
  share: number;
}

/**
 * The ingredients for a wanted weight of mix (before loss). Linear: nothing is rounded here, rounding is for the eye.
 */
export function scaleToTotal(formula: Pick<Formula, 'lines'>, wanted: number): ScaledLine[] {
  const total = totalGrams(formula);
  return formula.lines.map((line) => ({
    ...line,
    grams: total === 0 ? 0 : (line.grams * wanted) / total,
    share: total === 0 ? 0 : line.grams / total,
  }));
}

/** The ingredients for a wanted yield (after loss). */
export function scaleToYield(formula: Pick<Formula, 'lines' | 'loss'>, wanted: number): ScaledLine[] {
  return scaleToTotal(formula, wanted / (1 - formula.loss));
}

/**
 * The whole formula for as much as there is of one ingredient. Null where the formula has none of it.
 * Example: 300 g butter in the formula, 240 g in the house: everything × 0.8.
 */
export function scaleToScarce(
  formula: Pick<Formula, 'lines'>,
  ingredient: string,
  available: number,
): { factor: number; lines: ScaledLine[] } | null {
  const needed = formula.lines.filter((l) => l.ingredient === ingredient).reduce((sum, l) => sum + l.grams, 0);
  if (needed === 0) return null;
  const factor = available / needed;
  return { factor, lines: scaleToTotal(formula, totalGrams(formula) * factor) };
}

/** Allergens and flags of a formula, in the order of the list, each with the ingredients that bring it. */
export function allergensOf(
  formula: Pick<Formula, 'lines'>,
  ingredients: ReadonlyMap<string, Ingredient>,
): { allergen: Allergen; from: string[] }[] {
  return ROLLED_UP.flatMap((allergen) => {
    const from = formula.lines
      .map((line) => ingredients.get(line.ingredient))
      .filter((x): x is Ingredient => x !== undefined && brings(x, allergen))
      .map((x) => x.name);
    return from.length > 0 ? [{ allergen, from }] : [];
  });
}

const brings = (i: Ingredient, allergen: Allergen) =>
  allergen === NOT_CONFIRMED ? (i.unconfirmed ?? false) : i.allergens.includes(allergen);
