import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import type { Solved } from '../planner/solve';
import { waitAlone } from './wait-alone';

/** What had to be given up of what was wanted so that there is a plan: pins of steps, and longest waits, by their ids. */
export interface Concessions {
  /** The problem that was planned in the end. */
  problem: Problem;
  waits: string[];
  pins: string[];
}

/** A plan from before, and the longest waits that were given up for it. */
export interface PlanBefore {
  plan: Plan;
  waits: readonly string[];
}

/** Each pass gives up more than the one before; after so many, what is left out stays so. */
const MOST_PASSES = 4;

/**
 * Plans; and where an order that has been begun or has pinned steps would fall out of the plan, gives up first its pins, and
 * then the longest waits after its facts: half a cake is not to vanish from the wall because a part has stood too long. What was given up
 * before stays so as long as the plan oversteps it, so that the next plan begins where this one ended.
 */
export function planGivingWay(
  wanted: Problem,
  before: PlanBefore | null,
  planIt: (problem: Problem) => Solved,
): { solved: Solved; given: Concessions } {
  const given: Concessions = { problem: wanted, waits: [], pins: [] };
  const giveUp = (lifted: { problem: Problem; waits?: string[]; pins?: string[] }) => {
    given.problem = lifted.problem;
    given.waits.push(...(lifted.waits ?? []));
    given.pins.push(...(lifted.pins ?? []));
    return (lifted.waits ?? []).length + (lifted.pins ?? []).length > 0;
  };
  if (before) giveUp(lift(wanted, stillOverstepped(wanted, before)));
  let solved = planIt(given.problem);
  for (let pass = 1; pass < MOST_PASSES; pass++) {
    const lost = solved.ok ? begunButLeftOut(given.problem, solved.plan) : new Set<string>();
    if (solved.ok && lost.size === 0) break;
    // A pinned batch that cannot stand makes every plan impossible: then all pins go.
    const all = !solved.ok;
    const more =
      giveUp(withoutPins(given.problem, (order) => all || lost.has(order ?? ''))) ||
      giveUp(withoutLongestWaits(given.problem, lost));
    if (!more) break;
    solved = planIt(given.problem);
  }
  // What was given up and is kept to after all need not be told.
  if (solved.ok) given.waits = overstepped(wanted, solved.plan, given.waits);
  return { solved, given };
}

/** Waits that were given up before, whose part still stands, and which the plan from before oversteps. */
function stillOverstepped(problem: Problem, { plan, waits }: PlanBefore): string[] {
  const placed = new Set(problem.steps.filter((s) => s.placed).map((s) => s.id));
  const standing = problem.waits.filter((w) => waits.includes(w.id) && placed.has(w.from) && !placed.has(w.to));
  return overstepped(
    problem,
    plan,
    standing.map((w) => w.id),
  );
}

/** Those of some waits that a plan oversteps. */
function overstepped(problem: Problem, plan: Plan, waits: readonly string[]): string[] {
  const at = new Map(plan.steps.map((s) => [s.id, s]));
  return problem.waits
    .filter(
      (w) => waits.includes(w.id) && w.max !== null && (at.get(w.to)?.start ?? 0) - (at.get(w.from)?.end ?? 0) > w.max,
    )
    .map((w) => w.id);
}

const lift = (problem: Problem, waits: string[]) => ({
  problem: { ...problem, waits: problem.waits.map((w) => (waits.includes(w.id) ? { ...waitAlone(w), max: null } : w)) },
  waits,
});

/** Orders with steps that are done, running or pinned, and that the plan leaves out all the same. */
export function begunButLeftOut(problem: Problem, plan: Plan): Set<string> {
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  const begun = new Set(problem.steps.filter((s) => s.placed).map((s) => s.order));
  for (const w of problem.waits)
    if (steps.get(w.from)!.placed && steps.get(w.from)!.order === null) begun.add(steps.get(w.to)!.order);
  return new Set(plan.unplaced.map((u) => u.order).filter((o) => begun.has(o)));
}

/** The problem without the pins of some orders (null: of shared batches), and which steps they were. */
export function withoutPins(
  problem: Problem,
  gives: (order: string | null) => boolean,
): { problem: Problem; pins: string[] } {
  const pins = problem.steps.filter((s) => s.placed?.state === 'pinned' && gives(s.order)).map((s) => s.id);
  const steps = problem.steps.map((s) => {
    if (!pins.includes(s.id)) return s;
    const free = { ...s };
    delete free.placed;
    return free;
  });
  return { problem: { ...problem, steps }, pins };
}

/** The problem with no longest wait after what some orders have begun, and which waits those were. */
export function withoutLongestWaits(
  problem: Problem,
  orders: ReadonlySet<string>,
): { problem: Problem; waits: string[] } {
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  // What comes from a shared batch is the order's as well from where its own work begins.
  const theirs = (from: string, to: string) =>
    orders.has(steps.get(steps.get(from)!.order === null ? to : from)!.order ?? '');
  return lift(
    problem,
    problem.waits
      .filter(
        (w) => (w.max !== null || w.attended || w.sameItemAs) && steps.get(w.from)!.placed && theirs(w.from, w.to),
      )
      .map((w) => w.id),
  );
}
