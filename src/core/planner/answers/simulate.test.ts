import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { simulate } from './simulate';
import { solve } from '../solve';
import { generateProblem } from '../testing/generate';

function planOf(problem: Problem): Plan {
  const solved = solve(problem, { seed: 1, rounds: 40, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  return solved.plan;
}

describe('days lived through', () => {
  const problem = generateProblem({ cakes: 8, seed: 5 });
  const plan = planOf(problem);

  it('are the same for the same seed, and name a chance for every order of the plan', () => {
    const days = simulate(problem, plan, 400, 7);
    expect(simulate(problem, plan, 400, 7)).toEqual(days);
    expect(days.orders.map((o) => o.order).sort()).toEqual(
      problem.orders
        .filter((o) => !plan.unplaced.some((u) => u.order === o.id))
        .map((o) => o.id)
        .sort(),
    );
    for (const o of days.orders) {
      expect(o.chance).toBeGreaterThanOrEqual(0);
      expect(o.chance).toBeLessThanOrEqual(1);
      for (const d of o.deciding) expect(d.share).toBeLessThanOrEqual(1);
    }
  });

  it('without any doubt of the durations it happens as planned', () => {
    const sure = {
      ...problem,
      steps: problem.steps.map((s) => ({
        ...s,
        minutes: { low: s.minutes.likely, likely: s.minutes.likely, high: s.minutes.likely },
      })),
    };
    for (const o of simulate(sure, plan, 5, 1).orders) {
      const { pickup, collect } = problem.orders.find((x) => x.id === o.order)!;
      expect(o.chance).toBe(plan.steps.find((s) => s.id === collect)!.start <= pickup ? 1 : 0);
    }
  });

  it('a chance by arithmetic: one step that must be over in its likely time', () => {
    const step = (id: string, minutes: [number, number, number]) => ({
      ...{ id, name: id, order: 'o', uses: [], oven: null, earliest: null },
      minutes: { low: minutes[0], likely: minutes[1], high: minutes[2] },
    });
    const one = (shift: number, max: number | null = null) =>
      ({
        ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00+00:00', horizon: 1000, now: 0 },
        ...{
          people: [{ id: 'p', name: 'P', skills: [], shifts: [[shift, 1000]] }],
          equipment: [],
          holds: [],
          routes: [],
        },
        orders: [{ id: 'o', name: 'O', pickup: 100, weight: 1, collect: 'c' }],
        steps: [
          { ...step('a', [40, 60, 100]), work: 'hands', people: { count: 1, skill: null } },
          { ...step('c', [0, 0, 0]), work: 'collect', people: null },
        ],
        waits: [{ id: 'w', from: 'a', to: 'c', min: 0, max, place: null, units: 0, ageing: 0, why: '' }],
      }) as unknown as Problem;
    const at = (start: number): Plan =>
      ({
        steps: [
          { id: 'a', start, end: start + 60, people: ['p'], equipment: [] },
          { id: 'c', start: 100, end: 100, people: [], equipment: [] },
        ],
        routes: {},
        ...{ waits: [], holds: [], unplaced: [] },
      }) as unknown as Plan;
    // Triangular(40, 60, 100): P(≤ 60) = (60 − 40) ÷ (100 − 40) = 1/3.
    const [order] = simulate(one(40), at(40), 20_000, 3).orders;
    expect(order!.chance).toBeCloseTo(1 / 3, 1);
    expect(order!.deciding).toEqual([{ step: 'a', share: 1 }]);
    // With 30 minutes of slack P(≤ 90) = 1 − (100 − 90)² ÷ (60 × 40) = 0.958.
    expect(simulate(one(10), at(10), 20_000, 3).orders[0]!.chance).toBeCloseTo(0.958, 2);
    // Ten minutes that nobody minds are ten minutes of slack: P(≤ 100) is all.
    expect(simulate(one(10), at(10), 20_000, 3, { grace: 10 }).orders[0]!.chance).toBe(1);
    // Such steps took 54 minutes half of the time and 84 the other half here: in time in between, up to 60 whole minutes of 54 to 84.
    const paces = { a: [0.9, 1.4] };
    const shared = (60.5 - 54) / (84 - 54);
    expect(simulate(one(40), at(40), 200_000, 3, { paces }).orders[0]!.chance).toBeCloseTo(shared, 2);
    expect(simulate(one(40), at(40), 2000, 3, { paces: { b: [0.9, 1.4] } }).orders[0]!.chance).toBeCloseTo(1 / 3, 1);
    // Planned late, but the shift lets it begin at once: 100 minutes are always enough. Who keeps to the wall does not.
    expect(simulate(one(0), at(40), 2000, 3).orders[0]!.chance).toBe(1);
    expect(simulate(one(0), at(40), 2000, 3, { begins: 'wall' }).orders[0]!.chance).toBeCloseTo(1 / 3, 1);
    // It keeps for 20 minutes only, and is begun 10 minutes before its planned start at the earliest: P(≤ 70.5) = 1 − (100 − 70.5)² ÷ (60 × 40).
    expect(simulate(one(0, 20), at(40), 20_000, 3).orders[0]!.chance).toBeCloseTo(1 - 29.5 ** 2 / 2400, 1);
  });
});
