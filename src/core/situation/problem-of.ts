import { orderId } from '../ids/ids';
import type { Problem } from '../planning-format/problem';
import { minuteOf } from '../time/clock';
import { makeProblem } from './make-problem';
import type { Situation } from './situation';
import { withFreeMinutes } from './free-minutes';
import type { Holding } from './plan-that-holds';
import { slackOf, withSlack } from './with-slack';
import { withWorkAhead, workAheadOf } from './work-ahead';
import { withBufferUsed } from './with-buffer-used';
import { withFloor } from './with-floor';
import { withKitchen } from './with-kitchen';
import { withAdjustments } from './with-adjustments';

/** A problem that is to be planned so that it holds, without the minutes that are kept free for it. */
export interface ToHold extends Holding {
  tight: Problem;
}

export interface SituationProblem {
  problem: Problem;
  /** How it is to hold; null where the kitchen plans lean. */
  hold: ToHold | null;
  /** Waits that were lifted because they had been overstepped already. */
  stood: string[];
  /** Steps whose pin or giving can hold no more. */
  lapsed: string[];
}

/**
 * The planning problem of a situation, with the kitchen's slack, the facts of the floor, the minutes before a hand-over that they use up, what had rather be made ahead, the lead's adjustments, and what is
 * kept free before orders leave in it.
 */
export function problemOf(situation: Situation): SituationProblem {
  const { kitchen, orders, breakdowns, minute } = situation;
  const planned = orders.map((o) => ({
    id: orderId(o.id),
    name: o.title,
    pickup: minuteOf(o.pickup, kitchen.clock),
    weight: o.weight,
    breakdown: breakdowns.get(o.id)!,
  }));
  const { team, equipment, clock, calendar } = kitchen;
  const made = withKitchen(makeProblem(planned, team, equipment, clock, minute, situation.shared, calendar), kitchen);
  const { choices, coefficients } = kitchen.library;
  const slack = slackOf(choices);
  const { paces, margins, begins } = situation;
  const floor = withFloor(withSlack(made, slack, paces), situation.states);
  const used = withBufferUsed(floor.problem, coefficients.readyBefore);
  const ahead = withWorkAhead(used, workAheadOf(choices), coefficients.lastHours);
  const { problem: tight, lapsed } = withAdjustments(ahead, situation.adjustments);
  const rest = { stood: floor.stood, lapsed };
  if (slack === 'lean') return { problem: tight, hold: null, ...rest };
  const hold: ToHold = { tight, slack, margins, paces, begins };
  return { problem: withFreeMinutes(tight, margins, paces), hold, ...rest };
}
