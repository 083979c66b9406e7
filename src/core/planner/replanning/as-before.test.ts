import { checkPlan } from '../../plan-check/check-plan';
import type { Plan } from '../../planning-format/plan';
import type { Problem, Step } from '../../planning-format/problem';
import { generateProblem } from '../testing/generate';
import { solve } from '../solve';
import { replan } from './replan';

const stop = () => false;

/** Cakes that stand in two fridges of two shelves: how many shelves, from when, until when. Each has hands of its own. */
const STANDS: Record<string, [number, number, number]> = {
  ash: [1, 10, 100],
  birch: [1, 10, 200],
  dogwood: [1, 10, 200],
  cedar: [2, 110, 200],
};

function twoFridges(): { problem: Problem; plan: Plan } {
  const names = Object.keys(STANDS);
  const hands = { uses: [], oven: null, earliest: null };
  const problem: Problem = {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-05-17T00:00:00.000+00:00', horizon: 500, now: 0 },
    people: names.map((n) => ({ id: n, name: n, skills: [n], shifts: [[0, 500]] })),
    equipment: ['one', 'two'].map((id) => ({ id, kind: 'fridge', units: 2 })),
    orders: names.map((n) => ({ id: n, name: n, pickup: STANDS[n]![2], weight: 1, collect: `${n}.leave` })),
    steps: names.flatMap((n): Step[] => [
      {
        ...{ id: `${n}.coat`, name: 'Coat', order: n, work: 'hands', minutes: { low: 10, likely: 10, high: 10 } },
        ...{ people: { count: 1, skill: n }, ...hands },
      },
      {
        ...{ id: `${n}.leave`, name: 'Leave', order: n, work: 'collect', minutes: { low: 0, likely: 0, high: 0 } },
        ...{ people: null, ...hands },
      },
    ]),
    waits: names.map((n) => ({
      ...{ id: `${n}.cold`, from: `${n}.coat`, to: `${n}.leave`, min: 0, max: null, place: 'fridge' },
      ...{ units: STANDS[n]![0], ageing: 0.01, why: 'cold' },
    })),
    ...{ holds: [], routes: [] },
  };
  const at = (id: string, start: number, end: number, people: string[]) => ({ id, start, end, people, equipment: [] });
  const in_ = { ash: 'one', birch: 'two', dogwood: 'two', cedar: 'one' };
  const plan: Plan = {
    ...{
      format: 'zest-ladder/plan',
      version: 1,
      problem: null,
      status: 'complete',
      routes: {},
      holds: [],
      unplaced: [],
    },
    steps: names.flatMap((n) => {
      const [, from, until] = STANDS[n]!;
      return [at(`${n}.coat`, from - 10, from, [n]), at(`${n}.leave`, until, until, [])];
    }),
    waits: Object.entries(in_).map(([n, equipment]) => ({ id: `${n}.cold`, equipment })),
    score: { unplaced: 0, lateness: 0, ageing: 0.9 + 1.9 + 1.9 + 0.9, ovenChanges: 0, cost: 0.9 + 1.9 + 1.9 + 0.9 },
    ...{ bound: { cost: null }, seconds: 0 },
  };
  return { problem, plan };
}

describe('a plan that nothing has happened to', () => {
  it('is the same again where what stands cold fits in one way only', () => {
    const { problem, plan } = twoFridges();
    expect(checkPlan(problem, plan).errors).toEqual([]);
    const again = replan(problem, plan, { seed: 1, rounds: 0, stop });
    if (!again.ok) throw new Error('no plan');
    expect(again.moved).toBe(0);
    expect(again.plan.steps).toEqual(plan.steps);
    expect([...again.plan.waits].sort((a, b) => a.id.localeCompare(b.id))).toEqual(
      [...plan.waits].sort((a, b) => a.id.localeCompare(b.id)),
    );
  });
  it.each([3, 11, 29])('is the same again, with all its things (kitchen %i)', (seed) => {
    const problem = generateProblem({ cakes: 14, seed });
    const solved = solve(problem, { seed: 1, rounds: 60, stop });
    if (!solved.ok) throw new Error('no plan');
    const again = replan(problem, solved.plan, { seed: 1, rounds: 0, stop });
    if (!again.ok) throw new Error('no plan');
    expect({ ...again.plan, seconds: 0 }).toEqual({ ...solved.plan, seconds: 0 });
  });
});
