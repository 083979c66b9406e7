import type { Plan, PlannedStep } from '../../planning-format/plan';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import { courseOf } from './course';
import { Days } from './day';
import { beginnings, type Habit } from './earliest-times';
import { TimeQueue } from './time-queue';

const minutes = (likely: number) => ({ low: likely, likely, high: likely });
const hands = (id: string, likely: number, more: Partial<Step> = {}): Step => ({
  ...{ id, name: id, order: null, work: 'hands', minutes: minutes(likely), people: { count: 1, skill: 'bake' } },
  ...{ uses: [], oven: null, earliest: null },
  ...more,
});
const bake = (id: string, likely: number, celsius: number, more: Partial<Step> = {}): Step =>
  hands(id, likely, { work: 'oven', people: null, oven: { celsius, units: 1 }, ...more });
const wait = (from: string, to: string, min: number, max: number | null, more: Partial<Wait> = {}): Wait => ({
  ...{ id: `${from}>${to}`, from, to, min, max, place: null, units: 0, ageing: 0, why: '' },
  ...more,
});
const at = (
  id: string,
  start: number,
  end: number,
  who: string[] = ['ada'],
  equipment: string[] = [],
): PlannedStep => ({
  ...{ id, start, end, people: who, equipment },
});

/** Ada and Ben bake from 0 to 200 and from 230 to 480; an oven of two slots that changes by 5 °C a minute, and one tin. */
function kitchen(steps: Step[], waits: Wait[] = [], rest: Partial<Problem> = {}): Problem {
  const shifts: [number, number][] = [
    [0, 200],
    [230, 480],
  ];
  return {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00Z', horizon: 1000, now: 0 },
    people: ['ada', 'ben'].map((id) => ({ id, name: id, skills: ['bake'], shifts })),
    equipment: [
      { id: 'deck', kind: 'oven', units: 2, heatRate: 5, coolRate: 5 },
      { id: 'tin', kind: 'tin', units: 1 },
    ],
    ...{ orders: [], steps, waits, holds: [], routes: [], ...rest },
  };
}

/** When each step begins and is over, where some of them last otherwise than planned. */
function lived(
  problem: Problem,
  steps: PlannedStep[],
  lasts: Record<string, number> = {},
  habit: Habit = 'early',
  rest: Partial<Plan> = {},
) {
  const plan = { routes: {}, steps, waits: [], holds: [], unplaced: [], ...rest } as unknown as Plan;
  const course = courseOf(problem, plan);
  const days = new Days(course, beginnings(course, habit));
  const drawn = Float64Array.from(course.steps, (s) => lasts[s.id] ?? s.minutes);
  days.live(drawn);
  const first = course.steps.map((s, i) => [s.id, [days.began[i], days.over[i]]] as const);
  // The next day knows nothing of the one before.
  days.live(drawn);
  expect(course.steps.map((s, i) => [s.id, [days.began[i], days.over[i]]])).toEqual(first);
  return Object.fromEntries(first);
}

describe('a day lived through', () => {
  it('goes as planned where everything lasts as planned', () => {
    const problem = kitchen([hands('mix', 20), bake('bake', 30, 180)], [wait('mix', 'bake', 0, 12)]);
    const plan = [at('mix', 40, 60), at('bake', 60, 90, [], ['deck'])];
    expect(lived(problem, plan, {}, 'wall')).toEqual({ mix: [40, 60], bake: [60, 90] });
  });

  it('begins early by habit, an hour at most, and what has to be followed at once 10 min at most', () => {
    const plan = [at('a', 100, 120)];
    expect(lived(kitchen([hands('a', 20)]), plan)).toEqual({ a: [40, 60] });
    expect(lived(kitchen([hands('a', 20)]), plan, {}, 'wall')).toEqual({ a: [100, 120] });
    const followed = kitchen([hands('a', 20), bake('b', 30, 180)], [wait('a', 'b', 0, 12)]);
    expect(lived(followed, [...plan, at('b', 120, 150, [], ['deck'])])).toEqual({ a: [90, 110], b: [110, 140] });
  });

  it('one pair of hands does one thing after the other, in the order of the plan', () => {
    const plan = [at('a', 60, 80), at('b', 80, 100)];
    expect(lived(kitchen([hands('a', 20), hands('b', 20)]), plan, { a: 33 }, 'wall')).toEqual({
      a: [60, 93],
      b: [93, 113],
    });
  });

  it('a break is kept, but for 10 min of what is in hand', () => {
    const plan = [at('a', 170, 180), at('b', 180, 200)];
    const steps = [hands('a', 10), hands('b', 20)];
    expect(lived(kitchen(steps), plan, { a: 18 }, 'wall').b).toEqual([188, 208]);
    expect(lived(kitchen(steps), plan, { a: 22 }, 'wall').b).toEqual([230, 250]);
  });

  it('who is 15 min overdue is helped by somebody who has nothing of their own to do by then', () => {
    const steps = [hands('a', 20), hands('b', 20), hands('c', 20)];
    const plan = [at('a', 60, 80), at('b', 80, 100), at('c', 150, 170, ['ben'])];
    expect(lived(kitchen(steps), plan, { a: 90 }, 'wall').b).toEqual([96, 116]);
    const busy = [...plan.slice(0, 2), at('c', 110, 130, ['ben'])];
    expect(lived(kitchen(steps), busy, { a: 90 }, 'wall').b).toEqual([130, 150]);
  });

  it('an oven has one temperature, its changeover, and its slots', () => {
    const steps = [bake('a', 30, 180), bake('b', 30, 180), bake('c', 30, 150)];
    const deck = (id: string, start: number) => at(id, start, start + 30, [], ['deck']);
    const day = lived(kitchen(steps), [deck('a', 50), deck('b', 60), deck('c', 96)], { b: 40 }, 'wall');
    expect(day).toEqual({ a: [50, 80], b: [60, 100], c: [106, 136] });
  });

  it('nothing comes before what it waits for; what stood too long is made again', () => {
    const problem = kitchen(
      [hands('mix', 20), bake('bake', 30, 180), bake('roast', 60, 150)],
      [wait('mix', 'bake', 0, 12)],
    );
    const deck = (id: string, start: number, end: number) => at(id, start, end, [], ['deck']);
    const plan = [deck('roast', 0, 60), at('mix', 46, 66), deck('bake', 66, 96)];
    // Mixed by 66; the oven has 6 min to heat: 12 min are just kept to.
    expect(lived(problem, plan, { roast: 66 }, 'wall').bake).toEqual([72, 102]);
    // Half of it more is borne, but 10 min at least.
    expect(lived(problem, plan, { roast: 82 }, 'wall').bake).toEqual([88, 118]);
    // Later than that the batter is mixed again, 20 min from when it was no good any more.
    expect(lived(problem, plan, { roast: 83 }, 'wall').bake).toEqual([108, 138]);
  });

  it('nothing is begun that cannot be followed: no batter is mixed before a break', () => {
    const problem = kitchen([hands('mix', 20), hands('fill', 20)], [wait('mix', 'fill', 0, 12)]);
    const plan = [at('mix', 150, 170), at('fill', 170, 190)];
    const late = { ...problem, now: 171 };
    expect(lived(late, plan, {}, 'wall')).toEqual({ mix: [230, 250], fill: [250, 270] });
  });

  it('nobody pushes in before what is planned earlier and could begin, nor lets anything spoil', () => {
    const problem = kitchen(
      [
        hands('early', 20),
        hands('wanted', 30),
        hands('long', 50),
        hands('other', 20, { work: 'machine', people: null }),
      ],
      [wait('other', 'wanted', 0, null)],
    );
    const plan = [at('other', 40, 60, []), at('wanted', 60, 90), at('long', 90, 140)];
    // It takes longer to be ready than it should: the next one, which could begin at 50, waits for it all the same.
    expect(lived(problem, plan, { other: 55 })).toMatchObject({ other: [0, 55], wanted: [55, 85], long: [85, 135] });
    // Overdue by more than 15 min, it is waited for no more; Ben helps with it then.
    expect(lived(problem, plan, { other: 100 })).toMatchObject({ long: [76, 126], wanted: [100, 130] });
  });

  it('what has a deadline comes first, and others help with it', () => {
    const problem = kitchen(
      [bake('bake', 40, 180), hands('out', 10), hands('long', 60), hands('own', 30)],
      [wait('bake', 'out', 10, 25)],
    );
    const deck = at('bake', 20, 60, [], ['deck']);
    // It is out of the oven at 50 instead of 60: by 75 it is to be turned out, which the long piece would not leave time for.
    const plan = [deck, at('long', 10, 70), at('out', 70, 80)];
    expect(lived(problem, plan, { bake: 30, long: 75 }, 'wall').out).toEqual([70, 80]);
    const after = [deck, at('out', 72, 82), at('long', 82, 142)];
    expect(lived(problem, after, { bake: 30 }, 'early')).toMatchObject({ out: [50, 60], long: [60, 120] });
    const taken = [deck, at('long', 10, 70), at('out', 71, 81), at('own', 100, 130, ['ben'])];
    expect(lived(problem, taken, { bake: 30, long: 90 }, 'wall').out).toEqual([70, 80]);
  });

  it('a tin stays with its layers until they are turned out', () => {
    const problem = kitchen([hands('a', 10), hands('out', 5), hands('b', 10)], [wait('a', 'out', 30, null)], {
      holds: [
        { id: 'h', kind: 'tin', units: 1, from: 'a', until: 'out' },
        { id: 'k', kind: 'tin', units: 1, from: 'b', until: 'b' },
      ],
    });
    const plan = [at('a', 10, 20), at('out', 50, 55), at('b', 60, 70, ['ben'])];
    const holds = ['h', 'k'].map((id) => ({ id, equipment: 'tin' }));
    expect(lived(problem, plan, { a: 30 }, 'wall', { holds }).b).toEqual([75, 85]);
  });

  it('what is done and running is as it is, in the plan or not', () => {
    const running = { start: 0, end: 70, people: ['ada'], equipment: [], state: 'running' as const };
    const problem = { ...kitchen([hands('left out', 10, { placed: running }), hands('b', 20)]), now: 40 };
    expect(lived(problem, [at('b', 60, 80)]).b).toEqual([70, 90]);
  });

  it('what never can begin never does', () => {
    const problem = kitchen([hands('a', 300)]);
    expect(lived(problem, [at('a', 100, 400)]).a).toEqual([Infinity, Infinity]);
  });
});

describe('minutes to be looked at', () => {
  it('come out in order, each once', () => {
    const queue = new TimeQueue();
    for (const t of [5, 3, 9, 3, 7, 5, 1, 3]) queue.push(t);
    const out: number[] = [];
    while (queue.next < Infinity) out.push(queue.pop());
    expect(out).toEqual([1, 3, 5, 7, 9]);
  });
});
