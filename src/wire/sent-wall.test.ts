import type { WallView } from '@/server/wall/wall-view';
import { readWall, sentWall } from './sent-wall';

const rung = (step: string, start: number): WallView['ladders'][number]['rungs'][number] => ({
  ...{ step, name: 'Crumb coat', start, end: start + 20, role: null, work: 'build', shared: false },
  ...{ who: [{ id: 'bo', initials: 'BO' }], items: ['turntable'], state: 'planned', pinned: false, given: false },
});
const ladder = (order: number, count: number): WallView['ladders'][number] => ({
  ...{ order, title: `Order ${order}`, subtitle: 'round 24', held: order === 2, pickup: 900, decides: null },
  status: { state: 'holds', spare: 40, overdue: null },
  rungs: Array.from({ length: count }, (_, i) => rung(`o${order}.coat.${i}`, 100 * i)),
  rails: [{ role: 'base', start: 0, end: 90, place: 'oven', celsius: 170, item: 'deck' }],
  components: [{ role: 'base', label: 'Base' }],
  leans: [],
});
const view: WallView = {
  ...{ plan: 3, planned: 'now', kitchen: 'Testing', clock: { origin: '2027-05-20T00:00:00Z', zone: 'UTC' } },
  toAgree: [{ order: 2, title: 'Order 2', what: 'topper', by: 'Thu 3 Dec', over: false }],
  ...{ minute: 600, things: [], pinches: [], edits: { undo: null, redo: null }, backup: null },
  headline: { tone: 'holds', text: 'All', fix: null, counts: { holds: 1, tight: 0, misses: 0 } },
  ladders: [ladder(1, 3), ladder(2, 0), ladder(9, 40)],
  hands: [{ id: 'bo', name: 'Bo', initials: 'BO', shifts: [[0, 600]], standing: [], today: { busy: 10, there: 60 } }],
  ovens: [
    { id: 'deck', name: 'Deck', slots: 2, standing: [], loads: [] },
    {
      ...{ id: 'rack', name: 'Rack', slots: 6, standing: [{ name: 'Rolls', start: 0, end: 60 }] },
      loads: [{ step: 'o1.bake', name: 'Bake', start: 5, end: 50, celsius: 180, units: 2 }],
    },
  ],
  stores: [{ kind: 'fridge', shelves: 8, times: [0, 5], used: [1, 0] }],
};

describe('a wall that is sent', () => {
  it('is read as it was, each list with its owner', () => {
    expect(readWall(JSON.parse(JSON.stringify(sentWall(view))))).toEqual(view);
  });

  it('takes far less room than as it is', () => {
    expect(JSON.stringify(sentWall(view)).length).toBeLessThan(JSON.stringify(view).length / 2);
  });

  it('may be empty', () => {
    const empty: WallView = { ...view, ladders: [], ovens: [] };
    expect(readWall(sentWall(empty))).toEqual(empty);
  });
});
