import type { KitchenId, OrderId } from '../../core/ids/ids';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan, readPlanOf, thinPlans, type PlanRow } from '../../data/repositories/plans';
import { tellChanged } from '../shared/live';
import { BACK, CHANGED, FIRST, QUICK, THOROUGH } from './limits';
import { improveSoon } from './improve-behind';
import { makeWay } from './make-way';
import { planInThread } from './planner-thread';
import { savePlan } from './save-plan';
import { problemOf } from '../../core/situation/problem-of';
import { log } from '../shared/log';
import { loadSituation } from '../situation/load-situation';

export interface HowToReplan {
  /** Somebody waits for the best that can be found, not only for what has just changed: more is tried. */
  thorough?: boolean | undefined;
  /** The kitchen itself has changed, and not only what happened in it: what lies far ahead is free to move. */
  changed?: boolean | undefined;
  /** The plan to keep to, by its number; else the newest. */
  like?: number | undefined;
  /** Orders that somebody has changed: they need not stay where they were. */
  anew?: readonly OrderId[] | undefined;
}

/** What came of planning again: the plan, null without a kitchen; or why there is none. */
export type Replanned = { plan: PlanRow | null; failed: null } | { plan: null; failed: string };

interface Wanted extends HowToReplan {
  reasons: string[];
  waiting: ((outcome: Replanned) => void)[];
}

/** The planning of one kitchen: what is asked for next, and why the newest plan does not know what was told last. */
interface Queue {
  next: Wanted | null;
  running: boolean;
  trouble: string | null;
}

/** Of the process: parts of the server may be bundled apart, and must not plan one kitchen beside each other. */
const held = globalThis as unknown as { zestQueues?: Map<KitchenId, Queue> };

function queueOf(kitchen: KitchenId): Queue {
  const queues = (held.zestQueues ??= new Map<KitchenId, Queue>());
  const queue = queues.get(kitchen) ?? { next: null, running: false, trouble: null };
  queues.set(kitchen, queue);
  return queue;
}

/**
 * Asks for a new plan around what is so now, and is told when there is one. Whoever asks while one is being made waits for the next,
 * which is made for all of them at once. It never fails: a write that was kept must not look lost because planning failed.
 */
export function replan(db: KitchenDb, reason: string, how: HowToReplan = {}): Promise<Replanned> {
  const s = queueOf(db.kitchen);
  makeWay(db.kitchen);
  return new Promise((resolve) => {
    const before: Wanted = s.next ?? { reasons: [], waiting: [] };
    s.next = {
      reasons: [...before.reasons.filter((r) => r !== reason), reason],
      waiting: [...before.waiting, resolve],
      thorough: how.thorough || before.thorough,
      changed: how.changed || before.changed,
      like: how.like ?? before.like,
      anew: [...new Set([...(before.anew ?? []), ...(how.anew ?? [])])],
    };
    if (!s.running) void run(db, s);
  });
}

async function run(db: KitchenDb, s: Queue): Promise<void> {
  s.running = true;
  for (let wanted = s.next; wanted; wanted = s.next) {
    s.next = null;
    const outcome = await planOnce(db, wanted);
    const changed = s.trouble !== outcome.failed;
    s.trouble = outcome.failed;
    if (changed) tellChanged(db.kitchen);
    for (const tell of wanted.waiting) tell(outcome);
    if (outcome.plan) await tidy(db, outcome.plan);
  }
  s.running = false;
  improveSoon(db);
}

/** Plans of before take less room from now on. Where that fails, the next plan does it for both. */
async function tidy(db: KitchenDb, { id }: PlanRow): Promise<void> {
  try {
    await thinPlans(db, id);
  } catch (error) {
    log.warn({ err: error, kitchen: db.kitchen }, 'older plans could not be thinned');
  }
}

async function planOnce(db: KitchenDb, { reasons, ...how }: Wanted): Promise<Replanned> {
  try {
    return { plan: await replanAndSave(db, reasons.join('; '), how), failed: null };
  } catch (error) {
    log.error({ err: error, kitchen: db.kitchen, reasons }, 'planning failed');
    return { plan: null, failed: error instanceof Error ? error.message : String(error) };
  }
}

/** Why the newest plan does not know what was told last; null if it does. */
export const planTrouble = (db: KitchenDb) => queueOf(db.kitchen).trouble;

/** Longer than this nobody waits for a plan that follows what was kept. ms. */
const PATIENCE = 8000;

/** Plans again, and says whether there was a new plan while somebody could be expected to wait for it. */
export async function planned(db: KitchenDb, reason: string, how: HowToReplan = {}): Promise<boolean> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<false>((resolve) => (timer = setTimeout(() => resolve(false), PATIENCE)));
  const made = await Promise.race([replan(db, reason, how).then((r) => r.failed === null), late]);
  clearTimeout(timer);
  return made;
}

const TRIES = 4;

const limitsOf = ({ like, changed, thorough }: HowToReplan) =>
  like !== undefined ? BACK : changed ? CHANGED : thorough ? THOROUGH : QUICK;

async function replanAndSave(db: KitchenDb, reason: string, how: HowToReplan): Promise<PlanRow | null> {
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const previous = await readPlan(db);
    const situation = await loadSituation(db);
    if (!situation) return null;
    const old = how.like === undefined ? previous : await readPlanOf(db, how.like);
    const { problem, hold, stood } = problemOf(situation);
    const limits = !previous ? FIRST : limitsOf(how);
    const kept = old ?? previous;
    const answer = await planInThread(db.kitchen, {
      ...{ problem, hold, before: kept && { plan: kept.plan, waits: kept.stood } },
      anew: how.anew ?? [],
      ...limits,
    });
    if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
    const saved = await savePlan(db, {
      previous: previous?.id ?? 0,
      madeAt: db.now(),
      reason,
      problem: answer.given.problem,
      plan: answer.plan,
      ready: answer.ready,
      stood: [...stood, ...answer.given.waits],
      margins: answer.margins,
    });
    if (saved) return saved;
    // Another process planned meanwhile: begin again from its plan.
  }
  throw new Error('Others are planning at the same time. Try again in a moment.');
}
