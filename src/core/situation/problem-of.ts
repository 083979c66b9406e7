import { orderId } from '../ids/ids';
import type { Problem } from '../planning-format/problem';
import { minuteOf } from '../time/clock';
import { makeProblem } from './make-problem';
import type { Situation } from './situation';
import { slackOf, withSlack } from './with-slack';
import { withWorkAhead, workAheadOf } from './work-ahead';
import { withFloor } from './with-floor';
import { withAdjustments } from './with-adjustments';

/**
 * The planning problem of a situation, with the kitchen's slack, the facts of the floor, what had rather be made ahead, and the lead's adjustments
 * in it. `stood` names the waits that were lifted because they had been overstepped already, `lapsed` the steps whose pin or giving can hold no more.
 */
export function problemOf(situation: Situation): { problem: Problem; stood: string[]; lapsed: string[] } {
  const { kitchen, orders, breakdowns, minute } = situation;
  const planned = orders.map((o) => ({
    id: orderId(o.id),
    name: o.title,
    pickup: minuteOf(o.pickup, kitchen.clock),
    weight: o.weight,
    breakdown: breakdowns.get(o.id)!,
  }));
  const made = makeProblem(
    planned,
    kitchen.team,
    kitchen.equipment,
    kitchen.clock,
    minute,
    situation.shared,
    kitchen.calendar,
  );
  const { choices, coefficients } = kitchen.library;
  const floor = withFloor(withSlack(made, slackOf(choices), situation.paces), situation.states);
  const problem = withWorkAhead(floor.problem, workAheadOf(choices), coefficients.lastHours);
  return { ...withAdjustments(problem, situation.adjustments), stood: floor.stood };
}
