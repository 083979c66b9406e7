import type { Item } from './item';
import { oneSetEach } from './one-set-each';

const tins = (kind: string, units: number, closed: Item['closed'] = []): Item => ({
  ...{ name: kind, kind, units, closed },
  mould: { use: 'tin', form: { form: 'round', diameter: 200 }, depth: 70 },
});

describe('tins of one kind', () => {
  it('are one set, in however many entries they are kept', () => {
    const oven: Item = { name: 'Oven', kind: 'oven', units: 4, closed: [] };
    const items = [tins('a', 3), oven, tins('b', 1), tins('a', 2), { ...oven }];
    expect(oneSetEach(items).map((i) => [i.kind, i.units])).toEqual([
      ['a', 5],
      ['oven', 4],
      ['b', 1],
      ['oven', 4],
    ]);
    // What is kept stays as it was entered.
    expect(items[0]!.units).toBe(3);
  });
  it('that are away at times are a set by themselves', () => {
    const away = [{ from: '2027-05-22T08:00', until: '2027-05-22T12:00', why: 'lent' }];
    expect(oneSetEach([tins('a', 3), tins('a', 2, away), tins('a', 1)]).map((i) => i.units)).toEqual([4, 2]);
  });
});
