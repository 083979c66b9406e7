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
  /** g below which it is to be bought. */
  leastStock?: number;
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
  /** As it goes in: peeled, stoned, cut. What is likely, where it is to texture or to taste. */
  grams: number;
  note?: string;
  /** The step it goes into; the first where nothing is said. */
  step?: string;
  /** To texture or to taste: from so many g to so many, until the sign is there. */
  range?: { low: number; high: number; sign: string };
  /** Share of what is bought that goes in, where something is peeled or cut away: what is bought is `grams` divided by it. */
  keeps?: number;
}

/** Another formula that goes into one: it is made by its own steps, and keeps as it keeps. */
export interface FormulaPart {
  formula: string;
  /** g of it, finished. */
  grams: number;
  note?: string;
  /** The step it goes into; the first for hands where nothing is said. */
  step?: string;
}

/** Minutes of a step: a base, and more for each kg made, each piece and each tin. */
interface StepMinutes extends Minutes {
  perKilo?: number;
  perPiece?: number;
  perTin?: number;
}

export interface FormulaStep {
  key: string;
  /** What the rung says; short. */
  name: string;
  work: 'hands' | 'oven' | 'machine';
  minutes: StepMinutes;
  skill?: string | null;
  uses?: { kind: string; units: number }[];
  /** °C, and the deck slots that one tin (or the whole batch, without tins) takes; `bySize` reckons them from tin and deck, at least so many. */
  oven?: { celsius: number; slots: number; bySize?: boolean };
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
  /** What else must have been seen to, minutes before the step begins. */
  prepare?: OwnPreparation[];
  /** The step exists only in one school: "damp cloth" of "cloth". */
  when?: SchoolChoice;
}

/** Something small that a step wants prepared. */
export interface OwnPreparation {
  text: string;
  before: number;
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
  /** What to do where the sign, or the limit, is not reached yet. */
  otherwise: string;
  /** What to do with what has gone too far. */
  beyond?: string;
}

export interface Reminder {
  /** Minutes after the start of the step; with `every` again and again. */
  after: number;
  every?: number;
  /** Share of the step’s likely minutes after which it is said, in the place of `after`. */
  share?: number;
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
  /** Somebody comes back to it now and then: never while nobody is in. */
  attended?: boolean;
  /** It stays in the oven of `from`, closed and off: its slots are taken, and nothing else is baked in it. */
  ovenOff?: boolean;
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

/** How a part is kept in the store of own parts, and how it comes back from there. Minutes. */
export interface InStore {
  /** The kind of place that it keeps in. */
  place: string;
  keeps: number;
  /** Layers, blossoms and all that is dry are counted; all else is weighed. */
  by: 'piece' | 'weight';
  /** What it needs before it is worked: at least so long, at most so long, and where. */
  thaw?: { min: number; max: number; place: string | null };
  /** Made again where less than this is free, so much at a time; pieces or g. */
  level?: number;
  makes?: number;
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
  /** It may be made on a quiet day and kept for any order. */
  inStore?: InStore;
  /** What goes wrong, and what helps. */
  rescue?: string;
  /** The same failure by failure. */
  rescues?: Rescue[];
  /** Other formulas that go into it. */
  parts?: FormulaPart[];
  /** Out of use: not offered any more, and still there for what is made with it. */
  retired?: boolean;
  /** What it looks like in a section of the cake, "#e8c9a0". */
  colour?: string;
}

/** A failure, and what helps. */
interface Rescue {
  failure: string;
  help: string;
}
