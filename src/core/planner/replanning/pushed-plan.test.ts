import { checkPlan } from '../../plan-check/check-plan';
import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { generateProblem } from '../testing/generate';
import { solve } from '../solve';
import { pushedPlan } from './pushed-plan';
import { replan } from './replan';

const stop = () => false;

/** Cakes that one pair of hands decorates one after the other, without a minute between them. */
function inARow(cakes: number): { problem: Problem; plan: Plan } {
  const problem: Problem = {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-05-17T00:00:00.000+00:00', horizon: 2000, now: 0 },
    people: [{ id: 'ada', name: 'Ada', skills: ['pipe'], shifts: [[0, 900]] }],
    ...{ equipment: [], holds: [], routes: [] },
    orders: Array.from({ length: cakes }, (_, i) => ({
      ...{ id: `o${i}`, name: `Cake ${i}`, pickup: 60 * (i + 1), weight: 1, collect: `o${i}.leave` },
    })),
    steps: Array.from({ length: cakes }, (_, i) => [
      {
        ...{ id: `o${i}.pipe`, name: 'Pipe', order: `o${i}`, work: 'hands' as const, uses: [], oven: null },
        ...{ minutes: { low: 60, likely: 60, high: 60 }, people: { count: 1, skill: 'pipe' }, earliest: null },
      },
      {
        ...{ id: `o${i}.leave`, name: 'Leave', order: `o${i}`, work: 'collect' as const, uses: [], oven: null },
        ...{ minutes: { low: 0, likely: 0, high: 0 }, people: null, earliest: null },
      },
    ]).flat(),
    waits: Array.from({ length: cakes }, (_, i) => ({
      ...{ id: `w${i}`, from: `o${i}.pipe`, to: `o${i}.leave`, min: 0, max: null, place: null, units: 0 },
      ...{ ageing: 0.02, why: '' },
    })),
  };
  const solved = solve(problem, { seed: 1, rounds: 0, stop });
  if (!solved.ok) throw new Error('no plan');
  return { problem, plan: solved.plan };
}

/** Half an hour into the piping of one cake: it takes five minutes longer, and what came before is done. */
function running(problem: Problem, plan: Plan, cake: number): Problem {
  const at = new Map(plan.steps.map((s) => [s.id, s]));
  const now = at.get(`o${cake}.pipe`)!.start + 30;
  const steps = problem.steps.map((s) => {
    const { start, end, people, equipment } = at.get(s.id)!;
    if (start > now) return s;
    const late = s.id === `o${cake}.pipe` ? 5 : 0;
    const state = end > now ? ('running' as const) : ('done' as const);
    return { ...s, placed: { start, end: end + late, people, equipment, state } };
  });
  return { ...problem, now, steps };
}

describe('a plan that goes on by itself', () => {
  it('pushes what comes after something that slipped by as much, whosever it is, and nothing else', () => {
    const { problem, plan } = inARow(4);
    const slipped = running(problem, plan, 1);
    const pushed = pushedPlan(slipped, plan)!;
    const by = pushed.steps.map((s) => s.end - plan.steps.find((x) => x.id === s.id)!.end);
    expect(Object.fromEntries(pushed.steps.map((s, i) => [s.id, by[i]]))).toEqual({
      ...{ 'o0.pipe': 0, 'o0.leave': 0, 'o1.pipe': 5, 'o1.leave': 5 },
      ...{ 'o2.pipe': 5, 'o2.leave': 5, 'o3.pipe': 5, 'o3.leave': 5 },
    });
  });
  it('is what planning again finds where minutes slip and everything is tight', () => {
    const { problem, plan } = inARow(6);
    const slipped = running(problem, plan, 0);
    const again = replan(slipped, plan, { seed: 1, rounds: 0, stop });
    if (!again.ok) throw new Error('no plan');
    expect(checkPlan(slipped, again.plan).errors).toEqual([]);
    expect(again.plan.score.lateness).toBe(30);
  });
  it('is the plan as it was where nothing has happened, with the lengths that steps have now', () => {
    for (const seed of [2, 5]) {
      const problem = generateProblem({ cakes: 6, seed });
      const solved = solve(problem, { seed: 1, rounds: 20, stop });
      if (!solved.ok) throw new Error('no plan');
      const pushed = pushedPlan(problem, solved.plan)!;
      expect(pushed).toEqual(solved.plan);
      expect(checkPlan(problem, pushed).errors).toEqual([]);
    }
    const { problem, plan } = inARow(2);
    const longer = problem.steps.map((s) =>
      s.id === 'o0.pipe' ? { ...s, minutes: { ...s.minutes, planned: 62, high: 70 } } : s,
    );
    const pushed = pushedPlan({ ...problem, steps: longer }, plan)!;
    expect(pushed.steps.find((s) => s.id === 'o1.pipe')).toMatchObject({ start: 62, end: 122 });
  });
  it('is none where its hands or things are gone; what has gone from the problem is left out, and what is new is not in it', () => {
    const { problem, plan } = inARow(3);
    expect(pushedPlan({ ...problem, people: [] }, plan)).toBeNull();
    const without = {
      ...problem,
      orders: problem.orders.slice(1),
      steps: problem.steps.filter((s) => s.order !== 'o0'),
      waits: problem.waits.slice(1),
    };
    expect(
      pushedPlan(without, plan)!
        .steps.map((s) => s.id)
        .sort(),
    ).toEqual(without.steps.map((s) => s.id).sort());
    const fewer = { ...plan, steps: plan.steps.filter((s) => !s.id.startsWith('o2')) };
    expect(pushedPlan(problem, fewer)!.steps.map((s) => s.id)).toEqual(fewer.steps.map((s) => s.id));
  });
});
