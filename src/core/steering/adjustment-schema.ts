import { say } from '../words/say';
import { wordsByKey } from '../input/words-by-key';
import { array, lazy, mixed, number, object, string, type Schema } from 'yup';
import type { Adjustment, AdjustmentKind } from './plan-edit';

/** A name or an id of somebody, something or some step. */
const id = string()
  .max(120, say`At most 120 letters.`)
  .required();
const ids = (most: number) =>
  array()
    .of(id)
    .max(most, say`At most ${most}.`)
    .required();

/** Minutes after the origin; some years either way are a slip of the finger. */
const minute = number()
  .typeError(say`Minutes, a number.`)
  .integer(say`Whole minutes.`)
  .min(-2_000_000)
  .max(2_000_000)
  .required();
const span = array()
  .of(minute)
  .length(2, say`A span has a start and an end.`)
  .test('order', 'It ends before it starts.', (s) => !s || s.length !== 2 || s[1]! > s[0]!)
  .required();
const spans = array()
  .of(span)
  .max(60, say`At most 60 spans.`)
  .required();

const pin = object({ start: minute, people: ids(12), equipment: ids(24) }).noUnknown(
  say`A pin has a start, people and equipment.`,
);

/** Answers by school or route. */
const answers = wordsByKey().typeError(say`Answers are words by question.`);

const orderAnswers = object({
  pickup: string()
    .max(40, say`This is no time.`)
    .optional(),
  without: array()
    .of(id)
    .max(60, say`At most 60 parts.`)
    .optional(),
  choices: answers.optional(),
})
  .noUnknown(say`Only pickup, without and choices of an order can be steered.`)

  .test('some', 'Nothing of the order is changed.', (x) => Object.values(x ?? {}).some((v) => v !== undefined));

const VALUES: Record<AdjustmentKind, Schema> = {
  pin: pin.nullable(),
  give: ids(12)
    .min(1, say`To whom?`)
    .nullable(),
  away: spans.nullable(),
  longer: spans.nullable(),
  lend: ids(24).nullable(),
  closed: spans.nullable(),
  more: number()
    .typeError(say`How many more? A number.`)
    .integer()
    .min(1, say`At least one.`)
    .max(20, say`At most 20.`)
    .nullable(),
  order: orderAnswers.required(say`An order’s answers cannot be taken away.`),
};

const isKind = (x: unknown): x is AdjustmentKind => typeof x === 'string' && Object.hasOwn(VALUES, x);

/** One adjustment as it comes in: its kind, whom it is about, and the value for that kind, with nothing beside. */
const adjustment = lazy((value: unknown) => {
  const { kind } = (value ?? {}) as { kind?: unknown };
  const kinds = Object.keys(VALUES);
  return object({
    kind: string()
      .oneOf(kinds, `It is one of ${kinds.join(', ')}.`)
      .required(),
    key: id,
    to: isKind(kind) ? (VALUES[kind].defined() as Schema<unknown>) : mixed(),
  })
    .noUnknown(say`An adjustment has a kind, a key and a value.`)

    .required();
});

/** A list of adjustments as they come in; read it strictly. What the values mean, `adjustmentProblem` asks. */
export const adjustmentList = array()
  .of(adjustment as unknown as Schema<Adjustment>)
  .max(50, say`At most 50 at once.`)
  .required() as unknown as Schema<Adjustment[]>;
