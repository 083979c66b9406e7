import type { Slot } from './steps/oven-slots';
import type { Block } from '../design/block';
import type { Choices } from '../formula/schools';
import type { Batter, Formula, Ingredient } from '../formula/formula';
import type { Form } from '../shape/form';
import type { Coefficients } from './figures/coefficients';

/** What the breakdown knows of a kitchen. */
export interface Kitchen {
  coefficients: Coefficients;
  formulas: ReadonlyMap<string, Formula>;
  ingredients: ReadonlyMap<string, Ingredient>;
  /** What can be done to a cake here. */
  blocks: ReadonlyMap<string, Block>;
  moulds: Mould[];
  /** g that the mixers take at once, where they say it. */
  mixes?: MixLimits;
  /** Deck slots of the largest oven. */
  ovenSlots: number;
  /** What stands on one slot, where the kitchen has told the size of its decks. */
  slot?: Slot;
  /** The kitchen's answers where bakers differ. */
  choices: Choices;
}

/** A set of tins, rings or sheets of one size: equipment with a form. */
export interface Mould {
  /** The kind of equipment in the planning problem. */
  kind: string;
  use: 'tin' | 'ring' | 'square tin' | 'shaped tin' | 'sheet';
  form: Form;
  /** mm, where somebody has told it. */
  depth?: number;
  owned: number;
}

/** g of one mix that a kitchen’s mixers take, by batter; what is not named is told by the largest bowl. */
export type MixLimits = Partial<Record<Batter, { least: number; most: number }>>;
