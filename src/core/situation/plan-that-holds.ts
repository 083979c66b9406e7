import { simulate } from '../planner/answers/simulate';
import type { Habit } from '../planner/dispatch/earliest-times';
import type { Solved } from '../planner/solve';
import type { Plan } from '../planning-format/plan';
import { readingOf } from '../plan-reading/plan-reading';
import { missingWishes } from '../plan-reading/missing-wishes';
import type { Problem } from '../planning-format/problem';
import { withFreeMinutes, type Margins } from './free-minutes';
import type { Slack } from './with-slack';

/** How a kitchen wants its plans to hold, and what is known for it. */
export interface Holding {
  slack: Exclude<Slack, 'lean'>;
  margins: Margins;
  paces: Record<string, number[]>;
  begins: Habit;
}

/** What a kitchen gives for holding: the cost of a cake that is late for sure, in that of a plan; and with what share of late days a cake is left as it is. */
const AIM: Readonly<Record<Holding['slack'], { price: number; tooOften: number; seldom: number }>> = {
  usual: { price: 300, tooOften: 0.03, seldom: 0.005 },
  safe: { price: 5000, tooOften: 0.004, seldom: 0.001 },
};
/** Days that each plan is lived through: the same ones for every plan, so that plans differ and not days. */
const DAYS = 250;
/** What is kept free changes by these factors: a cake that is late on many days needs more at once. */
const MUCH_MORE = 1.6;
const MORE = 1.25;
const LESS = 0.9;
const [LEAST_MARGIN, MOST_MARGIN] = [0.3, 3];

/** A plan with what it keeps free, and what it is worth by the days it was lived through: lower is better. */
export interface Held {
  plan: Plan;
  /** The problem that it solves, with what is kept free. */
  problem: Problem;
  margins: Margins;
  cost: number;
  /** Share of the days on which it was ready, for each order of the problem, and 0 for what is left out. */
  ready: Map<string, number>;
}

/** Lives a plan through, and says what it is worth: its cost without what is kept free, and the price of each cake by how often it is late. */
function held(
  tight: Problem,
  problem: Problem,
  plan: Plan,
  holding: Holding,
  margins: Margins,
  stop: () => boolean,
): Held {
  const { paces, begins, slack } = holding;
  const days = simulate(problem, plan, DAYS, 1, { paces, begins, stop });
  const ready = new Map(problem.orders.map((o) => [o.id, 0]));
  for (const o of days.orders) ready.set(o.order, o.chance);
  const wishes = missingWishes({ problem, plan }) - missingWishes({ problem: tight, plan });
  const late = problem.orders.reduce((sum, o) => sum + o.weight * (1 - ready.get(o.id)!), 0);
  return { plan, problem, margins, ready, cost: plan.score.cost - wishes + AIM[slack].price * late };
}

/**
 * Plans, lives the plan through, and plans again with more minutes kept free before what was late too often, and fewer before what hardly ever
 * is: so the minutes come to lie where the days need them, and parts need be no older than that. The best plan on the way counts.
 *
 * @param tight the problem without minutes that are kept free
 * @param planLap plans a problem, from the plan of the lap before where there is one
 * @param goesOn asked before each further lap
 * @param stop asked between the days that are lived through: what has been lived by then has to do
 */
export function planThatHolds(
  tight: Problem,
  holding: Holding,
  planLap: (problem: Problem, from: Plan | null, lap: number) => Solved,
  goesOn: (lap: number) => boolean,
  stop: () => boolean = () => false,
): Exclude<Solved, { ok: true }> | ({ ok: true } & Held) {
  let best: Held | null = null;
  let { margins } = holding;
  let from: Plan | null = null;
  for (let lap = 0; lap === 0 || goesOn(lap); lap++) {
    const problem = withFreeMinutes(tight, margins, holding.paces);
    const solved = planLap(problem, from, lap);
    if (!solved.ok) {
      if (best) break;
      return solved;
    }
    from = solved.plan;
    const now = held(tight, problem, from, holding, margins, stop);
    if (!best || now.cost < best.cost) best = now;
    margins = shifted(now, AIM[holding.slack]);
  }
  return { ok: true, ...best! };
}

/** What is kept free next, by how often each order was ready. An order that its plan has late is not helped by minutes before it leaves. */
function shifted(
  { plan, problem, margins, ready }: Held,
  { tooOften, seldom }: { tooOften: number; seldom: number },
): Margins {
  const reading = readingOf({ problem, plan });
  return Object.fromEntries(
    [...ready].map(([order, chance]) => {
      if (reading.minutesLate(order) !== 0) return [order, margins[order] ?? 1];
      const late = 1 - chance;
      const by = late > 3 * tooOften ? MUCH_MORE : late > tooOften ? MORE : late < seldom ? LESS : 1;
      return [order, Math.min(MOST_MARGIN, Math.max(LEAST_MARGIN, (margins[order] ?? 1) * by))];
    }),
  );
}
