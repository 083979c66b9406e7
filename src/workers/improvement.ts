import { movedRungs } from '../core/plan-reading/moved-rungs';
import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import { readyTimes, type ReadyTime } from '../core/planner/answers/ready-times';
import type { SearchOptions } from '../core/planner/model/search-options';
import { replan } from '../core/planner/replanning/replan';
import type { Margins } from '../core/situation/free-minutes';
import type { Concessions, PlanBefore } from '../core/situation/give-way';
import { planToHold, type Wanted } from '../core/situation/plan-to-hold';
import type { ToHold } from '../core/situation/problem-of';

/** A better plan, and what it changes. */
export interface Improved {
  plan: Plan;
  ready: ReadyTime[];
  given: Concessions;
  margins: Margins;
  /** Rungs that begin at another time. */
  moved: number;
  /** Minutes, of all orders together and by their weights, that they are less late. */
  savedLate: number;
  /** Cakes of a hundred that are late less often, where the kitchen does not plan lean; else 0. */
  fewerLate: number;
}

/** So much cheaper a plan must be to be told at all, and so much more for each rung that moves. In the cost of a plan. */
const WORTH = { atLeast: 5, aRung: 0.2 };
/** Rounds between two times that a plan is lived through. */
const ROUNDS_A_LAP = 200;

interface Limits {
  seed: number;
  rounds: number;
  /** As in `SearchOptions`: a plan that has been searched on already is to be left by other ways. */
  begins?: SearchOptions['begins'];
  stopped: () => boolean;
  over: () => boolean;
}

/** Thrown out of the search where somebody is waiting for another plan. */
class GivenUp extends Error {}

/**
 * Searches for a plan that is better than one that still stands, under the prices of moving what lies near. Null where none is found that is
 * worth its moves. Once its time is over it keeps the best that it has; stopped, it gives that up at once: somebody is waiting for another plan.
 */
export function improvement(
  problem: Problem,
  hold: ToHold | null,
  before: PlanBefore,
  { stopped, over, ...limits }: Limits,
): Improved | null {
  const look = () => {
    if (stopped()) throw new GivenUp();
    return over();
  };
  try {
    return searchedOn({ problem, hold, before }, limits, look);
  } catch (error) {
    if (error instanceof GivenUp) return null;
    throw error;
  }
}

function searchedOn(
  wanted: Omit<Wanted, 'laps' | 'stop'> & { before: PlanBefore },
  { seed, rounds, begins }: Omit<Limits, 'stopped' | 'over'>,
  stop: () => boolean,
): Improved | null {
  const { problem, hold, before } = wanted;
  const stands = planToHold({ ...wanted, laps: 0, stop }, (p, from) =>
    replan(p, from!, { seed, rounds: 0, stop, look: stop }),
  );
  const laps = hold ? Math.floor(rounds / ROUNDS_A_LAP) : 0;
  const found = planToHold({ ...wanted, laps, stop }, (p, from, lap) =>
    replan(p, from!, {
      ...{ seed: seed + lap, rounds: hold ? ROUNDS_A_LAP : rounds },
      ...{ thorough: true, freely: true, stop, look: stop },
      ...(begins ? { begins } : {}),
    }),
  );
  if (!stands.solved.ok || !found.solved.ok) return null;
  const { plan } = found.solved;
  const moved = movedRungs(problem, before.plan, plan);
  if (stands.worth - found.worth < WORTH.atLeast + WORTH.aRung * moved) return null;
  return {
    ...{ plan, moved, given: found.given, margins: found.margins, ready: readyTimes(found.given.problem, plan, stop) },
    savedLate: Math.round(stands.solved.plan.score.lateness - plan.score.lateness),
    fewerLate: Math.round(100 * (stands.late - found.late)),
  };
}
