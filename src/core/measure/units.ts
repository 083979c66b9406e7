/** What a quantity measures. Inside: g, ml, mm, °C, minutes. */
export type Dimension = 'mass' | 'volume' | 'length' | 'temperature' | 'time';

/** Household measures differ by country; the figures are ml. A gallon is four quarts or eight pints, a pinch the sixteenth of a teaspoon. */
const HOUSEHOLD = {
  // Who measures in litres has no quarts or gallons: one that is read comes from a recipe of the US.
  metric: { cup: 250, tablespoon: 15, teaspoon: 5, fluidOunce: 30, pint: 500, quart: 946.352946 },
  US: {
    cup: 236.5882365,
    tablespoon: 14.78676478125,
    teaspoon: 4.92892159375,
    fluidOunce: 29.5735295625,
    pint: 473.176473,
    quart: 946.352946,
  },
  imperial: {
    cup: 284.130625,
    tablespoon: 17.7581640625,
    teaspoon: 5.919388020833333,
    fluidOunce: 28.4130625,
    pint: 568.26125,
    quart: 1136.5225,
  },
  Australia: { cup: 250, tablespoon: 20, teaspoon: 5, fluidOunce: 30, pint: 570, quart: 1136.5225 },
  Canada: { cup: 250, tablespoon: 15, teaspoon: 5, fluidOunce: 28.4130625, pint: 568.26125, quart: 1136.5225 },
  Japan: { cup: 200, tablespoon: 15, teaspoon: 5, fluidOunce: 30, pint: 500, quart: 946.352946 },
} as const;

export type Country = keyof typeof HOUSEHOLD;
export const COUNTRIES = Object.keys(HOUSEHOLD) as Country[];

/** Linear units only: temperatures have functions of their own. */
export interface Unit {
  id: string;
  dimension: Exclude<Dimension, 'temperature'>;
  /** How many g, ml, mm or minutes one of it is. */
  factor: number;
  /** How people write it, lower case, singular and plural. */
  written: string[];
}

const unit = (id: string, dimension: Unit['dimension'], factor: number, ...written: string[]): Unit => ({
  id,
  dimension,
  factor,
  written: [id.toLowerCase(), ...written],
});

const FIXED: Unit[] = [
  unit('g', 'mass', 1, 'gr', 'gram', 'grams', 'gramme', 'grammes'),
  unit('kg', 'mass', 1000, 'kilo', 'kilos', 'kilogram', 'kilograms'),
  unit('mg', 'mass', 0.001),
  unit('oz', 'mass', 28.349523125, 'ounce', 'ounces'),
  unit('lb', 'mass', 453.59237, 'lbs', 'pound', 'pounds'),
  unit('stick', 'mass', 113.4, 'sticks'),
  unit('ml', 'volume', 1, 'millilitre', 'millilitres', 'milliliter', 'milliliters'),
  unit('cl', 'volume', 10),
  unit('dl', 'volume', 100),
  unit('l', 'volume', 1000, 'litre', 'litres', 'liter', 'liters'),
  unit('mm', 'length', 1),
  unit('cm', 'length', 10),
  unit('m', 'length', 1000, 'metre', 'metres', 'meter', 'meters'),
  unit('in', 'length', 25.4, '"', '″', 'inch', 'inches'),
  unit('ft', 'length', 304.8, 'foot', 'feet'),
  unit('min', 'time', 1, 'mins', 'minute', 'minutes', "'", '′'),
  unit('s', 'time', 1 / 60, 'sec', 'secs', 'second', 'seconds'),
  unit('h', 'time', 60, 'hr', 'hrs', 'hour', 'hours'),
  unit('d', 'time', 1440, 'day', 'days'),
];

/** All linear units of a country, its household measures among them. */
export function unitsOf(country: Country): Unit[] {
  const h = HOUSEHOLD[country];
  return [
    ...FIXED,
    unit('cup', 'volume', h.cup, 'cups', 'c'),
    unit('tbsp', 'volume', h.tablespoon, 'tbs', 'tablespoon', 'tablespoons'),
    unit('tsp', 'volume', h.teaspoon, 'teaspoon', 'teaspoons'),
    unit('fl oz', 'volume', h.fluidOunce, 'floz', 'fluid ounce', 'fluid ounces'),
    unit('pint', 'volume', h.pint, 'pints', 'pt'),
    unit('quart', 'volume', h.quart, 'quarts', 'qt', 'qts'),
    unit('gallon', 'volume', 4 * h.quart, 'gallons', 'gal', 'gals'),
    unit('pinch', 'volume', h.teaspoon / 16, 'pinches'),
  ];
}

/** The unit that is written so, or null. */
export function unitNamed(written: string, country: Country): Unit | null {
  const word = written.trim().toLowerCase().replace(/\.$/, '');
  return unitsOf(country).find((u) => u.written.includes(word)) ?? null;
}

/** From any unit to g, ml, mm or minutes. */
export const toInside = (value: number, u: Unit): number => value * u.factor;

/** From g, ml, mm or minutes to any unit. The exact inverse of `toInside` up to the last bit of a double. */
export const toOutside = (value: number, u: Unit): number => value / u.factor;
