import { say } from '../../../core/words/say';
import type { KitchenDb } from '../../../data/kitchen-db';
import { namesOf } from '../../situation/names';
import { readPlan } from '../../../data/repositories/plans';
import { orderId } from '../../../core/ids/ids';
import { loadSituation } from '../../situation/load-situation';
import { askInThread } from '../../plan/planner-thread';
import { linkWords } from '../../plan/link-words';
import {
  type Planned,
  released,
  otherHands,
  otherRoutes,
  extraSpans,
  moreThings,
  leftOut,
  laterPickups,
} from './remedy-ideas';
import { Trials, type Remedy } from './remedy-trials';

/** Why an order is late, and what would help. */
export interface Help {
  remedies: Remedy[];
  /** The fewest other orders that keep it from its pickup by themselves. */
  blockers: string[];
  /** Could it be on time if nothing else were made? */
  alone: boolean;
  /** The chain of facts that fixes its time, from the hand-over back, as sentences. */
  chain: string[];
}

const held = globalThis as unknown as { zestHelp?: Map<string, Promise<Help | null>> };

/** Seconds that somebody would wait for all that can be tried. */
const TIME_FOR_ALL = 15;

/** What would help an order that is late or has no place; the same plan is asked only once. Nothing more is tried after so many seconds. */
export async function helpFor(db: KitchenDb, id: number, seconds = TIME_FOR_ALL): Promise<Help | null> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan?.problem.orders.some((o) => o.id === orderId(id))) return null;
  const answers = (held.zestHelp ??= new Map<string, Promise<Help | null>>());
  const own = `${db.kitchen} `;
  const key = `${own}${plan.id} ${id}`;
  if (!answers.has(key)) {
    for (const old of answers.keys())
      if (old.startsWith(own) && !old.startsWith(`${own}${plan.id} `)) answers.delete(old);
    const found = findHelp(db, id, { situation, plan }, seconds);
    answers.set(key, found);
    // What failed is tried again when it is asked for the next time.
    found.catch(() => answers.delete(key));
  }
  return answers.get(key)!;
}

/** Longer than this nobody waits, whatever else the threads are busy with: what was found by then is the answer. Seconds beyond those for trying. */
const PATIENCE = 5;

/** The answer of some work, or after so many seconds what there is by then. */
async function orBy<A>(seconds: number, work: Promise<A>, byThen: () => A): Promise<A> {
  if (seconds === Infinity) return work;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<A>((resolve) => (timer = setTimeout(() => resolve(byThen()), seconds * 1000)));
  work.catch(() => undefined);
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

async function findHelp(db: KitchenDb, id: number, planned: Planned, seconds: number): Promise<Help | null> {
  const { situation, plan } = planned;
  if (!situation.orders.some((o) => o.id === id)) return null;
  const tried = new Trials(db, planned, id, seconds);
  const later = new Trials(db, planned, id, seconds);
  let why: Pick<Help, 'blockers' | 'alone' | 'chain'> = { blockers: [], alone: true, chain: [] };
  const soFar = (): Help => ({ remedies: worthSaying([...tried.found, ...later.found]), ...why });
  const work = async (): Promise<Help> => {
    const { blockers, chain } = await askInThread(db.kitchen, 'why', {
      problem: plan.problem,
      plan: plan.plan,
      order: orderId(id),
    });
    const names = namesOf(situation);
    const links = chain ?? [];
    why = {
      blockers: blockers.others.flatMap((o) => names.order(o) ?? []),
      alone: blockers.alone,
      chain: linkWords(links, situation),
    };
    // Told last, as it is the customer who pays for it; tried first, as it nearly always helps.
    await later.firstOf(laterPickups(planned, id));
    // Cheapest first: what costs nothing, what costs a favour, minutes, a thing, part of the cake, the customer's patience.
    if (!(await tried.add([], say`Plan it again, with neighbours making room`))) {
      await tried.each(released(planned, links));
      await tried.each(otherHands(planned, links));
      await tried.each(otherRoutes(planned, id));
      await tried.overtime(extraSpans(planned, links, id));
      await tried.each(moreThings(planned, links, id));
      await tried.each(leftOut(planned, id));
    }
    return soFar();
  };
  return orBy(seconds + PATIENCE, work(), soFar);
}

/** So many of those that only make it less late, where nothing makes it on time. */
const MOST_OF_HALF_HELP = 3;

/** What works, the smallest change first; and only where nothing does, what comes nearest. */
function worthSaying(found: Remedy[]): Remedy[] {
  const working = found.filter((r) => r.works);
  return working.length > 0 ? working : [...found].sort((a, b) => a.late - b.late).slice(0, MOST_OF_HALF_HELP);
}
