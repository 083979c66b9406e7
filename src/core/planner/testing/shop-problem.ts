import type { Problem } from '../../planning-format/problem';
import type { Yardstick } from './published-shops';

/** A job shop in the planning format: machine steps, one order, pickup 0, so that lateness is the makespan. */
export function shopProblem({ name, jobs }: Yardstick): Problem {
  const total = jobs.flat().reduce((sum, [, m]) => sum + m, 0);
  const machines = Math.max(...jobs.flat().map(([m]) => m)) + 1;
  const rest = { order: 'shop', people: null, oven: null, earliest: null } as const;
  const id = (job: number, operation: number) => `j${job + 1}-${operation + 1}`;
  const wait = (from: string, to: string) => ({
    ...{ id: `${from}>${to}`, from, to, min: 0, max: null, place: null, units: 0, ageing: 0, why: '' },
  });
  return {
    ...{ format: 'zest-ladder/problem', version: 1, origin: '2027-03-01T00:00:00+00:00', horizon: 2 * total, now: 0 },
    people: [{ id: 'watch', name: 'Watch', skills: [], shifts: [[0, 2 * total]] }],
    equipment: Array.from({ length: machines }, (_, m) => ({ id: `m${m + 1}`, kind: `m${m + 1}`, units: 1 })),
    orders: [{ id: 'shop', name, pickup: 0, weight: 1, collect: 'out' }],
    steps: [
      ...jobs.flatMap((operations, j) =>
        operations.map(([machine, m], i) => ({
          ...rest,
          ...{ id: id(j, i), name: `Job ${j + 1}, ${i + 1}`, work: 'machine' as const },
          minutes: { low: m, likely: m, high: m },
          uses: [{ kind: `m${machine + 1}`, units: 1 }],
        })),
      ),
      { ...rest, id: 'out', name: 'Out', work: 'collect', minutes: { low: 0, likely: 0, high: 0 }, uses: [] },
    ],
    waits: jobs.flatMap((operations, j) => [
      ...operations.slice(1).map((_, i) => wait(id(j, i), id(j, i + 1))),
      wait(id(j, operations.length - 1), 'out'),
    ]),
    holds: [],
    routes: [],
  };
}
