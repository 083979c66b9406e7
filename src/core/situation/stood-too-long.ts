import { readingOf, type PlannedProblem } from '../plan-reading/plan-reading';
import { usedAnyway } from '../floor/floor-state';
import type { Wait } from '../planning-format/problem';
import type { Situation } from './situation';

/** Something that was made, and has waited longer for its next step than it may. Minutes. */
export interface Stood {
  /** The step that made it, and the one that it waits for: their ids. */
  from: string;
  to: string;
  since: number;
  stood: number;
  allowed: number;
  why: string;
}

/**
 * What stands longer than its limit at this minute, the longest beyond it first: the step before is done, the one after has not begun. The
 * limits are those of the breakdowns; the plan lifts one that is broken, so that the rest of the cake is still planned. Somebody who has said
 * that it is used all the same is not asked again.
 */
export function stoodTooLong(
  { breakdowns, shared, told, states, minute }: Pick<Situation, 'breakdowns' | 'shared' | 'told' | 'states' | 'minute'>,
  planned: PlannedProblem,
): Stood[] {
  const reading = readingOf(planned);
  const used = usedAnyway(told);
  const waits: Wait[] = [...[...breakdowns.values()].flatMap((b) => b.waits), ...shared.waits];
  const list = waits.flatMap(({ from, to, max, why, when }): Stood[] => {
    const made = states.get(from);
    if (max === null || made?.state !== 'done' || made.end === null || states.has(to)) return [];
    if (!reading.planned(to) || !reading.isTaken(when ? { when } : {})) return [];
    const { end } = made;
    if (used.some((u) => u.after === from && u.step === to && u.minute >= end)) return [];
    const stood = minute - end;
    return stood > max ? [{ from, to, since: end, stood, allowed: max, why }] : [];
  });
  return list.sort((a, b) => b.stood - b.allowed - (a.stood - a.allowed));
}
