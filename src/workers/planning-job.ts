import { blockersOf, type Blockers } from '../core/planner/answers/blockers';
import { capacityFor, type Capacity } from '../core/planner/answers/capacity';
import { explainOrder, type Link } from '../core/planner/answers/explain-order';
import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import { readProblem } from '../core/planning-format/read-problem';
import { readyTimes, type ReadyTime } from '../core/planner/answers/ready-times';
import type { SearchOptions } from '../core/planner/model/search-options';
import { replan } from '../core/planner/replanning/replan';
import { simulate, type SimulateOptions, type Simulation } from '../core/planner/answers/simulate';
import { solve } from '../core/planner/solve';
import type { OrderId } from '../core/ids/ids';
import { costOf } from '../core/planning-format/plan';
import { planToHold, type PlannedToHold } from '../core/situation/plan-to-hold';
import type { Margins } from '../core/situation/free-minutes';
import type { ToHold } from '../core/situation/problem-of';
import type { Concessions, PlanBefore } from '../core/situation/give-way';
import { improvement, type Improved } from './improvement';
import type { Complaint } from '../core/planning-format/complaint';

export interface PlanningRequest {
  problem: Problem;
  /** How it is to hold: where there are the rounds for it, minutes are kept free where days that are lived through need them. */
  hold?: ToHold | null;
  /** The plan to keep to as far as it goes, with the waits that were given up for it; null for a fresh one. */
  before: PlanBefore | null;
  /** Seconds that improvement may take, each time that something has to be given up. */
  seconds: number;
  /** Seconds that are enough where nothing is later than it was; else as many as `seconds`. */
  enough?: number;
  /** Somebody waits for the best that can be found: late orders ask their neighbours, whatever they are late for. */
  thorough?: boolean;
  /** What lies far ahead moves without a price: the kitchen itself has changed, and not only what happened in it. */
  freely?: boolean;
  /** Rounds of improvement at most. */
  rounds: number;
  /**
   * Orders that have been changed: where keeping them where they were makes something late, they are also placed as new ones are, and the better of the
   * two is taken.
   */
  anew?: readonly OrderId[];
}

/** A plan of the problem that `given` names, with what was given up of what was wanted; or why there is none. */
export type PlanningAnswer =
  | { ok: true; plan: Plan; ready: ReadyTime[]; given: Concessions; margins: Margins }
  | { ok: false; problems: Complaint[] };

/** Rounds between two times that a plan is lived through. */
const ROUNDS_A_LAP = 150;

/** What a planner thread does with one request; `now` is a running clock in seconds. */
export function runPlanningJob(request: PlanningRequest, now: () => number): PlanningAnswer {
  const read = readProblem(request.problem);
  if (!read.ok) return read;
  const { before, anew = [] } = request;
  const kept = planFrom(read.problem, request, before, now);
  const best =
    before && anew.length > 0 && pinches(kept, before)
      ? better(kept, planFrom(read.problem, request, without(before, read.problem, anew), now))
      : kept;
  const { solved, given, margins } = best;
  if (!solved.ok) return solved;
  return { ok: true, plan: solved.plan, ready: readyTimes(given.problem, solved.plan), given, margins };
}

/** Something is later, or left out, that was not. */
const pinches = ({ solved }: PlannedToHold, { plan }: PlanBefore) =>
  !solved.ok || solved.plan.score.unplaced > plan.score.unplaced || solved.plan.score.lateness > plan.score.lateness;

/** The first, unless less is left out or late in the other. */
function better(first: PlannedToHold, other: PlannedToHold): PlannedToHold {
  if (!first.solved.ok || !other.solved.ok) return first.solved.ok ? first : other;
  const worth = ({ unplaced, lateness }: Plan['score']) => costOf(unplaced, lateness, 0);
  return worth(other.solved.plan.score) < worth(first.solved.plan.score) ? other : first;
}

/** A plan that has never heard of some orders: they are placed as new ones are. */
function without({ plan, waits }: PlanBefore, problem: Problem, orders: readonly string[]): PlanBefore {
  const own = new Set(problem.steps.filter((s) => s.order !== null && orders.includes(s.order)).map((s) => s.id));
  return { plan: { ...plan, steps: plan.steps.filter((s) => !own.has(s.id)) }, waits };
}

function planFrom(problem: Problem, request: PlanningRequest, before: PlanBefore | null, now: () => number) {
  const { hold = null, seconds, rounds, thorough = false, freely = false, enough } = request;
  let begun = now();
  const stop = () => now() - begun >= seconds;
  // Half of the rounds for a plan, the others for what the days say of it.
  const laps = hold ? Math.floor(rounds / 2 / ROUNDS_A_LAP) : 0;
  return planToHold({ problem, hold, before, laps: laps > 0 ? laps : null, stop }, (wanted, from, lap) => {
    // Each time that something has to be given up it begins anew.
    if (lap === 0) begun = now();
    const options = {
      ...{ seed: 1 + lap, rounds: lap > 0 ? ROUNDS_A_LAP : rounds - laps * ROUNDS_A_LAP, thorough, freely },
      ...{ stop, seconds: () => now() - begun },
      enough: enough === undefined ? undefined : () => stop() || now() - begun >= enough,
    };
    return from ? replan(wanted, from, options) : solve(wanted, options);
  });
}

/** What can be asked of a plan beside a new one. */
export interface Questions {
  /** Does one more order fit? Answers within `seconds`, as well as it can by then. */
  capacity: { ask: { problem: Problem; old: Plan; order: string; seconds: number }; answer: Capacity };
  /** How often each order is ready; by the few days lived through where the first number of `stop` is not 0 any more. */
  chances: {
    ask: { problem: Problem; plan: Plan; runs: number; stop?: SharedArrayBuffer } & Omit<SimulateOptions, 'stop'>;
    answer: Simulation;
  };
  /** Is there a better plan that is worth its moves? Given up as soon as the first number of `stop` is not 0. */
  improve: {
    ask: {
      problem: Problem;
      hold: ToHold | null;
      before: PlanBefore;
      seed: number;
      begins?: SearchOptions['begins'];
      rounds: number;
      seconds: number;
      stop: SharedArrayBuffer;
    };
    answer: Improved | null;
  };
  why: {
    ask: { problem: Problem; plan: Plan; order: string };
    answer: { blockers: Blockers; chain: Link[] | null };
  };
}

export type Question = { [K in keyof Questions]: { about: K } & Questions[K]['ask'] }[keyof Questions];

/** What a thread does with a question; `now` is a running clock in seconds. */
export function answerQuestion(q: Question, now: () => number): Questions[keyof Questions]['answer'] {
  switch (q.about) {
    case 'capacity': {
      const begun = now();
      return capacityFor(q.problem, q.old, q.order, () => now() - begun >= q.seconds);
    }
    case 'chances':
      return simulate(q.problem, q.plan, q.runs, 1, { ...q, stop: q.stop ? stoppedBy(q.stop) : () => false });
    case 'improve': {
      const begun = now();
      return improvement(q.problem, q.hold, q.before, {
        ...q,
        stopped: stoppedBy(q.stop),
        over: () => now() - begun >= q.seconds,
      });
    }
    case 'why':
      return {
        blockers: blockersOf(q.problem, q.plan, q.order),
        chain: explainOrder(q.problem, q.plan, q.order),
      };
  }
}

/** Has whoever shares this memory said that nobody wants to know any more? */
function stoppedBy(memory: SharedArrayBuffer): () => boolean {
  const stop = new Int32Array(memory);
  return () => Atomics.load(stop, 0) !== 0;
}
