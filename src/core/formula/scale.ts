import type { Formula, FormulaLine, FormulaPart } from './formula';

/** What goes into a formula. */
export type Filling = Pick<Formula, 'lines' | 'parts'>;

/** Grams of all ingredients and of the formulas that go in together. */
export function totalGrams({ lines, parts = [] }: Filling): number {
  return [...lines, ...parts].reduce((sum, line) => sum + line.grams, 0);
}

/** Grams that the formula gives as written: total less the loss in baking, boiling or trimming. */
export function yieldGrams(formula: Filling & Pick<Formula, 'loss'>): number {
  return totalGrams(formula) * (1 - formula.loss);
}

export interface ScaledLine extends FormulaLine {
  /** Share of the total, as a fraction. */
  share: number;
}

/** A line so many times: its grams, and between which they lie where it is to texture or to taste. */
export const lineTimes = <L extends FormulaLine>(line: L, factor: number): L => ({
  ...line,
  grams: line.grams * factor,
  ...(line.range && { range: { ...line.range, low: line.range.low * factor, high: line.range.high * factor } }),
});

/**
 * The ingredients for a wanted weight of mix (before loss). Linear: nothing is rounded here, rounding is for the eye.
 */
export function scaleToTotal(formula: Filling, wanted: number): ScaledLine[] {
  const total = totalGrams(formula);
  return formula.lines.map((line) => ({
    ...lineTimes(line, total === 0 ? 0 : wanted / total),
    share: total === 0 ? 0 : line.grams / total,
  }));
}

/** The ingredients for a wanted yield (after loss). */
export function scaleToYield(formula: Filling & Pick<Formula, 'loss'>, wanted: number): ScaledLine[] {
  return scaleToTotal(formula, wanted / (1 - formula.loss));
}

/** The formulas that go in, for a wanted yield (after loss). */
export function partsToYield(formula: Filling & Pick<Formula, 'loss'>, wanted: number): FormulaPart[] {
  const total = totalGrams(formula);
  const factor = total === 0 ? 0 : wanted / (1 - formula.loss) / total;
  return (formula.parts ?? []).map((p) => ({ ...p, grams: p.grams * factor }));
}

/** g that are bought for what goes in: more where something is peeled or cut away. */
export const boughtGrams = ({ grams, keeps }: Pick<FormulaLine, 'grams' | 'keeps'>): number => grams / (keeps ?? 1);

/**
 * The whole formula for as much as there is of one ingredient. Null where the formula has none of it.
 * Example: 300 g butter in the formula, 240 g in the house: everything × 0.8.
 */
export function scaleToScarce(
  formula: Filling,
  ingredient: string,
  available: number,
): { factor: number; lines: ScaledLine[] } | null {
  const needed = formula.lines.filter((l) => l.ingredient === ingredient).reduce((sum, l) => sum + l.grams, 0);
  if (needed === 0) return null;
  const factor = available / needed;
  return { factor, lines: scaleToTotal(formula, totalGrams(formula) * factor) };
}
