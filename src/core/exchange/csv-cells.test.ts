import { fc } from '../testing/chance';
import Papa from 'papaparse';
import { asWrittenRow, harmlessRow } from './csv-cells';

describe('cells of a table', () => {
  it.each([
    ['=1+1', "'=1+1"],
    ['+49', "'+49"],
    ['-2 °C', "'-2 °C"],
    ['@sum', "'@sum"],
    ['\t=x', "'\t=x"],
    ["'80s cake", "''80s cake"],
    ['butter', 'butter'],
    ['', ''],
    ['a=b', 'a=b'],
  ])('%j is written as %j', (text, written) => expect(harmlessRow({ text })).toEqual({ text: written }));

  it('numbers stay numbers', () => expect(harmlessRow({ amount: -3 })).toEqual({ amount: -3 }));

  it('a foreign cell with a sign before a letter stays as it is', () =>
    expect(asWrittenRow({ name: "'80s cake" })).toEqual({ name: "'80s cake" }));

  it('whatever was written is read back, through a table', () => {
    const cell = fc.oneof(fc.string(), fc.stringMatching(/^['=+\-@\t]{0,3}[a-z"',;\n]{0,6}$/));
    fc.assert(
      fc.property(fc.array(fc.record({ name: cell, note: cell }), { minLength: 1, maxLength: 5 }), (rows) => {
        const text = Papa.unparse(rows.map(harmlessRow), { newline: '\r\n' });
        const back = Papa.parse<Record<string, string>>(text, { header: true, newline: '\r\n', delimiter: ',' }).data;
        expect(back.map(asWrittenRow)).toEqual(rows.map((r) => ({ ...r })));
        for (const row of back) for (const value of Object.values(row)) expect(value).not.toMatch(/^[=+\-@\t\r]/);
      }),
    );
  });
});
