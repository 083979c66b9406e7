import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import type { Placed, Problem } from '../planning-format/problem';
import { begunButLeftOut, planGivingWay, withoutLongestWaits, withoutPins } from './give-way';

const problem = generateProblem({ cakes: 3, seed: 2 });
const [first, second] = problem.orders;
const placed = (state: 'done' | 'pinned'): Placed => ({ start: 0, end: 5, people: [], equipment: [], state });
const with_ = (order: string, state: 'done' | 'pinned'): Problem => {
  const step = problem.steps.find((s) => s.order === order && problem.waits.some((w) => w.from === s.id && w.max))!;
  return { ...problem, steps: problem.steps.map((s) => (s === step ? { ...s, placed: placed(state) } : s)) };
};

describe('what gives way so that there is a plan', () => {
  it('is asked only of orders that were begun and have fallen out', () => {
    const solved = solve(problem, { seed: 1, rounds: 0, stop: () => false });
    if (!solved.ok) throw new Error('It has a plan.');
    const out = { ...solved.plan, unplaced: [first!, second!].map((o) => ({ order: o.id, reason: '', blockers: [] })) };
    expect(begunButLeftOut(with_(first!.id, 'done'), out)).toEqual(new Set([first!.id]));
    expect(begunButLeftOut(problem, out)).toEqual(new Set());
  });

  it('pins first, and only those of the orders named', () => {
    const pinned = with_(first!.id, 'pinned');
    expect(withoutPins(pinned, (o) => o === second!.id)).toEqual({ problem: pinned, pins: [] });
    const freed = withoutPins(pinned, (o) => o === first!.id);
    expect(freed.pins).toHaveLength(1);
    expect(freed.problem.steps.filter((s) => s.placed !== undefined)).toEqual([]);
  });

  it('then the longest waits after what was done; facts stay', () => {
    const done = with_(first!.id, 'done');
    const { problem: lifted, waits } = withoutLongestWaits(done, new Set([first!.id]));
    expect(waits.length).toBeGreaterThan(0);
    expect(lifted.waits.filter((w) => waits.includes(w.id)).map((w) => w.max)).toEqual(waits.map(() => null));
    expect(lifted.waits.filter((w) => !waits.includes(w.id))).toEqual(
      problem.waits.filter((w) => !waits.includes(w.id)),
    );
    expect(lifted.steps).toEqual(done.steps);
  });
});

describe('planning, giving way where it must', () => {
  /** Mixed an hour ago, to be baked within five minutes: the oven is closed until minute 90. */
  const step = (id: string, more: Partial<Problem['steps'][number]> = {}) => ({
    ...{ id, name: id, order: 'o', work: 'hands' as const, minutes: { low: 20, likely: 20, high: 20 } },
    ...{ people: { count: 1, skill: null }, uses: [], oven: null, earliest: null },
    ...more,
  });
  const wait = (from: string, to: string, max: number | null) => ({
    ...{ id: `${from}>${to}`, from, to, min: 0, max, place: null, units: 0, ageing: 0, why: '' },
  });
  const kitchen = (now: number): Problem => ({
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00Z', horizon: 900, now },
    people: [{ id: 'ada', name: 'Ada', skills: [], shifts: [[0, 900]] }],
    equipment: [{ id: 'deck', kind: 'oven', units: 4, heatRate: 3, coolRate: 2, closed: [[0, 90]] }],
    orders: [{ id: 'o', name: 'Cake', pickup: 300, weight: 1, collect: 'out' }],
    steps: [
      step('mix', { placed: { start: 0, end: 20, people: ['ada'], equipment: [], state: 'done' } }),
      step('bake', { work: 'oven', people: null, oven: { celsius: 170, units: 2 } }),
      step('out', { work: 'collect', people: null, minutes: { low: 0, likely: 0, high: 0 } }),
    ],
    waits: [wait('mix', 'bake', 5), wait('bake', 'out', null)],
    holds: [],
    routes: [],
  });
  const asked: number[] = [];
  const planIt = (p: Problem) => {
    asked.push(p.waits.filter((w) => w.max === null).length);
    return solve(p, { seed: 1, rounds: 0, stop: () => false });
  };
  beforeEach(() => void asked.splice(0));

  it('gives up the longest wait of a part that stands, and remembers it for the next plan', () => {
    const { solved, given } = planGivingWay(kitchen(20), null, planIt);
    if (!solved.ok) throw new Error('no plan');
    expect(given.waits).toEqual(['mix>bake']);
    expect(solved.plan.unplaced).toEqual([]);
    expect(asked).toEqual([1, 2]);
    asked.splice(0);
    const next = planGivingWay(kitchen(30), { plan: solved.plan, waits: given.waits }, planIt);
    expect(next.given.waits).toEqual(['mix>bake']);
    // At once, without the order falling out of a plan first.
    expect(asked).toEqual([2]);
  });
  it('forgets it as soon as the plan keeps to it, and once it is over', () => {
    const { solved } = planGivingWay(kitchen(20), null, planIt);
    if (!solved.ok) throw new Error('no plan');
    const steps = solved.plan.steps.map((s) => (s.id === 'bake' ? { ...s, start: 22, end: 42 } : s));
    const open = { ...kitchen(20), equipment: kitchen(20).equipment.map((e) => ({ ...e, closed: [] })) };
    const before = { plan: { ...solved.plan, steps }, waits: ['mix>bake'] };
    expect(planGivingWay(open, before, planIt).given).toEqual({ problem: open, waits: [], pins: [] });
    const baked = {
      ...open,
      steps: open.steps.map((s) =>
        s.id === 'bake'
          ? { ...s, placed: { start: 95, end: 115, people: [], equipment: ['deck'], state: 'done' as const } }
          : s,
      ),
      waits: [{ ...open.waits[0]!, max: null }, open.waits[1]!],
      now: 115,
    };
    expect(planGivingWay(baked, { plan: solved.plan, waits: ['mix>bake'] }, planIt).given.waits).toEqual([]);
  });
  it('gives up that somebody attends what stands already, where nobody will be there', () => {
    const stirred = kitchen(20);
    stirred.people[0]!.shifts = [
      [0, 60],
      [100, 900],
    ];
    stirred.waits[0] = { ...wait('mix', 'bake', null), attended: true };
    const { solved, given } = planGivingWay(stirred, null, planIt);
    if (!solved.ok) throw new Error('no plan');
    expect(given.problem.waits[0]).toEqual(wait('mix', 'bake', null));
    expect(solved.plan.unplaced).toEqual([]);
  });
  it('gives up nothing of an order that was not begun', () => {
    const fresh = kitchen(20);
    fresh.steps = fresh.steps.map((s) =>
      step(s.id, { ...s, placed: undefined } as unknown as Partial<Problem['steps'][number]>),
    );
    const shut = {
      ...fresh,
      equipment: fresh.equipment.map((e) => ({ ...e, closed: [[0, 900] as [number, number]] })),
    };
    const { solved, given } = planGivingWay(shut, null, planIt);
    expect(solved.ok && solved.plan.unplaced.map((u) => u.order)).toEqual(['o']);
    expect(given.waits).toEqual([]);
    expect(asked).toHaveLength(1);
  });
});
