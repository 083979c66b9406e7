import { fc } from '../core/testing/chance';
import { fromColumns, toColumns } from './columns';

const sent = <T extends object>(rows: T[]): T[] => fromColumns(JSON.parse(JSON.stringify(toColumns(rows))));

describe('lists written field by field', () => {
  it('come back as they were, whatever they hold', () => {
    const row = fc.record({
      id: fc.string(),
      start: fc.integer(),
      who: fc.array(fc.record({ id: fc.constantFrom('bo', 'ines') }), { maxLength: 2 }),
      note: fc.option(fc.string()),
      // What is alike to the one before, or returns, takes its own ways.
      far: fc.constantFrom(0, 2 ** 50, -(2 ** 52), 1.5, 7),
      step: fc.constantFrom('o12.sponge.bake', 'o12.sponge.mix', 'o7.coat', '', '🎂 a', '🎂 b', '🍰'),
      on: fc.boolean(),
    });
    fc.assert(fc.property(fc.array(row), (rows) => expect(sent(rows)).toEqual(rows)));
  });

  it('say a value that returns once', () => {
    const rows = Array.from({ length: 50 }, (_, i) => ({
      n: i,
      name: 'Crumb coat',
      place: i % 2 ? 'fridge' : 'bench',
    }));
    const columns = toColumns(rows);
    expect(columns.fields.name).toEqual({ of: ['Crumb coat'], runs: [0, 50] });
    expect(columns.fields.place).toEqual({ of: ['bench', 'fridge'], at: rows.map((r) => r.n % 2) });
    expect(JSON.stringify(columns).length).toBeLessThan(JSON.stringify(rows).length / 6);
  });

  it('say what is like the one before by how it differs', () => {
    const steps = ['sponge.mix', 'sponge.bake', 'sponge.turn-out', 'frosting.whip', 'frosting.cool', 'fill'];
    const rows = steps.map((s) => ({ step: `o12.${s}` }));
    expect(toColumns(rows).fields.step).toEqual({
      like: [0, 11, 11, 4, 13, 5],
      rest: ['o12.sponge.mix', 'bake', 'turn-out', 'frosting.whip', 'cool', 'ill'],
    });
    expect(sent(rows)).toEqual(rows);
    const days = Array.from({ length: 9 }, (_, i) => ({ at: 10_000 + i * i }));
    expect(toColumns(days).fields.at).toEqual({ sums: [10_000, 1, 3, 5, 7, 9, 11, 13, 15] });
    expect(sent(days)).toEqual(days);
  });

  it('leave out what an object does not have', () => {
    const rows: { a: number; b?: string }[] = [{ a: 1, b: 'x' }, { a: 2 }];
    expect(fromColumns(toColumns(rows))).toEqual(rows);
    expect(Object.keys(fromColumns(toColumns(rows))[1]!)).toEqual(['a']);
  });
});
