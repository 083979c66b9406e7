import { Type, type TSchema } from '@sinclair/typebox';
import type { Coefficients } from '../breakdown/figures/coefficients';
import { completeFigures, startingCoefficients } from '../breakdown/figures/starting-figures';
import { BATTERS } from '../formula/formula';
import { PORTION_KINDS } from '../shape/portions';
import type { Choices } from '../formula/schools';
import { codec, describes } from './codec';
import { byName, list, number, oneOf, text } from './shapes';

/** What a kitchen computes with: its figures, and its answers where bakers differ. */
export interface KitchenFigures {
  coefficients: Coefficients;
  choices: Choices;
}

const named = <const K extends string, S extends TSchema>(keys: readonly K[], of: S) =>
  Type.Object(Object.fromEntries(keys.map((k) => [k, of])) as Record<K, S>);
const GRADES = ['bronze', 'silver', 'gold', 'platinum'] as const;
const range = Type.Object({ low: number, likely: number, high: number });

export const coefficients = describes<Coefficients>()(
  Type.Object({
    batter: named(BATTERS, Type.Object({ fill: number, density: number })),
    sawCut: number,
    sheetDepth: number,
    soak: named(['butter', 'foam'], number),
    fillingThickness: number,
    damWidth: number,
    crumbCoat: number,
    finalCoat: number,
    bowlLoss: number,
    paste: named(['thickness', 'margin', 'density'], number),
    glaze: named(['thickness', 'runOff', 'density', 'returns'], number),
    drip: named(['gramsPerCm2', 'meanLength'], number),
    trim: number,
    nozzles: byName(number),
    stand: Type.Object({
      drumMargin: number,
      boxMargin: number,
      filmOverlap: number,
      drumDensity: number,
      dowels: Type.Unsafe<Coefficients['stand']['dowels']>(list(Type.Tuple([number, number]))),
    }),
    cutting: Type.Object({
      wedgeRim: named(PORTION_KINDS, number),
      piece: named(PORTION_KINDS, named(['length', 'width'], number)),
      leastPiece: number,
    }),
    egg: Type.Object({ weight: number, shares: named(['shell', 'white', 'yolk'], number) }),
    sheetGrade: oneOf(GRADES),
    sheetGrades: named(GRADES, named(['bloom', 'grams'], number)),
    yeast: named(['fresh', 'active dry', 'instant'], number),
    ganache: Type.Object({
      ratios: named(['drip', 'pour', 'spread', 'whip', 'truffle'], number),
      chocolate: named(['dark', 'milk', 'white'], number),
    }),
    fanOffset: number,
    bakeSpread: number,
    leads: named(['lineTins', 'chillBowl', 'soakGelatine', 'heatOven'], number),
    cooling: byName(named(['bench', 'fridge', 'freezer'], range)),
    portions: Type.Object({
      fingerArea: number,
      partyArea: number,
      dessertArea: number,
      sliceWidth: number,
      bands: named(PORTION_KINDS, named(['low', 'high'], number)),
    }),
    bowlKilos: number,
    readyBefore: number,
    tightBelow: number,
    warmth: named(['coldOut', 'hotOut', 'hotFrom'], number),
    lastHours: number,
    daysAhead: number,
  }),
);

type Figures = Record<string, unknown>;

/** Where all wedges had one rim, those for dessert keep it: the others begin with their own. */
const WEDGE_OF_BEFORE = 'dessert';

/** Figures that a kitchen of before has: what it has not takes its starting value, also where a figure has become several. */
export function figuresFromBefore(before: Figures): Coefficients {
  const { wedgeRim } = (before.cutting ?? {}) as { wedgeRim?: unknown };
  const cutting = typeof wedgeRim === 'number' ? { wedgeRim: { [WEDGE_OF_BEFORE]: wedgeRim } } : {};
  return completeFigures({ ...before, cutting } as unknown as Partial<Coefficients>);
}

/**
 * Two figures began with values that were wrong: a party portion of 40 cm², and 1 g of drip for each cm and cm. A kitchen that has never
 * touched them gets the right ones; what it has set itself stays.
 */
function fromWrongStarts(before: Figures): Coefficients {
  const portions = { ...(before.portions as Figures | undefined) };
  if (portions.partyArea === 40) delete portions.partyArea;
  const drip = { ...(before.drip as Figures | undefined) };
  if (drip.gramsPerCm2 === 1) delete drip.gramsPerCm2;
  return figuresFromBefore({ ...before, portions, drip });
}

/** Figures of a time when a drum had no weight, and no hours were the last. */
export const withDrumsAndHours = (before: Figures): Figures => ({
  lastHours: startingCoefficients.lastHours,
  ...before,
  stand: { drumDensity: startingCoefficients.stand.drumDensity, ...(before.stand as Figures) },
});

/** Figures of a time when nobody asked where a cake would stand. */
export const withWarmth = (before: Figures): Figures => ({ warmth: startingCoefficients.warmth, ...before });

export const figuresCodec = codec<KitchenFigures>()({
  format: 'zest-ladder/kitchen-figures',
  schema: Type.Object({ coefficients, choices: byName(text) }),
  migrations: [
    (v0) => v0,
    (v1) => ({ ...v1, coefficients: fromWrongStarts((v1.coefficients ?? {}) as Figures) }),
    (v2) => ({ ...v2, coefficients: withDrumsAndHours(v2.coefficients as Figures) }),
    (v3) => ({ ...v3, coefficients: withWarmth(v3.coefficients as Figures) }),
  ],
});
