import type { Placed, Problem, Step, Wait } from '../planning-format/problem';
import { withBufferUsed } from './with-buffer-used';

const BUFFER = 20;
const step = (id: string, likely: number, placed?: Partial<Placed>): Step => ({
  id,
  name: id,
  order: 'o',
  work: id === 'collect' ? 'collect' : 'hands',
  earliest: null,
  oven: null,
  uses: [],
  minutes: { low: likely, likely, high: likely },
  people: id === 'collect' ? null : { count: 1, skill: null },
  ...(placed && { placed: { start: 0, end: 0, people: [], equipment: [], state: 'done', ...placed } as Placed }),
});
const wait = (from: string, to: string, min: number): Wait => ({
  id: `${from}>${to}`,
  from,
  to,
  min,
  max: 600,
  place: null,
  units: 0,
  ageing: 0,
  why: '',
});

/** An order for the minute 600: iced, boxed in ten minutes, handed over twenty minutes later. */
const kitchen = (
  now: number,
  placed: { ice?: Partial<Placed>; box?: Partial<Placed> },
  toHandOver = BUFFER,
): Problem => ({
  format: 'zest-ladder/problem',
  version: 1,
  origin: '2027-03-01T00:00:00Z',
  horizon: 2880,
  now,
  people: [],
  equipment: [],
  holds: [],
  routes: [],
  orders: [{ id: 'o', name: 'O', pickup: 600, weight: 1, collect: 'collect' }],
  steps: [step('ice', 30, placed.ice), step('box', 10, placed.box), step('collect', 0)],
  waits: [wait('ice', 'box', 5), wait('box', 'collect', toHandOver)],
});
const left = (problem: Problem) => withBufferUsed(problem, BUFFER).waits.map((w) => w.min);
const iced = { start: 500, end: 530 };

describe('the minutes between a box and its customer', () => {
  it('are kept while they can be', () => {
    expect(left(kitchen(540, { ice: iced }))).toEqual([5, 20]);
    expect(left(kitchen(590, { ice: iced, box: { start: 560, end: 570 } }))).toEqual([5, 20]);
    const early = kitchen(540, { ice: iced });
    expect(withBufferUsed(early, BUFFER)).toBe(early);
  });
  it('are used by a box that was finished late, or runs, or begins late, as far as it must', () => {
    expect(left(kitchen(590, { ice: iced, box: { start: 580, end: 590 } }))).toEqual([5, 10]);
    expect(left(kitchen(585, { ice: iced, box: { start: 583, end: 593, state: 'running' } }))).toEqual([5, 7]);
    expect(left(kitchen(588, { ice: iced }))).toEqual([5, 2]);
    // Through what it waits for as well.
    expect(left(kitchen(570, { ice: { start: 550, end: 580, state: 'running' } }))).toEqual([5, 5]);
    expect(left(kitchen(700, { ice: iced }))).toEqual([5, 0]);
  });
  it('are no buffer of an order that nobody has begun, nor where the cake itself needs them', () => {
    expect(left(kitchen(588, {}))).toEqual([5, 20]);
    expect(left(kitchen(588, { ice: { ...iced, state: 'pinned' } }))).toEqual([5, 20]);
    expect(left(kitchen(590, { ice: iced, box: { start: 580, end: 590 } }, 120))).toEqual([5, 120]);
  });
  it('on a route that may not be taken hold nobody up', () => {
    const two = kitchen(560, { ice: iced });
    const slow = { ...step('dry', 300), when: { route: 'r', choice: 'slow' } };
    const problem = { ...two, steps: [...two.steps, slow], waits: [...two.waits, wait('dry', 'box', 0)] };
    expect(left(problem)).toEqual([5, 20, 0]);
  });
});
