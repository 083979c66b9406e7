import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { orderId } from '../../core/ids/ids';
import type { OrderForm } from '../../core/input/order-input';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { withOrder } from '../../core/situation/break-down-orders';
import type { Problem } from '../../core/planning-format/problem';
import { problemOf } from '../../core/situation/problem-of';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { readOrder, type OrderRow } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import type { AT_ONCE, QUICK } from '../plan/limits';
import { planInThread } from '../plan/planner-thread';
import { refuse, type Result } from '../shared/result';
import { loadSituation } from '../situation/load-situation';
import { orderWithKept } from '../situation/load-kept';
import type { Situation } from '../situation/situation';
import { offersFor } from '../store/offers';
import { readOrderForm } from './read-order-input';

/** An order that has been planned on a copy with all others. */
export interface TriedOrder {
  draft: OrderRow;
  breakdown: Breakdown;
  /** With the draft among its orders. */
  situation: Situation;
  planned: Extract<Awaited<ReturnType<typeof planInThread>>, { ok: true }> & {
    problem: Problem;
  };
  status: OrderStatus;
  /** Other orders that could not be ready any more. */
  pushed: string[];
}

/** Breaks an order down and plans it on a copy with all others; nothing is saved. */
export async function tryOrder(
  db: KitchenDb,
  id: number | null,
  form: OrderForm,
  limits: typeof AT_ONCE | typeof QUICK,
): Promise<Result<{ tried: TriedOrder }>> {
  const now = await loadSituation(db);
  const plan = await readPlan(db);
  if (!now) return refuse(say`There is no kitchen yet.`);
  const { kitchen } = now;
  const found = id === null ? null : await readOrder(db, id);
  const before = found && (await orderWithKept(db, found));
  const read = readOrderForm(db, form, kitchen, before);
  if (!read.ok) return read;
  const own = { id: before?.id ?? 0, kept: before?.kept ?? null };
  const draft: OrderRow = {
    ...{ id: own.id, weight: before?.weight ?? 1, state: 'open', handedOverAt: null, version: 0, createdAt: db.now() },
    ...read.fields,
    ...(await offersFor(db, kitchen, { ...own, ...read.fields })),
  };
  const situation = withOrder(now, draft);
  // As it is planned once it is saved: what is said here is what comes.
  const { problem, hold } = problemOf(situation);
  const known = plan && { plan: plan.plan, waits: plan.stood };
  const anew = id === null ? [] : [orderId(id)];
  const answer = await planInThread(db.kitchen, { problem, hold, before: known, anew, ...limits }, 'trials');
  if (!answer.ok) return refuse(answer.problems.map((p) => p.message).join(' '));
  const planned = { ...answer, problem: answer.given.problem };
  const { tightBelow } = kitchen.library.coefficients;
  const asked = { tightBelow, minute: now.minute };
  const statusOf = (order: number) => orderStatus(planned, now.states, orderId(order), asked);
  const missed = (order: number) =>
    plan !== null &&
    plan.problem.orders.some((o) => o.id === orderId(order)) &&
    orderStatus(plan, now.states, orderId(order), asked).state === 'misses';
  const pushed = now.orders
    .filter((o) => o.id !== draft.id && statusOf(o.id).state === 'misses' && !missed(o.id))
    .map((o) => o.title);
  const breakdown = situation.breakdowns.get(draft.id)!;
  return { ok: true, tried: { draft, breakdown, situation, planned, status: statusOf(draft.id), pushed } };
}
