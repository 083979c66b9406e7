import type { Preparation } from '../../core/breakdown/steps/preparations';
import { preparedAt, presenceOf, type Presence } from '../../core/pull-list/prepared-at';
import type { Situation } from '../../core/situation/situation';

/** Nobody prepares anything longer ahead. Minutes. */
const AHEAD = 3 * 1440;

/** When somebody is in, for what is prepared for the work of a span. */
export const presenceIn = ({ kitchen }: Pick<Situation, 'kitchen'>, from: number, to: number): Presence =>
  presenceOf(kitchen.team.flatMap((p) => kitchen.calendar.shifts(p.id, from - AHEAD, to)));

/** What a step that begins at `start` wants prepared, each with its time. */
export function preparedFor(list: Preparation[], start: number, situation: Pick<Situation, 'kitchen'>) {
  const presence = presenceIn(situation, start, start);
  return list.map((p) => ({ at: preparedAt(p.kind, start, p.before, presence), text: p.text }));
}
