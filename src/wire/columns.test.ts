import fc from 'fast-check';
import { fromColumns, toColumns } from './columns';

const sent = <T extends object>(rows: T[]): T[] => fromColumns(JSON.parse(JSON.stringify(toColumns(rows))));

describe('lists written field by field', () => {
  it('come back as they were, whatever they hold', () => {
    const row = fc.record({
      id: fc.string(),
      start: fc.integer(),
      who: fc.array(fc.record({ id: fc.constantFrom('bo', 'ines') }), { maxLength: 2 }),
      note: fc.option(fc.string()),
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
    expect(columns.fields.name).toEqual({ of: ['Crumb coat'], at: Array(50).fill(0) });
    expect(columns.fields.n).toEqual(rows.map((r) => r.n));
    expect(JSON.stringify(columns).length).toBeLessThan(JSON.stringify(rows).length / 4);
  });

  it('leave out what an object does not have', () => {
    const rows: { a: number; b?: string }[] = [{ a: 1, b: 'x' }, { a: 2 }];
    expect(fromColumns(toColumns(rows))).toEqual(rows);
    expect(Object.keys(fromColumns(toColumns(rows))[1]!)).toEqual(['a']);
  });
});
