import { say } from '../../core/words/say';
import { readings } from '../../core/floor/floor-state';
import { checkKind, type CheckName } from '../../core/kinds/checks';
import { cakeSteps, servedBy } from '../../core/situation/whose-step';
import { timeOf } from '../../core/time/clock';
import type { Situation } from './situation';

/** What was read at the end of a step, said, with the orders that the step serves. */
export interface ReadingLine {
  step: string;
  minute: number;
  orders: { id: number; title: string }[];
  /** It had gone too far, and is used all the same. */
  tooFar: boolean;
  text: string;
}

/** Every number that was read at the bench, the newest last. */
export function readingLines(situation: Situation): ReadingLine[] {
  const list = readings(situation.told);
  if (list.length === 0) return [];
  const names = new Map(cakeSteps(situation).map((s) => [s.id as string, s.name]));
  return list.map(({ step, minute, kind, text, value, why }) => {
    const { unit } = checkKind(kind as CheckName);
    const at = timeOf(minute, situation.kitchen.clock).toFormat('ccc HH:mm');
    const name = names.get(step) ?? step;
    const read = `${value} ${unit ?? ''}`.trim();
    const said = why
      ? say`“${name}” read ${read} at ${at}, too far (${text}), and is used all the same: ${why}.`
      : say`“${name}” read ${read} at ${at} (${text}).`;
    return { step, minute, orders: servedBy(step, situation), tooFar: why !== undefined, text: said };
  });
}
