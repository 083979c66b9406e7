import type { CalcContext } from '../core/calculators/calculator';
import { calculate, calculatorNamed } from '../core/calculators/registry';
import { answerEach } from './answer-each';

/** One calculation, with all that it may draw on. */
export interface CalculationRequest {
  name: string;
  input: unknown;
  context: CalcContext;
}

answerEach(({ name, input, context }: CalculationRequest) => calculate(calculatorNamed(name)!, input, context));
