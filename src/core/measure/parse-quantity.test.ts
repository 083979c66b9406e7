import { parseQuantity, TYPING, type Typing } from './parse-quantity';

const read = (text: string, typing: Partial<Typing> = {}) => {
  const parsed = parseQuantity(text, { ...TYPING, ...typing });
  return parsed.ok ? [parsed.quantity.dimension, parsed.quantity.value] : parsed.message;
};

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
    ['12 500', 'count', 12500],
    ['1 000 000 mg', 'mass', 1000],
    ['.5 cup', 'volume', 125],
    ['⅙ cup', 'volume', 250 / 6],
    ['1 ⅖ l', 'volume', 1400],
    ['fan 160', 'temperature', 180],
    ['fan 320 °F', 'temperature', 180],
    ['1 quart', 'volume', 946.352946],
    ['2 qts', 'volume', 1892.705892],
    ['½ gallon', 'volume', 1892.705892],
    ['1 pinch', 'volume', 0.3125],
    ['10 %', 'share', 0.1],
    ['12,5%', 'share', 0.125],
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
    ['3 4', '“3 4” is two numbers: one is wanted.'],
    ['3 % 4 g', '“3 % 4 g” mixes share and mass.'],
  ])('“%s” is refused: %s', (text, message) => expect(read(text)).toBe(message));

  it('a time on a clock is the whole of it', () => {
    expect(read('1h30')).toEqual(['time', 90]);
    expect(read('1h300')).toMatch(/mixes|not/);
    expect(read('a 180 °C')).toMatch(/not a quantity/);
  });
});

describe('what can be read in two ways', () => {
  it('is asked about, with both', () => {
    expect(read('1,000 g')).toBe('“1,000” may be 1000 or 1: write 1000 or 1.');
    expect(read('2.345 kg')).toBe('“2.345” may be 2345 or 2.345: write 2345 or 2.3450.');
    expect(read('2.3450 kg')).toEqual(['mass', 2345]);
    expect(read('2.500 kg')).toBe('“2.500” may be 2500 or 2.5: write 2500 or 2.5.');
    expect(read('gas 1,000')).toBe('There is no gas mark 1,000: they go from 1/4 to 9.');
  });
  it('says that it asks, which nothing else does', () => {
    expect(parseQuantity('1,000 g')).toMatchObject({ ok: false, asks: true });
    expect(parseQuantity('1/0 g')).not.toHaveProperty('asks');
    expect(read('2.3456 kg')).toEqual(['mass', 2345.6]);
    expect(read(' 3 4 ')).toBe('“3 4” is two numbers: one is wanted.');
    expect(read('FAN 160')).toEqual(['temperature', 180]);
    expect(read('fan160')).toEqual(['temperature', 180]);
  });
  it('is decided by how the kitchen writes', () => {
    expect(['1,000 g', '1.000 g'].map((t) => read(t, { decimal: 'point' }))).toEqual([
      ['mass', 1000],
      ['mass', 1],
    ]);
    expect(['1,000 g', '1.000 g'].map((t) => read(t, { decimal: 'comma' }))).toEqual([
      ['mass', 1],
      ['mass', 1000],
    ]);
  });
  it('a fan oven is as much hotter as the kitchen says', () =>
    expect(read('160 fan', { fanOffset: 15 })).toEqual(['temperature', 175]));
});
