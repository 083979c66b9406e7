import { designIn } from '../../core/design/design-in';
import { formulaOf } from '../../core/design/design';
import { say } from '../../core/words/say';
import { DateTime } from 'luxon';
import { minuteOf, timeOf } from '../../core/time/clock';
import { database } from '../../data/database';
import { starterBuilds } from '../../data/kitchens/starter';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents, type NewEvent } from '../../data/repositories/events';
import { insertOrder, readOpenOrders, readOrder, updateOrder } from '../../data/repositories/orders';
import { insertPlan, readPlan } from '../../data/repositories/plans';
import { demoFile } from '../../data/kitchens/demo';
import { impossibleOrder, tightOrder, type LateOrder } from '../../data/kitchens/late-orders';
import { insertFile } from '../kitchen/insert-file';
import { now } from '../shared/clock';
import { planInThread } from '../plan/planner-thread';
import { isHandOver, kitchenIdOf, orderId, orderNumberOf, type KitchenId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { replan } from '../plan/replan';
import { commit } from '../shared/commit';
import { keepBegun } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import { refuse, type Result } from '../shared/result';

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
  // It is written for a kitchen in whatever zone; its days are those of who loads it.
  const own = { ...demoFile, kitchen: { ...demoFile.kitchen!, zone } };
  const begun = await insertFile(rows, own, { kitchen: DEMO, name: own.kitchen.name, date: today.toISODate(), now });
  if (!begun) return refuse(say`The demo kitchen is here already.`);
  await liveUntilNow(db, today);
  await replan(db, say`the demo was loaded`);
  await addTightOrder(db, today);
  await part(db, async (tx) => void (await insertLateOrder(tx, impossibleOrder, today)));
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

async function insertLateOrder(db: KitchenDb, order: LateOrder, today: DateTime<true>, pickup?: Date): Promise<number> {
  const { day, time, ...fields } = order;
  const [hour, minute] = time.split(':').map(Number);
  const at = pickup ?? today.plus({ days: day }).set({ hour, minute }).toJSDate();
  const of = starterBuilds.find((b) => b.id === order.build)!;
  const design = designIn(of, order.tiers);
  const row = await insertOrder(db, { ...fields, design, pickup: at, versions: firstVersions(order) }, db.now());
  const { title, customer, build, tiers, portions, inscription, note, avoid } = fields;
  const told = { title, customer, build, tiers, portions, inscription, note, avoid, pickup: at.toISOString() };
  await appendEvents(db, [{ at: db.now(), kind: 'order taken', order: row.id, body: told }]);
  return row.id;
}

/** The demo's orders were planned with the formulas as they are when it is loaded. */
function firstVersions(order: LateOrder): Record<string, number> {
  const build = starterBuilds.find((b) => b.id === order.build);
  return Object.fromEntries((build?.design.parts ?? []).map((p) => [formulaOf(p) ?? '', 1]));
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
    id = await insertLateOrder(tx, tightOrder, today, today.plus({ days: 3, hours: 12 }).toJSDate());
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
