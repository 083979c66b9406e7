import { generateProblem } from '../planner/testing/generate';
import type { Problem, Step, Wait } from '../planning-format/problem';
import { minutesAt } from '../time/minutes';
import { freeMinutes, withFreeMinutes } from './free-minutes';

const step = (id: string, minutes: [number, number, number], more: Partial<Step> = {}): Step => ({
  ...{ id, name: id, order: 'a', work: 'hands', minutes: { low: minutes[0], likely: minutes[1], high: minutes[2] } },
  ...{ people: { count: 1, skill: null }, uses: [], oven: null, earliest: null },
  ...more,
});
const wait = (from: string, to: string, more: Partial<Wait> = {}): Wait => ({
  ...{ id: `${from}>${to}`, from, to, min: 0, max: null, place: null, units: 0, ageing: 0, why: '' },
  ...more,
});
const collect = step('leave', [0, 0, 0], { work: 'collect', people: null });
/** Two chains that come together: mix and bake, and a syrup. */
const network = (mix: Partial<Step> = {}): Problem => ({
  ...generateProblem({ cakes: 1, seed: 1 }),
  orders: [{ id: 'a', name: 'A', pickup: 600, weight: 1, collect: 'leave' }],
  steps: [step('mix', [10, 10, 20], mix), step('bake', [20, 25, 40]), step('boil', [5, 5, 12]), collect],
  waits: [wait('mix', 'bake'), wait('bake', 'leave', { min: 30 }), wait('boil', 'leave', { max: 8 })],
  ...{ holds: [], routes: [] },
});
const over = (low: number, likely: number, high: number) => minutesAt({ low, likely, high }, 0.95) - likely;

describe('what the steps before a hand-over may run over', () => {
  it('is the root of the sum of squares along the chain where that is most', () => {
    const [mix, bake] = [over(10, 10, 20), over(20, 25, 40)];
    expect(freeMinutes(network()).get('leave')).toBeCloseTo(Math.hypot(mix, bake), 9);
  });
  it('counts only what goes beyond the minutes that are planned, and nothing of what is done', () => {
    const bake = over(20, 25, 40);
    const long = { minutes: { low: 10, likely: 10, high: 20, planned: 20 } };
    expect(freeMinutes(network(long)).get('leave')).toBeCloseTo(bake, 9);
    const done = { start: 0, end: 10, people: [], equipment: [], state: 'done' as const };
    expect(freeMinutes(network({ placed: done })).get('leave')).toBeCloseTo(bake, 9);
    const running = freeMinutes(network({ placed: { ...done, state: 'running' } })).get('leave')!;
    expect(running).toBeGreaterThan(bake);
  });
  it('goes by how long such steps took here, where that is known', () => {
    const bake = over(20, 25, 40);
    expect(freeMinutes(network(), { mix: [1, 1, 1] }).get('leave')).toBeCloseTo(bake, 9);
    expect(freeMinutes(network(), { mix: [1, 3] }).get('leave')).toBeCloseTo(Math.hypot(10 * 1.9, bake), 9);
  });
});

describe('minutes that are kept free', () => {
  const free = Math.round(Math.hypot(over(10, 10, 20), over(20, 25, 40)));
  const wishes = (p: Problem) => Object.fromEntries(p.waits.flatMap((w) => (w.wish ? [[w.id, w.wish]] : [])));

  it('are wished for before each hand-over, and nowhere else, as far as a longest wait leaves room', () => {
    expect(wishes(withFreeMinutes(network(), {}))).toEqual({
      'bake>leave': { least: 30 + free, cost: 1 },
      'boil>leave': { least: 8, cost: 1 },
    });
  });
  it('are more or less where that is said for an order', () => {
    const twice = 2 * Math.hypot(over(10, 10, 20), over(20, 25, 40));
    expect(wishes(withFreeMinutes(network(), { a: 2, gone: 3 }))['bake>leave']!.least).toBe(30 + Math.round(twice));
    expect(withFreeMinutes(network(), { a: 0 }).waits).toEqual(network().waits);
  });
  it('leave a greater wish as it is, and take the price of a smaller one where that is higher', () => {
    const wishing = (least: number, cost: number) => {
      const p = network();
      return { ...p, waits: p.waits.map((w) => (w.id === 'bake>leave' ? { ...w, wish: { least, cost } } : w)) };
    };
    expect(wishes(withFreeMinutes(wishing(300, 0.1), {}))['bake>leave']).toEqual({ least: 300, cost: 0.1 });
    expect(wishes(withFreeMinutes(wishing(31, 4), {}))['bake>leave']).toEqual({ least: 30 + free, cost: 4 });
  });
});
