import type { FloorEvent, StepState } from '../floor/floor-state';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import type { Situation } from './situation';
import { stoodTooLong } from './stood-too-long';

const wait = (from: string, to: string, max: number | null, when?: { route: string; choice: string }) => ({
  ...{ id: `${from}>${to}`, from, to, min: 0, max, place: null, units: 0, ageing: 0, why: 'the batter works' },
  ...(when && { when }),
});
const plan = {
  routes: { 'o1.set': 'cold' },
  steps: ['mix', 'bake', 'coat', 'fill'].map((id) => ({ id, start: 0, end: 9, people: [], equipment: [] })),
  waits: [],
  holds: [],
} as unknown as Plan;
const problem = { steps: [], orders: [], waits: [] } as unknown as Problem;
const done = (step: string, end: number): [string, StepState] => [
  step,
  { step, state: 'done', start: 0, end, extended: 0, until: null, people: [], equipment: [], event: 1 },
];

function stood(minute: number, states: [string, StepState][], waits: object[], told: FloorEvent[] = []) {
  const breakdowns = new Map([[1, { waits }]]) as unknown as Situation['breakdowns'];
  const shared = { waits: [] } as unknown as Situation['shared'];
  return stoodTooLong({ breakdowns, shared, told, states: new Map(states), minute }, { problem, plan });
}

describe('what stood too long', () => {
  const batter = wait('mix', 'bake', 12);
  it('is told the minute its limit is over, with since when and how long was allowed', () => {
    expect(stood(112, [done('mix', 100)], [batter])).toEqual([]);
    expect(stood(113, [done('mix', 100)], [batter])).toEqual([
      { from: 'mix', to: 'bake', since: 100, stood: 13, allowed: 12, why: 'the batter works' },
    ]);
  });
  it('is not asked about again once somebody uses it anyway; made anew it is', () => {
    const use: FloorEvent = {
      id: 9,
      kind: 'use anyway',
      minute: 115,
      step: 'bake',
      after: 'mix',
      allowed: 12,
      reason: 'still light',
    };
    expect(stood(130, [done('mix', 100)], [batter], [use])).toEqual([]);
    expect(stood(130, [done('mix', 100)], [batter], [{ ...use, step: 'coat' }])).toHaveLength(1);
    expect(
      stood(130, [done('mix', 100)], [batter], [use, { id: 10, kind: 'take back', minute: 116, event: 9 }]),
    ).toHaveLength(1);
    expect(stood(160, [done('mix', 120)], [batter], [use])).toHaveLength(1);
  });
  it('is nothing that has gone on, is not made yet, or has no limit', () => {
    expect(stood(500, [done('mix', 100), done('bake', 140)], [batter])).toEqual([]);
    const running: [string, StepState] = ['mix', { ...done('mix', 0)[1], state: 'running', end: null }];
    expect(stood(500, [running], [batter])).toEqual([]);
    expect(stood(500, [], [batter])).toEqual([]);
    expect(stood(500, [done('mix', 100)], [wait('mix', 'bake', null)])).toEqual([]);
  });
  it('counts only on the route that was taken, and only what the plan still does', () => {
    const cold = { route: 'o1.set', choice: 'cold' };
    expect(stood(500, [done('mix', 100)], [wait('mix', 'bake', 12, cold)])).toHaveLength(1);
    expect(stood(500, [done('mix', 100)], [wait('mix', 'bake', 12, { ...cold, choice: 'frozen' })])).toEqual([]);
    expect(stood(500, [done('mix', 100)], [wait('mix', 'gone', 12)])).toEqual([]);
  });
  it('has the longest beyond its limit first', () => {
    const both = [wait('coat', 'fill', 100), batter];
    expect(stood(300, [done('mix', 250), done('coat', 100)], both).map((s) => s.from)).toEqual(['coat', 'mix']);
    expect(stood(300, [done('mix', 150), done('coat', 100)], both).map((s) => s.from)).toEqual(['mix', 'coat']);
  });
});
