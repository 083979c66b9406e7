import { say } from '../../core/words/say';
import { timeOf, type Clock } from '../../core/time/clock';

/** Something that should have begun, of a cake. */
export interface Overdue {
  name: string;
  start: number;
  order: number;
  title: string;
  pickup: number;
}

/**
 * What should have begun, for the line above the wall: of the cake that leaves soonest first, with every other cake of today by its name; those of later
 * days are counted.
 */
export function overdueWords(
  overdue: readonly Overdue[],
  minute: number,
  clock: Clock,
): { text: string; order: number } {
  const sorted = [...overdue].sort((a, b) => a.pickup - b.pickup || a.start - b.start);
  const first = sorted[0]!;
  const at = (m: number) => timeOf(m, clock);
  const begin = say`“${first.name}” of ${first.title} should have begun at ${at(first.start).toFormat('HH:mm')}`;
  const others = [...new Map(sorted.filter((o) => o.order !== first.order).map((o) => [o.order, o])).values()];
  const today = at(minute).endOf('day');
  const soon = others.filter((o) => at(o.pickup) <= today);
  const later = others.length - soon.length;
  const named = soon.map((o) => say`${o.title} (${at(o.pickup).toFormat('HH:mm')})`).join(', ');
  const rest = [
    ...(soon.length > 0 ? [say`Behind too, and leaving today: ${named}.`] : []),
    ...(later > 0
      ? [later === 1 ? say`One that leaves later is behind too.` : say`${later} that leave later are behind too.`]
      : []),
  ];
  return { text: [`${begin}.`, ...rest].join(' '), order: first.order };
}
