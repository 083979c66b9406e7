import { say } from '../words/say';
import { wordsByKey } from './words-by-key';
import { array, number, object, string, type InferType } from 'yup';
import { ALLERGENS, type Allergen } from '../formula/formula';
import { trimmed } from './trimmed';

/** What the counter types for an order; the form and the server check it alike. */
export const orderForm = object({
  title: trimmed()
    .required(say`Give the order a name, as “Abara christening”.`)
    .max(60, say`At most 60 letters, so that it fits the ladder.`),
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
  /** Another formula for a role. */
  swaps: wordsByKey()
    .typeError(say`These exchanges cannot be read.`)
    .default({}),
  /** Schools and routes decided for this order; what is left out follows the kitchen. */
  choices: wordsByKey()
    .typeError(say`These choices cannot be read.`)
    .default({}),
  /** Roles of optional components that are left out. */
  without: array()
    .of(string().max(120).required())
    .max(60, say`At most 60 parts.`)
    .default([]),
});

export type OrderForm = InferType<typeof orderForm>;
