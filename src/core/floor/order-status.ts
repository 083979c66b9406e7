import { say } from '../words/say';
import { readingOf, type PlannedProblem } from '../plan-reading/plan-reading';
import type { ReadyTime } from '../planner/answers/ready-times';
import type { StepState } from './floor-state';
import { openSteps } from './open-steps';
import { standingOf, type Standing } from './standing';
import { durationText } from '../time/duration-text';

/** How an order stands. All in minutes. */
export type OrderStatus =
  | { state: 'ready' }
  | { state: 'holds' | 'tight'; spare: number | null; overdue: Standing['overdue'] }
  | { state: 'misses'; late: number; reason: string | null };

/** What is begun so much later than it was planned is told. Minutes. */
const OVERDUE = 5;

/**
 * Ready when all its work is done; else it misses if the plan hands it over late or leaves it out, or if what is open cannot be done in time
 * any more; else what it has to spare is the time between the earliest it could stand ready and its pickup, and less than `tightBelow` is
 * tight, as is an order of which something is overdue. All of it at this minute, though the plan is older.
 */
export function orderStatus(
  { problem, plan, ready }: PlannedProblem & { ready: ReadyTime[] },
  states: ReadonlyMap<string, StepState>,
  order: string,
  { tightBelow, minute }: { tightBelow: number; minute: number },
): OrderStatus {
  const reading = readingOf({ problem, plan });
  const { pickup } = reading.order(order)!;
  if (openSteps(problem, plan, states, order).length === 0) return { state: 'ready' };
  const earliest = ready.find((r) => r.order === order)?.ready ?? null;
  const out = plan.unplaced.find((u) => u.order === order);
  if (out) return { state: 'misses', late: earliest === null ? 0 : Math.max(0, earliest - pickup), reason: out.reason };
  const standing = standingOf({ problem, plan }, states, order, minute);
  const late = Math.max(reading.minutesLate(order) ?? 0, (standing?.handOver ?? 0) - pickup);
  const overdue = standing?.overdue && standing.overdue.minutes >= OVERDUE ? standing.overdue : null;
  if (late > 0) {
    const reason = overdue ? say`“${overdue.step}” is ${durationText(overdue.minutes)} overdue` : null;
    return { state: 'misses', late, reason };
  }
  // The plan is one way to have it ready, whatever another search found: what is to spare is never less than nothing.
  const soonest = earliest === null || !standing ? earliest : Math.min(earliest, standing.handOver);
  const spare = soonest === null ? null : pickup - Math.max(soonest, standing?.earliest ?? soonest);
  return { state: overdue || (spare !== null && spare < tightBelow) ? 'tight' : 'holds', spare, overdue };
}
