import { parseNumber, parseQuantity } from './parse-quantity';

const read = (text: string) => {
  const parsed = parseQuantity(text);
  return parsed.ok ? [parsed.quantity.dimension, parsed.quantity.value] : parsed.message;
};

describe('numbers', () => {
  it.each([
    ['½', 1 / 2],
    ['⅓', 1 / 3],
    ['⅔', 2 / 3],
    ['¼', 1 / 4],
    ['¾', 3 / 4],
    ['⅕', 1 / 5],
    ['⅛', 1 / 8],
    ['⅜', 3 / 8],
    ['⅝', 5 / 8],
    ['⅞', 7 / 8],
    ['1⅞', 1.875],
    ['2⁄3', 2 / 3],
    ['12 1/2', 12.5],
    ['0', 0],
    ['12.25', 12.25],
    ['12,25', 12.25],
    ['1\u2009480', 1480],
    ['1\u202f480', 1480],
    ['1\u00a0480', 1480],
    ["1'480", 1480],
    ['1’480', 1480],
    ['12\u2009480\u2009100', 12480100],
    ['  7  ', 7],
  ])('“%s” is %s', (text, value) => expect(parseNumber(text)).toBeCloseTo(value, 12));

  it.each([
    '',
    'x',
    '1x',
    'x1',
    '1.2.3',
    '1,',
    ',5',
    '1 2',
    '1/0',
    '-4',
    '1/',
    '/2',
    '1\u200948',
    '1\u20094800',
    "x'480",
  ])('“%s” is none', (text) => expect(parseNumber(text)).toBeNull());
});

describe('quantities', () => {
  it.each([
    ['1 480 g', 'mass', 1480],
    ['12 480g', 'mass', 12480],
    ['120 480  g', 'mass', 120480],
    ['1,25 kg', 'mass', 1250],
    ['2 lb, 3 oz', 'mass', 2 * 453.59237 + 3 * 28.349523125],
    ['2 lb and 3 oz', 'mass', 2 * 453.59237 + 3 * 28.349523125],
    ['2 lb & 3 oz', 'mass', 2 * 453.59237 + 3 * 28.349523125],
    ['2   lb   3 oz.', 'mass', 2 * 453.59237 + 3 * 28.349523125],
    ['8 fl oz', 'volume', 240],
    ['1 fluid ounces', 'volume', 30],
    ['12h05', 'time', 725],
    ['1 h 5', 'time', 65],
    ['2H7', 'time', 127],
    ['45 sec', 'time', 0.75],
    ['Gas Mark 6', 'temperature', 200],
    ['GAS 1/4', 'temperature', 110],
    ['-4 °C', 'temperature', -4],
    ['82.5 °C', 'temperature', 82.5],
    ['82,55 °C', 'temperature', 82.55],
    ['180º', 'temperature', 180],
    ['180 deg', 'temperature', 180],
    ['180 degrees', 'temperature', 180],
    ['212 Fahrenheit', 'temperature', 100],
    ['100 celsius', 'temperature', 100],
    ['356 °F fan', 'temperature', 200],
    ['12', 'count', 12],
    ['1 + 2', 'count', 3],
  ])('“%s” is %s, %s', (text, dimension, value) => {
    const parsed = parseQuantity(text);
    if (!parsed.ok) throw new Error(parsed.message);
    expect(parsed.quantity.dimension).toBe(dimension);
    expect(parsed.quantity.value).toBeCloseTo(value, 9);
  });

  it.each([
    ['', 'Nothing was typed.'],
    ['   ', 'Nothing was typed.'],
    ['abc', '“abc” is not a quantity.'],
    ['2 lb abc', '“abc” is not a quantity.'],
    [' 2 lb 3 cm ', '“2 lb 3 cm” mixes mass and length.'],
    ['2 lb 3', '“2 lb 3” mixes mass and count.'],
    ['5 furlongs', '“furlongs” is not a unit that is known here.'],
    ['1/0 cup', '“1/0” is not a number.'],
    ['gas 12', 'There is no gas mark 12: they go from 1/4 to 9.'],
    ['gas 1/0', 'There is no gas mark 1/0: they go from 1/4 to 9.'],
    [' 2 lb + ', '“2 lb +” ends with “+”: something is missing.'],
    ['2 lb and', '“2 lb and” ends with “and”: something is missing.'],
    ['2 lb ,', '“2 lb ,” ends with “,”: something is missing.'],
    ['x1h30', '“x1h30” is not a quantity.'],
  ])('“%s” is refused: %s', (text, message) => expect(read(text)).toBe(message));

  it('a time on a clock is the whole of it', () => {
    expect(read('1h30')).toEqual(['time', 90]);
    expect(read('1h300')).toMatch(/mixes|not/);
    expect(read('a 180 °C')).toMatch(/not a quantity/);
  });
});
