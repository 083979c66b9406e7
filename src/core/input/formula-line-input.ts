import { say } from '../words/say';
import { number, object, string, type InferType } from 'yup';
import { optionalNumber } from './optional-number';
import { trimmed } from './trimmed';

/** Grams that may be left out. */
export const optionalGrams = (message: string) =>
  optionalNumber(message)
    .moreThan(0, say`Above 0.`)
    .max(100_000, say`At most 100 kg.`);

/** What goes into a formula: an ingredient, or another formula. */
export const lineForm = object({
  ingredient: string()
    .max(120, say`The library does not know it.`)
    .default('')
    .test('one', say`Choose an ingredient or a formula.`, function (ingredient) {
      return Boolean(ingredient) !== Boolean((this.parent as { formula?: string }).formula);
    }),
  /** Another formula that goes in, in the place of an ingredient. */
  formula: string()
    .max(120, say`The library does not know it.`)
    .default(''),
  grams: number()
    .typeError(say`Grams, a number.`)
    .required(say`How many grams?`)
    .moreThan(0, say`Above 0.`)
    .max(100_000, say`At most 100 kg.`),
  /** Key of the step it goes into; empty is the first for hands, as is a step that is no longer there. */
  into: string().max(60).default(''),
  note: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
  /** To texture or to taste: from so many g to so many, until a sign; all three or none. */
  low: optionalGrams(say`At least: grams, a number.`),
  high: optionalGrams(say`At most: grams, a number.`).test(
    'range',
    say`Not below the least, and the grams between them.`,
    function (high) {
      const { low, grams: likely } = this.parent as { low: number | null; grams: number };
      if ((high ?? null) === null) return (low ?? null) === null;
      return (low ?? null) !== null && low! <= likely && likely <= high!;
    },
  ),
  sign: trimmed()
    .max(80, say`At most 80 letters.`)
    .default('')
    .when('high', {
      is: (high: number | null) => (high ?? null) !== null,
      then: (s) => s.required(say`Until what sign? For example “until it ribbons”.`),
    }),
  /** Per cent of what is bought that goes in. */
  keeps: optionalNumber(say`Per cent, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(100, say`At most 100 %.`),
});

export type LineForm = InferType<typeof lineForm>;

export const EMPTY_LINE: LineForm = {
  ...{ ingredient: '', formula: '', grams: 100, into: '', note: '', low: null, high: null, sign: '', keeps: null },
};
