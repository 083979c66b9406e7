import { checkKind } from '../kinds/checks';
import type { Check } from '../formula/formula';

/** What was said to a check: that it holds, with the number where one was measured. */
export interface CheckAnswer {
  holds: true;
  value?: number | undefined;
}

/** Why an answer does not open the gate, with what to do; null where it does. */
export function checkProblem(check: Check | null, answer: CheckAnswer | undefined): string | null {
  if (!check) return null;
  if (answer?.holds !== true) return `First: ${check.text}?`;
  if (check.limit === undefined) return null;
  if (typeof answer.value !== 'number' || !Number.isFinite(answer.value)) return `What did it read? ${check.text}.`;
  const reaches = checkKind(check.kind).reaches?.(answer.value, check.limit) ?? true;
  return !reaches ? `${answer.value} is not there yet (${check.text}). ${check.otherwise}` : null;
}
