import type { Check, Formula, FormulaStep, FormulaWait, Keeping, Reminder } from '../../core/formula/formula';

type Times = [low: number, likely: number, high: number, perKilo?: number, perPiece?: number];
type More = Omit<Partial<FormulaStep>, 'key' | 'name' | 'work' | 'minutes' | 'how'>;

const minutes = ([low, likely, high, perKilo, perPiece]: Times) => ({
  ...{ low, likely, high },
  ...(perKilo ? { perKilo } : {}),
  ...(perPiece ? { perPiece } : {}),
});

/** Shorthand for writing a library by hand: a step for hands, in the oven, or on a machine. */
export const hands = (
  key: string,
  name: string,
  skill: string | null,
  times: Times,
  how: string,
  more: More = {},
): FormulaStep => ({
  ...{ key, name, work: 'hands', skill, minutes: minutes(times), how },
  ...more,
});
export const bakes = (
  celsius: number,
  slots: number,
  times: Times,
  sign: string,
  how: string,
  more: More = {},
): FormulaStep => ({
  ...{
    key: 'bake',
    name: `Bake at ${celsius} °C`,
    work: 'oven',
    minutes: minutes(times),
    how,
    sign,
    oven: { celsius, slots },
  },
  ...more,
});
export const machine = (key: string, name: string, times: Times, how: string, more: More = {}): FormulaStep => ({
  ...{ key, name, work: 'machine', minutes: minutes(times), how },
  ...more,
});

export const wait = (
  from: string,
  to: string,
  min: number,
  max: number | null,
  why: string,
  place: string | null = null,
): FormulaWait => ({ from, to, min, max, place, why });

/** Buttercreams come back to the warmth of the room, and are beaten. */
export const beatenUp = (keeping: Keeping): Keeping => ({
  ...keeping,
  tempering: { outOfCold: 50, minutes: { low: 4, likely: 6, high: 10 }, stands: 12 * HOUR },
});

export const keeps = (place: string | null, min: number, max: number, why: string, ageing = 0.01): Keeping => ({
  place,
  min,
  max,
  units: 1,
  ageing,
  why,
});

export const HOUR = 60;
export const DAY = 24 * HOUR;

/** Ingredient lines as `id: grams`, or `id: [grams, step it goes into]`. */
export function formula(
  head: Omit<Formula, 'lines' | 'loss' | 'density'> & {
    loss?: number;
    density?: number;
    grams: Record<string, number | [number, string]>;
  },
): Formula {
  const { grams, loss = 0, density = 1, ...rest } = head;
  const lines = Object.entries(grams).map(([ingredient, amount]) =>
    typeof amount === 'number' ? { ingredient, grams: amount } : { ingredient, grams: amount[0], step: amount[1] },
  );
  return { ...rest, lines, loss, density };
}

export const mixer = [{ kind: 'mixer', units: 1 }];
export const hob = [{ kind: 'hob', units: 1 }];
export const turntable = [{ kind: 'turntable', units: 1 }];
export const HOT_SUGAR =
  'Boiling sugar burns deep: long sleeves, no water near, nobody reaches across. Follow the kitchen’s own safety plan.';
export const RAW_EGG =
  'Raw egg: clean bowl and hands afterwards. Heat to 71 °C or use pasteurised; local food law comes first.';
export const COOL_FAST = 'Cool from 60 to 21 °C within 2 h and to 5 °C within 4 h more, or by the local limit.';

export const checked = (
  kind: Check['kind'],
  text: string,
  otherwise: string,
  limit?: number,
  tooFar?: number,
): Check => ({
  ...{ kind, text, otherwise },
  ...(limit === undefined ? {} : { limit }),
  ...(tooFar === undefined ? {} : { tooFar }),
});
export const skewer = checked('skewer clean', 'The skewer comes out clean', 'Back in for 4 min, then look again.');
export const remind = (after: number, text: string, every?: number): Reminder => ({
  after,
  text,
  ...(every ? { every } : {}),
});
export const RAW_FLOUR = 'Raw flour is not ready to eat: no tasting of dough, clean hands and bench.';
