import { say } from '../words/say';
import { checkKind } from '../kinds/checks';
import type { Check } from '../formula/formula';

/** What was said to a check: that it holds, with the number where one was measured. */
export interface CheckAnswer {
  holds: true;
  value?: number | undefined;
  /** It has gone too far, and is used all the same, for this reason. */
  why?: string | undefined;
}

/** Why an answer does not open the gate, with what to do; null where it does. */
export function checkProblem(check: Check | null, answer: CheckAnswer | undefined): string | null {
  if (!check) return null;
  if (answer?.holds !== true) return say`First: ${check.text}?`;
  if (check.limit === undefined) return null;
  if (typeof answer.value !== 'number' || !Number.isFinite(answer.value)) return say`What did it read? ${check.text}.`;
  const { reaches, unit } = checkKind(check.kind);
  const read = `${answer.value} ${unit ?? ''}`.trim();
  if (reaches && !reaches(answer.value, check.limit))
    return say`${read} is not there yet (${check.text}). ${check.otherwise}`;
  if (!goneTooFar(check, answer) || answer.why?.trim()) return null;
  return say`${read} has gone too far (${check.text}). Look again: right probe, right bowl, in the middle? ${check.beyond ?? ''}`.trim();
}

/** Does an answer lie beyond the other end of the range? Then a second look is asked for, and why it is used all the same. */
export function goneTooFar(check: Check, { value }: CheckAnswer): boolean {
  const { reaches } = checkKind(check.kind);
  if (check.tooFar === undefined || typeof value !== 'number' || !Number.isFinite(value) || !reaches) return false;
  return value !== check.tooFar && reaches(value, check.tooFar);
}
