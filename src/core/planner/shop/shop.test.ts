import { checkPlan } from '../../plan-check/check-plan';
import { lowerBound } from '../bounds/bound';
import { compile } from '../model/model';
import type { Problem } from '../../planning-format/problem';
import { readProblem } from '../../planning-format/read-problem';
import { shopOf } from './shop';
import { solve } from '../solve';
import { YARDSTICKS } from '../testing/published-shops';
import { shopProblem } from '../testing/shop-problem';

const yardstick = (name: string) => YARDSTICKS.find((y) => y.name.startsWith(name))!;
function planned(problem: Problem, rounds: number) {
  expect(readProblem(problem)).toMatchObject({ ok: true });
  const solved = solve(problem, { seed: 1, rounds, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  expect(checkPlan(problem, solved.plan).errors).toEqual([]);
  expect(solved.plan.bound.cost).toBeLessThanOrEqual(solved.plan.score.cost);
  return solved.plan;
}

describe('a problem that is a job shop', () => {
  it.each([
    ['ft06', 0],
    ['la01', 0],
    ['ft10', 0.05],
    ['ta01', 0.06],
  ])('%s comes as close to its published optimum as promised', (name, gap) => {
    const { optimum } = yardstick(name);
    const { lateness } = planned(shopProblem(yardstick(name)), 60).score;
    expect(lateness).toBeGreaterThanOrEqual(optimum);
    expect(lateness).toBeLessThanOrEqual(Math.floor(optimum * (1 + gap)));
  });

  it('is never bounded above its optimum', () => {
    for (const y of YARDSTICKS) expect(lowerBound(compile(shopProblem(y)))).toBeLessThanOrEqual(100 * y.optimum);
  });

  it('stops where its pickup is met', () => {
    const late = {
      ...shopProblem(yardstick('ft06')),
      orders: [{ id: 'shop', name: 'Shop', pickup: 70, weight: 1, collect: 'out' }],
    };
    const plan = planned(late, 50);
    expect(plan.score.lateness).toBe(0);
    expect(plan.steps.find((s) => s.id === 'out')!.start).toBe(70);
  });

  it('may have operations that take no time: they keep nothing busy', () => {
    const yard = yardstick('ft06');
    // Every fourth operation takes no time; without those the shop has the same optimum.
    const timeless = yard.jobs.map((job) => job.map(([m, t], i) => [m, i % 4 === 1 ? 0 : t] as [number, number]));
    const problem = shopProblem({ ...yard, jobs: timeless });
    expect(shopOf(compile(problem))).not.toBeNull();
    const without = shopProblem({ ...yard, jobs: timeless.map((job) => job.filter(([, t]) => t > 0)) });
    const [bound, plain] = [lowerBound(compile(without)), planned(without, 200).score.lateness];
    expect(planned(problem, 200).score.lateness).toBe(plain);
    expect(bound).toBeLessThanOrEqual(100 * plain);
  });

  it('gives the same plan for the same seed and rounds', () => {
    const problem = shopProblem(yardstick('ft10'));
    expect(planned(problem, 10)).toEqual(planned(problem, 10));
  });

  it('is more than a shop with a longest wait, a second order, ageing, hands or a closed machine', () => {
    const plain = shopProblem(yardstick('ft06'));
    expect(shopOf(compile(plain))).not.toBeNull();
    const [first] = plain.waits;
    const others: Partial<Problem>[] = [
      { waits: [{ ...first!, max: 60 }, ...plain.waits.slice(1)] },
      { waits: [{ ...first!, ageing: 0.1 }, ...plain.waits.slice(1)] },
      { equipment: plain.equipment.map((e) => ({ ...e, closed: [[10, 20]] })) },
      { equipment: plain.equipment.map((e) => ({ ...e, units: 2 })) },
      { people: [{ ...plain.people[0]!, shifts: [[0, 30]] }] },
      { holds: [{ id: 'h', kind: 'm1', units: 1, from: 'j1-2', until: 'j1-3' }] },
    ];
    for (const change of others) expect(shopOf(compile({ ...plain, ...change }))).toBeNull();
  });
});
