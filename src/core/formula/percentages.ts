import type { FormulaLine, FormulaPart, Ingredient } from './formula';
import { totalGrams, type Filling } from './scale';
import { ingredientsWithin, type Inside } from './within';

/** A line with its share of the flour (baker's percentage), or of the total where there is no flour. Fractions. */
interface PercentLine extends FormulaLine {
  percent: number;
}

export interface Percentages {
  base: 'flour' | 'total';
  lines: PercentLine[];
  parts: (FormulaPart & { percent: number })[];
}

/**
 * Baker's percentages: each weight ÷ the weight of all flours, those in formulas that go in among them (a pre-dough's flour is flour of the dough). Where
 * a formula has no flour of its own, of the total of what goes in, finished formulas by their weight.
 * Example: 500 g flour, 310 g milk → 62 %.
 */
export function bakersPercentages(
  formula: Filling,
  ingredients: ReadonlyMap<string, Ingredient>,
  formulas: ReadonlyMap<string, Inside>,
): Percentages {
  const flourOf = (lines: FormulaLine[]) =>
    lines.filter((l) => ingredients.get(l.ingredient)?.flour).reduce((sum, l) => sum + l.grams, 0);
  const hasFlour = flourOf(formula.lines) > 0;
  const base = hasFlour ? flourOf(ingredientsWithin(formula, formulas)) : totalGrams(formula);
  const withShare = <T extends { grams: number }>(x: T) => ({ ...x, percent: base === 0 ? 0 : x.grams / base });
  return {
    base: hasFlour ? 'flour' : 'total',
    lines: formula.lines.map(withShare),
    parts: (formula.parts ?? []).map(withShare),
  };
}
