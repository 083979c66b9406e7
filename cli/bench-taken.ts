/**
 * Takes the cakes of the demo's Saturday one by one, as a counter does, and compares what that comes to with a plan that is made at once and with a
 * long search. See `cli/README.md`. Prints a table; nothing is written.
 */
import { parseArgs } from 'node:util';
import { seededRandom, shuffle } from '../src/core/planner/model/random';
import { replan } from '../src/core/planner/replanning/replan';
import { solve } from '../src/core/planner/solve';
import type { Plan } from '../src/core/planning-format/plan';
import type { Problem } from '../src/core/planning-format/problem';
import { improvement } from '../src/workers/improvement';
import { saturday } from './days/saturday';
import { wholeNumberList, wholeNumbers } from './whole-numbers';

const { values } = parseArgs({
  options: {
    cakes: { type: 'string', default: '20,30' },
    days: { type: 'string', default: '3' },
    seed: { type: 'string', default: '1' },
    /** Rounds of the first plan, of a plan again, of what goes on behind after each order, and of the long search. */
    first: { type: 'string', default: '600' },
    rounds: { type: 'string', default: '150' },
    behind: { type: 'string', default: '800' },
    long: { type: 'string', default: '20000' },
  },
});
const named = ['days', 'seed', 'first', 'rounds', 'behind', 'long'] as const;
const { days, seed, first, rounds, behind, long } = wholeNumbers(values, named);
const cakesOf = wholeNumberList(values.cakes, 'cakes');
const stop = () => false;

/** The problem of some of its orders alone; the demo's Saturday has no shared batches. */
function only(problem: Problem, orders: ReadonlySet<string>): Problem {
  const steps = problem.steps.filter((s) => orders.has(s.order!));
  const there = new Set(steps.map((s) => s.id));
  const waits = problem.waits.filter((w) => there.has(w.from) && there.has(w.to));
  const holds = problem.holds.filter((h) => there.has(h.from) && there.has(h.until));
  const routes = new Set([...steps, ...waits, ...holds].flatMap((x) => (x.when ? [x.when.route] : [])));
  return {
    ...{ ...problem, steps, waits, holds },
    orders: problem.orders.filter((o) => orders.has(o.id)),
    routes: problem.routes.filter((r) => routes.has(r.id)),
  };
}

function planned(problem: Problem, rounds: number): Plan {
  const made = solve(problem, { seed, rounds, stop });
  if (!made.ok) throw new Error(made.problems.map((p) => p.message).join('; '));
  return made.plan;
}

/** The plan after all orders were taken one by one, searched on behind for so many rounds after each. */
function takenOneByOne(problem: Problem, order: string[], behind: number): Plan {
  let plan: Plan | null = null;
  order.forEach((_, i) => {
    const now = only(problem, new Set(order.slice(0, i + 1)));
    const again = plan ? replan(now, plan, { seed, rounds, stop }) : null;
    if (again && !again.ok) throw new Error(again.problems.map((p) => p.message).join('; '));
    plan = again ? again.plan : planned(now, rounds);
    const limits = { seed: seed + i, rounds: behind, stopped: stop, over: stop };
    if (behind > 0) plan = improvement(now, null, { plan, waits: [] }, limits)?.plan ?? plan;
  });
  return plan!;
}

const lateIn = (problem: Problem, plan: Plan) => {
  const at = new Map(plan.steps.map((s) => [s.id, s.start]));
  return problem.orders.filter((o) => (at.get(o.collect) ?? Infinity) > o.pickup).length;
};

console.log('cakes day | late, cost: first plan | one by one | one by one, searched on behind | long search');
for (const cakes of cakesOf)
  for (let day = 1; day <= days; day++) {
    const problem = saturday(cakes, seed * 100 + day);
    const order = shuffle(
      problem.orders.map((o) => o.id),
      seededRandom(seed * 1000 + day),
    );
    const plans = [
      planned(problem, first),
      takenOneByOne(problem, order, 0),
      takenOneByOne(problem, order, behind),
      planned(problem, long),
    ];
    const told = plans.map((plan) => `${lateIn(problem, plan)}, ${Math.round(plan.score.cost)}`);
    console.log([`${cakes} ${day}`, ...told].join(' | '));
  }
