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
    answers.set(key, findHelp(db, id, { situation, plan }, seconds));
  }
  return answers.get(key)!;
}

async function findHelp(db: KitchenDb, id: number, planned: Planned, seconds: number): Promise<Help | null> {
  const { situation, plan } = planned;
  const order = situation.orders.find((o) => o.id === id);
  if (!order) return null;
  const { blockers, chain } = await askInThread(db.kitchen, 'why', {
    ...{ problem: plan.problem, plan: plan.plan, order: orderId(id) },
  });
  const names = namesOf(situation);
  const tried = new Trials(db, planned, id, seconds);
  const links = chain ?? [];
  // Told last, as it is the customer who pays for it; tried first, as it nearly always helps.
  const later = new Trials(db, planned, id, seconds);
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
  return {
    remedies: worthSaying([...tried.found, ...later.found]),
    blockers: blockers.others.flatMap((o) => names.order(o) ?? []),
    alone: blockers.alone,
    chain: linkWords(links, situation),
  };
}

/** So many of those that only make it less late, where nothing makes it on time. */
const MOST_OF_HALF_HELP = 3;

/** What works, the smallest change first; and only where nothing does, what comes nearest. */
function worthSaying(found: Remedy[]): Remedy[] {
  const working = found.filter((r) => r.works);
  return working.length > 0 ? working : [...found].sort((a, b) => a.late - b.late).slice(0, MOST_OF_HALF_HELP);
}
