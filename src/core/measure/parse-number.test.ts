import { readNumber, type Decimal } from './parse-number';

const number = (text: string, decimal?: Decimal) => {
  const read = readNumber(text, decimal);
  return read.is === 'number' ? read.value : read.is;
};

describe('numbers', () => {
  it.each([
    ['½', 1 / 2],
    ['⅓', 1 / 3],
    ['⅔', 2 / 3],
    ['¼', 1 / 4],
    ['¾', 3 / 4],
    ['⅕', 1 / 5],
    ['⅖', 2 / 5],
    ['⅙', 1 / 6],
    ['⅚', 5 / 6],
    ['⅛', 1 / 8],
    ['⅜', 3 / 8],
    ['⅝', 5 / 8],
    ['⅞', 7 / 8],
    ['⅑', 1 / 9],
    ['1⅞', 1.875],
    ['2⁄3', 2 / 3],
    ['12 1/2', 12.5],
    ['0', 0],
    ['12.25', 12.25],
    ['12,25', 12.25],
    ['.5', 0.5],
    [',25', 0.25],
    ['.500', 0.5],
    ['0,500', 0.5],
    ['1\u2009480', 1480],
    ['1\u202f480', 1480],
    ['1\u00a0480', 1480],
    ["1'480", 1480],
    ['1’480', 1480],
    ['12 500', 12500],
    ['12\u2009480\u2009100', 12480100],
    ['1,234,567', 1234567],
    ['1.234.567', 1234567],
    ['1,234.5', 1234.5],
    ['1.234,56', 1234.56],
    ['1.2345', 1.2345],
    ['1234.567', 1234.567],
    ['  7  ', 7],
  ])('“%s” is %s', (text, value) => expect(number(text)).toBeCloseTo(value, 12));

  it.each([
    ...['', 'x', '1x', 'x1', '1.2.3', '1,', '1 2', '1/0', '-4', '1/', '/2', '1\u200948', '1\u20094800', "x'480"],
    ...['1,23,456', '12,34.5', '1.5,2.5', '1,234.5.6', '1,2,345', '.', '1..5'],
  ])('“%s” is none', (text) => expect(number(text)).toBe('none'));

  it('one separator before three digits is either, until the kitchen says which', () => {
    expect(readNumber('1,000')).toEqual({ is: 'either', values: [1000, 1] });
    expect(readNumber('12.345', 'ask')).toEqual({ is: 'either', values: [12345, 12.345] });
    expect([number('1,000', 'point'), number('1,000', 'comma')]).toEqual([1000, 1]);
    expect([number('12.345', 'point'), number('12.345', 'comma')]).toEqual([12.345, 12345]);
    expect([number('999,001', 'comma'), number('0.125', 'comma')]).toEqual([999.001, 0.125]);
  });
});
