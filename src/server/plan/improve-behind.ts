import { say } from '../../core/words/say';
import type { KitchenId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { loadSituation } from '../situation/load-situation';
import { log } from '../shared/log';
import { readSettings } from '../shared/settings';
import type { Improved } from '../../workers/improvement';
import { askInThread } from './planner-thread';
import { savePlan } from './save-plan';

/** How long nobody must have asked for a plan before one is searched on. ms. */
const IDLE = 3000;
/** How long the search is left alone where it has found nothing in any way. ms. */
const PAUSE = 10 * 60_000;
/** What has been searched for long is left in one of these ways; each is tried twice before the search is left alone. */
const WAYS = ['tolerant', 'shaken'] as const;
const TURNS = 1 + 2 * WAYS.length;
/** Of one search. */
const LIMITS = { seconds: 8, rounds: 6000 };

interface Behind {
  timer: ReturnType<typeof setTimeout> | null;
  /** Its first number says that somebody waits for a plan. */
  stop: Int32Array<SharedArrayBuffer> | null;
  /** Every search draws otherwise. */
  seed: number;
  /** Searches since somebody asked for a plan. */
  turn: number;
  /** How often what went on behind was told to end. */
  ended: number;
}

const held = globalThis as unknown as { zestBehind?: Map<KitchenId, Behind> };

function behindOf(kitchen: KitchenId): Behind {
  const all = (held.zestBehind ??= new Map<KitchenId, Behind>());
  const own = all.get(kitchen) ?? { timer: null, stop: null, seed: 1, turn: 0, ended: 0 };
  all.set(kitchen, own);
  return own;
}

/** Somebody waits for a plan: what goes on behind ends at once, and what it has found is given up. */
export function stopImproving(kitchen: KitchenId): void {
  const behind = behindOf(kitchen);
  behind.ended += 1;
  if (behind.timer) clearTimeout(behind.timer);
  behind.timer = null;
  if (behind.stop) Atomics.store(behind.stop, 0, 1);
}

/** Nobody waits any more: in a while the plan is searched on, and again as long as nobody taps. */
export function improveSoon(db: KitchenDb, wait = IDLE): void {
  // A search that goes on is of a plan that is not the newest any more.
  stopImproving(db.kitchen);
  if (!readSettings(process.env).settings.improves) return;
  const behind = behindOf(db.kitchen);
  behind.turn = 0;
  behind.timer = setTimeout(() => {
    behind.timer = null;
    const { ended } = behind;
    improveOnce(db).then(
      // Where it was told to end, whoever told it says when it goes on: a plan is being made.
      (plan) => behind.ended === ended && goOn(db, behind, plan !== null),
      (error: unknown) => log.error({ err: error, kitchen: db.kitchen }, 'a plan could not be searched on'),
    );
  }, wait);
  behind.timer.unref();
}

/** Another search, in another way; where all have been tried for nothing, after a while. */
function goOn(db: KitchenDb, behind: Behind, found: boolean): void {
  const turn = found ? 1 : behind.turn + 1;
  improveSoon(db, turn < TURNS ? IDLE : PAUSE);
  behind.turn = turn % TURNS;
}

/** Searches the newest plan on, and saves what is better and worth its moves. Null where nothing is, or where it was stopped. */
export async function improveOnce(db: KitchenDb, limits = LIMITS): Promise<PlanRow | null> {
  const behind = behindOf(db.kitchen);
  const stop = new Int32Array(new SharedArrayBuffer(4));
  behind.stop = stop;
  behind.seed += 1;
  const begins = behind.turn === 0 ? {} : { begins: WAYS[behind.turn % WAYS.length]! };
  try {
    const previous = await readPlan(db);
    const situation = await loadSituation(db);
    if (!previous || !situation) return null;
    const { problem, hold, stood } = problemOf(situation);
    const before = { plan: previous.plan, waits: previous.stood };
    const found = await askInThread(db.kitchen, 'improve', {
      ...{ problem, hold, before, seed: behind.seed, ...begins, stop: stop.buffer },
      ...limits,
    });
    const stopped = Atomics.load(stop, 0) !== 0;
    log.debug(
      { kitchen: db.kitchen, stopped, moved: found?.moved, savedLate: found?.savedLate },
      'a plan was searched on',
    );
    if (!found || stopped) return null;
    return await savePlan(db, {
      ...{ previous: previous.id, madeAt: db.now(), reason: whatChanged(found) },
      ...{ problem: found.given.problem, plan: found.plan, ready: found.ready },
      stood: [...stood, ...found.given.waits],
      margins: found.margins,
    });
  } finally {
    if (behind.stop === stop) behind.stop = null;
  }
}

/** "searched on: moved 3, saved 40 min late" */
export function whatChanged({
  moved,
  savedLate,
  fewerLate,
}: Pick<Improved, 'moved' | 'savedLate' | 'fewerLate'>): string {
  if (savedLate > 0) return say`searched on: moved ${moved}, saved ${savedLate} min late`;
  if (fewerLate > 0) return say`searched on: moved ${moved}, ${fewerLate} late cakes fewer in 100`;
  return say`searched on: moved ${moved}, younger parts`;
}
