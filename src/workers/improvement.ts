import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import { readyTimes, type ReadyTime } from '../core/planner/answers/ready-times';
import { replan } from '../core/planner/replanning/replan';
import { planGivingWay, type Concessions, type PlanBefore } from '../core/situation/give-way';

/** A better plan, and what it changes. */
export interface Improved {
  plan: Plan;
  ready: ReadyTime[];
  given: Concessions;
  /** Rungs that begin at another time. */
  moved: number;
  /** Minutes, of all orders together and by their weights, that they are less late. */
  savedLate: number;
}

/** So much cheaper a plan must be to be told at all, and so much more for each rung that moves. In the cost of a plan. */
const WORTH = { atLeast: 5, aRung: 0.2 };

/**
 * Searches for a plan that is better than one that still stands, under the prices of moving what lies near. Null where none is found that is
 * worth its moves. Once its time is over it keeps the best that it has; stopped, it gives that up: somebody is waiting for another plan.
 */
export function improvement(
  problem: Problem,
  before: PlanBefore,
  { seed, rounds, stopped, over }: { seed: number; rounds: number; stopped: () => boolean; over: () => boolean },
): Improved | null {
  const stands = planGivingWay(problem, before, (p) => replan(p, before.plan, { seed, rounds: 0, stop: stopped }));
  if (!stands.solved.ok || stopped()) return null;
  let moved = 0;
  const found = planGivingWay(problem, before, (p) => {
    const stop = () => stopped() || over();
    const again = replan(p, before.plan, { seed, rounds, thorough: true, freely: true, stop });
    if (again.ok) moved = again.moved;
    return again;
  });
  if (!found.solved.ok || stopped()) return null;
  const { plan } = found.solved;
  const [was, is] = [stands.solved.plan.score, plan.score];
  if (was.cost - is.cost < WORTH.atLeast + WORTH.aRung * moved) return null;
  return {
    ...{ plan, moved, given: found.given, ready: readyTimes(found.given.problem, plan) },
    savedLate: Math.round(was.lateness - is.lateness),
  };
}
