import type { Minutes } from '../planner/problem';

/** The allergens and flags that roll up from ingredients to the order. */
export const ALLERGENS = [
  'gluten',
  'egg',
  'milk',
  'nuts',
  'peanut',
  'sesame',
  'soya',
  'sulphites',
  'alcohol',
  'gelatine',
  'raw egg',
  'honey',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

export interface Ingredient {
  id: string;
  name: string;
  allergens: Allergen[];
  /** g/ml as it is measured by volume; null where nobody does. */
  density: number | null;
}

export interface FormulaLine {
  ingredient: string;
  grams: number;
  note?: string;
}

/** Minutes of a step: a base, and more for each kg made. */
export interface StepMinutes extends Minutes {
  perKilo?: number;
}

export interface FormulaStep {
  key: string;
  /** What the rung says; short. */
  name: string;
  work: 'hands' | 'oven' | 'machine';
  minutes: StepMinutes;
  skill?: string | null;
  uses?: { kind: string; units: number }[];
  /** °C, and the deck slots that one tin (or the whole batch, without tins) takes. */
  oven?: { celsius: number; slots: number };
  /** Once for the whole batch, or once for every load of tins. */
  each?: 'batch' | 'load';
  /** Holds the tins of its load from its start until the end of the step named. */
  tinsUntil?: string;
  how: string;
  /** The sign of doneness. */
  sign?: string;
  caution?: string;
}

export interface FormulaWait {
  from: string;
  to: string;
  min: number;
  max: number | null;
  place: string | null;
  why: string;
  ageing?: number;
}

/** How the finished component waits to be used: at least `min`, at most `max` minutes. */
export interface Keeping {
  place: string | null;
  min: number;
  max: number;
  units: number;
  /** Cost of each minute beyond `min`. */
  ageing: number;
  why: string;
}

export type Batter = 'butter' | 'foam' | 'chiffon' | 'oil' | 'sheet';

/** How one component is made: ingredients, steps, waits, keeping, signs, cautions. */
export interface Formula {
  id: string;
  name: string;
  family: string;
  story: string;
  lines: FormulaLine[];
  /** Share of the weight that baking, boiling or trimming takes. */
  loss: number;
  /** Finished, g/ml: what fillings and coats weigh. */
  density: number;
  batter?: Batter;
  steps: FormulaStep[];
  waits: FormulaWait[];
  keeping: Keeping;
  /** What goes wrong, and what helps. */
  rescue?: string;
}
