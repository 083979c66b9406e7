import { METRIC, onTheScale, showQuantity, thousands, typingOf, type Reading } from './show-quantity';

const cups = (country: Reading['country']): Reading => ({ ...METRIC, volume: 'cups', country });
const ounces: Reading = { ...METRIC, weight: 'oz' };
const gas: Reading = { ...METRIC, temperature: 'gas' };

describe('a scale', () => {
  it('shows tenths below ten grams, and whole grams from there', () => {
    expect([0.04, 0.26, 4.449, 9.94, 9.96, 10, 10.4, 99.5].map(onTheScale)).toEqual([
      0, 0.3, 4.4, 9.9, 10, 10, 10, 100,
    ]);
    expect([showQuantity(2.54, 'mass'), showQuantity(1480.2, 'mass'), showQuantity(355.4, 'volume')]).toEqual([
      '2.5 g',
      '1\u2009480 g',
      '355 ml',
    ]);
  });
});

describe('what somebody means by what they type', () => {
  it('is their cups, their numbers, the oven of their kitchen; what nobody has said is asked', () => {
    expect(typingOf({ ...METRIC, country: 'Australia' }, 15)).toEqual({
      ...{ country: 'Australia', decimal: 'ask', fanOffset: 15 },
    });
    expect(typingOf({ ...METRIC, decimal: 'comma' }, 20)).toMatchObject({ country: 'metric', decimal: 'comma' });
  });
});

describe('thousands', () => {
  it('are set apart from a thousand on', () => {
    expect([0, 7, 999, 999.5, 1000, 14800, 1234567, -1000, -999].map(thousands)).toEqual([
      ...['0', '7', '999', '999.5', '1\u2009000', '14\u2009800', '1\u2009234\u2009567', '-1\u2009000', '-999'],
    ]);
  });
});

describe('in somebody’s own units', () => {
  it('ounces go up to a pound, and fill none with nothing', () => {
    const shown = [28.349523125, 453.5, 453.59237, 481.94, 907.18474].map((g) => showQuantity(g, 'mass', ounces));
    expect(shown).toEqual(['1 oz', '1 lb', '1 lb', '1 lb 1 oz', '2 lb']);
    expect(showQuantity(450, 'mass', ounces)).toBe('15.9 oz');
  });

  it('cups are quarters from a quarter on, spoons below', () => {
    const shown = [62.5, 125, 187.5, 250, 270, 280, 375, 500].map((ml) => showQuantity(ml, 'volume', cups('metric')));
    expect(shown).toEqual(['¼ cup', '½ cup', '¾ cup', '1 cup', '1 cup', '1 cup', '1½ cups', '2 cups']);
    const spoons = [60, 30, 18.75, 15, 14.9, 5, 2.5, 1.25, 0.1].map((ml) => showQuantity(ml, 'volume', cups('metric')));
    expect(spoons).toEqual(['4 tbsp', '2 tbsp', '1¼ tbsp', '1 tbsp', '3 tsp', '1 tsp', '½ tsp', '¼ tsp', '¼ tsp']);
    expect(showQuantity(20, 'volume', cups('Australia'))).toBe('1 tbsp');
    expect(showQuantity(282, 'volume', cups('metric'))).toBe('1¼ cups');
  });

  it('heat is °C, °F, or a gas mark where a gas oven has one', () => {
    expect([110, 120, 140, 180, 240].map((c) => showQuantity(c, 'temperature', gas))).toEqual([
      ...['gas ¼', 'gas ½', 'gas 1', 'gas 4', 'gas 9'],
    ]);
    expect([60, 300].map((c) => showQuantity(c, 'temperature', gas))).toEqual(['60 °C', '300 °C']);
    expect(showQuantity(82.46, 'temperature')).toBe('82.5 °C');
    // What a gas oven has a mark for is °C to everybody else.
    expect(showQuantity(180, 'temperature')).toBe('180 °C');
    expect(showQuantity(82.46, 'temperature', { ...METRIC, temperature: 'F' })).toBe('180 °F');
  });

  it('lengths are cm with a tenth, or inches with hundredths; times are said', () => {
    expect(showQuantity(204.6, 'length')).toBe('20.5 cm');
    expect(showQuantity(204.6, 'length', { ...METRIC, length: 'in' })).toBe('8.06 in');
    expect(showQuantity(95, 'time')).toBe('1 h 35');
  });
});
