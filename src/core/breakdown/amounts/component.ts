import type { Allergen, Formula } from '../../formula/formula';
import type { ScaledLine } from '../../formula/scale';
import type { Amount } from './amount';

/** A part of a cake: what it is for, by which formula, how much, and what it brings with it. */
export interface Component {
  role: string;
  label: string;
  formula: Formula;
  optional: boolean;
  amount: Amount;
  lines: ScaledLine[];
  allergens: { allergen: Allergen; from: string[] }[];
}
