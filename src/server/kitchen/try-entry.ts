import { say } from '../../core/words/say';
import { orderId } from '../../core/ids/ids';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { problemOf } from '../../core/situation/problem-of';
import type { RegisterName } from '../../core/stored/registers';
import type { Problem } from '../../core/planning-format/problem';
import { durationText } from '../../core/time/duration-text';
import type { KitchenDb } from '../../data/kitchen-db';
import type { Entry } from '../../data/repositories/entries';
import { withEntries } from '../../data/repositories/kitchen';
import { readPlan } from '../../data/repositories/plans';
import { planInThread } from '../plan/planner-thread';
import { kitchenFrom } from '../situation/load-kitchen';
import { loadSituation } from '../situation/load-situation';

/** What moves pickups; what else is in a kitchen changes amounts and lists. */
const MOVES: readonly RegisterName[] = ['people', 'items', 'standing work', 'blocks'];
/** So much is searched for the plan with the change. */
const LIMITS = { seconds: 2, rounds: 150, enough: 0.3, thorough: true };
/** An order that leaves less later than this is not told of. Minutes. */
const WORTH_TELLING = 5;
/** So many orders are named. */
const NAMED = 3;

/** All of a problem that decides a plan: not what people are called. */
const planned = (problem: Problem) =>
  JSON.stringify({ ...problem, people: problem.people.map((p) => ({ ...p, name: '' })) });

/**
 * Which open orders would leave later with a register as it would be, in words; null where none would. Tried on a copy of the newest plan, and
 * nothing of it is kept.
 */
export async function laterWith<R extends RegisterName>(
  db: KitchenDb,
  register: R,
  entries: Entry<R>[],
): Promise<string | null> {
  if (!MOVES.includes(register)) return null;
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan || situation.orders.length === 0) return null;
  const { orders, batches } = situation;
  const kitchen = kitchenFrom(withEntries(situation.kitchen.rows, { [register]: entries }));
  const after = { ...situation, kitchen, ...breakDownAll(orders, { batches, kitchen }) };
  const { problem, hold } = problemOf(after);
  if (planned(problem) === planned(problemOf(situation).problem)) return null;
  const before = { plan: plan.plan, waits: plan.stood };
  const answer = await planInThread(db.kitchen, { problem, hold, before, ...LIMITS }, 'trials');
  if (!answer.ok) return say`With this there is no plan at all: ${answer.problems.map((p) => p.message).join(' ')}`;
  const [was, is] = [readingOf(plan), readingOf({ problem: answer.given.problem, plan: answer.plan })];
  const later = orders.flatMap((o) => {
    const minutes = is.minutesLate(orderId(o.id));
    const now = was.minutesLate(orderId(o.id));
    if (minutes === null) return now === null ? [] : [say`${o.title} finds no place`];
    const more = Math.max(0, minutes) - Math.max(0, now ?? 0);
    return now !== null && more >= WORTH_TELLING ? [say`${o.title} leaves ${durationText(more)} later`] : [];
  });
  if (later.length === 0) return null;
  const others = later.length - NAMED;
  const named = later.slice(0, NAMED).join('; ');
  return others > 0 ? say`With this ${named}; and ${others} more.` : say`With this ${named}.`;
}
