import example from '../../../docs/planning-examples/two-cakes.json' with { type: 'json' };
import examplePlan from '../../../docs/planning-examples/two-cakes.plan.json' with { type: 'json' };
import { checkPlan } from './check-plan';
import type { GivenProblem, GivenStep, GivenWait } from './documents';

/** A sponge that is mixed, baked and filled, and a spare bake beside it; small enough to reckon by hand. */
function kitchen() {
  const step = (id: string, work: GivenStep['work'], likely: number, rest: Partial<GivenStep> = {}): GivenStep => ({
    ...{ id, order: 'o', work, minutes: { low: likely, likely, high: likely }, people: null, uses: [], oven: null },
    ...rest,
  });
  const hands = { people: { count: 1, skill: 'mix' } };
  const wait = (id: string, from: string, to: string, rest: Partial<GivenWait> = {}): GivenWait => ({
    ...{ id, from, to, min: 0, max: 60, units: 0, ageing: 0 },
    ...rest,
  });
  const problem: GivenProblem = {
    ...{ horizon: 1000, now: 0 },
    people: [
      { id: 'ida', skills: ['mix'], shifts: [[0, 300]] },
      { id: 'ole', skills: ['mix'], shifts: [[0, 600]] },
    ],
    equipment: [
      { id: 'deck', kind: 'oven', units: 2, heatRate: 5, coolRate: 2 },
      { id: 'small', kind: 'oven', units: 1, heatRate: 5, coolRate: 2 },
      { id: 'tin', kind: 'tin', units: 1 },
      { id: 'cold', kind: 'fridge', units: 1 },
    ],
    orders: [
      { id: 'o', pickup: 400, weight: 2, collect: 'give' },
      { id: 'p', pickup: 500, weight: 1, collect: 'give-p' },
    ],
    steps: [
      step('mix', 'hands', 20, hands),
      step('bake', 'oven', 30, { oven: { celsius: 180, units: 1 } }),
      step('fill', 'hands', 10, hands),
      step('give', 'collect', 0),
      step('roast', 'oven', 40, { order: 'p', oven: { celsius: 150, units: 1 } }),
      step('give-p', 'collect', 0, { order: 'p' }),
    ],
    waits: [
      wait('stand', 'mix', 'bake', { max: 15 }),
      wait('chill', 'bake', 'fill', { min: 60, max: 200, place: 'fridge', units: 1, ageing: 0.5 }),
      wait('rest', 'fill', 'give', { max: null }),
      wait('keep', 'roast', 'give-p', { max: null }),
    ],
    holds: [{ id: 'in-tin', kind: 'tin', units: 1, from: 'mix', until: 'fill' }],
    routes: [{ id: 'r', choices: ['a', 'b'] }],
  };
  const at = (id: string, start: number, end: number, people: string[] = [], equipment: string[] = []) => ({
    ...{ id, start, end, people, equipment },
  });
  const plan = {
    ...{ format: 'zest-ladder/plan', version: 1, problem: null, status: 'complete', routes: { r: 'a' } },
    steps: [
      at('mix', 100, 120, ['ida']),
      at('bake', 120, 150, [], ['deck']),
      at('fill', 220, 230, ['ida']),
      at('give', 400, 400),
      at('roast', 165, 205, [], ['deck']),
      at('give-p', 500, 500),
    ],
    waits: [{ id: 'chill', equipment: 'cold' }],
    holds: [{ id: 'in-tin', equipment: 'tin' }],
    unplaced: [] as { order: string; reason: string; blockers: string[] }[],
    score: { unplaced: 0, lateness: 0, ageing: 5, ovenChanges: 1, cost: 5 },
    bound: { cost: 5 as number | null },
    seconds: 0.1,
  };
  return { problem, plan };
}

type Kitchen = ReturnType<typeof kitchen>;
const stepOf = ({ problem }: Kitchen, id: string) => problem.steps.find((s) => s.id === id)!;
const placeOf = ({ plan }: Kitchen, id: string) => plan.steps.find((s) => s.id === id)!;
const waitOf = ({ problem }: Kitchen, id: string) => problem.waits.find((w) => w.id === id)!;
const move = (k: Kitchen, id: string, start: number) => {
  const p = placeOf(k, id);
  p.end += start - p.start;
  p.start = start;
};
const rescore = (k: Kitchen) => {
  const { unplaced, lateness, ageing, ovenChanges, cost } = checkPlan(k.problem, k.plan);
  k.plan.score = { unplaced, lateness, ageing, ovenChanges, cost };
};

describe('a plan that keeps the rules', () => {
  it('is accepted, with the score reckoned anew', () => {
    const { problem, plan } = kitchen();
    expect(checkPlan(problem, plan)).toEqual({ ok: true, errors: [], ...plan.score });
  });
  it('is the example beside its problem', () => {
    expect(checkPlan(example as unknown as GivenProblem, examplePlan).errors).toEqual([]);
  });
});

describe('what breaks a rule is told with the rule', () => {
  it.each<[number | string, string, (k: Kitchen) => void]>([
    [1, 'lasts 21', (k) => (placeOf(k, 'mix').start -= 1)],
    [1, 'before now', (k) => (k.problem.now = 101)],
    [1, 'before its earliest', (k) => (stepOf(k, 'mix').earliest = 101)],
    [1, 'after the horizon', (k) => (k.problem.horizon = 499)],
    [1, 'not listed', (k) => k.plan.steps.splice(2, 1)],
    [1, 'listed twice', (k) => k.plan.steps.push({ ...placeOf(k, 'fill') })],
    [1, 'not in the problem', (k) => (placeOf(k, 'fill').id = 'ice')],
    [1, 'does not exist', (k) => (stepOf(k, 'roast').when = { route: 'r', choice: 'b' })],
    [
      1,
      'not where the problem places it',
      (k) => (stepOf(k, 'mix').placed = { start: 90, end: 110, people: ['ida'], equipment: [], state: 'pinned' }),
    ],
    [1, 'lasts 20', (k) => (k.problem.people[0]!.pace = { mix: 1.5 })],
    [1, 'lasts 20', (k) => (stepOf(k, 'mix').minutes.planned = 25)],
    [
      1,
      'lasts 30',
      (k) =>
        (stepOf(k, 'bake').oven!.choices = [
          { equipment: 'deck', celsius: 180, minutes: { low: 20, likely: 25, high: 30 } },
        ]),
    ],
    [2, '59 min, at least 60', (k) => (waitOf(k, 'chill').min = 60) && move(k, 'fill', 209)],
    [2, '16 min, at most 15', (k) => move(k, 'mix', 84)],
    [2, 'nobody is on shift', (k) => (waitOf(k, 'keep').attended = true) && move(k, 'give-p', 700)],
    [3, 'takes 2 people', (k) => (stepOf(k, 'fill').people!.count = 2)],
    [3, 'cannot do mix', (k) => (k.problem.people[0]!.skills = [])],
    [3, 'not on the team', (k) => (placeOf(k, 'fill').people = ['kim'])],
    [3, 'within a shift', (k) => (k.problem.people[0]!.shifts = [[0, 225]])],
    [3, 'at once', (k) => move(k, 'fill', 110)],
    [3, 'nobody does it by hand', (k) => (placeOf(k, 'bake').people = ['ida'])],
    [4, 'starts with nobody', (k) => k.problem.people.forEach((p) => (p.shifts = [[100, 120]]))],
    [4, 'ends with nobody', (k) => k.problem.people.forEach((p) => (p.shifts = [[100, 204]]))],
    [5, 'has no place', (k) => k.plan.waits.pop()],
    [5, 'has no item', (k) => k.plan.holds.pop()],
    [5, 'listed twice', (k) => k.plan.holds.push({ ...k.plan.holds[0]! })],
    [5, 'has no place in this plan', (k) => k.plan.waits.push({ id: 'stand', equipment: 'cold' })],
    [5, 'is not there', (k) => (placeOf(k, 'bake').equipment = ['kiln'])],
    [5, 'needs a oven, and cold is a fridge', (k) => (placeOf(k, 'bake').equipment = ['cold'])],
    [5, 'names 0 items', (k) => (placeOf(k, 'bake').equipment = [])],
    [5, '2 are used', (k) => (waitOf(k, 'chill').units = 2)],
    [5, 'is closed', (k) => (k.problem.equipment[0]!.closed = [[149, 150]])],
    [5, 'does not lie in what bake uses', (k) => (waitOf(k, 'chill').sameItemAs = 'bake')],
    [
      5,
      'may not be baked in deck',
      (k) =>
        (stepOf(k, 'bake').oven!.choices = [
          { equipment: 'small', celsius: 180, minutes: { low: 30, likely: 30, high: 30 } },
        ]),
    ],
    [6, 'starts 14 min after step bake, not 15', (k) => move(k, 'roast', 164)],
    [6, 'starts -20 min after', (k) => move(k, 'roast', 130)],
    [
      6,
      'has the oven off',
      (k) =>
        Object.assign(waitOf(k, 'chill'), { place: 'oven', sameItemAs: 'bake', heat: 'off' }) &&
        (k.plan.waits[0]!.equipment = 'deck'),
    ],
    [7, 'before its pickup at 400', (k) => move(k, 'give', 399)],
    ['routes', 'none of its choices', (k) => (k.plan.routes.r = 'c')],
    ['unplaced', 'no order x', (k) => k.plan.unplaced.push({ order: 'x', reason: 'why', blockers: [] })],
    ['score', 'cost says 6', (k) => (k.plan.score.cost = 6)],
    ['score', 'lateness says 3', (k) => (k.plan.score.lateness = 3)],
    ['score', 'ageing says 4', (k) => (k.plan.score.ageing = 4)],
    ['score', 'ovenChanges says 0', (k) => (k.plan.score.ovenChanges = 0)],
    ['score', 'ageing says 5, and is 35', (k) => (waitOf(k, 'chill').wish = { least: 100, cost: 1 })],
    ['score', 'cost says 5, and is 12', (k) => (k.problem.routes![0]!.cost = { a: 7 })],
    ['bound', 'above the cost', (k) => (k.plan.bound.cost = 5.1)],
    ['status', 'says late', (k) => (k.plan.status = 'late')],
  ])('rule %s: %s', (rule, words, spoil) => {
    const k = kitchen();
    spoil(k);
    const found = checkPlan(k.problem, k.plan).errors.filter((e) => e.rule === rule);
    expect(found.map((e) => e.message).join('; ')).toContain(words);
  });

  it('an order that is late costs its weight, and is told in the status', () => {
    const k = kitchen();
    move(k, 'give', 410);
    expect(checkPlan(k.problem, k.plan)).toMatchObject({ lateness: 20, cost: 2005 });
    rescore(k);
    expect(checkPlan(k.problem, k.plan).errors).toEqual([{ rule: 'status', message: 'says complete, and is late' }]);
  });

  it.each([null, 3, [], {}, { ...kitchen().plan, steps: [3] }, { ...kitchen().plan, score: {} }])(
    'what is no plan is told so: %j',
    (value) => expect(checkPlan(kitchen().problem, value).errors[0]!.rule).toBe('shape'),
  );
});

describe('rule 8: what has begun is a fact', () => {
  /** Order p is left out while its roast is running in the deck, with Ole at a machine of hands. */
  function leftOut() {
    const k = kitchen();
    const own = ['roast', 'give-p'];
    k.plan.steps = k.plan.steps.filter((s) => !own.includes(s.id));
    k.plan.unplaced = [{ order: 'p', reason: 'no place', blockers: [] }];
    k.plan.status = 'partial';
    k.plan.bound.cost = null;
    return k;
  }
  it('keeps its oven hot where its order is left out', () => {
    const k = leftOut();
    const running = { start: 90, end: 120, people: [], equipment: ['deck'], state: 'running' as const };
    stepOf(k, 'roast').placed = running;
    rescore(k);
    expect(checkPlan(k.problem, k.plan).errors).toEqual([
      { rule: 6, message: 'deck: step bake starts 0 min after step roast, not 6' },
    ]);
    stepOf(k, 'roast').placed = { ...running, equipment: ['small'] };
    rescore(k);
    expect(checkPlan(k.problem, k.plan).errors).toEqual([]);
  });
  it('keeps its people where its choice is not taken', () => {
    const k = leftOut();
    Object.assign(stepOf(k, 'roast'), {
      ...{ work: 'hands', people: { count: 1, skill: 'mix' }, oven: null, when: { route: 'r', choice: 'b' } },
      placed: { start: 110, end: 130, people: ['ida'], equipment: [], state: 'running' },
    });
    rescore(k);
    expect(checkPlan(k.problem, k.plan).errors).toEqual([{ rule: 8, message: 'ida does mix and roast at once' }]);
  });
  it('facts may contradict each other', () => {
    const k = kitchen();
    const fact = (id: string) => {
      const { start, end, people, equipment } = placeOf(k, id);
      stepOf(k, id).placed = { start, end, people, equipment, state: 'done' };
    };
    move(k, 'roast', 130);
    fact('bake');
    fact('roast');
    rescore(k);
    expect(checkPlan(k.problem, k.plan).errors).toEqual([]);
  });
});
