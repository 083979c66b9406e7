import type { Plan } from '../core/planner/plan';
import type { Problem } from '../core/planner/problem';
import { readProblem } from '../core/planner/read-problem';
import { readyTimes, type ReadyTime } from '../core/planner/ready-times';
import { replan } from '../core/planner/replan';
import { solve, type Complaint } from '../core/planner/solve';

export interface PlanningRequest {
  problem: Problem;
  /** The plan to keep to as far as it goes; null for a fresh one. */
  old: Plan | null;
  /** Seconds that improvement may take. */
  seconds: number;
  /** Rounds of improvement at most. */
  rounds: number;
}

export type PlanningAnswer = { ok: true; plan: Plan; ready: ReadyTime[] } | { ok: false; problems: Complaint[] };

/** What a planner thread does with one request; `now` is a running clock in seconds. */
export function runPlanningJob(request: PlanningRequest, now: () => number): PlanningAnswer {
  const read = readProblem(request.problem);
  if (!read.ok) return read;
  const begun = now();
  const options = {
    seed: 1,
    rounds: request.rounds,
    stop: () => now() - begun >= request.seconds,
    seconds: () => now() - begun,
  };
  const solved = request.old ? replan(read.problem, request.old, options) : solve(read.problem, options);
  if (!solved.ok) return solved;
  return { ok: true, plan: solved.plan, ready: readyTimes(read.problem, solved.plan) };
}
