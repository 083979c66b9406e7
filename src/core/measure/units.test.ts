import { COUNTRIES, unitNamed, unitsOf, type Country } from './units';

/** Every way of writing each unit, with what one of it is inside. The figures are those of the trade, written down here once more. */
const WRITTEN: [dimension: string, inside: number, ways: string[]][] = [
  ['mass', 1, ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes', 'G', ' g ', 'g.']],
  ['mass', 1000, ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms', 'KG']],
  ['mass', 0.001, ['mg']],
  ['mass', 28.349523125, ['oz', 'ounce', 'ounces', 'oz.']],
  ['mass', 453.59237, ['lb', 'lbs', 'pound', 'pounds', 'lbs.']],
  ['mass', 113.4, ['stick', 'sticks']],
  ['volume', 1, ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters']],
  ['volume', 10, ['cl']],
  ['volume', 100, ['dl']],
  ['volume', 1000, ['l', 'litre', 'litres', 'liter', 'liters']],
  ['length', 1, ['mm']],
  ['length', 10, ['cm']],
  ['length', 1000, ['m', 'metre', 'metres', 'meter', 'meters']],
  ['length', 25.4, ['in', '"', '″', 'inch', 'inches']],
  ['length', 304.8, ['ft', 'foot', 'feet']],
  ['time', 1, ['min', 'mins', 'minute', 'minutes', "'", '′']],
  ['time', 1 / 60, ['s', 'sec', 'secs', 'second', 'seconds']],
  ['time', 60, ['h', 'hr', 'hrs', 'hour', 'hours']],
  ['time', 1440, ['d', 'day', 'days']],
  ['volume', 250, ['cup', 'cups', 'c']],
  ['volume', 15, ['tbsp', 'tbs', 'tablespoon', 'tablespoons']],
  ['volume', 5, ['tsp', 'teaspoon', 'teaspoons']],
  ['volume', 30, ['fl oz', 'floz', 'fluid ounce', 'fluid ounces']],
  ['volume', 500, ['pint', 'pints', 'pt']],
  ['volume', 946.352946, ['quart', 'quarts', 'qt', 'qts']],
  ['volume', 3785.411784, ['gallon', 'gallons', 'gal', 'gals']],
  ['volume', 0.3125, ['pinch', 'pinches']],
];

describe('units', () => {
  it.each(WRITTEN)('of %s that are %s inside', (dimension, inside, ways) => {
    for (const way of ways) {
      const found = unitNamed(way, 'metric');
      expect([way, found?.dimension, found?.factor]).toEqual([way, dimension, inside]);
    }
  });

  it('are no others than these, in every country', () => {
    for (const country of COUNTRIES) {
      const ways = unitsOf(country).flatMap((u) => u.written);
      expect(new Set(ways).size).toBe(ways.length);
      expect(ways.filter((w) => w.trim() === '')).toEqual([]);
    }
    const known = new Set(WRITTEN.flatMap(([, , ways]) => ways.map((w) => w.trim().toLowerCase().replace('.', ''))));
    expect(new Set(unitsOf('metric').flatMap((u) => u.written))).toEqual(known);
    for (const nothing of ['', ' ', '.', 'bushel', 'g.m', 'm.m', 'stryker'])
      expect(unitNamed(nothing, 'US')).toBeNull();
  });

  const HOUSEHOLD: Record<Country, number[]> = {
    metric: [250, 15, 5, 30, 500, 946.352946],
    US: [236.5882365, 14.78676478125, 4.92892159375, 29.5735295625, 473.176473, 946.352946],
    imperial: [284.130625, 17.7581640625, 5.919388020833333, 28.4130625, 568.26125, 1136.5225],
    Australia: [250, 20, 5, 30, 570, 1136.5225],
    Canada: [250, 15, 5, 28.4130625, 568.26125, 1136.5225],
    Japan: [200, 15, 5, 30, 500, 946.352946],
  };
  it.each(COUNTRIES)('of the household are those of %s', (country) => {
    const ml = ['cup', 'tbsp', 'tsp', 'fl oz', 'pint', 'quart'].map((u) => unitNamed(u, country)!.factor);
    expect(ml).toEqual(HOUSEHOLD[country]);
    expect(unitNamed('gallon', country)!.factor).toBe(4 * ml[5]!);
    expect(unitNamed('pinch', country)!.factor).toBe(ml[2]! / 16);
  });
});
