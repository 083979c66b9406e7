import { checkPlan } from '../../plan-check/check-plan';
import type { Plan } from '../../planning-format/plan';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import { readProblem } from '../../planning-format/read-problem';
import { solve } from '../solve';

const DAY = 1440;

/** One order, handed over at noon of the second day; Ada and Ben from six to two on both days, two ovens, one hob. */
function kitchen(steps: Partial<Step>[], waits: Partial<Wait>[], rest: Partial<Problem> = {}): Problem {
  const shifts: [number, number][] = [
    [360, 840],
    [DAY + 360, DAY + 840],
  ];
  const blank = { order: 'o', people: null, uses: [], oven: null, earliest: null };
  const given: Step[] = [
    ...steps.map((s) => ({ ...blank, name: s.id!, work: 'hands' as const, ...s }) as Step),
    { ...blank, id: 'give', name: 'give', work: 'collect', minutes: { low: 0, likely: 0, high: 0 } },
  ];
  return {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00+00:00', horizon: 2 * DAY, now: 0 },
    people: ['ada', 'ben'].map((id) => ({ id, name: id, skills: ['pipe'], shifts })),
    equipment: [
      { id: 'deck', kind: 'oven', units: 2, heatRate: 5, coolRate: 5 },
      { id: 'fan', kind: 'oven', units: 2, heatRate: 5, coolRate: 5 },
      { id: 'hob', kind: 'hob', units: 1 },
    ],
    orders: [{ id: 'o', name: 'o', pickup: DAY + 720, weight: 1, collect: 'give' }],
    steps: given,
    waits: waits.map((w) => ({ min: 0, max: null, place: null, units: 0, ageing: 0.01, why: '', ...w }) as Wait),
    ...{ holds: [], routes: [], ...rest },
  };
}

function planOf(problem: Problem): Plan {
  const read = readProblem(problem);
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  const solved = solve(read.problem, { seed: 1, rounds: 200, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  expect(checkPlan(problem, solved.plan)).toMatchObject({ errors: [], unplaced: 0 });
  return solved.plan;
}

const minutes = (likely: number) => ({ low: likely, likely, high: likely });
const piping = (id: string, likely = 60): Partial<Step> => ({
  ...{ id, minutes: minutes(likely), people: { count: 1, skill: 'pipe' } },
});
const at = (plan: Plan, id: string) => plan.steps.find((s) => s.id === id)!;

describe('people of different pace', () => {
  const slowBen = (p: Problem) => {
    p.people[1]!.pace = { pipe: 1.5 };
    return p;
  };
  it('whoever is quick does it, if both are free', () => {
    const plan = planOf(slowBen(kitchen([piping('pipe')], [{ id: 'w', from: 'pipe', to: 'give' }])));
    expect(at(plan, 'pipe')).toMatchObject({ start: DAY + 660, end: DAY + 720, people: ['ada'] });
  });
  it('who is learning does it where the other has more to do, and it takes as long as that', () => {
    const steps = [piping('a', 120), piping('b', 60)];
    const waits = [
      { id: 'wa', from: 'a', to: 'give' },
      { id: 'wb', from: 'b', to: 'give' },
    ];
    const plan = planOf(slowBen(kitchen(steps, waits)));
    // Both end at noon: Ben takes 90 min for what takes Ada 60, which is less than 180 for the other.
    expect(at(plan, 'a')).toMatchObject({ start: DAY + 600, end: DAY + 720, people: ['ada'] });
    expect(at(plan, 'b')).toMatchObject({ start: DAY + 630, end: DAY + 720, people: ['ben'] });
    expect(plan.bound.cost).toBeCloseTo(plan.score.cost, 6);
  });
  it('two take as long as the slower of them', () => {
    const lift = { ...piping('lift', 20), people: { count: 2, skill: 'pipe' } };
    const plan = planOf(slowBen(kitchen([lift], [{ id: 'w', from: 'lift', to: 'give' }])));
    expect(at(plan, 'lift')).toMatchObject({ start: DAY + 690, end: DAY + 720, people: ['ada', 'ben'] });
  });
});

describe('ovens of their own temperature and time', () => {
  const bake: Partial<Step> = {
    ...{ id: 'bake', work: 'oven', minutes: minutes(30) },
    oven: {
      ...{ celsius: 170, units: 1 },
      choices: [
        { equipment: 'deck', celsius: 170, minutes: minutes(40) },
        { equipment: 'fan', celsius: 150, minutes: minutes(30) },
      ],
    },
  };
  const other: Partial<Step> = {
    ...{ id: 'other', work: 'oven', minutes: minutes(30), oven: { celsius: 150, units: 2 } },
  };
  const waits = [
    { id: 'w', from: 'bake', to: 'give' },
    { id: 'v', from: 'other', to: 'give' },
  ];
  it('takes the quicker one', () => {
    const plan = planOf(kitchen([bake], waits.slice(0, 1)));
    expect(at(plan, 'bake')).toMatchObject({ start: DAY + 690, equipment: ['fan'] });
  });
  it('takes the other where the quicker one is closed', () => {
    const problem = kitchen([bake], waits.slice(0, 1));
    problem.equipment[1]!.closed = [[DAY, 2 * DAY]];
    expect(at(planOf(problem), 'bake')).toMatchObject({ start: DAY + 680, end: DAY + 720, equipment: ['deck'] });
  });
  it('two loads in one oven have the temperatures that they have in there', () => {
    const problem = kitchen([bake, other], waits);
    problem.equipment = [{ ...problem.equipment[1]!, units: 3 }];
    problem.steps[0]!.oven!.choices!.shift();
    // At 150 °C both: they may be in there at once, and are.
    const plan = planOf(problem);
    expect([at(plan, 'bake').start, at(plan, 'other').start]).toEqual([DAY + 690, DAY + 690]);
  });
});

describe('what is asked of a wait beside its place', () => {
  it('a wait that somebody attends does not lie over the night', () => {
    const steps = [piping('boil', 20), piping('use', 20)];
    const wait = { from: 'boil', to: 'use', min: 300, max: 1200, id: 'stir' };
    const plan = (attended: boolean) => {
      const problem = kitchen(steps, [
        { ...wait, attended },
        { id: 'w', from: 'use', to: 'give', max: 60 },
      ]);
      problem.orders[0]!.pickup = DAY + 600;
      return planOf(problem);
    };
    // At ten it is handed over: stirred from the evening before, unless somebody has to be there.
    expect(at(plan(false), 'boil').start).toBeLessThan(DAY);
    const attended = plan(true);
    expect(at(attended, 'boil').start).toBeGreaterThanOrEqual(DAY + 360);
    expect(attended.status).toBe('late');
  });

  /** Meringues dry over the night in the oven in which they were baked; something else is to be baked that evening. */
  function night(heat: boolean, ovens = 2): Problem {
    const oven = { celsius: 90, units: 2 };
    const roast = { id: 'roast', work: 'oven' as const, minutes: minutes(30), oven: { celsius: 90, units: 1 } };
    const problem = kitchen(
      [{ id: 'bake', work: 'oven', minutes: minutes(60), oven: { ...oven, units: 1 } }, piping('pick', 10), roast],
      [
        { id: 'dry', from: 'bake', to: 'pick', min: 900, max: 1400, place: 'oven', units: 1, sameItemAs: 'bake' },
        { id: 'w', from: 'pick', to: 'give' },
        { id: 'v', from: 'roast', to: 'give' },
      ],
    );
    if (heat) problem.waits[0]!.heat = 'off';
    if (ovens === 1) problem.equipment.splice(1, 1);
    problem.steps[2]!.earliest = 780;
    problem.orders[0]!.pickup = DAY + 420;
    return problem;
  }
  it('what dries in the oven it was baked in keeps its place there', () => {
    const plan = planOf(night(false));
    expect(plan.waits).toEqual([{ id: 'dry', equipment: at(plan, 'bake').equipment[0] }]);
    const one = planOf(night(false, 1));
    expect(one.status).toBe('complete');
  });
  it('in an oven that is off nothing else is baked', () => {
    const two = planOf(night(true));
    expect(two.status).toBe('complete');
    expect(at(two, 'roast').equipment).not.toEqual(at(two, 'bake').equipment);
    const one = planOf(night(true, 1));
    // With one oven the roast comes after the drying is over.
    expect(at(one, 'roast').start).toBeGreaterThanOrEqual(at(one, 'pick').start);
    expect(one.status).toBe('complete');
  });
});
