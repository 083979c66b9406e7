import { designOfOrder } from '../../core/situation/break-down-orders';
import { say } from '../../core/words/say';
import type { OrderForm } from '../../core/input/order-input';
import type { EventBody } from '../../core/stored/event';
import { openSteps } from '../../core/floor/open-steps';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents } from '../../data/repositories/events';
import { insertOrder, readOrder, updateOrder, type OrderFields, type OrderRow } from '../../data/repositories/orders';
import { setPictures } from '../../data/repositories/pictures';
import { readPlan } from '../../data/repositories/plans';
import { loadKitchen } from '../situation/load-kitchen';
import { clashProblem } from '../../core/order/cake-clashes';
import { orderId } from '../../core/ids/ids';
import { withOrder } from '../../core/situation/break-down-orders';
import type { Situation } from '../situation/situation';
import { readOrderForm } from './read-order-input';
import { planned } from '../plan/replan';
import { LOOK_AGAIN } from '../shared/door';
import { refuse, type Result, type Kept } from '../shared/result';
import { commit } from '../shared/commit';
import { keepAnswers } from '../situation/keep-work';
import { orderWithKept } from '../situation/load-kept';
import { offersFor } from '../store/offers';
import { loadSituation } from '../situation/load-situation';

const STALE = say`Somebody else has changed this order since you opened it. Yours is kept below: open the order again to see theirs.`;

const NO_SUCH = say`There is no such order.`;

/** Is the order there that this one is said to be one with? An order is not one with itself. */
const isThereWith = async (tx: KitchenDb, { together }: Pick<OrderFields, 'together'>, own: number | null) =>
  together == null || (together !== own && (await readOrder(tx, together)) !== null);

/** Takes a new order, plans it with all others, and answers with its number. */
export async function takeOrder(db: KitchenDb, form: OrderForm): Promise<Kept<{ id: number }>> {
  const kept = await commit(db, async (tx): Promise<Result<{ id: number; title: string }>> => {
    const kitchen = await loadKitchen(tx);
    if (!kitchen) return refuse(say`There is no kitchen yet.`);
    const read = readOrderForm(db, form, kitchen, null);
    if (!read.ok) return read;
    if (!(await isThereWith(tx, read.fields, null))) return refuse(LOOK_AGAIN, { together: NO_SUCH });
    const at = db.now();
    const fields = { ...read.fields, ...(await offersFor(tx, kitchen, { id: 0, ...read.fields })) };
    const row = await insertOrder(tx, fields, at);
    if (form.pictures) await setPictures(tx, row.id, form.pictures);
    await appendEvents(tx, [{ at, kind: 'order taken', order: row.id, body: toldFields(fields) }]);
    return { ok: true, id: row.id, title: row.title };
  });
  if (!kept.ok) return kept;
  return { ok: true, id: kept.id, planned: await planned(db, say`${kept.title} came in`) };
}

/** Changes an order that still is as it was when the form was opened. */
export async function changeOrder(
  db: KitchenDb,
  id: number,
  version: number,
  form: OrderForm,
): Promise<Kept<{ id: number }>> {
  const kept = await commit(db, async (tx): Promise<Result<{ id: number }>> => {
    const kitchen = await loadKitchen(tx);
    const found = await readOrder(tx, id);
    if (!kitchen || !found) return refuse(say`This order is not there any more.`);
    const before = await orderWithKept(tx, found);
    if (before.state !== 'open') return refuse(say`This order has been handed over. Bring it back first.`);
    const read = readOrderForm(db, form, kitchen, before);
    if (!read.ok) return read;
    if (!(await isThereWith(tx, read.fields, id))) return refuse(LOOK_AGAIN, { together: NO_SUCH });
    const draws = await offersFor(tx, kitchen, { id, kept: before.kept ?? null, ...read.fields });
    const fields = { ...read.fields, ...draws };
    const row = await updateOrder(tx, id, version, fields);
    if (!row) return refuse(STALE);
    await keepAnswers(tx, kitchen, before, row);
    if (form.pictures) await setPictures(tx, id, form.pictures);
    const body = { from: toldFields(before), to: toldFields(fields) };
    await appendEvents(tx, [{ at: db.now(), kind: 'order changed', order: id, body }]);
    return { ok: true, id };
  });
  if (!kept.ok) return kept;
  return { ok: true, id, planned: await planned(db, say`${form.title} was changed`, { anew: [orderId(id)] }) };
}

export type OrderAdjustment = Partial<
  Pick<OrderFields, 'without' | 'swaps' | 'overrides' | 'fromStore' | 'choices' | 'versions'>
>;

/**
 * Changes one thing of an open order: a part left out, exchanged or set by hand, a newer formula. What would bring something that
 * its eaters must not get is refused, with what it is.
 */
export async function adjustOrder(
  db: KitchenDb,
  id: number,
  version: number,
  change: (order: OrderRow, situation: Situation) => OrderAdjustment | Extract<Result, { ok: false }>,
): Promise<Kept> {
  const kept = await commit(db, async (tx): Promise<Result<{ title: string }>> => {
    const situation = await loadSituation(tx);
    const before = situation?.orders.find((o) => o.id === id);
    if (!situation || !before) return refuse(say`This order is not open any more.`);
    const changed = change(before, situation);
    if ('ok' in changed) return changed;
    const clash = clashProblem(situation, withOrder(situation, { ...before, ...changed }));
    if (clash) return refuse(clash);
    const draws = await offersFor(tx, situation.kitchen, { ...before, ...changed });
    const row = await updateOrder(tx, id, version, { ...changed, ...draws });
    if (!row) return refuse(STALE);
    await keepAnswers(tx, situation.kitchen, before, row);
    const body = { from: toldFields(before), to: toldFields(row) };
    await appendEvents(tx, [{ at: db.now(), kind: 'order changed', order: id, body }]);
    return { ok: true, title: before.title };
  });
  if (!kept.ok) return kept;
  return { ok: true, planned: await planned(db, say`${kept.title} was changed`, { anew: [orderId(id)] }) };
}

/** Leaves these optional parts of an order out, and makes all others. */
export function leaveOut(db: KitchenDb, id: number, version: number, without: string[]): Promise<Kept> {
  return adjustOrder(db, id, version, (order, { kitchen }) => {
    const problem = withoutProblem(without, designOfOrder(order, kitchen)?.parts ?? []);
    return problem ? refuse(problem) : { without };
  });
}

/** Can these roles be left out, each named once? */
function withoutProblem(
  without: string[],
  components: readonly { role: string; label: string; optional?: boolean }[],
): string | null {
  if (new Set(without).size < without.length) return say`A part is named twice.`;
  for (const role of without) {
    const component = components.find((c) => c.role === role);
    if (!component) return say`There is no such part in this cake.`;
    if (!component.optional) return say`${component.label} is part of the cake: it cannot be left out.`;
  }
  return null;
}

/** Hands an order over, once all its steps are done; it leaves the wall. */
export async function handOver(db: KitchenDb, id: number, version: number): Promise<Kept> {
  return leave(db, version, 'handed over', async (tx) => {
    const situation = await loadSituation(tx);
    const order = situation?.orders.find((o) => o.id === id);
    if (!situation || !order) return say`This order is not on the wall any more.`;
    const plan = await readPlan(tx);
    const left = plan
      ? openSteps(plan.problem, plan.plan, situation.states, orderId(id)).map((s) => s.name)
      : [say`the plan`];
    const more = left.length > 3 ? say` and ${left.length - 3} more` : '';
    return left.length > 0 ? say`Not yet: ${left.slice(0, 3).join(', ')}${more} still to do.` : order;
  });
}

/** Takes a hand-over back: the undo. An enquiry that has lapsed comes back as an order. */
export async function bringBack(db: KitchenDb, id: number, version: number): Promise<Kept> {
  return leave(db, version, 'brought back', async (tx) => {
    const order = await readOrder(tx, id);
    return order && order.state !== 'open' ? order : say`This order has not been handed over.`;
  });
}

async function leave(
  db: KitchenDb,
  version: number,
  kind: 'handed over' | 'brought back',
  find: (tx: KitchenDb) => Promise<OrderRow | string>,
): Promise<Kept> {
  const at = db.now();
  const left = kind === 'handed over';
  const kept = await commit(db, async (tx): Promise<Result<{ title: string }>> => {
    const order = await find(tx);
    if (typeof order === 'string') return refuse(order);
    const change = {
      ...{ state: left ? ('handed over' as const) : ('open' as const), handedOverAt: left ? at : null },
      ...(order.state === 'lapsed' && { holdsUntil: null }),
    };
    if (!(await updateOrder(tx, order.id, version, change))) return refuse(STALE);
    await appendEvents(tx, [{ at, kind, order: order.id, body: {} }]);
    return { ok: true, title: order.title };
  });
  if (!kept.ok) return kept;
  return {
    ok: true,
    planned: await planned(db, left ? say`${kept.title} was handed over` : say`${kept.title} was brought back`),
  };
}

/** An order’s fields as an event tells them. */
export function toldFields(row: OrderFields): EventBody<'order taken'> {
  const { title, customer, pickup, portions, build, tiers, inscription, avoid, note } = row;
  const { without, swaps, overrides, fromStore, choices, versions, details, holdsUntil, together } = row;
  return {
    ...{ title, customer, pickup: pickup.toISOString(), portions, build, tiers, inscription, avoid, note },
    ...(details && { details }),
    ...(holdsUntil !== undefined && { holdsUntil: holdsUntil && holdsUntil.toISOString() }),
    ...(together !== undefined && { together }),
    ...{ without, swaps, overrides, choices: { ...choices }, versions },
    ...(fromStore && fromStore.length > 0 && { fromStore: [...fromStore] }),
  };
}
