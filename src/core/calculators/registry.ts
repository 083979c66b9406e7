import { amountCalculators } from './amounts';
import type { CalcContext, CalcValue, CalcValues, Calculator } from './calculator';
import { CannotCalculate } from './calculator';
import { formulaCalculators } from './formulas';
import { heatCalculators } from './heat';
import { measureCalculators } from './measures';
import { orderCalculators } from './order';
import { readInput, type InputProblem } from './read-input';
import { shapeCalculators } from './shapes';
import { sheetCalculators } from './sheets';
import { tinCalculators } from './tins';

/** Every calculator, in the order of the workbench. */
export const CALCULATORS: Calculator[] = [
  ...measureCalculators,
  ...shapeCalculators,
  ...tinCalculators,
  ...amountCalculators,
  ...formulaCalculators,
  ...sheetCalculators,
  ...heatCalculators,
  ...orderCalculators,
];

export const calculatorNamed = (name: string): Calculator | null => CALCULATORS.find((c) => c.name === name) ?? null;

export type Calculated = { ok: true; values: CalcValues } | { ok: false; problems: InputProblem[] };

/** Reads the fields and calculates; what is wrong comes back in words, with the path of the field. */
export function calculate(calculator: Calculator, given: unknown, context: CalcContext): Calculated {
  const read = readInput(calculator.fields, given, { figures: context.kitchen.coefficients, typing: context.typing });
  if (!read.ok) return read;
  try {
    const values = calculator.run(read.values, context);
    const endless = Object.entries(values).find(([, value]) => holdsNoNumber(value));
    if (endless)
      throw new CannotCalculate(
        `These numbers do not go together: ${calculator.results[endless[0]]?.[0] ?? endless[0]} cannot be worked out.`,
      );
    return { ok: true, values };
  } catch (error) {
    if (!(error instanceof CannotCalculate)) throw error;
    return { ok: false, problems: [{ path: '', message: error.message }] };
  }
}

/** Is there a number in it that is none, or without end? */
function holdsNoNumber(value: CalcValue): boolean {
  if (typeof value === 'number') return !Number.isFinite(value);
  if (typeof value !== 'object' || value === null) return false;
  return Object.values(value).some(holdsNoNumber);
}
