import { onTheScale } from '../measure/show-quantity';
import { EGG_SHARES } from './eggs';
import type { FormulaLine, Ingredient } from './formula';

export interface RoundedLine extends FormulaLine {
  /** Before rounding, g. */
  exact: number;
  /** (rounded − exact) ÷ exact. */
  distortion: number;
  /** "5 eggs", "3½ sheets", where it is not weighed. */
  count: string | null;
}

export interface Rounding {
  lines: RoundedLine[];
  /** The largest distortion of any line, as a fraction. */
  worst: number;
  /** Over 3 %: the formula is no longer quite itself. */
  warns: boolean;
}

/** Over this the rounding is told. */
const DISTORTION_LIMIT = 0.03;

export interface RoundingRule {
  /** Whole eggs, or grams of beaten egg. */
  eggs: 'whole' | 'beaten';
  /** g with shell. */
  eggWeight: number;
  /** g of one sheet; null weighs gelatine. */
  sheetGrams: number | null;
}

/**
 * Rounds to what a scale shows (1 g; 0.1 g under 10 g), eggs to whole ones where asked, gelatine to half sheets, and
 * says how far each line moved.
 */
export function roundLines(
  lines: FormulaLine[],
  ingredients: ReadonlyMap<string, Ingredient>,
  rule: RoundingRule,
): Rounding {
  const contents = rule.eggWeight * (1 - EGG_SHARES.shell);
  const rounded = lines.map((l): RoundedLine => {
    const known = ingredients.get(l.ingredient);
    const step =
      known?.egg === 'whole' && rule.eggs === 'whole'
        ? { size: contents, said: eggs }
        : known?.gelatine && rule.sheetGrams !== null
          ? { size: rule.sheetGrams / 2, said: sheets }
          : null;
    if (!step) return line(l, onTheScale(l.grams), null);
    const steps = l.grams > 0 ? Math.max(1, Math.round(l.grams / step.size)) : 0;
    return line(l, steps * step.size, step.said(steps));
  });
  const worst = Math.max(0, ...rounded.map((l) => Math.abs(l.distortion)));
  return { lines: rounded, worst, warns: worst > DISTORTION_LIMIT };
}

const line = (l: FormulaLine, grams: number, count: string | null): RoundedLine => ({
  ...l,
  grams,
  exact: l.grams,
  distortion: l.grams === 0 ? 0 : (grams - l.grams) / l.grams,
  count,
});
const eggs = (count: number) => `${count} ${count === 1 ? 'egg' : 'eggs'}`;
function sheets(halves: number): string {
  if (halves === 0) return '0 sheets';
  const whole = Math.floor(halves / 2);
  return `${whole > 0 ? whole : ''}${halves % 2 === 1 ? '½' : ''} ${halves > 2 ? 'sheets' : 'sheet'}`;
}
