import { DateTime } from 'luxon';
import { minuteOf, timeOf } from '../../core/time/clock';
import { database } from '../../data/database';
import type { Db } from '../../data/db';
import { demoBuilds } from '../../data/demo/builds';
import { demoIngredients } from '../../data/demo/ingredients';
import { demoFormulas } from '../../data/demo/library';
import { demoEquipment, demoKitchenName, demoPeople, demoShifts } from '../../data/demo/kitchen';
import { demoOrders, impossibleOrder, tightOrder, type DemoOrder } from '../../data/demo/orders';
import { KITCHEN } from '../../data/repositories/counts';
import { appendEvents, type NewEvent } from '../../data/repositories/events';
import { readKitchen } from '../../data/repositories/kitchen';
import { insertOrder, readOpenOrders, readOrder, updateOrder } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import * as t from '../../data/schema';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import { now } from '../shared/clock';
import { planInThread } from '../plan/planner-thread';
import { orderNumberOf, orderId, isHandOver } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { replan } from '../plan/replan';
import { commit } from '../shared/commit';
import { loadSituation } from '../situation/load-situation';
import { refuse, type Result } from '../shared/result';

/** Days before today on which the demo's first orders were taken, and its work began. */
const DAYS_BEFORE = 3;
/** The demo's tight order has about this much to spare. Minutes. */
const TIGHT_SPARE = 25;

/**
 * Loads the demo kitchen into an empty database: as it would stand now if it had worked by its own plan for three days.
 * Refuses if there is a kitchen already.
 */
export async function loadDemo(zone = Intl.DateTimeFormat().resolvedOptions().timeZone): Promise<Result> {
  const db = await database();
  const today = DateTime.fromJSDate(now(), { zone }).startOf('day') as DateTime<true>;
  const begun = await commit(
    async (tx): Promise<Result> => {
      // Whoever makes the count makes the kitchen: of two who try at once the second finds it there.
      const first = await tx.insert(t.counts).values({ kitchen: KITCHEN }).onConflictDoNothing().returning();
      if (first.length === 0 || (await readKitchen(tx))) return refuse('There is a kitchen already.');
      await insertKitchen(tx, today);
      for (const order of demoOrders) await insertDemoOrder(tx, order, today);
      return { ok: true };
    },
    { part: true, library: true },
  );
  if (!begun.ok) return begun;
  await liveUntilNow(db, today);
  await replan('the demo was loaded');
  await addTightOrder(db, today);
  await part(async (tx) => void (await insertDemoOrder(tx, impossibleOrder, today)));
  await replan(`${impossibleOrder.title} came in`);
  return { ok: true };
}

/** One step of the demo's days. */
async function part(write: (tx: Db) => Promise<void>): Promise<void> {
  await commit(
    async (tx): Promise<Result> => {
      await write(tx);
      return { ok: true };
    },
    { part: true },
  );
}

async function insertKitchen(db: Db, today: DateTime<true>): Promise<void> {
  const origin = today.minus({ days: DAYS_BEFORE }).toJSDate();
  await db.insert(t.kitchens).values({
    ...{ id: 1, name: demoKitchenName, zone: today.zoneName, origin, coefficients: startingCoefficients },
  });
  await db.insert(t.people).values(
    demoPeople.map((p, position) => ({
      ...{ id: p.id, name: p.name, initials: p.initials, skills: p.skills, position },
      weekly: demoShifts(p, today.weekday),
      daysOff: [],
    })),
  );
  await db.insert(t.equipment).values(demoEquipment.map((e, position) => ({ ...e, position })));
  await db.insert(t.ingredients).values(
    demoIngredients.map(({ id, name, allergens, density, stock, ...traits }) => ({
      ...{ id, name, allergens, density, stock, traits },
    })),
  );
  await db.insert(t.formulas).values(demoFormulas.map((f) => ({ id: f.id, name: f.name, body: f })));
  await db
    .insert(t.formulaVersions)
    .values(
      demoFormulas.map((f) => ({ formula: f.id, version: 1, body: f, savedAt: now(), note: 'as the demo has it' })),
    );
  await db.insert(t.builds).values(demoBuilds.map((b) => ({ id: b.id, name: b.name, body: b })));
}

async function insertDemoOrder(db: Db, order: DemoOrder, today: DateTime<true>, pickup?: Date): Promise<number> {
  const { day, time, ...fields } = order;
  const [hour, minute] = time.split(':').map(Number);
  const at = pickup ?? today.plus({ days: day }).set({ hour, minute }).toJSDate();
  const row = await insertOrder(
    db,
    { ...fields, pickup: at, without: [], swaps: {}, overrides: {}, choices: {}, versions: firstVersions(order) },
    now(),
  );
  await appendEvents(db, [{ at: now(), kind: 'order taken', order: row.id, body: { ...fields, pickup: at } }]);
  return row.id;
}

/** The demo's orders were planned with the formulas as they are when it is loaded. */
function firstVersions(order: DemoOrder): Record<string, number> {
  const build = demoBuilds.find((b) => b.id === order.build);
  return Object.fromEntries((build?.components ?? []).map((c) => [c.formula, 1]));
}

/** Plans from three days ago, and tells all that this plan had done by now as done. */
async function liveUntilNow(db: Db, today: DateTime<true>): Promise<void> {
  const situation = await loadSituation(db);
  if (!situation) return;
  const { problem } = problemOf({ ...situation, minute: 0 });
  const answer = await planInThread({ problem, old: null, seconds: 6, rounds: 500 });
  if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
  const { clock } = situation.kitchen;
  const minute = minuteOf(now(), clock);
  const at = (m: number) => timeOf(m, clock).toJSDate();
  const told: { minute: number; event: NewEvent }[] = [];
  for (const s of answer.plan.steps) {
    const order = orderNumberOf(s.id);
    if (s.start > minute || isHandOver(s.id)) continue;
    const body = { step: s.id, people: s.people, equipment: s.equipment };
    told.push({ minute: s.start, event: { at: at(s.start), kind: 'start', order, body } });
    if (s.end <= minute)
      told.push({ minute: s.end, event: { at: at(s.end), kind: 'finish', order, body: { step: s.id } } });
  }
  told.sort((a, b) => a.minute - b.minute || (a.event.kind === 'start' ? -1 : 1));
  await part(
    async (tx) =>
      void (await appendEvents(
        tx,
        told.map((x) => x.event),
      )),
  );
  // The plan it lived by is the one it goes on from.
  await db.insert(t.plans).values({
    ...{ previous: 0, madeAt: today.toJSDate(), reason: 'the week was planned', problem, plan: answer.plan },
    ...{ ready: answer.ready, stood: [] },
  });
  await handOverCollected(db);
}

/** Orders whose pickup has passed, and whose work is done, have been collected. */
async function handOverCollected(db: Db): Promise<void> {
  const situation = await loadSituation(db);
  const planned = await readPlan(db);
  if (!situation || !planned) return;
  for (const order of await readOpenOrders(db)) {
    const steps = planned.plan.steps.filter((s) => orderNumberOf(s.id) === order.id && !isHandOver(s.id));
    const done = steps.every((s) => situation.states.get(s.id)?.state === 'done');
    if (order.pickup > now() || !done) continue;
    await part(async (tx) => {
      await updateOrder(tx, order.id, order.version, { state: 'handed over', handedOverAt: order.pickup });
      await appendEvents(tx, [{ at: order.pickup, kind: 'handed over', order: order.id, body: {} }]);
    });
  }
}

/** An order whose pickup lies just after the earliest it can be ready. */
async function addTightOrder(db: Db, today: DateTime<true>): Promise<void> {
  let id = 0;
  await part(async (tx) => {
    id = await insertDemoOrder(tx, tightOrder, today, today.plus({ days: 3, hours: 12 }).toJSDate());
  });
  for (let attempt = 0; attempt < 2; attempt++) {
    const { plan } = await replan(`${tightOrder.title} came in`);
    const ready = plan?.ready.find((r) => r.order === orderId(id))?.ready;
    const situation = await loadSituation(db);
    const row = await readOrder(db, id);
    if (ready === null || ready === undefined || !situation || !row) return;
    const pickup = Math.ceil((ready + TIGHT_SPARE) / 5) * 5;
    const later = { pickup: timeOf(pickup, situation.kitchen.clock).toJSDate() };
    await part(async (tx) => void (await updateOrder(tx, id, row.version, later)));
  }
}

/** Is there a kitchen? */
export async function hasKitchen(): Promise<boolean> {
  return (await readKitchen(await database())) !== null;
}
