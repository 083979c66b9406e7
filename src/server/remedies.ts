import { durationText } from '../core/measure/duration-text';
import { timeOf } from '../core/planner/calendars';
import { database } from '../data/database';
import { readPlan } from '../data/repositories/plans';
import { breakDownOrder, loadSituation, planId, planKindly, problemOf, type Situation } from './planning';
import type { PlanRow } from '../data/repositories/plans';

/** Something that was tried on a copy of the plan, and what it would bring. */
export interface Remedy {
  label: string;
  outcome: string;
  works: boolean;
  change: { without: string[] } | { pickup: string };
}

/** How long one trial may take. */
const TRIAL = { seconds: 1, rounds: 100 };
/** A moved pickup is offered on the next full quarter of an hour, and leaves a little air. Minutes. */
const QUARTER = 15;

/** Tries what could help an order that cannot be ready, each on a copy: leaving optional parts out, a later pickup. */
export async function remediesFor(id: number): Promise<Remedy[]> {
  const db = await database();
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  const order = situation?.orders.find((o) => o.id === id);
  if (!situation || !plan || !order) return [];
  const remedies: Remedy[] = [];
  const build = situation.kitchen.builds.get(order.build);
  for (const component of build?.components.filter((c) => c.optional && !order.without.includes(c.role)) ?? []) {
    const without = [...order.without, component.role];
    const late = await lateWith(situation, plan, id, without);
    remedies.push({
      label: `Leave out: ${component.label.toLowerCase()}`,
      outcome: outcomeText(late),
      works: late === 0,
      change: { without },
    });
  }
  const ready = plan.ready.find((r) => r.order === planId(id))?.ready;
  if (ready !== null && ready !== undefined) {
    const minute = Math.ceil(ready / QUARTER) * QUARTER;
    const pickup = timeOf(minute, situation.kitchen.clock);
    remedies.push({
      label: `Pickup ${pickup.toFormat('ccc d LLL, HH:mm')}`,
      outcome: 'on time, nobody else moves',
      works: true,
      change: { pickup: pickup.toISO() },
    });
  }
  return remedies;
}

/** Weighted minutes that one order would be late if it left these parts out; null if it still had no place. */
async function lateWith(situation: Situation, plan: PlanRow, id: number, without: string[]): Promise<number | null> {
  const order = situation.orders.find((o) => o.id === id)!;
  const breakdown = breakDownOrder({ ...order, without }, situation.kitchen);
  const trial = { ...situation, breakdowns: new Map(situation.breakdowns).set(id, breakdown) };
  const { problem } = problemOf(trial);
  const { answer } = await planKindly({ problem, old: plan.plan, ...TRIAL });
  const own = problem.orders.find((o) => o.id === planId(id))!;
  const collect = answer.ok ? answer.plan.steps.find((s) => s.id === own.collect) : undefined;
  return collect ? collect.start - own.pickup : null;
}

function outcomeText(late: number | null): string {
  if (late === null) return 'still has no place';
  return late === 0 ? 'on time' : `still ${durationText(late)} late`;
}
