import { readingOf } from '../plan-reading/plan-reading';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import type { ReadyTime } from '../planner/answers/ready-times';
import type { StepState } from './floor-state';
import { openSteps } from './open-steps';

/** How an order stands. All in minutes. */
export type OrderStatus =
  | { state: 'ready' }
  | { state: 'holds' | 'tight'; spare: number | null }
  | { state: 'misses'; late: number; reason: string | null };

/**
 * Ready when all its work is done; else it misses if the plan hands it over late or leaves it out; else what it has to
 * spare is the time between the earliest it could stand ready and its pickup, and less than `tightBelow` is tight.
 */
export function orderStatus(
  problem: Problem,
  plan: Plan,
  ready: ReadyTime[],
  states: ReadonlyMap<string, StepState>,
  order: string,
  tightBelow: number,
): OrderStatus {
  const reading = readingOf({ problem, plan });
  const { pickup } = reading.order(order)!;
  if (openSteps(problem, plan, states, order).length === 0) return { state: 'ready' };
  const earliest = ready.find((r) => r.order === order)?.ready ?? null;
  const out = plan.unplaced.find((u) => u.order === order);
  if (out) return { state: 'misses', late: earliest === null ? 0 : Math.max(0, earliest - pickup), reason: out.reason };
  const late = reading.minutesLate(order) ?? 0;
  if (late > 0) return { state: 'misses', late, reason: null };
  const spare = earliest === null ? null : pickup - earliest;
  return { state: spare !== null && spare < tightBelow ? 'tight' : 'holds', spare };
}
