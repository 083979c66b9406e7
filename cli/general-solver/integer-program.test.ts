import highsLoader from 'highs';
import { lowerBound } from '../../src/core/planner/bounds/bound';
import { compile } from '../../src/core/planner/model/model';
import type { Problem } from '../../src/core/planning-format/problem';
import { solve } from '../../src/core/planner/solve';
import { generateProblem } from '../../src/core/planner/testing/generate';
import { twoCakes } from '../../src/core/planner/testing/two-cakes';
import { integerProgram } from './integer-program';

async function optimum(problem: Problem, below?: number): Promise<number> {
  const highs = await highsLoader();
  const solved = highs.solve(integerProgram(problem, below), { mip_rel_gap: 0 });
  expect(solved.Status).toBe('Optimal');
  return solved.ObjectiveValue;
}

const costOf = (problem: Problem, rounds: number) => {
  const solved = solve(problem, { seed: 1, rounds, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  return solved.plan.score.cost;
};

describe('the planning problem as an integer program', () => {
  it('has the optimum that two cakes and one pair of hands have by hand', async () => {
    // The heavier one is piped first and waits ten minutes more than it must, the other is 50 minutes late.
    expect(await optimum(twoCakes([100, 100]))).toBeCloseTo(5000.1, 4);
    expect(await optimum(twoCakes([300, 400]))).toBeCloseTo(0, 6);
  });

  it('closes a thing for a while', async () => {
    const problem = twoCakes([100, 300]);
    problem.equipment.push({ id: 'turntable', kind: 'turntable', units: 1, closed: [[0, 50]] });
    for (const s of problem.steps) if (s.work === 'hands') s.uses.push({ kind: 'turntable', units: 1 });
    // Begun at 50, 60 minutes of work and 30 of rest: 40 minutes late.
    expect(await optimum(problem)).toBeCloseTo(4000, 4);
  });

  it('knows what an oven needs between two temperatures, and how much fits in', async () => {
    const problem = twoCakes([90, 90]);
    problem.people.forEach((p) => (p.skills = ['bake', 'decorate']));
    problem.equipment.push({ id: 'oven', kind: 'oven', units: 2, heatRate: 5, coolRate: 2 });
    const bake = (celsius: [number, number]) => {
      problem.steps
        .filter((s) => s.work !== 'collect')
        .forEach((s, i) => Object.assign(s, { work: 'oven', people: null, oven: { celsius: celsius[i], units: 1 } }));
      return problem;
    };
    expect(await optimum(bake([180, 180]))).toBeCloseTo(0, 4);
    // The lighter one goes second: 60 minutes of the other, and 20 °C down (10 minutes) or up (4 minutes).
    expect(await optimum(bake([160, 180]))).toBeCloseTo(7000, 4);
    expect(await optimum(bake([180, 160]))).toBeCloseTo(6400, 4);
  });

  it('pays for what falls short of a wish, for choices, and plans with planned times', async () => {
    const problem = twoCakes([300, 400]);
    const [rest] = problem.waits;
    rest!.wish = { least: 100, cost: 0.004 };
    // The wish costs 70 × 0.004, to grant it 70 × 0.01; a dearer wish is granted.
    expect(await optimum(problem)).toBeCloseTo(0.28, 6);
    rest!.wish.cost = 0.04;
    problem.routes.push({ id: 'lace', choices: ['with', 'without'], cost: { without: 3 } });
    problem.steps[0]!.minutes.planned = 75;
    expect(await optimum(problem)).toBeCloseTo(0.7, 6);
    problem.steps[0]!.when = { route: 'lace', choice: 'without' };
    expect(await optimum(problem)).toBeCloseTo(0, 6);
  });

  it.each([
    [2, false],
    [4, false],
    [5, false],
    [2, true],
    [4, true],
  ])(
    'finds nothing cheaper than the planner, and nothing below its bound: two cakes, seed %i, with wishes: %s',
    async (seed, wishes) => {
      const problem = generateProblem({ cakes: 2, seed, wishes });
      const cost = costOf(problem, 1500);
      const least = await optimum(problem, cost + 1e-6);
      expect(cost).toBeGreaterThanOrEqual(least - 1e-4);
      expect(cost).toBeLessThanOrEqual(1.02 * least);
      expect(lowerBound(compile(problem))).toBeLessThanOrEqual(least + 1e-6);
    },
  );

  it('refuses what is placed already', () => {
    const problem = twoCakes([100, 100]);
    problem.steps[0]!.placed = { start: 0, end: 60, people: ['ada'], equipment: [], state: 'done' };
    expect(() => integerProgram(problem)).toThrow('placed already');
  });
});
