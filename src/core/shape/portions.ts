import { topArea, type Form } from './form';

/** How a cake is eaten: a bite with coffee, the usual piece, a plate. */
export const PORTION_KINDS = ['finger', 'party', 'dessert'] as const;
export type PortionKind = (typeof PORTION_KINDS)[number];

/** Grams between which a portion is plausible. */
interface Band {
  low: number;
  high: number;
}

export interface PortionSettings {
  /** cm² of the top of a cake between 80 and 140 mm high. */
  fingerArea: number;
  partyArea: number;
  dessertArea: number;
  /** mm of a slice of a roll or a loaf. */
  sliceWidth: number;
  bands: Record<PortionKind, Band>;
}

/** cm² of the top that a portion takes. */
export const portionArea = (kind: PortionKind, settings: PortionSettings): number => settings[`${kind}Area`];

/** Below this a portion is larger for being flat, from `TALL` on a piece is cut across on a board. mm. */
const LOW = 80;
const TALL = 160;

/** How often the top counts: in proportion to 100 mm below 80 mm, once up to 160, twice from there on. */
export function heightFactor(height: number): number {
  if (height < LOW) return height / 100;
  return height < TALL ? 1 : 2;
}

/** A count that rounding of doubles has not lowered. */
const whole = (value: number) => Math.floor(value + 1e-9);

/**
 * Portions of one tier of this height, mm: ⌊top area ÷ portion area × how often it counts⌋; a roll and a loaf are cut into slices. A dome and a
 * house have no top to cut: they are portioned by weight.
 * Example: round 200 mm, 110 mm high: ⌊314 ÷ 12.5⌋ = 25 party portions, 12 for dessert.
 */
export function portions(form: Form, height: number, kind: PortionKind, settings: PortionSettings): number {
  switch (form.form) {
    case 'roll':
      return whole(form.length / settings.sliceWidth);
    case 'loaf':
      return whole(Math.min(form.topLength, form.bottomLength) / settings.sliceWidth);
    default:
      return whole((topArea(form) / 100 / portionArea(kind, settings)) * heightFactor(height));
  }
}

/** Is a form cut by its weight, for want of a top? */
export const isPortionedByWeight = (form: Form): boolean => form.form === 'half-sphere' || form.form === 'house';

/** Portions of so many grams of finished cake, each in the middle of its band. */
export function portionsByWeight(grams: number, kind: PortionKind, settings: PortionSettings): number {
  const { low, high } = settings.bands[kind];
  return whole(grams / ((low + high) / 2));
}

/** What a portion weighs, and whether that is plausible. */
export interface PortionCheck {
  grams: number;
  band: Band;
  plausible: boolean;
}

/** Checks portions by the weight of the finished cake, without trimmings, run-off and what stays in bowls. Null without portions. */
export function checkPortions(
  finishedGrams: number,
  count: number,
  kind: PortionKind,
  settings: PortionSettings,
): PortionCheck | null {
  if (count === 0) return null;
  const grams = finishedGrams / count;
  const band = settings.bands[kind];
  return { grams, band, plausible: grams >= band.low && grams <= band.high };
}
