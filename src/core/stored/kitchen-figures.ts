import { Type, type TSchema } from '@sinclair/typebox';
import type { Coefficients } from '../breakdown/figures/coefficients';
import { completeFigures } from '../breakdown/figures/starting-figures';
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
    batter: named(['butter', 'foam', 'chiffon', 'oil', 'sheet'], Type.Object({ fill: number, density: number })),
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
      dowels: Type.Unsafe<Coefficients['stand']['dowels']>(list(Type.Tuple([number, number]))),
    }),
    cutting: named(['wedgeRim', 'stripWidth'], number),
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
    portions: named(['partyArea', 'dessertArea', 'sliceWidth'], number),
    bowlKilos: number,
    readyBefore: number,
    tightBelow: number,
    daysAhead: number,
  }),
);

export const figuresCodec = codec<KitchenFigures>()({
  format: 'zest-ladder/kitchen-figures',
  schema: Type.Object({ coefficients, choices: byName(text) }),
  migrations: [
    // Figures were added while there were no versions: those that a kitchen has not take their starting values.
    (v0) => ({ ...v0, coefficients: completeFigures((v0.coefficients ?? {}) as Partial<Coefficients>) }),
  ],
});
