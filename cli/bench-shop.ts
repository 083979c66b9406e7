import { parseArgs } from 'node:util';
import { solve } from '../src/core/planner/solve';
import { YARDSTICKS } from '../src/core/planner/testing/published-shops';
import { shopProblem } from '../src/core/planner/testing/shop-problem';

/** Shop-scheduling problems with published optima, in the planning format: how far the planner is from them after some seconds. */
const { values } = parseArgs({
  options: { seconds: { type: 'string', default: '5' }, seed: { type: 'string', default: '1' } },
});
const seconds = Number(values.seconds);

const rows = YARDSTICKS.map((yardstick) => {
  const begun = performance.now() / 1000;
  const clock = () => performance.now() / 1000 - begun;
  const solved = solve(shopProblem(yardstick), {
    seed: Number(values.seed),
    stop: () => clock() >= seconds,
    seconds: clock,
  });
  if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join('; '));
  const length = solved.plan.score.lateness;
  return {
    problem: yardstick.name,
    optimum: yardstick.optimum,
    found: length,
    'gap %': Number(((100 * length) / yardstick.optimum - 100).toFixed(2)),
    'bound, of the optimum': Number(((solved.plan.bound.cost ?? 0) / 100 / yardstick.optimum).toFixed(3)),
    s: Number(clock().toFixed(1)),
  };
});
console.table(rows);
console.log(`mean gap ${(rows.reduce((sum, r) => sum + r['gap %'], 0) / rows.length).toFixed(2)} %`);
