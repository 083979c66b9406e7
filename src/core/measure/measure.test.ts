import { fc } from '../testing/chance';
import { toGrams, toMillilitres } from './density';
import { readNumber } from './parse-number';
import { parseQuantity, TYPING } from './parse-quantity';
import { showQuantity, METRIC, thousands } from './show-quantity';
import { fromFahrenheit, fromFan, fromGasMark, toFahrenheit, toFan, toGasMark } from './temperature';
import { COUNTRIES, toInside, toOutside, unitNamed, unitsOf, type Country } from './units';

const valueOf = (text: string) => {
  const number = readNumber(text);
  return number.is === 'number' ? number.value : null;
};
const read = (text: string, country: Country = 'metric') => {
  const parsed = parseQuantity(text, { ...TYPING, country });
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.quantity;
};

describe('what people type', () => {
  it.each([
    ['1 1/2 cups', 'volume', 375],
    ['1½ cups', 'volume', 375],
    ['3/4 cup', 'volume', 187.5],
    ['2 tbsp + 1 tsp', 'volume', 35],
    ['2 lb 3 oz', 'mass', 2 * 453.59237 + 3 * 28.349523125],
    ['1,5 kg', 'mass', 1500],
    ['1 480 g', 'mass', 1480],
    ['350F', 'temperature', 176.6667],
    ['gas 4', 'temperature', 180],
    ['gas mark 1/2', 'temperature', 120],
    ['160 °C fan', 'temperature', 180],
    ['180 fan', 'temperature', 200],
    ['1h30', 'time', 90],
    ['1 h 5 min', 'time', 65],
    ['90 min', 'time', 90],
    ['20 cm', 'length', 200],
    ['8"', 'length', 203.2],
    ['12', 'count', 12],
  ])('%s', (text, dimension, value) => {
    expect(read(text).dimension).toBe(dimension);
    expect(read(text).value).toBeCloseTo(value, 4);
  });

  it('measures a cup by the country', () => {
    expect(read('1 cup', 'US').value).toBeCloseTo(236.588, 3);
    expect(read('1 cup', 'Japan').value).toBe(200);
    expect(read('1 tbsp', 'Australia').value).toBe(20);
  });

  it.each(['', 'abc', '2 lb 3 cm', '1/0 cup', 'gas 12', '5 furlongs', '3 ,,', '--4 g'])(
    'refuses “%s” in words',
    (text) => {
      const parsed = parseQuantity(text);
      expect(parsed.ok).toBe(false);
      if (!parsed.ok) expect(parsed.message.length).toBeGreaterThan(8);
    },
  );

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => void parseQuantity(text)));
  });

  it('reads numbers as they are written', () => {
    expect(['2,5', '1 3/4', '⅔', 'x'].map((t) => valueOf(t))).toEqual([2.5, 1.75, 2 / 3, null]);
  });
});

describe('units', () => {
  it('go there and back without drift, in every country', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-3, max: 1e6, noNaN: true }),
        fc.constantFrom(...COUNTRIES.flatMap((c) => unitsOf(c))),
        (value, unit) => {
          let there = value;
          for (let i = 0; i < 20; i++) there = toOutside(toInside(there, unit), unit);
          expect(Math.abs(there - value)).toBeLessThanOrEqual(value * 1e-14);
        },
      ),
    );
  });

  it('know every way of writing them', () => {
    expect(unitNamed('Ounces', 'US')?.id).toBe('oz');
    expect(unitNamed('hrs.', 'metric')?.factor).toBe(60);
    expect(unitNamed('bushel', 'US')).toBeNull();
  });
});

describe('temperature', () => {
  it('180 °C is 160 °C fan, 356 °F, gas 4', () => {
    expect([toFan(180), toFahrenheit(180), toGasMark(180)]).toEqual([160, 356, 4]);
    expect([fromFan(160), fromFahrenheit(356), fromGasMark(4)]).toEqual([180, 180, 180]);
  });
  it('has no gas mark for what no gas oven does', () => {
    expect([toGasMark(60), toGasMark(300), fromGasMark(11)]).toEqual([null, null, null]);
  });
  it('°F and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 400, noNaN: true }), (c) => {
        expect(fromFahrenheit(toFahrenheit(c))).toBeCloseTo(c, 9);
        expect(fromFan(toFan(c, 17), 17)).toBeCloseTo(c, 9);
      }),
    );
  });
});

describe('density', () => {
  it('a cup of flour is not a cup of sugar, and sifting before measuring tells', () => {
    expect(toGrams(250, 0.53)).toBeCloseTo(132.5, 9);
    expect(toGrams(250, 0.85)).toBeCloseTo(212.5, 9);
    expect(toGrams(250, 0.53, 'before measuring')).toBeLessThan(toGrams(250, 0.53));
    expect(toGrams(250, 0.53, 'before measuring')).toBeCloseTo(132.5 * 0.87, 9);
    expect(toGrams(250, 0.53, 'after measuring')).toBe(toGrams(250, 0.53));
    expect(toMillilitres(132.5, 0.53)).toBeCloseTo(250, 9);
  });
  it('goes there and back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1e5, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.constantFrom('not' as const, 'before measuring' as const, 'after measuring' as const),
        (ml, density, sifting) =>
          expect(toMillilitres(toGrams(ml, density, sifting), density, sifting)).toBeCloseTo(ml, 6),
      ),
    );
  });
});

describe('shown to a person', () => {
  it('in their own units', () => {
    const american = { weight: 'oz', volume: 'cups', temperature: 'F', length: 'in', country: 'US' } as const;
    expect(showQuantity(453.6, 'mass', american)).toBe('1 lb');
    expect(showQuantity(992, 'mass', american)).toBe('2 lb 3 oz');
    expect(showQuantity(355, 'volume', american)).toBe('1½ cups');
    expect(showQuantity(15, 'volume', american)).toBe('1 tbsp');
    expect(showQuantity(180, 'temperature', american)).toBe('356 °F');
    expect(showQuantity(203.2, 'length', american)).toBe('8 in');
    expect(showQuantity(180, 'temperature', { ...METRIC, temperature: 'gas' })).toBe('gas 4');
    expect(showQuantity(200, 'length')).toBe('20 cm');
  });
  it('sets thousands apart by a thin space', () => expect(thousands(14800)).toBe('14\u2009800'));
});
