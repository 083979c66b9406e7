import { say } from '../words/say';
import { array, boolean, number, object, string, type InferType } from 'yup';
import type { Check, Formula, Reminder } from '../formula/formula';
import { SCHOOLS } from '../formula/schools';
import { CHECKS } from '../kinds/checks';
import { areDifferent } from './are-different';
import { optionalNumber } from './optional-number';
import { trimmed } from './trimmed';

/** Fields that are compared with one another. */
type Compared = Record<'low' | 'likely' | 'min', number>;

export const minutes = (name: string) =>
  number()
    .typeError(say`${name}: minutes, a number.`)
    .required(say`${name}: how many minutes?`)
    .min(0, say`${name}: not below 0.`)
    .max(150_000, say`${name}: at most 150 000 minutes.`);

const more = (what: string) =>
  optionalNumber(say`${what}: minutes, a number.`)
    .min(0, say`${what}: not below 0.`)
    .max(1440, say`${what}: at most a day.`);

/** A wait before a step: after which other one (empty is the one above it), how long, and where. */
const waitForm = object({
  from: string().max(60).default(''),
  min: minutes(say`Wait, at least`),
  max: optionalNumber(say`Wait, at most: minutes, or nothing.`).test(
    'after-min',
    say`Wait: not below the shortest.`,
    function (value) {
      return value === null || value === undefined || value >= (this.parent as Compared).min;
    },
  ),
  /** A kind of place, or empty for the open bench. */
  place: trimmed()
    .max(60, say`At most 60 letters.`)
    .default(''),
  why: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
  /** What a minute costs that it lasts longer than it must; nothing is as usual. */
  ageing: optionalNumber(say`What a minute costs, a number.`).min(0, say`Not below 0.`),
  attended: boolean().default(false),
  ovenOff: boolean().default(false),
});
export type WaitForm = InferType<typeof waitForm>;

export const checkForm = object({
  kind: string()
    .oneOf(['', ...Object.keys(CHECKS)], say`Choose a kind of check.`)
    .default(''),
  text: trimmed()
    .max(160, say`At most 160 letters.`)
    .default('')
    .when('kind', { is: (kind: string) => kind !== '', then: (s) => s.required(say`What is looked at?`) }),
  limit: optionalNumber(say`A number, or nothing.`),
  tooFar: optionalNumber(say`A number, or nothing.`),
  otherwise: trimmed()
    .max(200, say`At most 200 letters.`)
    .default('')
    .when('kind', { is: (kind: string) => kind !== '', then: (s) => s.required(say`What is done if it fails?`) }),
  beyond: trimmed()
    .max(200, say`At most 200 letters.`)
    .default(''),
});

const reminderForm = object({
  /** Minutes after the start, or a share of the step in per cent: one of the two. */
  after: optionalNumber(say`Minutes, a number.`).min(0, say`Not below 0.`),
  share: optionalNumber(say`Per cent of the step, a number.`)
    .min(0, say`Not below 0.`)
    .max(100, say`At most 100.`)
    .test('one', say`Minutes or per cent: one of the two.`, function (share) {
      return (share ?? null) !== null || ((this.parent as { after: number | null }).after ?? null) !== null;
    }),
  every: optionalNumber(say`Minutes, a number.`).moreThan(0, say`Above 0.`),
  text: trimmed()
    .required(say`What is to be said?`)
    .max(160, say`At most 160 letters.`),
});

export const remindersForm = array()
  .of(reminderForm)
  .max(12, say`At most twelve.`)
  .default([]);

/** Machines that work takes meanwhile. */
export const usesForm = array()
  .of(
    object({
      kind: trimmed()
        .required(say`Which machine?`)
        .max(60, say`At most 60 letters.`),
      units: number()
        .typeError(say`A number.`)
        .required(say`How many?`)
        .integer(say`Whole ones.`)
        .min(1, say`From 1.`)
        .max(50, say`At most 50.`),
    }),
  )
  .max(8, say`At most eight.`)
  .default([]);

const SCHOOL_ANSWERS = SCHOOLS.flatMap((s) => s.choices.map((c) => `${s.key}=${c.key}`));

/** How long work lasts: at least, likely, at most. */
export const minuteFields = {
  low: minutes(say`At least`),
  likely: minutes(say`Likely`).test('after-low', say`Likely: not below the shortest.`, function (value) {
    return value === undefined || value >= (this.parent as Compared).low;
  }),
  high: minutes(say`At most`).test('after-likely', say`At most: not below the likely.`, function (value) {
    return value === undefined || value >= (this.parent as Compared).likely;
  }),
};

/** What the bench reads at a piece of work. */
export const benchFields = {
  how: trimmed()
    .max(400, say`At most 400 letters.`)
    .default(''),
  sign: trimmed()
    .max(80, say`At most 80 letters.`)
    .default(''),
  caution: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
};

export const stepForm = object({
  /** Of a step that is new: empty, or one of `draftKey`, so that others can name it. Steps of one key are one step, done in several ways. */
  key: string().max(60).default(''),
  name: trimmed()
    .required(say`What is this step called?`)
    .max(40, say`At most 40 letters: it stands on a rung.`),
  work: string().oneOf(['hands', 'oven', 'machine']).required(),
  ...minuteFields,
  perKilo: more(say`For each kg`),
  perPiece: more(say`For each piece`),
  perTin: more(say`For each tin`),
  skill: string()
    .max(60, say`At most 60 letters.`)
    .default(''),
  uses: usesForm,
  celsius: optionalNumber(say`The oven’s °C, a number.`).test(
    'heat',
    say`An oven step needs its °C, 40 to 350.`,
    function (value) {
      return (
        (this.parent as { work: string }).work !== 'oven' || (typeof value === 'number' && value >= 40 && value <= 350)
      );
    },
  ),
  slots: optionalNumber(say`Slots of a tin, a number.`)
    .integer(say`Whole ones.`)
    .min(0, say`Not below 0.`)
    .max(40, say`At most 40.`),
  bySize: boolean().default(false),
  each: string()
    .oneOf(['', 'batch', 'load'], say`Choose one of these.`)
    .default(''),
  /** Key of the step at whose end the tins are free again that this one fills; empty where it fills none. */
  tinsUntil: string().max(60).default(''),
  ...benchFields,
  check: checkForm.required(),
  reminders: remindersForm,
  chill: boolean().default(false),
  prepare: array()
    .of(
      object({
        text: trimmed()
          .required(say`What is to be prepared?`)
          .max(120, say`At most 120 letters.`),
        before: minutes(say`Before it`),
      }),
    )
    .max(8, say`At most eight.`)
    .default([]),
  /** "cloth=damp": the step exists in that school only; empty is always. */
  when: string()
    .oneOf(['', ...SCHOOL_ANSWERS], say`Choose one of these.`)
    .default(''),
  waits: array()
    .of(waitForm)
    .max(12, say`At most twelve.`)
    .default([])
    .test('once', say`Each other step once.`, (waits) => areDifferent(waits, 'from')),
});
export type StepForm = InferType<typeof stepForm>;

/** What a new step is called until it is saved; others of the form name it by this. */
export const draftKey = (n: number) => `new ${n}`;
/** Is it what a new step is called until it is saved? */
export const isDraft = (key: string) => key === '' || key.startsWith('new ');

export const NO_WAIT: WaitForm = {
  ...{ from: '', min: 0, max: null, place: '', why: '', ageing: null, attended: false, ovenOff: false },
};
export const NO_CHECK: StepForm['check'] = { kind: '', text: '', limit: null, tooFar: null, otherwise: '', beyond: '' };

export const EMPTY_STEP: StepForm = {
  ...{ key: '', name: '', work: 'hands', low: 8, likely: 10, high: 14, perKilo: null, perPiece: null, perTin: null },
  ...{ skill: '', uses: [], celsius: null, slots: null, bySize: false, each: '', tinsUntil: '' },
  ...{ how: '', sign: '', caution: '', check: NO_CHECK, reminders: [], chill: false, prepare: [], when: '' },
  waits: [NO_WAIT],
};

/** Steps laid out for their form, each with the waits before it. */
export function stepFormsOf({ steps, waits }: Pick<Formula, 'steps' | 'waits'>): StepForm[] {
  const keys = [...new Set(steps.map((s) => s.key))];
  return steps.map((s, at) => {
    // Of a step that is done in several ways the first has the waits.
    const first = steps.findIndex((x) => x.key === s.key) === at;
    const above = keys[keys.indexOf(s.key) - 1];
    return {
      ...EMPTY_STEP,
      ...{ key: s.key, name: s.name, work: s.work, skill: s.skill ?? '', how: s.how },
      ...{ low: s.minutes.low, likely: s.minutes.likely, high: s.minutes.high },
      ...{ perKilo: s.minutes.perKilo ?? null, perPiece: s.minutes.perPiece ?? null },
      perTin: s.minutes.perTin ?? null,
      uses: (s.uses ?? []).map(({ kind, units }) => ({ kind, units })),
      ...{ celsius: s.oven?.celsius ?? null, slots: s.oven?.slots ?? null, bySize: s.oven?.bySize ?? false },
      ...{ each: s.each ?? '', tinsUntil: s.tinsUntil ?? '', sign: s.sign ?? '', caution: s.caution ?? '' },
      check: checkFormOf(s.check),
      reminders: reminderFormsOf(s.reminders),
      ...{ chill: s.chill ?? false, prepare: (s.prepare ?? []).map(({ text, before }) => ({ text, before })) },
      when: s.when ? `${s.when.school}=${s.when.choice}` : '',
      waits: first
        ? waits
            .filter((w) => w.to === s.key)
            .map((w) => ({
              ...{ from: w.from === above ? '' : w.from, min: w.min, max: w.max, place: w.place ?? '', why: w.why },
              ...{ ageing: w.ageing ?? null, attended: w.attended ?? false, ovenOff: w.ovenOff ?? false },
            }))
        : [],
    };
  });
}

/** A check laid out for its form. */
export const checkFormOf = (check: Check | undefined): StepForm['check'] =>
  check ? { ...check, limit: check.limit ?? null, tooFar: check.tooFar ?? null, beyond: check.beyond ?? '' } : NO_CHECK;

/** Reminders laid out for their form. */
export const reminderFormsOf = (reminders: readonly Reminder[] = []): StepForm['reminders'] =>
  reminders.map((r) => ({
    after: r.share === undefined ? r.after : null,
    share: r.share === undefined ? null : percent(r.share),
    every: r.every ?? null,
    text: r.text,
  }));

/** A share as per cent, and back, without what floating point adds. */
export const percent = (share: number) => Number((share * 100).toFixed(6));
export const shareOf = (per: number) => Number((per / 100).toFixed(8));
