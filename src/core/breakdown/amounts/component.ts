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
  /** Other parts that go into it, g of each as it is used. */
  takes?: Taken[];
}

/** A part that goes into another one. */
export interface Taken {
  role: string;
  name: string;
  grams: number;
  /** Key of the step that takes it; the first for hands where nothing is said. */
  step?: string;
}

/** Roles of the parts that a component goes into. */
export const partsTaking = ({ amount }: Pick<Component, 'amount'>): string[] => [
  ...new Set(amount.portions.flatMap((p) => p.into ?? [])),
];
