import { checkPlan } from '../../plan-check/check-plan';
import type { Plan } from '../../planning-format/plan';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import doneEarly from '../testing/replan-cases/peak20-29.json' with { type: 'json' };
import dueNow from '../testing/replan-cases/held20-23-22.json' with { type: 'json' };
import { replan } from './replan';

const options = { seed: 1, rounds: 0, stop: () => true };

/** The steps that begin at another minute than before, with both. */
function moved(problem: Problem, before: Plan): Record<string, [number, number]> {
  const again = replan(problem, before, options);
  if (!again.ok) throw new Error('no plan');
  expect(checkPlan(problem, again.plan).errors).toEqual([]);
  const was = new Map(before.steps.map((s) => [s.id, s.start]));
  return Object.fromEntries(
    again.plan.steps.flatMap((s) => {
      const at = was.get(s.id);
      return at === undefined || at === s.start ? [] : [[s.id, [at, s.start]]];
    }),
  );
}

/** Mix, bake within 12 min, cool for 30, fill within an hour, hand over; two pairs of hands and an oven. */
function oneCake(now: number, facts: Record<string, { start: number; end: number; state: 'running' | 'done' }>) {
  const step = (id: string, minutes: number, more: Partial<Step> = {}): Step => ({
    ...{ id, name: id, order: 'o', work: 'hands', people: { count: 1, skill: null }, uses: [], oven: null },
    ...{ earliest: null, minutes: { low: minutes, likely: minutes, high: minutes } },
    ...(facts[id]
      ? { placed: { ...facts[id], people: id === 'bake' ? [] : ['ada'], equipment: id === 'bake' ? ['deck'] : [] } }
      : {}),
    ...more,
  });
  const wait = (from: string, to: string, min: number, max: number | null): Wait => ({
    ...{ id: `${from}>${to}`, from, to, min, max, place: null, units: 0, ageing: 0.01, why: '' },
  });
  const people = (id: string) => ({ id, name: id, skills: [], shifts: [[0, 900]] as [number, number][] });
  const problem: Problem = {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00Z', horizon: 2000, now },
    people: [people('ada'), people('ben')],
    equipment: [{ id: 'deck', kind: 'oven', units: 4, heatRate: 3, coolRate: 2 }],
    orders: [{ id: 'o', name: 'One cake', pickup: 600, weight: 1, collect: 'out' }],
    steps: [
      step('mix', 20),
      step('bake', 40, { work: 'oven', people: null, oven: { celsius: 170, units: 2 } }),
      step('turn', 5),
      step('fill', 25),
      step('out', 0, { work: 'collect', people: null }),
    ],
    waits: [
      wait('mix', 'bake', 0, 12),
      wait('bake', 'turn', 0, 10),
      wait('turn', 'fill', 30, 60),
      wait('fill', 'out', 20, 400),
    ],
    holds: [],
    routes: [],
  };
  const at = (id: string, start: number, minutes: number, people: string[], equipment: string[] = []) => ({
    ...{ id, start, end: start + minutes, people, equipment },
  });
  const before = {
    steps: [
      at('mix', 100, 20, ['ada']),
      at('bake', 130, 40, [], ['deck']),
      at('turn', 172, 5, ['ada']),
      at('fill', 230, 25, ['ada']),
      at('out', 600, 0, []),
    ],
    ...{ routes: {}, waits: [], holds: [], unplaced: [] },
  } as unknown as Plan;
  return moved(problem, before);
}

describe('planning again near to what was planned', () => {
  it('pulls along what may not wait longer, by as much as it must, and nothing else', () => {
    const mix = (start: number, end: number) => ({ mix: { start, end, state: 'done' as const } });
    expect(oneCake(120, mix(100, 120))).toEqual({});
    expect(oneCake(119, mix(100, 119))).toEqual({});
    // Done five minutes early, it may wait for twelve: the bake comes forward by three, and all that hangs on it can stay.
    expect(oneCake(115, mix(98, 115))).toEqual({ mix: [100, 98], bake: [130, 127] });
    // Ten early: the bake by eight, so that the turning out is not to wait for longer than its ten minutes either.
    expect(oneCake(110, mix(95, 110))).toEqual({ mix: [100, 95], bake: [130, 122] });
    expect(oneCake(104, mix(89, 104))).toEqual({ mix: [100, 89], bake: [130, 116], turn: [172, 166] });
  });

  it('pushes what waits for it, and what has to be made for that', () => {
    const late = oneCake(150, { mix: { start: 100, end: 150, state: 'done' } });
    expect(late).toEqual({ bake: [130, 150], turn: [172, 190] });
    const later = oneCake(190, { mix: { start: 100, end: 190, state: 'done' } });
    expect(later).toEqual({ bake: [130, 190], turn: [172, 230], fill: [230, 265] });
  });

  it('a batter that is done four minutes early moves its bake by those four, and nothing else of twenty cakes', () => {
    const { problem, before } = doneEarly as unknown as { problem: Problem; before: Plan };
    expect(moved(problem, before)).toEqual({ 'o9.layers.bake': [10497, 10493] });
  });

  it('of two taps in one minute the first moves nothing: what is due now ends now', () => {
    const { problem, before } = dueNow as unknown as { problem: Problem; before: Plan };
    expect(moved(problem, before)).toEqual({});
  });
});
