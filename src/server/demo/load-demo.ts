import { say } from '../../core/words/say';
import { DateTime } from 'luxon';
import { minuteOf, timeOf } from '../../core/time/clock';
import { database } from '../../data/database';
import type { Db } from '../../data/db';
import { demoBuilds } from '../../data/demo/builds';
import { demoIngredients } from '../../data/demo/ingredients';
import { demoFormulas } from '../../data/demo/library';
import { demoEquipment, demoKitchenName, demoPeople, demoShifts } from '../../data/demo/kitchen';
import { insertRecord } from './insert-record';
import { demoOrders, impossibleOrder, tightOrder, type DemoOrder } from '../../data/demo/orders';
import type { KitchenDb } from '../../data/kitchen-db';
import { insertKitchen } from '../../data/repositories/kitchens';
import { appendEvents, type NewEvent } from '../../data/repositories/events';
import { insertOrder, readOpenOrders, readOrder, updateOrder } from '../../data/repositories/orders';
import { insertPlan, readPlan } from '../../data/repositories/plans';
import * as t from '../../data/schema';
import { buildCodec } from '../../core/stored/build';
import { figuresCodec } from '../../core/stored/kitchen-figures';
import { insertFormulas } from '../../data/repositories/formulas';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import { now } from '../shared/clock';
import { planInThread } from '../plan/planner-thread';
import { isHandOver, kitchenIdOf, orderId, orderNumberOf, type KitchenId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { replan } from '../plan/replan';
import { commit } from '../shared/commit';
import { keepBegun } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import { refuse, type Result } from '../shared/result';

/** Days before today on which the demo's first orders were taken, and its work began. */
const DAYS_BEFORE = 3;
/** The demo's tight order has about this much to spare. Minutes. */
const TIGHT_SPARE = 25;

/** The demo's id: there is one in a database at most. */
const DEMO = kitchenIdOf('demo')!;

/**
 * Loads the demo kitchen beside whatever kitchens there are: as it would stand now if it had worked by its own plan for three days.
 * Refuses if it is there already.
 */
export async function loadDemo(zone = Intl.DateTimeFormat().resolvedOptions().timeZone): Promise<Result<Loaded>> {
  const rows = await database();
  const db: KitchenDb = { kitchen: DEMO, rows, now };
  const today = DateTime.fromJSDate(now(), { zone }).startOf('day') as DateTime<true>;
  const begun = await rows.transaction(async (tx) => {
    const inside: KitchenDb = { ...db, rows: tx as Db };
    // Of two who load it at once the second finds it there.
    if (!(await insertDemoKitchen(inside, today))) return false;
    await insertRecord(inside, today);
    for (const order of demoOrders) await insertDemoOrder(inside, order, today);
    return true;
  });
  if (!begun) return refuse(say`The demo kitchen is here already.`);
  await liveUntilNow(db, today);
  await replan(db, say`the demo was loaded`);
  await addTightOrder(db, today);
  await part(db, async (tx) => void (await insertDemoOrder(tx, impossibleOrder, today)));
  await replan(db, say`${impossibleOrder.title} came in`);
  return { ok: true, kitchen: DEMO };
}

/** Where the demo is. */
interface Loaded {
  kitchen: KitchenId;
}

/** One step of the demo's days. */
async function part(db: KitchenDb, write: (tx: KitchenDb) => Promise<void>): Promise<void> {
  await commit(
    db,
    async (tx): Promise<Result> => {
      await write(tx);
      return { ok: true };
    },
    { part: true },
  );
}

/** The kitchen with its people, equipment and library; false where it is there already. */
async function insertDemoKitchen(db: KitchenDb, today: DateTime<true>): Promise<boolean> {
  const { kitchen, rows, now } = db;
  const origin = today.minus({ days: DAYS_BEFORE }).toJSDate();
  const made = await insertKitchen(rows, {
    ...{ id: kitchen, name: demoKitchenName, zone: today.zoneName, origin },
    figures: figuresCodec.write({ coefficients: startingCoefficients, choices: {} }),
    createdAt: now(),
  });
  if (!made) return false;
  await rows.insert(t.people).values(
    demoPeople.map((p, position) => ({
      ...{ kitchen, id: p.id, name: p.name, initials: p.initials, skills: p.skills, position },
      weekly: demoShifts(p, today.weekday),
      daysOff: [],
    })),
  );
  await rows.insert(t.equipment).values(demoEquipment.map((e, position) => ({ kitchen, ...e, position })));
  await rows.insert(t.ingredients).values(
    demoIngredients.map(({ id, name, allergens, density, stock, ...traits }) => ({
      ...{ kitchen, id, name, allergens, density, stock, traits },
    })),
  );
  await insertFormulas(db, demoFormulas, { savedAt: now(), note: 'as the demo has it' });
  await rows
    .insert(t.builds)
    .values(demoBuilds.map((b) => ({ kitchen, id: b.id, name: b.name, body: buildCodec.write(b) })));
  return true;
}

async function insertDemoOrder(db: KitchenDb, order: DemoOrder, today: DateTime<true>, pickup?: Date): Promise<number> {
  const { day, time, ...fields } = order;
  const [hour, minute] = time.split(':').map(Number);
  const at = pickup ?? today.plus({ days: day }).set({ hour, minute }).toJSDate();
  const row = await insertOrder(
    db,
    { ...fields, pickup: at, without: [], swaps: {}, overrides: {}, choices: {}, versions: firstVersions(order) },
    db.now(),
  );
  await appendEvents(db, [
    { at: db.now(), kind: 'order taken', order: row.id, body: { ...fields, pickup: at.toISOString() } },
  ]);
  return row.id;
}

/** The demo's orders were planned with the formulas as they are when it is loaded. */
function firstVersions(order: DemoOrder): Record<string, number> {
  const build = demoBuilds.find((b) => b.id === order.build);
  return Object.fromEntries((build?.components ?? []).map((c) => [c.formula, 1]));
}

/** Plans from three days ago, and tells all that this plan had done by now as done. */
async function liveUntilNow(db: KitchenDb, today: DateTime<true>): Promise<void> {
  const situation = await loadSituation(db);
  if (!situation) return;
  const { problem } = problemOf({ ...situation, minute: 0 });
  const answer = await planInThread(db.kitchen, { problem, before: null, seconds: 6, rounds: 500 });
  if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
  const { clock } = situation.kitchen;
  const minute = minuteOf(db.now(), clock);
  const at = (m: number) => timeOf(m, clock).toJSDate();
  const told: { minute: number; event: NewEvent }[] = [];
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  for (const s of answer.plan.steps) {
    const order = orderNumberOf(s.id);
    if (s.start > minute || isHandOver(s.id)) continue;
    const body = { step: s.id, people: s.people, equipment: s.equipment };
    told.push({ minute: s.start, event: { at: at(s.start), kind: 'start', order, body } });
    if (s.end > minute) continue;
    const { name, minutes } = steps.get(s.id)!;
    const end = { step: s.id, name, likely: minutes.likely };
    told.push({ minute: s.end, event: { at: at(s.end), kind: 'finish', order, body: end } });
  }
  told.sort((a, b) => a.minute - b.minute || (a.event.kind === 'start' ? -1 : 1));
  await part(
    db,
    async (tx) =>
      void (await appendEvents(
        tx,
        told.map((x) => x.event),
      )),
  );
  await part(db, async (tx) => {
    const begun = await loadSituation(tx);
    if (begun) await keepBegun(tx, begun, begun.states.keys());
  });
  // The plan it lived by is the one it goes on from.
  await insertPlan(db, {
    ...{ previous: 0, madeAt: today.toJSDate(), reason: 'the week was planned', problem, plan: answer.plan },
    ...{ ready: answer.ready, stood: [], margins: answer.margins },
  });
  await handOverCollected(db);
}

/** Orders whose pickup has passed, and whose work is done, have been collected. */
async function handOverCollected(db: KitchenDb): Promise<void> {
  const situation = await loadSituation(db);
  const planned = await readPlan(db);
  if (!situation || !planned) return;
  for (const order of await readOpenOrders(db)) {
    const steps = planned.plan.steps.filter((s) => orderNumberOf(s.id) === order.id && !isHandOver(s.id));
    const done = steps.every((s) => situation.states.get(s.id)?.state === 'done');
    if (order.pickup > db.now() || !done) continue;
    await part(db, async (tx) => {
      await updateOrder(tx, order.id, order.version, { state: 'handed over', handedOverAt: order.pickup });
      await appendEvents(tx, [{ at: order.pickup, kind: 'handed over', order: order.id, body: {} }]);
    });
  }
}

/** An order whose pickup lies just after the earliest it can be ready. */
async function addTightOrder(db: KitchenDb, today: DateTime<true>): Promise<void> {
  let id = 0;
  await part(db, async (tx) => {
    id = await insertDemoOrder(tx, tightOrder, today, today.plus({ days: 3, hours: 12 }).toJSDate());
  });
  for (let attempt = 0; attempt < 2; attempt++) {
    const { plan } = await replan(db, say`${tightOrder.title} came in`);
    const ready = plan?.ready.find((r) => r.order === orderId(id))?.ready;
    const situation = await loadSituation(db);
    const row = await readOrder(db, id);
    if (ready === null || ready === undefined || !situation || !row) return;
    const pickup = Math.ceil((ready + TIGHT_SPARE) / 5) * 5;
    const later = { pickup: timeOf(pickup, situation.kitchen.clock).toJSDate() };
    await part(db, async (tx) => void (await updateOrder(tx, id, row.version, later)));
  }
}
