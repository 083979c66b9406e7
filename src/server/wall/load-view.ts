import { minuteOf, timeOf } from '../../core/time/clock';
import type { Span } from '../../core/time/spans';
import { loadsOf, type Loads } from '../../core/plan-reading/loads';
import type { PlanRow } from '../../data/repositories/plans';
import { type Situation } from '../situation/situation';
import type { KitchenDb } from '../../data/kitchen-db';
import { loadPlanned } from '../plan/load-planned';

export interface LoadView {
  days: { start: number; end: number; label: string }[];
  loads: Loads;
  /** Of people and things, by id. */
  names: Record<string, string>;
}

/** Days that are told at most. */
const MOST_DAYS = 14;

/** The day that is so many after today, by the kitchen's clock. */
export function dayOf({ minute, kitchen: { clock } }: Situation, after: number): LoadView['days'][number] {
  const day = timeOf(minute, clock).startOf('day').plus({ days: after });
  const at = (d: typeof day) => minuteOf(d.toJSDate(), clock);
  return { start: at(day), end: at(day.plus({ days: 1 })), label: day.toFormat('ccc d') };
}

/** The load of every day from today to the last pickup. */
function loadView(situation: Situation, plan: PlanRow): LoadView {
  const last = Math.max(situation.minute, ...plan.problem.orders.map((o) => o.pickup));
  const days: LoadView['days'] = [];
  for (let day = dayOf(situation, 0); days.length < MOST_DAYS && day.start <= last; day = dayOf(situation, days.length))
    days.push(day);
  const spans = days.map((d): Span => [d.start, d.end]);
  const { items, people } = situation.kitchen.rows;
  return {
    days,
    loads: loadsOf(plan.problem, plan.plan, spans),
    names: Object.fromEntries([...people, ...items].map((x) => [x.id, x.name])),
  };
}

export async function loadLoad(db: KitchenDb): Promise<LoadView | null> {
  const planned = await loadPlanned(db);
  return planned && loadView(planned.situation, planned.plan);
}
