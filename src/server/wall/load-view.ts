import { minuteOf, timeOf } from '../../core/time/clock';
import type { Span } from '../../core/time/spans';
import { loadsOf, type Loads } from '../../core/plan-reading/loads';
import type { PlanRow } from '../../data/repositories/plans';
import { type Situation } from '../situation/situation';
import type { LadderView } from '../ladder/ladder-view';

export interface LoadView {
  days: { start: number; end: number; label: string }[];
  loads: Loads;
}

/** Days that are told at most. */
const MOST_DAYS = 14;

/** The load of every day from today to the last pickup. */
export function loadView(situation: Situation, plan: PlanRow, ladders: LadderView[]): LoadView {
  const { clock } = situation.kitchen;
  const last = Math.max(situation.minute, ...ladders.map((l) => l.pickup));
  const days: LoadView['days'] = [];
  for (let day = timeOf(situation.minute, clock).startOf('day'); days.length < MOST_DAYS; day = day.plus({ days: 1 })) {
    const start = minuteOf(day.toJSDate(), clock);
    if (start > last) break;
    days.push({ start, end: minuteOf(day.plus({ days: 1 }).toJSDate(), clock), label: day.toFormat('ccc d') });
  }
  return {
    days,
    loads: loadsOf(
      plan.problem,
      plan.plan,
      days.map((d): Span => [d.start, d.end]),
    ),
  };
}
