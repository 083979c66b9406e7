import type { Plan, PlannedStep } from '../planning-format/plan';
import type { Problem, Step } from '../planning-format/problem';
import type { ReadyTime } from '../planner/answers/ready-times';
import type { StepState } from './floor-state';
import { openSteps } from './open-steps';
import { orderStatus } from './order-status';

const step = (id: string, more: Partial<Step> = {}): Step => ({
  ...{ id, name: id, order: id.split('.')[0]!, work: 'hands', minutes: { low: 10, likely: 10, high: 10 } },
  ...{ people: { count: 1, skill: null }, uses: [], oven: null, earliest: null, ...more },
});
const problem: Problem = {
  ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-05-20T00:00:00Z', horizon: 2000, now: 0 },
  ...{ people: [], equipment: [], waits: [], holds: [], routes: [{ id: 'a.set', choices: ['cold', 'frozen'] }] },
  orders: [
    { id: 'a', name: 'A', pickup: 600, weight: 1, collect: 'a.collect' },
    { id: 'b', name: 'B', pickup: 700, weight: 1, collect: 'b.collect' },
  ],
  steps: [
    ...[step('a.mix'), step('a.coat'), step('a.freeze', { when: { route: 'a.set', choice: 'frozen' } })],
    step('a.collect', { work: 'collect', people: null }),
    ...[step('b.mix'), step('b.collect', { work: 'collect', people: null })],
  ],
};
const at = (id: string, start: number): PlannedStep => ({ id, start, end: start + 10, people: [], equipment: [] });
const planOf = (steps: PlannedStep[], unplaced: Plan['unplaced'] = []): Plan => ({
  ...{ format: 'zest-ladder/plan', version: 1, problem: null, status: 'complete', routes: { 'a.set': 'cold' } },
  ...{ steps, waits: [], holds: [], unplaced, bound: { cost: null }, seconds: 0 },
  score: { unplaced: 0, lateness: 0, ageing: 0, ovenChanges: 0, cost: 0 },
});
const both = [at('a.mix', 100), at('a.coat', 200), at('a.collect', 600), at('b.mix', 300), at('b.collect', 700)];
const done = (...ids: string[]) =>
  new Map(ids.map((id) => [id, { step: id, state: 'done', start: 0, end: 5 } as StepState]));
const ready = (a: number | null, b: number | null = 0): ReadyTime[] => [
  { order: 'b', ready: b, chain: [] },
  { order: 'a', ready: a, chain: [] },
];
const names = (list: Step[]) => list.map((s) => s.id);

describe('what of an order is still to be done', () => {
  it('comes in the order of its times', () => {
    const plan = planOf([at('a.coat', 100), at('a.mix', 200), at('a.collect', 600)]);
    expect(names(openSteps(problem, plan, new Map(), 'a'))).toEqual(['a.coat', 'a.mix']);
  });

  it('is what the plan has of it, but for the hand-over and what is done', () => {
    expect(names(openSteps(problem, planOf(both), new Map(), 'a'))).toEqual(['a.mix', 'a.coat']);
    expect(names(openSteps(problem, planOf(both), done('a.mix', 'b.mix'), 'a'))).toEqual(['a.coat']);
    const running = new Map([['a.mix', { ...done('a.mix').get('a.mix')!, state: 'running' as const }]]);
    expect(names(openSteps(problem, planOf(both), running, 'a'))).toEqual(['a.mix', 'a.coat']);
    expect(names(openSteps(problem, planOf(both), new Map(), 'b'))).toEqual(['b.mix']);
  });

  it('is all that any route could ask for where the plan leaves it out, and nothing more of another that is', () => {
    const left = [{ order: 'a', reason: 'no oven', blockers: [] }];
    const plan = planOf([at('b.mix', 300), at('b.collect', 700)], left);
    expect(names(openSteps(problem, plan, new Map(), 'a'))).toEqual(['a.mix', 'a.coat', 'a.freeze']);
    expect(names(openSteps(problem, planOf([at('b.collect', 700)], left), new Map(), 'b'))).toEqual([]);
  });
});

describe('how an order stands', () => {
  const status = (
    plan: Plan,
    times: ReadyTime[],
    tightBelow = 60,
    states = new Map<string, StepState>(),
    minute = 0,
    of = problem,
  ) => orderStatus({ problem: of, plan, ready: times }, states, 'a', { tightBelow, minute });

  it('it is ready when all its work is done, however late', () => {
    expect(status(planOf(both), ready(900), 60, done('a.mix', 'a.coat'))).toEqual({ state: 'ready' });
  });

  it('it holds with what it has to spare, and is tight with less than the kitchen likes', () => {
    expect(status(planOf(both), ready(500))).toEqual({ state: 'holds', spare: 100, overdue: null });
    expect(status(planOf(both), ready(540))).toEqual({ state: 'holds', spare: 60, overdue: null });
    expect(status(planOf(both), ready(541))).toEqual({ state: 'tight', spare: 59, overdue: null });
    // Another search can find it far later than the plan has it: what is to spare is the plan's own, and never a lateness without its sign.
    const early = planOf(both.map((s) => (s.id === 'a.collect' ? at('a.collect', 520) : s)));
    expect(status(early, ready(600 + 1363))).toEqual({ state: 'holds', spare: 80, overdue: null });
    expect(status(planOf(both), ready(601))).toEqual({ state: 'tight', spare: 0, overdue: null });
    expect(status(planOf(both), ready(500), 101)).toEqual({ state: 'tight', spare: 100, overdue: null });
    expect(status(planOf(both), ready(null))).toEqual({ state: 'holds', spare: null, overdue: null });
    expect(status(planOf(both), [])).toEqual({ state: 'holds', spare: null, overdue: null });
  });

  it('it misses by as much as the plan hands it over late', () => {
    const late = planOf([...both.filter((s) => s.id !== 'a.collect'), at('a.collect', 625)]);
    expect(status(late, ready(620))).toEqual({ state: 'misses', late: 25, reason: null });
    const gone = planOf(both.filter((s) => s.id !== 'a.collect'));
    expect(status(gone, ready(500))).toEqual({ state: 'holds', spare: 100, overdue: null });
  });

  it('it misses where the plan leaves it out, by as much as the earliest would be late', () => {
    const left = planOf(
      [at('b.mix', 300), at('b.collect', 700)],
      [
        { order: 'b', reason: 'no hands', blockers: [] },
        { order: 'a', reason: 'no oven', blockers: [] },
      ],
    );
    expect(status(left, ready(660))).toEqual({ state: 'misses', late: 60, reason: 'no oven' });
    expect(status(left, ready(500))).toEqual({ state: 'misses', late: 0, reason: 'no oven' });
    expect(status(left, ready(null))).toEqual({ state: 'misses', late: 0, reason: 'no oven' });
  });

  it('of this minute, though the plan is older: what is overdue, and what that costs', () => {
    const chain: Problem = {
      ...problem,
      waits: [
        {
          id: 'a.mix>a.coat',
          from: 'a.mix',
          to: 'a.coat',
          min: 80,
          max: null,
          place: null,
          units: 0,
          ageing: 0,
          why: '',
        },
        {
          id: 'a.coat>',
          from: 'a.coat',
          to: 'a.collect',
          min: 20,
          max: null,
          place: null,
          units: 0,
          ageing: 0,
          why: '',
        },
      ],
    };
    const now = (minute: number, states = new Map<string, StepState>()) =>
      status(planOf(both), ready(230), 60, states, minute, chain);
    expect(now(104)).toMatchObject({ state: 'holds', overdue: null });
    // The mix should have begun at 100. Mix, wait, coat and wait take 120 min: the earliest is 173 + 120.
    expect(now(173)).toEqual({ state: 'tight', spare: 600 - 293, overdue: { step: 'a.mix', minutes: 73 } });
    expect(now(500)).toEqual({ state: 'misses', late: 20, reason: '“a.mix” is 6 h 40 overdue' });
    expect([104, 105].map((minute) => now(minute).state)).toEqual(['holds', 'tight']);
    // Of several the one that waits longest is told.
    expect(now(290)).toMatchObject({ overdue: { step: 'a.mix', minutes: 190 } });
    // What the plan has first does not hang on the order in which it is written down.
    const mixedUp = planOf([at('a.collect', 600), at('a.coat', 200), at('a.mix', 100), at('b.mix', 300)]);
    expect(status(mixedUp, ready(230), 60, new Map<string, StepState>(), 173, chain)).toMatchObject({ spare: 307 });
    // A batch that the order waits for is its work too; another’s is not.
    const shared = (id: string, to: string): Problem => ({
      ...chain,
      steps: [...chain.steps, step(id, { order: null })],
      waits: [...chain.waits, { ...chain.waits[0]!, id: `${id}>`, from: id, to, min: 0 }],
    });
    const late = (of: Problem) =>
      status(planOf([at('x.cook', 20), ...both]), ready(230), 60, new Map<string, StepState>(), 99, of);
    expect(late(shared('x.cook', 'a.coat'))).toMatchObject({ overdue: { step: 'x.cook', minutes: 79 } });
    expect(late(shared('x.cook', 'b.mix'))).toMatchObject({ state: 'holds', overdue: null });
    // What runs longer than planned pushes what waits for it; what is done pushes nothing.
    const begun = (state: 'running' | 'done', end: number | null) =>
      new Map([['a.mix', { ...done('a.mix').get('a.mix')!, state, start: 100, end }]]);
    expect(now(200, begun('running', null))).toMatchObject({ state: 'tight', overdue: { step: 'a.mix', minutes: 90 } });
    expect(now(200, begun('done', 110))).toMatchObject({ state: 'holds', spare: 600 - 230, overdue: null });
    // What runs is expected to end no earlier than now: 400 and 80 + 10 + 20 min.
    expect(now(400, begun('running', null))).toMatchObject({ spare: 600 - 510 });
    // The same answers asked for again, and at another minute.
    const kept = new Map<string, StepState>();
    expect([173, 173, 180].map((minute) => now(minute, kept))).toMatchObject(
      [307, 307, 300].map((spare) => ({ spare, state: 'tight' })),
    );
    // The hand-over itself is nobody's overdue work.
    const handOver = planOf([...both.filter((s) => s.id !== 'a.collect'), at('a.collect', 560)]);
    const mixed = new Map([...begun('done', 110), ['a.coat', { ...begun('running', null).get('a.mix')!, start: 575 }]]);
    expect(status(handOver, ready(230), 60, mixed as Map<string, StepState>, 575, chain)).toMatchObject({
      overdue: { step: 'a.coat', minutes: 365 },
    });
  });
});
