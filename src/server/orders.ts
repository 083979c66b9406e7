import { DateTime } from 'luxon';
import { openSteps } from '../core/floor/open-steps';
import { ValidationError } from 'yup';
import { breakDown } from '../core/breakdown/breakdown';
import { orderForm, type OrderForm } from '../core/formats/order-form';
import { formName, type Form } from '../core/shape/form';
import { cakeName, tierPortions } from '../core/breakdown/cake';
import { proposeTiers } from '../core/shape/propose-tiers';
import { database, type Db } from '../data/database';
import { appendEvents } from '../data/repositories/events';
import { insertOrder, readOrder, updateOrder, type OrderFields, type OrderRow } from '../data/repositories/orders';
import { readPlan } from '../data/repositories/plans';
import { now } from './clock';
import { loadKitchen, type LoadedKitchen } from './kitchen';
import { tellChanged } from './live';
import { loadSituation, planId, replanNow } from './planning';
import { refuse, type Result } from './result';

const STALE =
  'Somebody else has changed this order since you opened it. Yours is kept below: open the order again to see theirs.';

/** Sizes of a build that the kitchen's own moulds can make. */
export function formsFor(buildId: string, kitchen: LoadedKitchen): Form[] {
  const build = kitchen.builds.get(buildId);
  if (!build) return [];
  if (build.sizes) return build.sizes;
  return kitchen.library.moulds.filter((m) => m.use === build.mould).map((m) => m.form);
}

export interface SizeChoice {
  /** JSON of the tiers, as the form holds it. */
  value: string;
  name: string;
  portions: number;
}

/** Up to six sizes of a build that give the wanted portions, smallest surplus first. */
export function sizesFor(buildId: string, portions: number, kitchen: LoadedKitchen): SizeChoice[] {
  const build = kitchen.builds.get(buildId);
  if (!build) return [];
  const { coefficients } = kitchen.library;
  return proposeTiers(formsFor(buildId, kitchen), portions, build.mostTiers, (f) =>
    tierPortions(build, f, coefficients),
  )
    .slice(0, 6)
    .map((offer) => ({ value: JSON.stringify(offer.tiers), name: cakeName(offer.tiers), portions: offer.portions }));
}

/** Takes a new order, plans it with all others, and answers with its number. */
export async function takeOrder(input: unknown): Promise<Result<{ id: number }>> {
  const db = await database();
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse('There is no kitchen yet.');
  const read = await readForm(input, kitchen, null);
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
  const read = await readForm(input, kitchen, before);
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

/** Takes a remedy over: another pickup, or an optional part left out (or taken in again). */
export async function adjustOrder(
  id: number,
  version: number,
  change: Partial<Pick<OrderFields, 'pickup' | 'without'>>,
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
  const { title, customer, pickup, portions, build, tiers, inscription, avoid, note, without } = row;
  return { title, customer, pickup, portions, build, tiers, inscription, avoid, note, without };
}

type ReadForm = { ok: true; fields: OrderFields } | Extract<Result, { ok: false }>;

/** Checks what was typed, by the shared schema and against the kitchen. */
async function readForm(input: unknown, kitchen: LoadedKitchen, before: OrderRow | null): Promise<ReadForm> {
  let form: OrderForm;
  try {
    form = await orderForm.validate(input, { abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const fields = Object.fromEntries(error.inner.map((e) => [(e.path ?? '').split('[')[0]!, e.message]));
    return refuse('Some fields need another look.', fields) as ReadForm;
  }
  const fields: Record<string, string> = {};
  const pickup = DateTime.fromISO(form.pickup, { zone: kitchen.clock.zone });
  if (!pickup.isValid) fields.pickup = 'This time does not exist.';
  else if (pickup.toJSDate() <= now() && pickup.toMillis() !== before?.pickup.getTime())
    fields.pickup = 'This time has passed.';
  else if (pickup.diff(DateTime.fromJSDate(now()), 'days').days > 120) fields.pickup = 'At most 120 days ahead.';
  const build = kitchen.builds.get(form.build);
  if (!build) fields.build = 'There is no such build.';
  const tiers = build ? readTiers(form.size, form.build, kitchen) : null;
  if (build && !tiers) fields.size = 'The kitchen has no tins for this size.';
  if (build && tiers) {
    const broken = breakDown({ id: planId(0), build, tiers }, kitchen.library);
    if (broken.cake.portions < form.portions)
      fields.size = `This gives ${broken.cake.portions} portions: choose a larger one.`;
    const clash = broken.allergens.filter((a) => form.avoid.includes(a.allergen));
    if (clash.length > 0)
      fields.avoid = `${build.name} contains ${clash.map((a) => `${a.allergen} (${a.from.join(', ')})`).join('; ')}. Choose another build.`;
  }
  if (Object.keys(fields).length > 0 || !tiers) return refuse('Some fields need another look.', fields) as ReadForm;
  const { title, customer, portions, inscription, note } = form;
  const avoid = form.avoid as OrderFields['avoid'];
  const without = before?.build === form.build ? before.without : [];
  return {
    ok: true,
    fields: {
      title,
      customer,
      pickup: pickup.toJSDate(),
      portions,
      build: form.build,
      tiers,
      inscription,
      avoid,
      note,
      without,
    },
  };
}

/** The tiers that the form named, if the kitchen can make each of them and the build as many. */
function readTiers(size: string, build: string, kitchen: LoadedKitchen): Form[] | null {
  const known = new Map(formsFor(build, kitchen).map((f) => [formName(f), f]));
  try {
    const named = (JSON.parse(size) as Form[]).map((f) => known.get(formName(f)));
    const most = kitchen.builds.get(build)?.mostTiers ?? 0;
    if (named.length === 0 || named.length > most || named.some((f) => f === undefined)) return null;
    return named as Form[];
  } catch {
    return null;
  }
}
