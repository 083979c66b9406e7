import { amountCalculators } from './amounts';
import type { CalcContext, CalcValues, Calculator } from './calculator';
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
    return { ok: true, values: calculator.run(read.values, context) };
  } catch (error) {
    if (!(error instanceof CannotCalculate)) throw error;
    return { ok: false, problems: [{ path: '', message: error.message }] };
  }
}
