import { valueAt } from '../ids/value-at';
import { lengthOf, type Problem, type Step, type Wait } from '../planning-format/problem';
import { paceAt } from '../records/pace';
import { minutesAt } from '../time/minutes';

/** How many times the minutes that are reckoned here are kept free before an order leaves, by its id; once where nothing is said. */
export type Margins = Readonly<Record<string, number>>;

/** What a step may run over is reckoned up to the minutes that are enough in so large a share of all cases. */
const WORST_SHARE = 0.95;

/** What each minute costs that is not kept free: much more than age, much less than a late minute. */
const COST_OF_MISSING = 1;

/**
 * The problem in which minutes had rather be kept free before each hand-over: as many as the steps that lead to it may run over together, along the
 * chain where that is most. What runs over by itself does not all run over on one day, so it is the root of the sum of squares (the buffer by root square
 * error of critical chain scheduling: Newbold, Project Management in the Fast Lane, 1998). Waits that have no room for it keep what they have, and what is
 * wished for more is not wished for less.
 *
 * @param paces by the name of a step, how long such steps took here as parts of their likely minutes, sorted; where that is known, it counts instead of
 *   low and high
 */
export function withFreeMinutes(problem: Problem, margins: Margins, paces: Record<string, number[]> = {}): Problem {
  const free = freeMinutes(problem, paces);
  const of = new Map(
    problem.orders.map((o) => [o.collect, Math.round((margins[o.id] ?? 1) * (free.get(o.collect) ?? 0))]),
  );
  return { ...problem, waits: problem.waits.map((w) => sparing(w, of.get(w.to) ?? 0)) };
}

/** By the hand-over of each order, what the steps that lead to it may run over together. Minutes. */
export function freeMinutes(problem: Problem, paces: Record<string, number[]> = {}): Map<string, number> {
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  const into = new Map<string, Wait[]>();
  for (const w of problem.waits) into.set(w.to, [...(into.get(w.to) ?? []), w]);
  const squares = new Map<string, number>();
  const most = (id: string): number => {
    const known = squares.get(id);
    if (known !== undefined) return known;
    // The lag network has no cycle but through longest waits, which are on the same edge: a step is never before itself.
    const before = Math.max(0, ...(into.get(id) ?? []).map((w) => most(w.from)));
    const all = before + overrun(steps.get(id)!, paces) ** 2;
    squares.set(id, all);
    return all;
  };
  return new Map(problem.orders.map((o) => [o.collect, Math.sqrt(most(o.collect))]));
}

/** What a step may still run over its planned minutes. */
function overrun(step: Step, paces: Record<string, number[]>): number {
  if (step.work === 'collect' || step.placed?.state === 'done') return 0;
  const known = valueAt(paces, step.name);
  const worst = known ? step.minutes.likely * paceAt(known, WORST_SHARE) : minutesAt(step.minutes, WORST_SHARE);
  return Math.max(0, worst - lengthOf(step));
}

/** The wait with a wish for so many minutes more than its shortest, as far as its longest lets it. */
function sparing(wait: Wait, minutes: number): Wait {
  const least = Math.min(wait.max ?? Infinity, wait.min + minutes);
  if (least <= (wait.wish?.least ?? wait.min)) return wait;
  return { ...wait, wish: { least, cost: Math.max(COST_OF_MISSING, wait.wish?.cost ?? 0) } };
}
