import type { WallView } from '@/server/wall/wall-view';
import type { LadderView, RailView, RungView } from '@/server/ladder/ladder-view';
import { Filter, filterOptions } from './filter';

const clock = { origin: '2027-05-17T00:00:00Z', zone: 'UTC' };
const DAY = 1440;

const rung = (name: string, who: string, items: string[] = []) =>
  ({ step: name, name, who: [{ id: who, initials: who }], items }) as unknown as RungView;
const rail = (item: string | null) => ({ item, place: 'fridge' }) as unknown as RailView;
const ladder = (order: number, day: number, rungs: RungView[], rails: RailView[] = []) =>
  ({ order, title: `Cake ${order}`, pickup: day * DAY + 600, rungs, rails }) as unknown as LadderView;

const coat = rung('Coat', 'ada', ['turntable-1']);
const bake = rung('Bake', 'ben', ['tin-20']);
const pipe = rung('Pipe', 'ada');
const first = ladder(1, 3, [bake, coat], [rail('oven-1'), rail(null)]);
const second = ladder(2, 4, [pipe], [rail('fridge-1')]);
const view = {
  clock,
  ladders: [second, first],
  hands: [
    { id: 'ada', name: 'Ada' },
    { id: 'ben', name: 'Ben' },
  ],
  ovens: [{ id: 'oven-1', name: 'Deck oven' }],
  things: [
    { id: 'tin-20', name: 'Round tin 20' },
    { id: 'turntable-1', name: 'Turntable' },
    { id: 'ring-18', name: 'Ring 18' },
    { id: 'fridge-1', name: 'Fridge' },
  ],
} as unknown as WallView;

const shown = (...keys: string[]) => {
  const filter = new Filter(keys, clock);
  return view.ladders.filter((l) => filter.shows(l)).map((l) => l.order);
};

describe('what the wall can be narrowed to', () => {
  it('offers people, ovens, things in use, orders and days in the order in which they come', () => {
    const options = filterOptions(view);
    const labels = (group: string) => options.filter((o) => o.group === group).map((o) => o.label);
    expect(labels('People')).toEqual(['Ada', 'Ben']);
    expect(labels('Ovens')).toEqual(['Deck oven']);
    // No cake on the wall is in the ring.
    expect(labels('Tins and other things')).toEqual(['Round tin 20', 'Turntable', 'Fridge']);
    expect(labels('Orders')).toEqual(['Cake 2', 'Cake 1']);
    expect(labels('Days')).toEqual(['Thu 20 May', 'Fri 21 May']);
    expect(new Set(options.map((o) => o.key)).size).toBe(options.length);
  });

  it('shows all where nothing is chosen', () => {
    expect(shown()).toEqual([2, 1]);
    expect(new Filter([], clock).lights).toBe(false);
    expect(new Filter([], clock).lit(pipe)).toBe(true);
  });

  it('shows the ladders on which somebody works, and lights up their rungs', () => {
    expect(shown('person ben')).toEqual([1]);
    expect(shown('person ada')).toEqual([2, 1]);
    const ben = new Filter(['person ben'], clock);
    expect([bake, coat, pipe].map((r) => ben.lit(r))).toEqual([true, false, false]);
  });

  it('shows the ladders that use a thing, also only to wait in it', () => {
    expect(shown('item tin-20')).toEqual([1]);
    expect(shown('item oven-1')).toEqual([1]);
    expect(shown('item fridge-1')).toEqual([2]);
    expect(shown('item ring-18')).toEqual([]);
  });

  it('takes any of one group, and all of several', () => {
    expect(shown('person ben', 'person ada')).toEqual([2, 1]);
    expect(shown('person ada', 'item tin-20')).toEqual([]);
    expect(shown('person ben', 'item tin-20')).toEqual([1]);
    expect(shown('person ada', 'day Fri 21 May')).toEqual([2]);
    expect(shown('order 1', 'day Fri 21 May')).toEqual([]);
    expect(shown('order 1', 'order 2')).toEqual([2, 1]);
  });
});
