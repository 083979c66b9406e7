/**
 * Compares the planner with a general integer solver (HiGHS) on generated kitchens. See `cli/README.md`.
 * Prints a table; nothing is written.
 */
import { parseArgs } from 'node:util';
import highsLoader from 'highs';
import { solve } from '../src/core/planner/solve';
import type { Problem } from '../src/core/planning-format/problem';
import { generateProblem } from '../src/core/planner/testing/generate';
import { integerProgram } from './general-solver/integer-program';

const { values } = parseArgs({
  options: {
    sizes: { type: 'string', default: '2,3,4,5' },
    seeds: { type: 'string', default: '1,2,3' },
    limit: { type: 'string', default: '120' },
    prove: { type: 'boolean', default: false },
  },
});
const numbers = (list: string) => list.split(',').map(Number);
const round = (x: number) => Number(x.toFixed(2));
const highs = await highsLoader();

function planned(problem: Problem, seconds: number) {
  const begun = performance.now();
  const solved = solve(problem, { seed: 1, stop: () => performance.now() - begun > 1000 * seconds });
  if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join('; '));
  return solved.plan;
}

const rows = numbers(values.sizes).flatMap((cakes) =>
  numbers(values.seeds).map((seed) => {
    const problem = generateProblem({ cakes, seed });
    const [one, five] = [planned(problem, 1), planned(problem, 5)];
    const begun = performance.now();
    const below = values.prove ? five.score.cost + 1e-6 : Infinity;
    const solved = highs.solve(integerProgram(problem, below), { time_limit: Number(values.limit), mip_rel_gap: 1e-4 });
    const found = Object.values(solved.Columns).some((c) => 'Primal' in c);
    return {
      cakes,
      seed,
      steps: problem.steps.length,
      'planner, 1 s': round(one.score.cost),
      'planner, 5 s': round(five.score.cost),
      bound: round(five.bound.cost ?? 0),
      solver: found ? round(solved.ObjectiveValue) : 'none',
      'solver says': solved.Status,
      s: Math.round((performance.now() - begun) / 1000),
    };
  }),
);
console.table(rows);
