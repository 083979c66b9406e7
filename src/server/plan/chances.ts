import { pacesOf } from '../../core/records/pace';
import { database } from '../../data/database';
import type { Db } from '../../data/db';
import { readWorked } from '../../data/repositories/events';
import { clockOf, readKitchen } from '../../data/repositories/kitchen';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { orderNumberOf } from '../../core/ids/ids';
import { askInThread } from './planner-thread';

/** How likely an order is ready for its pickup, and what decides it. */
export interface Chance {
  order: number;
  /** Share of the days lived through in which it was ready, at most ten minutes after its pickup. */
  chance: number;
  deciding: { step: string; name: string; share: number }[];
  /** Of its steps, those whose times are drawn from how long such steps took here before. */
  learned: number;
  /** Before which step ten minutes of slack would save most of the late days. */
  helps: { name: string; share: number } | null;
}

export interface Chances {
  plan: number;
  days: number;
  orders: Chance[];
}

const DAYS = 10_000;
/** Minutes after its pickup at which an order still counts as ready: nobody who collects a cake comes on the minute. */
const GRACE = 10;

const held = globalThis as unknown as { zestChances?: { plan: number; answer: Promise<Chances> } };

/** Lives through the newest plan many times; each plan only once. Null without a plan. */
export async function loadChances(): Promise<Chances | null> {
  const db = await database();
  const plan = await readPlan(db);
  if (!plan) return null;
  if (held.zestChances?.plan === plan.id) return held.zestChances.answer;
  const answer = live(db, plan);
  held.zestChances = { plan: plan.id, answer };
  return answer;
}

async function live(db: Db, { id, problem, plan }: PlanRow): Promise<Chances> {
  const kitchen = await readKitchen(db);
  const paces = kitchen ? pacesOf(await readWorked(db, clockOf(kitchen.kitchen))) : {};
  const names = new Map(problem.steps.map((s) => [s.id, s.name]));
  const days = await askInThread('chances', { problem, plan, runs: DAYS, grace: GRACE, paces });
  return {
    plan: id,
    days: days.runs,
    orders: days.orders.map((o) => ({
      order: orderNumberOf(o.order),
      chance: o.chance,
      deciding: o.deciding.map((d) => ({ ...d, name: names.get(d.step) ?? d.step })),
      learned: problem.steps.filter((s) => s.order === o.order && !s.placed && paces[s.name]).length,
      helps: o.helps && { name: names.get(o.helps.step) ?? o.helps.step, share: o.helps.share },
    })),
  };
}
