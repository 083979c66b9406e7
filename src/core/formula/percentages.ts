import type { FormulaLine, Ingredient } from './formula';

/** A line with its share of the flour (baker's percentage), or of the total where there is no flour. Fractions. */
export interface PercentLine extends FormulaLine {
  percent: number;
}

/**
 * Baker's percentages: each weight ÷ the weight of all flours. Where a formula has no flour, of the total.
 * Example: 500 g flour, 310 g milk → 62 %.
 */
export function bakersPercentages(
  lines: FormulaLine[],
  ingredients: ReadonlyMap<string, Ingredient>,
): { base: 'flour' | 'total'; lines: PercentLine[] } {
  const flour = sum(lines.filter((l) => ingredients.get(l.ingredient)?.flour));
  const base = flour > 0 ? flour : sum(lines);
  return {
    base: flour > 0 ? 'flour' : 'total',
    lines: lines.map((l) => ({ ...l, percent: base === 0 ? 0 : l.grams / base })),
  };
}

const sum = (lines: FormulaLine[]) => lines.reduce((total, l) => total + l.grams, 0);
