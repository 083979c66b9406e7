import type { AmountRule } from '../design/amount-rule';
import { say } from '../words/say';

/** A number of an amount that can be set by hand. */
export interface MeasureField {
  key: string;
  label: string;
  value: number;
  unit: string;
  least: number;
  most: number;
  step: number;
}

const field = (
  key: string,
  label: string,
  value: number,
  unit: string,
  [least, most, step]: [number, number, number],
): MeasureField => ({ key, label, value, unit, least, most, step });

/** The numbers of an amount, as somebody reads and sets them; `drawn` is how thick it is where that is not told in mm. */
export function measureFields(amount: AmountRule, drawn: number | null = null): MeasureField[] {
  switch (amount.rule) {
    case 'coat':
    case 'spread on top': {
      const { thickness } = amount;
      const mm = typeof thickness === 'object' && 'mm' in thickness ? thickness.mm : drawn;
      return [
        ...(mm === null ? [] : [field('thickness', say`Thickness`, mm, 'mm', [0.5, 40, 0.5])]),
        ...(amount.rule === 'spread on top' && amount.border !== undefined
          ? [field('border', say`Free at the rim`, amount.border, 'mm', [0, 100, 1])]
          : []),
      ];
    }
    case 'paste cover':
      return amount.thickness === undefined
        ? []
        : [field('thickness', say`Thickness`, amount.thickness, 'mm', [1, 12, 0.5])];
    case 'drip':
      return [field('meanLength', say`Drops, on average`, amount.meanLength ?? 45, 'mm', [5, 200, 5])];
    case 'strewn':
      return [field('gramsPerCm2', say`Strewn`, amount.gramsPerCm2, say`g per cm²`, [0.05, 3, 0.05])];
    case 'rosettes':
      return [
        field('spacing', say`One every`, amount.spacing, 'mm', [10, 200, 5]),
        field('grams', say`Each`, amount.grams, 'g', [1, 60, 1]),
      ];
    case 'pieces':
      return [
        amount.every === undefined
          ? field('count', say`How many`, amount.count, say`pieces`, [1, 400, 1])
          : field('every', say`One every`, amount.every, 'mm', [10, 300, 5]),
        field('grams', say`Each`, amount.grams, 'g', [0.5, 500, 0.5]),
      ];
    case 'panels':
      return [field('thickness', say`Thickness`, amount.thickness, 'mm', [1, 12, 0.5])];
    default:
      return [];
  }
}

/** An amount with one of its numbers set; a thickness that was told otherwise is told in mm from then on. */
export function withMeasure(amount: AmountRule, key: string, value: number): AmountRule {
  const known = measureFields(amount, value).find((f) => f.key === key);
  const inside = known ? Math.min(known.most, Math.max(known.least, value)) : value;
  if (key === 'thickness' && (amount.rule === 'coat' || amount.rule === 'spread on top'))
    return { ...amount, thickness: { mm: inside } };
  return { ...amount, [key]: inside } as AmountRule;
}
