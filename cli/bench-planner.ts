/**
 * Measures the planner on generated kitchens. See `cli/README.md`.
 * Prints a table; nothing is written: figures go into documents by hand, after they were looked at.
 */
import { parseArgs } from 'node:util';
import { lowerBound } from '../src/core/planner/bounds/bound';
import { compile } from '../src/core/planner/model/model';
import type { Plan } from '../src/core/planning-format/plan';
import type { Problem } from '../src/core/planning-format/problem';
import { replan } from '../src/core/planner/replanning/replan';
import { simulate } from '../src/core/planner/answers/simulate';
import { solve } from '../src/core/planner/solve';
import { generateProblem } from '../src/core/planner/testing/generate';
import { slip } from '../src/core/planner/testing/slip';

const { values } = parseArgs({
  options: {
    sizes: { type: 'string', default: '5,10,20,40,80,160' },
    seconds: { type: 'string', default: '1,5,20' },
    seed: { type: 'string', default: '1' },
  },
});
const numbers = (list: string) => list.split(',').map(Number);
const marks = numbers(values.seconds);
const seed = Number(values.seed);
const clock = () => performance.now() / 1000;
const round = (x: number, places = 1) => Number(x.toFixed(places));

/** Solves once, and notes the best cost at each mark. */
function measure(problem: Problem) {
  const begun = clock();
  let first: number | null = null;
  let best = Infinity;
  const costs: number[] = [];
  const note = () => {
    while (costs.length < marks.length && clock() - begun >= marks[costs.length]!) costs.push(best);
  };
  const solved = solve(problem, {
    seed,
    progress: (cost) => {
      first ??= clock() - begun;
      note();
      best = cost;
    },
    stop: () => {
      note();
      return clock() - begun >= marks.at(-1)!;
    },
  });
  if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join('; '));
  while (costs.length < marks.length) costs.push(solved.plan.score.cost);
  return { first: first ?? clock() - begun, costs, plan: solved.plan };
}

/** A step of somebody's morning runs over: how long planning again takes, and what moves. */
function afterSlip(problem: Problem, plan: Plan) {
  const hands = plan.steps.filter((s) => s.people.length > 0).sort((a, b) => a.start - b.start);
  const slipped = slip(problem, plan, hands[Math.floor(hands.length / 3)]!);
  const begun = clock();
  const again = replan(slipped, plan, { seed, rounds: 0, stop: () => false });
  return { milliseconds: (clock() - begun) * 1000, moved: again.ok ? (again.moved ?? 0) : NaN };
}

console.table(
  numbers(values.sizes).map((cakes) => {
    const problem = generateProblem({ cakes, seed });
    const memory = () => process.memoryUsage().heapUsed / 1e6;
    const { first, costs, plan } = measure(problem);
    const used = memory();
    const bound = lowerBound(compile(problem));
    const cost = plan.score.cost;
    const re = afterSlip(problem, plan);
    const lived = clock();
    simulate(problem, plan, 1000, seed);
    const simulated = clock() - lived;
    return {
      cakes,
      steps: problem.steps.length,
      'first, s': round(first, 3),
      ...Object.fromEntries(marks.map((m, i) => [`cost ${m} s`, round(costs[i]!)])),
      bound: round(bound),
      'gap %': cost === 0 ? 0 : round((100 * (cost - bound)) / cost),
      late: plan.score.lateness > 0 ? plan.score.lateness : 0,
      'left out': plan.unplaced.length,
      'heap, MB': Math.round(used),
      'replan, ms': round(re.milliseconds),
      moved: re.moved,
      '1 000 days, s': round(simulated, 2),
    };
  }),
);
