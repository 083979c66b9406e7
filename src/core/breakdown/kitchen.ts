import type { Choices } from '../formula/schools';
import type { Formula, Ingredient } from '../formula/formula';
import type { Form } from '../shape/form';
import type { Coefficients } from './figures/coefficients';

/** What the breakdown knows of a kitchen. */
export interface Kitchen {
  coefficients: Coefficients;
  formulas: ReadonlyMap<string, Formula>;
  ingredients: ReadonlyMap<string, Ingredient>;
  moulds: Mould[];
  /** Deck slots of the largest oven. */
  ovenSlots: number;
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
