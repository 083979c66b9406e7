import type { CheckName } from '../kinds/checks';
import type { Form } from '../shape/form';
import type { Minutes } from '../time/minutes';

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
/** What an ingredient brings of which nobody has said yet what it holds: it may be anything. */
export const NOT_CONFIRMED = 'not confirmed';
export type Allergen = (typeof ALLERGENS)[number] | typeof NOT_CONFIRMED;
/** All that rolls up, in the order in which it is told. */
export const ROLLED_UP: readonly Allergen[] = [...ALLERGENS, NOT_CONFIRMED];

export interface Ingredient {
  id: string;
  name: string;
  allergens: Allergen[];
  /** g/ml as it is measured by volume; null where nobody does. */
  density: number | null;
  /** Counts as flour in baker's percentages. */
  flour?: boolean;
  /** Which part of an egg it is: for the egg ledger. */
  egg?: 'whole' | 'white' | 'yolk';
  gelatine?: boolean;
  /** Where it is bought; the shopping list is grouped by it. */
  supplier?: string;
  /** Is nothing that is bought but left over from another part: the breakdown draws on it. */
  leftOver?: ByProduct;
  /** Comes out of the cold this many minutes before it is worked ("butter and eggs 1–2 h before"). */
  takeOut?: number;
  /** Stays in the cold until the moment it is worked. */
  keepCold?: boolean;
  /** Came with a recipe from outside: nobody has said yet what allergens it holds. */
  unconfirmed?: boolean;
}

export interface FormulaLine {
  ingredient: string;
  grams: number;
  note?: string;
  /** The step it goes into; the first where nothing is said. */
  step?: string;
}

/** Minutes of a step: a base, and more for each kg made and each piece. */
interface StepMinutes extends Minutes {
  perKilo?: number;
  perPiece?: number;
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
  /** What must hold before the next step may begin. */
  check?: Check;
  /** Said while the step runs. */
  reminders?: Reminder[];
  caution?: string;
  /** Bowl and whisk are chilled before. */
  chill?: boolean;
  /** The step exists only in one school: "damp cloth" of "cloth". */
  when?: SchoolChoice;
}

/** One of several ways to the same end; `school` names the question, `choice` the answer. */
export interface SchoolChoice {
  school: string;
  choice: string;
}

/** A check that gates the next step: its text, a number to record where there is one, and what to do if it fails. */
export interface Check {
  kind: CheckName;
  text: string;
  /** °C or g, for those that are measured. */
  limit?: number;
  /** Where the craft has a range, its other end: a reading beyond it has gone too far. */
  tooFar?: number;
  otherwise: string;
}

export interface Reminder {
  /** Minutes after the start of the step; with `every` again and again. */
  after: number;
  every?: number;
  text: string;
}

/** A question on which good bakers differ, with its answers; the kitchen has a default for each. */
export interface School {
  key: string;
  question: string;
  choices: { key: string; name: string; effect: string }[];
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
  /** Cost of each minute beyond `min`: 0 where it does not matter how old it is. */
  ageing: number;
  /** It is better only after so many minutes: it had rather be made ahead by that. */
  betterAfter?: number;
  why: string;
  /** It is beaten up again before it is used. */
  tempering?: Tempering;
}

/** Bringing back what was kept in the cold. Minutes. */
interface Tempering {
  /** It is taken out of the cold so long before. */
  outOfCold: number;
  /** Beating it takes. */
  minutes: Minutes;
  /** Beaten, it stands at most so long until its last use. */
  stands: number;
}

/** What a component is for in a cake; any formula of the same purpose can take another's place. */
export const PURPOSES = [
  'layers',
  'base',
  'soak',
  'filling',
  'set filling',
  'frosting',
  'cover',
  'glaze',
  'decoration',
  'fruit',
  'panels',
  'crumbs',
] as const;
type Purpose = (typeof PURPOSES)[number];

/** What is left over in making a part: what is cut off, what runs off, paste that is trimmed, and what a least batch is too much. */
export const BY_PRODUCTS = ['trimmings', 'run-off', 'paste', 'rest'] as const;
export type ByProduct = (typeof BY_PRODUCTS)[number];

export const BATTERS = ['butter', 'foam', 'chiffon', 'oil', 'sheet', 'yeast'] as const;
export type Batter = (typeof BATTERS)[number];

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
  /** What the kitchen has measured: so many g in a tin of this form came out so high, mm. It counts before its kind’s figures. */
  measured?: { grams: number; form: Form; height: number };
  /** g of the finished thing: less is not made well, more does not go into its bowl. */
  batch?: { least?: number; most?: number };
  purpose: Purpose;
  /** Minutes that the mix may stand before it bakes: the batter's limit between rounds. */
  stands?: number;
  /** Loses its dome when it is levelled. */
  domes?: boolean;
  steps: FormulaStep[];
  waits: FormulaWait[];
  keeping: Keeping;
  /** What goes wrong, and what helps. */
  rescue?: string;
}
