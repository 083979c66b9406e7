import { openSteps } from '../core/floor/open-steps';
import { database, type Db } from '../data/database';
import { appendEvents } from '../data/repositories/events';
import { insertOrder, readOrder, updateOrder, type OrderFields, type OrderRow } from '../data/repositories/orders';
import { readPlan } from '../data/repositories/plans';
import { now } from './clock';
import { loadKitchen } from './kitchen';
import { tellChanged } from './live';
import { loadSituation, planId, replanNow } from './planning';
import { readOrderForm } from './read-order-form';
import { refuse, type Result } from './result';

const STALE =
  'Somebody else has changed this order since you opened it. Yours is kept below: open the order again to see theirs.';

/** Takes a new order, plans it with all others, and answers with its number. */
export async function takeOrder(input: unknown): Promise<Result<{ id: number }>> {
  const db = await database();
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse('There is no kitchen yet.');
  const read = await readOrderForm(input, kitchen, null);
  if (!read.ok) return read;
  const at = now();
  const id = await db.transaction(async (tx) => {
    const row = await insertOrder(tx as Db, read.fields, at);
    await appendEvents(tx as Db, [{ at, kind: 'order taken', order: row.id, body: { ...read.fields } }]);
    return row.id;
  });
  await replanNow(`${read.fields.title} came in`);
  return { ok: true, id };
}

/** Changes an order that still is as it was when the form was opened. */
export async function changeOrder(id: number, version: number, input: unknown): Promise<Result<{ id: number }>> {
  const db = await database();
  const kitchen = await loadKitchen(db);
  const before = await readOrder(db, id);
  if (!kitchen || !before) return refuse('This order is not there any more.');
  if (before.state !== 'open') return refuse('This order has been handed over. Bring it back first.');
  const read = await readOrderForm(input, kitchen, before);
  if (!read.ok) return read;
  const at = now();
  const changed = await db.transaction(async (tx) => {
    const row = await updateOrder(tx as Db, id, version, read.fields);
    if (row)
      await appendEvents(tx as Db, [
        { at, kind: 'order changed', order: id, body: { from: fieldsOf(before), to: read.fields } },
      ]);
    return row;
  });
  if (!changed) return refuse(STALE);
  await replanNow(`${read.fields.title} was changed`);
  return { ok: true, id };
}

/** One change at a time: another pickup, a part left out, exchanged or set by hand, a newer formula. */
export async function adjustOrder(
  id: number,
  version: number,
  change: Partial<Pick<OrderFields, 'pickup' | 'without' | 'swaps' | 'overrides' | 'choices' | 'versions'>>,
): Promise<Result> {
  const db = await database();
  const before = await readOrder(db, id);
  if (!before || before.state !== 'open') return refuse('This order is not open any more.');
  const changed = await db.transaction(async (tx) => {
    const row = await updateOrder(tx as Db, id, version, change);
    const body = { from: fieldsOf(before), to: row ? fieldsOf(row) : null };
    if (row) await appendEvents(tx as Db, [{ at: now(), kind: 'order changed', order: id, body }]);
    return row;
  });
  if (!changed) return refuse(STALE);
  await replanNow(`${before.title} was changed`);
  return { ok: true };
}

/** Hands an order over, once all its steps are done; it leaves the wall. */
export async function handOver(id: number, version: number): Promise<Result> {
  const db = await database();
  const situation = await loadSituation(db);
  const order = situation?.orders.find((o) => o.id === id);
  if (!situation || !order) return refuse('This order is not on the wall any more.');
  const planned = await readPlan(db);
  const left = planned
    ? openSteps(planned.problem, planned.plan, situation.states, planId(id)).map((s) => s.name)
    : ['the plan'];
  const more = left.length > 3 ? ` and ${left.length - 3} more` : '';
  if (left.length > 0) return refuse(`Not yet: ${left.slice(0, 3).join(', ')}${more} still to do.`);
  return leave(db, order, version, 'handed over');
}

/** Takes a hand-over back: the undo. */
export async function bringBack(id: number, version: number): Promise<Result> {
  const db = await database();
  const order = await readOrder(db, id);
  if (!order || order.state !== 'handed over') return refuse('This order has not been handed over.');
  return leave(db, order, version, 'brought back');
}

async function leave(db: Db, order: OrderRow, version: number, kind: 'handed over' | 'brought back'): Promise<Result> {
  const at = now();
  const left = kind === 'handed over';
  const changed = await db.transaction(async (tx) => {
    const row = await updateOrder(tx as Db, order.id, version, {
      state: left ? 'handed over' : 'open',
      handedOverAt: left ? at : null,
    });
    if (row) await appendEvents(tx as Db, [{ at, kind, order: order.id, body: {} }]);
    return row;
  });
  if (!changed) return refuse(STALE);
  await replanNow(`${order.title} was ${kind}`);
  tellChanged();
  return { ok: true };
}

function fieldsOf(row: OrderRow): OrderFields {
  const { title, customer, pickup, portions, build, tiers, inscription, avoid, note } = row;
  const { without, swaps, overrides, choices, versions } = row;
  return {
    ...{ title, customer, pickup, portions, build, tiers, inscription, avoid, note },
    ...{ without, swaps, overrides, choices, versions },
  };
}
