import { valueAt } from '../../core/ids/value-at';
import { CHANCES_EVERY } from '../../core/time/chances-every';
import type { Choices } from '../../core/formula/schools';
import { beginsOf, habitOf } from '../../core/situation/habit';
import { problemAt } from '../../core/situation/with-floor';
import { minuteOf } from '../../core/time/clock';
import { pacesOf } from '../../core/records/pace';
import type { KitchenDb } from '../../data/kitchen-db';
import { readWorkLog } from '../../data/repositories/work-log';
import { clockOf, readKitchen } from '../../data/repositories/kitchen';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { orderNumberOf, type KitchenId } from '../../core/ids/ids';
import { askInThread, plansQuiet } from './planner-thread';

/** How likely an order is ready for its pickup, and what decides it. */
export interface Chance {
  order: number;
  /** Share of the days lived through in which it was ready, at most ten minutes after its pickup. */
  chance: number;
  /** `whose`: the title of another order, where it is a step of that one. */
  deciding: { step: string; name: string; whose: string | null; share: number }[];
  /** Of its steps, those whose times are drawn from how long such steps took here before. */
  learned: number;
  /** Before which step ten minutes of slack would save most of the late days. */
  helps: { name: string; whose: string | null; share: number } | null;
}

export interface Chances {
  plan: number;
  /** From when on they were lived through, minutes after the clock’s origin. */
  minute: number;
  days: number;
  orders: Chance[];
}

/** A second or two for thirty cakes, in a thread of its own; a chance is known to some hundredths by them. */
const DAYS = 500;
/** Minutes after its pickup at which an order still counts as ready: nobody who collects a cake comes on the minute. */
export const GRACE = 10;

interface Lived {
  at: string;
  answer: Promise<Chances>;
  /** Its first number says that somebody waits for a plan. */
  stop: Int32Array<SharedArrayBuffer>;
}

const held = globalThis as unknown as { zestChances?: Map<KitchenId, Lived> };

/** Somebody waits for a plan: days are lived through again when it is there, for who had asked as well. */
export function stopChances(kitchen: KitchenId): void {
  const lived = held.zestChances?.get(kitchen);
  if (!lived) return;
  Atomics.store(lived.stop, 0, 1);
  held.zestChances?.delete(kitchen);
}

/** Lives through the newest plan many times, from this minute on; once for all who ask within a few minutes. Null without a plan. */
export async function loadChances(db: KitchenDb): Promise<Chances | null> {
  const plan = await readPlan(db);
  if (!plan) return null;
  const known = (held.zestChances ??= new Map<KitchenId, Lived>());
  const { origin } = plan.problem;
  const minute = minuteOf(db.now(), { origin, zone: 'utc' });
  const kitchen = await readKitchen(db);
  const choices = kitchen?.kitchen.choices ?? {};
  const at = `${plan.id} ${Math.floor(minute / CHANCES_EVERY)} ${beginsOf(choices)}`;
  const before = known.get(db.kitchen);
  if (before?.at === at) return before.answer;
  const stop = new Int32Array(new SharedArrayBuffer(4));
  const answer = live(db, plan, { minute, choices, stop: stop.buffer }).then(async (lived) => {
    if (Atomics.load(stop, 0) === 0) return lived;
    // A chance that is known from a few days is none.
    await plansQuiet(db.kitchen);
    return (await loadChances(db)) ?? lived;
  });
  known.set(db.kitchen, { at, answer, stop });
  return answer;
}

async function live(
  db: KitchenDb,
  { id, problem: planned, plan }: PlanRow,
  { minute, choices, stop }: { minute: number; choices: Choices; stop: SharedArrayBuffer },
): Promise<Chances> {
  const problem = problemAt(planned, minute);
  const kitchen = await readKitchen(db);
  const done = kitchen ? (await readWorkLog(db, clockOf(kitchen.kitchen))).done : [];
  const [paces, begins] = [pacesOf(done), habitOf(choices, done)];
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  const titles = new Map(problem.orders.map((o) => [o.id, o.name]));
  const said = (id: string, own: string) => {
    const step = steps.get(id);
    const other = step?.order !== own && step?.order ? (titles.get(step.order) ?? null) : null;
    return { name: step?.name ?? id, whose: other };
  };
  const days = await askInThread(db.kitchen, 'chances', {
    ...{ problem, plan, runs: DAYS, stop, grace: GRACE, paces, begins },
  });
  return {
    plan: id,
    minute,
    days: days.runs,
    orders: days.orders.map((o) => ({
      order: orderNumberOf(o.order),
      chance: o.chance,
      deciding: o.deciding.map((d) => ({ ...d, ...said(d.step, o.order) })),
      learned: problem.steps.filter((s) => s.order === o.order && !s.placed && valueAt(paces, s.name)).length,
      helps: o.helps && { ...said(o.helps.step, o.order), share: o.helps.share },
    })),
  };
}
