import { say } from '../../core/words/say';
import { compareBreakdowns } from '../../core/breakdown/compare-breakdowns';
import { orderId, ownerOf } from '../../core/ids/ids';
import { clashProblem } from '../../core/order/cake-clashes';
import { withOrder } from '../../core/situation/break-down-orders';
import { keptCodec } from '../../core/stored/compiled';
import type { KitchenDb } from '../../data/kitchen-db';
import { writeCompiled } from '../../data/repositories/compiled';
import { appendEvents } from '../../data/repositories/events';
import { updateOrder, type OrderRow } from '../../data/repositories/orders';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { type Kept, refuse, type Result } from '../shared/result';
import { keptAnew } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import type { Situation } from '../situation/situation';
import { changeWords } from './change-words';

/** What today’s figures and rules would change of an order that has been begun, in words. */
export interface NewerRules {
  changes: string[];
  /** Steps that have been told, and would have no place any more. */
  lost: string[];
}

/** Null where the order has not been begun. */
export function newerRules(order: OrderRow, { kitchen, states }: Situation): NewerRules | null {
  const { kept } = order;
  if (!kept) return null;
  const { breakdown } = keptAnew({ ...order, kept }, kitchen);
  const left = new Set(breakdown.steps.map((s) => s.id as string));
  const own = kept.breakdown.steps.filter((s) => ownerOf(s.id) === orderId(order.id));
  return {
    changes: compareBreakdowns(kept.breakdown, breakdown).map(changeWords),
    lost: own.filter((s) => states.has(s.id) && !left.has(s.id)).map((s) => s.name),
  };
}

/** Breaks an order that has been begun down by today’s figures and rules, since the lead says so. */
export async function takeNewerRules(db: KitchenDb, id: number, version: number): Promise<Kept> {
  const done = await commit(db, async (tx): Promise<Result<{ title: string }>> => {
    const situation = await loadSituation(tx);
    const order = situation?.orders.find((o) => o.id === id);
    if (!situation || !order) return refuse(say`This order is not open any more.`);
    const newer = newerRules(order, situation);
    if (!order.kept || !newer || newer.changes.length === 0) return refuse(say`There is nothing new to take over.`);
    const kept = keptAnew({ ...order, kept: order.kept }, situation.kitchen);
    const clash = clashProblem(situation, withOrder(situation, { ...order, kept }));
    if (clash) return refuse(clash);
    const row = await updateOrder(tx, id, version, {});
    if (!row) return refuse(say`Somebody else has changed this order since you opened it. Look at it again.`);
    await writeCompiled(tx, keptCodec, orderId(id), kept);
    await appendEvents(tx, [{ at: tx.now(), kind: 'rules applied', order: id, body: { changes: newer.changes } }]);
    return { ok: true, title: order.title };
  });
  if (!done.ok) return done;
  return { ok: true, planned: await planned(db, say`${done.title} is made by today’s figures`) };
}
