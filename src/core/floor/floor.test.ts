import { begunTooEarly } from './begun-too-early';
import { contradictions } from './contradictions';
import { expectedEnd, floorState, readings, usedAnyway, type FloorEvent } from './floor-state';
import { unusual } from './unusual';
import { problemAt, withFloor } from '../situation/with-floor';
import { simulate } from '../planner/answers/simulate';
import { twoCakes } from '../planner/testing/two-cakes';
import { openSteps } from './open-steps';
import { orderStatus } from './order-status';
import { generateProblem } from '../planner/testing/generate';
import { solve } from '../planner/solve';
import { replan } from '../planner/replanning/replan';
import { readyTimes } from '../planner/answers/ready-times';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';

const start = (id: number, step: string, minute: number): FloorEvent => ({
  id,
  kind: 'start',
  minute,
  step,
  people: ['p1'],
  equipment: [],
});
const finish = (id: number, step: string, minute: number): FloorEvent => ({ id, kind: 'finish', minute, step });

function planned(problem: Problem): Plan {
  const solved = solve(problem, { seed: 1, rounds: 20, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  return solved.plan;
}

describe('the state of the floor', () => {
  it('is read off the events', () => {
    const state = floorState([
      start(1, 'a', 10),
      { id: 2, kind: 'extend', minute: 20, step: 'a', minutes: 5 },
      finish(3, 'a', 33),
      start(4, 'b', 34),
    ]);
    expect(state.get('a')).toMatchObject({ state: 'done', start: 10, end: 33, extended: 5, event: 3 });
    expect(state.get('b')).toMatchObject({ state: 'running', end: null });
  });
  it('forgets what was taken back, and only that', () => {
    const events = [start(1, 'a', 10), finish(2, 'a', 30)];
    expect(floorState([...events, { id: 3, kind: 'take back', minute: 31, event: 2 }]).get('a')).toMatchObject({
      state: 'running',
    });
    expect(floorState([...events, { id: 3, kind: 'take back', minute: 31, event: 1 }]).has('a')).toBe(false);
  });
});

describe('what is told of steps that were not begun', () => {
  it('makes no state of them, and a beginning told again begins anew', () => {
    expect(floorState([finish(1, 'a', 30), { id: 2, kind: 'extend', minute: 31, step: 'a', minutes: 5 }]).size).toBe(0);
    const again = floorState([start(1, 'a', 10), finish(2, 'a', 30), start(3, 'a', 40)]);
    expect(again.get('a')).toEqual({
      ...{ step: 'a', state: 'running', start: 40, end: null, extended: 0, until: null, event: 3 },
      ...{ people: ['p1'], equipment: [] },
    });
    expect(floorState([start(1, 'a', 10), finish(2, 'a', 4)]).get('a')).toMatchObject({ start: 10, end: 10 });
  });
});

describe('facts in the problem', () => {
  const problem = generateProblem({ cakes: 4, seed: 5 });
  const plan = planned(problem);
  const first = [...plan.steps].sort((a, b) => a.start - b.start).find((s) => s.people.length > 0)!;
  const event: FloorEvent = {
    id: 1,
    kind: 'start',
    minute: first.start,
    step: first.id,
    people: first.people,
    equipment: first.equipment,
  };

  it('a running step that has run over is expected to end just ahead of now', () => {
    const now = first.end + 30;
    const { problem: facts } = withFloor({ ...problem, now }, floorState([event]));
    expect(facts.steps.find((s) => s.id === first.id)!.placed).toMatchObject({
      state: 'running',
      start: first.start,
      end: now + 1,
    });
  });

  it('a part that has stood too long lifts its longest wait, and says so', () => {
    const now = first.end + 60_000;
    const done = floorState([event, finish(2, first.id, first.end)]);
    const { problem: facts, stood } = withFloor({ ...problem, now, horizon: now + 9000 }, done);
    const waits = facts.waits.filter((w) => w.from === first.id);
    expect(waits.length).toBeGreaterThan(0);
    expect(waits.filter((w) => w.max !== null)).toEqual([]);
    expect(stood.sort()).toEqual(waits.map((w) => w.id).sort());
  });

  it('a late finish moves what must move, and leaves the other cakes where they are', () => {
    const late = first.end + 12;
    const done = floorState([event, finish(2, first.id, late)]);
    const { problem: facts } = withFloor({ ...problem, now: late }, done);
    const again = replan(facts, plan, { seed: 1, rounds: 10, stop: () => false });
    if (!again.ok) throw new Error('no plan');
    const order = problem.steps.find((s) => s.id === first.id)!.order;
    const was = new Map(plan.steps.map((s) => [s.id, s.start]));
    const others = again.plan.steps.filter((s) => problem.steps.find((x) => x.id === s.id)!.order !== order);
    const moved = others.filter((s) => was.get(s.id) !== s.start && was.get(s.id)! >= late);
    expect(moved.length).toBeLessThanOrEqual(3);
    expect(again.plan.steps.find((s) => s.id === first.id)).toMatchObject({ start: first.start, end: late });
  });

  it('a finish on time moves nothing', () => {
    const done = floorState([event, finish(2, first.id, first.end)]);
    const begun = plan.steps.filter((s) => s.start < first.end && s.id !== first.id).map((s) => s.start);
    const { problem: facts } = withFloor({ ...problem, now: Math.min(first.end, ...begun) }, done);
    const again = replan(facts, plan, { seed: 1, stop: () => false });
    expect(again.ok && again.moved).toBe(0);
  });

  it('tells how an order stands', () => {
    const ready = readyTimes(problem, plan);
    for (const o of problem.orders) {
      const status = orderStatus({ problem, plan, ready }, new Map(), o.id, { tightBelow: 60, minute: problem.now });
      const collect = plan.steps.find((s) => s.id === o.collect)!;
      if (collect.start > o.pickup) expect(status).toMatchObject({ state: 'misses', late: collect.start - o.pickup });
      else expect(['holds', 'tight']).toContain(status.state);
    }
    const [order] = problem.orders;
    const all = plan.steps.filter((s) => s.id !== order!.collect);
    const done = floorState(all.flatMap((s, i) => [start(2 * i, s.id, s.start), finish(2 * i + 1, s.id, s.end)]));
    expect(openSteps(problem, plan, done, order!.id)).toEqual([]);
    expect(orderStatus({ problem, plan, ready }, done, order!.id, { tightBelow: 60, minute: problem.now })).toEqual({
      state: 'ready',
    });
  });
});

describe('what is put right later', () => {
  const told: FloorEvent[] = [start(1, 'a', 10), finish(2, 'a', 30), start(3, 'b', 31)];
  it('counts at the time at which it was, whatever was told in between; the last word counts', () => {
    const states = floorState([
      ...told,
      { id: 4, kind: 'correct', minute: 90, event: 1, to: 5 },
      { id: 5, kind: 'correct', minute: 91, event: 2, to: 28 },
      { id: 6, kind: 'correct', minute: 92, event: 2, to: 26 },
    ]);
    expect(states.get('a')).toMatchObject({ start: 5, end: 26, state: 'done' });
    expect(states.get('b')).toMatchObject({ start: 31 });
  });
  it('“not yet” counts from when it is told, and never shortens what is likely', () => {
    const running = floorState([start(1, 'a', 10), { id: 2, kind: 'not yet', minute: 60, step: 'a', minutes: 5 }]).get(
      'a',
    )!;
    expect(running).toMatchObject({ until: 65, event: 2 });
    expect(expectedEnd(running, 30)).toBe(65);
    expect(expectedEnd(running, 80)).toBe(90);
    expect(expectedEnd({ ...running, until: null, extended: 7 }, 30)).toBe(47);
  });
  it('names what cannot both be so', () => {
    const waits = [{ from: 'a', to: 'b', min: 0 }];
    const of = (events: FloorEvent[]) => contradictions(floorState(events), waits).map((c) => c.told);
    expect(of(told)).toEqual([]);
    expect(of([told[0]!, told[2]!])).toEqual(['running']);
    expect(of([told[2]!])).toEqual(['not begun']);
    expect(of([...told, { id: 4, kind: 'correct', minute: 90, event: 2, to: 32 }])).toEqual(['ended later']);
    expect(of([...told, { id: 4, kind: 'correct', minute: 90, event: 2, to: 31 }])).toEqual([]);
    expect(of([told[0]!])).toEqual([]);
    // One that may begin while the other runs contradicts nothing.
    expect(contradictions(floorState([told[2]!]), [{ from: 'a', to: 'b', min: -10 }])).toEqual([]);
  });
});

describe('what stood too long and is used all the same', () => {
  const use = (id: number, reason: string): FloorEvent => ({
    ...{ id, kind: 'use anyway', minute: 50, step: 'b', after: 'a', allowed: 20, reason },
  });
  it('is what was told and not taken back, each with its reason; it begins and ends nothing', () => {
    const events = [start(1, 'a', 10), use(2, 'smells fine'), use(3, 'chef’s word')];
    expect(usedAnyway([...events, { id: 4, kind: 'take back', minute: 51, event: 3 }])).toEqual([
      use(2, 'smells fine'),
    ]);
    expect(usedAnyway([events[0]!])).toEqual([]);
    expect(floorState([...events, start(4, 'b', 51), { ...use(5, ''), minute: 60 }]).get('b')).toMatchObject({
      ...{ until: null, event: 4 },
    });
  });
});

describe('what was read', () => {
  it('is kept with its number and its reason, until it is taken back', () => {
    const done = (id: number, step: string, check?: Extract<FloorEvent, { kind: 'finish' }>['check']): FloorEvent => ({
      id,
      kind: 'finish',
      minute: 20 + id,
      step,
      check,
    });
    const curd = { kind: 'temperature at least', text: '82–85 °C', value: 97, why: 'strained' };
    const felt = { kind: 'skewer clean', text: 'clean', value: null };
    const events = [start(1, 'a', 10), done(2, 'a', curd), done(3, 'b', felt), done(4, 'c')];
    expect(readings(events)).toEqual([{ ...curd, step: 'a', minute: 22 }]);
    expect(readings([...events, { id: 5, kind: 'take back', minute: 30, event: 2 }])).toEqual([]);
  });
});

describe('how long something took', () => {
  it('is unusual where it is far from what is usual, and only there', () => {
    const usual = { low: 20, high: 30 };
    expect([0, 9, 10, 30, 60, 61, 200].map((took) => unusual(took, usual))).toEqual([
      'short',
      'short',
      null,
      null,
      null,
      'long',
      'long',
    ]);
    // Two minutes less than the least are enough, one is not.
    expect([1, 2].map((took) => unusual(took, { low: 3.1, high: 3.1 }))).toEqual(['short', null]);
    expect(unusual(1, { low: 3, high: 3 })).toBe('short');
    // What takes a few minutes may be done at once, or take a few more.
    expect([0, 1, 8, 16, 17].map((took) => unusual(took, { low: 1, high: 2 }))).toEqual([
      null,
      null,
      null,
      null,
      'long',
    ]);
  });
});

describe('what is begun before its time', () => {
  const steps = (['mix', 'bake', 'coat'] as const).map((id) => ({
    ...{ id, name: id, order: 'o', work: 'hands', minutes: { low: 8, likely: 10, high: 12 }, people: null, uses: [] },
    ...{ oven: null, earliest: null },
  }));
  const wait = (to: string, max: number | null) => ({ id: `mix>${to}`, from: 'mix', to, min: 0, max });
  const planned = (waits: object[]) => ({
    problem: { steps, orders: [], waits } as unknown as Problem,
    plan: {
      steps: [
        { id: 'mix', start: 100, end: 110, people: [], equipment: [] },
        { id: 'bake', start: 110, end: 150, people: [], equipment: [] },
        { id: 'coat', start: 300, end: 320, people: [], equipment: [] },
      ],
      routes: {},
      waits: [],
      holds: [],
    } as unknown as Plan,
  });
  it('would leave standing what the plan takes up later, by more than it may', () => {
    expect(begunTooEarly(planned([wait('bake', 12)]), 'mix', 40)).toEqual({
      ...{ planned: 100, done: 50, to: 'bake', begins: 110, stands: 60, allowed: 12 },
    });
    expect(begunTooEarly(planned([wait('bake', 12)]), 'mix', 88)).toBeNull();
    expect(begunTooEarly(planned([wait('bake', null)]), 'mix', 40)).toBeNull();
    expect(begunTooEarly(planned([wait('coat', 60)]), 'mix', 100)).toBeNull();
    expect(begunTooEarly(planned([wait('bake', 12), wait('coat', 60)]), 'mix', 40)!.to).toBe('coat');
    // What oversteps most is told, not what stands longest: 60 − 12 is more than 250 − 230.
    expect(begunTooEarly(planned([wait('coat', 230), wait('bake', 12)]), 'mix', 40)!.to).toBe('bake');
    // What another step makes does not stand by it.
    const other = { id: 'bake>coat', from: 'bake', to: 'coat', min: 0, max: 20 };
    expect(begunTooEarly(planned([other]), 'mix', 40)).toBeNull();
    expect(begunTooEarly(planned([]), 'gone', 40)).toBeNull();
    // A step of a cake that the plan leaves out has no time that it would be before.
    const { problem, plan } = planned([wait('bake', 12)]);
    const without = { ...plan, steps: plan.steps.filter((s) => s.id !== 'mix') };
    expect(begunTooEarly({ problem, plan: without }, 'mix', 40)).toBeNull();
  });
});

describe('a plan that is older than now', () => {
  it('is lived through from now on: what should have begun and has not makes the order late', () => {
    const problem = twoCakes([120, 300]);
    const plan = planned(problem);
    const chanceAt = (minute: number) => {
      const { orders } = simulate(problemAt(problem, minute), plan, 50, 1);
      return orders.find((o) => o.order === 'a')!.chance;
    };
    expect([0, 30, 31, 200].map(chanceAt)).toEqual([1, 1, 0, 0]);
    expect(problemAt(problem, 0)).toBe(problem);
    // What runs still is not over; what is done stays as it was.
    const placed = (state: 'running' | 'done') => ({ start: 0, end: 60, people: ['ada'], equipment: [], state });
    const told = (state: 'running' | 'done') => ({
      ...problem,
      steps: problem.steps.map((s) => (s.id === 'a-pipe' ? { ...s, placed: placed(state) } : s)),
    });
    const end = (of: Problem) => problemAt(of, 90).steps.find((s) => s.id === 'a-pipe')!.placed!.end;
    expect([end(told('running')), end(told('done'))]).toEqual([91, 60]);
  });
});
