import type { Solved } from '../planner/solve';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import type { Margins } from './free-minutes';
import { planGivingWay, type Concessions, type PlanBefore } from './give-way';
import { planThatHolds, type Held } from './plan-that-holds';
import type { ToHold } from './problem-of';

export interface Wanted {
  problem: Problem;
  /** How it is to hold; null where the kitchen plans lean. */
  hold: ToHold | null;
  before: PlanBefore | null;
  /** How often, after the first time, what is kept free is shifted and it is planned again; null where plans are not lived through at all. */
  laps: number | null;
  /** Asked before each further lap, and between the days that are lived through. */
  stop: () => boolean;
}

export interface PlannedToHold {
  solved: Solved;
  given: Concessions;
  margins: Margins;
  /** What the plan is worth, lower is better: its cost, and where it was lived through the price of what is late in those days. */
  worth: number;
  /** Share of all cakes that are late in them; 0 where none were lived. */
  late: number;
}

/**
 * Plans so that nothing that was begun falls out of the plan (`planGivingWay`), and so that it holds, where the kitchen wants that
 * (`planThatHolds`).
 *
 * @param planLap plans a problem; `from` is the plan before, or that of the lap before
 */
export function planToHold(
  { problem, hold, before, laps, stop }: Wanted,
  planLap: (problem: Problem, from: Plan | null, lap: number) => Solved,
): PlannedToHold {
  const first = before?.plan ?? null;
  if (!hold || laps === null) {
    const planned = planGivingWay(problem, before, (p) => planLap(p, first, 0));
    return { ...planned, margins: hold?.margins ?? {}, worth: costOf(planned.solved), late: 0 };
  }
  let last: Held | null = null;
  const { solved, given } = planGivingWay(hold.tight, before, (tight) => {
    const planned = planThatHolds(
      tight,
      hold,
      (p, from, lap) => planLap(p, from ?? first, lap),
      (lap) => lap <= laps && !stop(),
      stop,
    );
    if (planned.ok) last = planned;
    return planned;
  });
  if (!solved.ok) return { solved, given, margins: hold.margins, worth: Infinity, late: 0 };
  const held = last as Held | null;
  return {
    ...{ solved, given: { ...given, problem: held!.problem }, margins: held!.margins, worth: held!.cost },
    late: lateShare(held!),
  };
}

const costOf = (solved: Solved) => (solved.ok ? solved.plan.score.cost : Infinity);

function lateShare({ ready }: Held): number {
  let late = 0;
  for (const chance of ready.values()) late += 1 - chance;
  return late / Math.max(1, ready.size);
}
