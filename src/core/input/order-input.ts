import { say } from '../words/say';
import { gramsByRole } from './grams-by-role';
import { wordsByKey } from './words-by-key';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { ALLERGENS, type Allergen } from '../formula/formula';
import { trimmed } from './trimmed';

/** A text of so many letters at most. */
const shortText = (most: number) => trimmed().max(most, say`At most ${most} letters.`);

/** A number, or nothing: an empty field is no zero. */
const measured = (message: string) =>
  number()
    .transform((value: number, typed: unknown) => (typed === '' ? null : value))
    .typeError(message)
    .nullable();

/** Letters of an order’s name that fit its ladder. */
export const MOST_LETTERS = 60;

/** What the counter types for an order; the form and the server check it alike. */
export const orderForm = object({
  title: trimmed()
    .required(say`Give the order a name, as “Abara christening”.`)
    .max(MOST_LETTERS, say`At most ${MOST_LETTERS} letters, so that it fits the ladder.`),
  customer: trimmed()
    .required(say`Who is it for?`)
    .max(80, say`At most 80 letters.`),
  /** Wall-clock time of the kitchen, ISO without an offset. */
  pickup: string()
    .required(say`When is it collected?`)
    .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, say`Choose a day and a time.`),
  portions: number()
    .typeError(say`How many portions? A number.`)
    .required(say`How many portions?`)
    .integer(say`Whole portions only.`)
    .min(1, say`At least one portion.`)
    .max(400, say`More than 400 portions is more than one order: split it.`),
  build: string()
    .max(120, say`There is no such build.`)
    .required(say`Choose a build.`),
  /** The chosen size, as JSON of its tiers. */
  size: string().max(4000, 'The kitchen has no tins for this size.').required('Choose a shape and size.'),
  /** A design of its own, as JSON of its document; nothing is the build in the chosen size. */
  design: string()
    .max(200_000, say`This cake is larger than any that can be read.`)
    .optional(),
  inscription: trimmed()
    .max(60, say`At most 60 letters fit on a cake.`)
    .default(''),
  avoid: array()
    .of(
      string()
        .oneOf<Allergen>([...ALLERGENS], 'This is not on the list.')
        .required(),
    )
    .max(ALLERGENS.length, say`Each of them once.`)
    .default([]),
  note: trimmed()
    .max(500, say`At most 500 letters.`)
    .default(''),
  /** What was agreed beside what it is made of. What is left out stays as it was; empty is nothing. */
  colours: shortText(120).optional(),
  inscriptionAt: shortText(80).optional(),
  goesTo: shortText(120).optional(),
  box: shortText(80).optional(),
  /** Hours that it stands until it is eaten; null where nobody knows. */
  standsHours: measured(say`How many hours? A number.`)
    .min(0, say`0 to 72 hours.`)
    .max(72, say`0 to 72 hours.`)
    .optional(),
  /** °C where it stands. */
  standsCelsius: measured(say`How warm? A number.`)
    .min(-10, say`-10 to 50 °C.`)
    .max(50, say`-10 to 50 °C.`)
    .optional(),
  standsOutdoors: boolean().optional(),
  /** The last day on which it is held as an enquiry; empty is an order. */
  holdsUntil: string()
    .matches(/^(\d{4}-\d{2}-\d{2})?$/, say`Choose a day.`)
    .optional(),
  /** The order that it is one with. */
  together: number().integer().min(1).nullable().optional(),
  /** Pictures that came before it was taken. */
  pictures: array()
    .of(number().integer().min(1).required())
    .max(12, say`At most 12 pictures.`)
    .optional(),
  /** Another formula for a role. */
  swaps: wordsByKey()
    .typeError(say`These exchanges cannot be read.`)
    .default({}),
  /** Schools and routes decided for this order; what is left out follows the kitchen. */
  choices: wordsByKey()
    .typeError(say`These choices cannot be read.`)
    .default({}),
  /** Amounts of parts set by hand, g by role. What is left out stays as it was. */
  byHand: gramsByRole()
    .typeError(say`Grams above 0, at most 200 kg.`)
    .optional(),
  /** Roles of optional components that are left out. */
  without: array()
    .of(string().max(120).required())
    .max(60, say`At most 60 parts.`)
    .default([]),
});

export type OrderForm = InferType<typeof orderForm>;
