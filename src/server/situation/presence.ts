import type { Preparation } from '../../core/breakdown/steps/preparations';
import { inOven } from '../../core/breakdown/steps/preparations';
import { celsiusWith } from '../../core/planning-format/lengths';
import type { Step } from '../../core/planning-format/problem';
import { preparedAt, presenceOf, type Presence } from '../../core/pull-list/prepared-at';
import type { Situation } from '../../core/situation/situation';

/** Nobody prepares anything longer ahead. Minutes. */
const AHEAD = 3 * 1440;

/** When somebody is in, for what is prepared for the work of a span. */
export const presenceIn = ({ kitchen }: Pick<Situation, 'kitchen'>, from: number, to: number): Presence =>
  presenceOf(kitchen.team.flatMap((p) => kitchen.calendar.shifts(p.id, from - AHEAD, to)));

/** What a step that begins at `start` wants prepared, each with its time. */
export function preparedFor(
  list: Preparation[],
  { start, oven }: { start: number; oven: OvenHeat | null },
  situation: Pick<Situation, 'kitchen'>,
) {
  const presence = presenceIn(situation, start, start);
  return inOven(list, oven).map((p) => ({ at: preparedAt(p.kind, start, p.before, presence), text: p.text }));
}

/** The oven that a step is planned in, with the temperature that it has there. */
export interface OvenHeat {
  name: string;
  celsius: number;
}

/** Null where it is baked in none. `step` is the plan’s own: what a formula says is for any oven. */
export function heatOf(
  step: Pick<Step, 'oven'> | undefined,
  equipment: string[],
  nameOf: (item: string) => string,
): OvenHeat | null {
  const item = equipment.at(-1);
  const celsius = step && celsiusWith(step, equipment);
  return step?.oven && item !== undefined && celsius != null ? { name: nameOf(item), celsius } : null;
}
