import { blockersOf, type Blockers } from '../core/planner/answers/blockers';
import { capacityFor, type Capacity } from '../core/planner/answers/capacity';
import { explainOrder, type Link } from '../core/planner/answers/explain-order';
import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import { readProblem } from '../core/planning-format/read-problem';
import { readyTimes, type ReadyTime } from '../core/planner/answers/ready-times';
import { replan } from '../core/planner/replanning/replan';
import { simulate, type SimulateOptions, type Simulation } from '../core/planner/answers/simulate';
import { solve } from '../core/planner/solve';
import { planGivingWay, type Concessions, type PlanBefore } from '../core/situation/give-way';
import { improvement, type Improved } from './improvement';
import type { Complaint } from '../core/planning-format/complaint';

export interface PlanningRequest {
  problem: Problem;
  /** The plan to keep to as far as it goes, with the waits that were given up for it; null for a fresh one. */
  before: PlanBefore | null;
  /** Seconds that improvement may take, each time that something has to be given up. */
  seconds: number;
  /** Somebody waits for the best that can be found: late orders ask their neighbours, whatever they are late for. */
  thorough?: boolean;
  /** What lies far ahead moves without a price: the kitchen itself has changed, and not only what happened in it. */
  freely?: boolean;
  /** Rounds of improvement at most. */
  rounds: number;
}

/** A plan of the problem that `given` names, with what was given up of what was wanted; or why there is none. */
export type PlanningAnswer =
  { ok: true; plan: Plan; ready: ReadyTime[]; given: Concessions } | { ok: false; problems: Complaint[] };

/** What a planner thread does with one request; `now` is a running clock in seconds. */
export function runPlanningJob(request: PlanningRequest, now: () => number): PlanningAnswer {
  const read = readProblem(request.problem);
  if (!read.ok) return read;
  const { seconds, rounds, before, thorough = false, freely = false } = request;
  const { solved, given } = planGivingWay(read.problem, before, (problem) => {
    const begun = now();
    const options = {
      ...{ seed: 1, rounds, thorough, freely },
      ...{ stop: () => now() - begun >= seconds, seconds: () => now() - begun },
    };
    return before ? replan(problem, before.plan, options) : solve(problem, options);
  });
  if (!solved.ok) return solved;
  return { ok: true, plan: solved.plan, ready: readyTimes(given.problem, solved.plan), given };
}

/** What can be asked of a plan beside a new one. */
export interface Questions {
  /** Does one more order fit? Answers within `seconds`, as well as it can by then. */
  capacity: { ask: { problem: Problem; old: Plan; order: string; seconds: number }; answer: Capacity };
  /** How often each order is ready. */
  chances: { ask: { problem: Problem; plan: Plan; runs: number } & SimulateOptions; answer: Simulation };
  /** Is there a better plan that is worth its moves? Given up as soon as the first number of `stop` is not 0. */
  improve: {
    ask: {
      problem: Problem;
      before: PlanBefore;
      seed: number;
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
      return simulate(q.problem, q.plan, q.runs, 1, q);
    case 'improve': {
      const begun = now();
      const stop = new Int32Array(q.stop);
      const stopped = () => Atomics.load(stop, 0) !== 0;
      return improvement(q.problem, q.before, { ...q, stopped, over: () => now() - begun >= q.seconds });
    }
    case 'why':
      return {
        blockers: blockersOf(q.problem, q.plan, q.order),
        chain: explainOrder(q.problem, q.plan, q.order),
      };
  }
}
