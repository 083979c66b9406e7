import type { Problem, Step } from '../../planning-format/problem';

/**
 * Two cakes (or three), each 60 minutes of one decorator, then 30 minutes of rest; the decorator is there from 0 to 400.
 * Small enough that every answer can be worked out by hand. The first weighs 1, the others 3.
 */
export function twoCakes(pickups: [number, number], oneMore = false): Problem {
  const orders = ['a', 'b', ...(oneMore ? ['c'] : [])];
  const at = [...pickups, pickups[0]];
  const step = (id: string, order: string, rest: Partial<Step>): Step => ({
    ...{ id, name: id, order, work: 'hands', minutes: { low: 60, likely: 60, high: 60 } },
    ...{ people: { count: 1, skill: 'decorate' }, uses: [], oven: null, earliest: null },
    ...rest,
  });
  return {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00+00:00', horizon: 1000, now: 0 },
    people: [
      { id: 'ada', name: 'Ada', skills: ['decorate'], shifts: [[0, 400]] },
      { id: 'ben', name: 'Ben', skills: ['bake'], shifts: [[0, 400]] },
    ],
    equipment: [],
    orders: orders.map((o, i) => ({
      id: o,
      name: `Cake ${o}`,
      pickup: at[i]!,
      weight: i === 0 ? 1 : 3,
      collect: `${o}-out`,
    })),
    steps: orders.flatMap((o) => [
      step(`${o}-pipe`, o, {}),
      step(`${o}-out`, o, { work: 'collect', minutes: { low: 0, likely: 0, high: 0 }, people: null }),
    ]),
    waits: orders.map((o) => ({
      ...{ id: `${o}-rest`, from: `${o}-pipe`, to: `${o}-out`, min: 30, max: null, place: null, units: 0 },
      ...{ ageing: 0.01, why: 'sets' },
    })),
    ...{ holds: [], routes: [] },
  };
}
