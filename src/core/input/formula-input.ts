import { say } from '../words/say';
import { STORE_PLACES } from '../kinds/places';
import { array, boolean, number, object, string, type InferType } from 'yup';
import {
  ALLERGENS,
  BATTERS,
  PURPOSES,
  type Allergen,
  type Batter,
  type Formula,
  type FormulaLine,
  type FormulaStep,
  type FormulaWait,
  type Ingredient,
  type Keeping,
} from '../formula/formula';
import { slug } from '../exchange/slug';
import { AGES, bestFields, bestIn, bestOf } from './best-input';
import { trimmed } from './trimmed';

/** Fields that are compared with one another. */
type Minutes = Record<'low' | 'likely' | 'waitMin' | 'keepMin', number>;

const minutes = (name: string) =>
  number()
    .typeError(say`${name}: minutes, a number.`)
    .required(say`${name}: how many minutes?`)
    .min(0, say`${name}: not below 0.`)
    .max(150_000, say`${name}: at most 150 000 minutes.`);
/** An empty field is no number. */
const optionalNumber = (message: string) =>
  number()
    .transform((value: unknown, typed: unknown) => (typed === '' || typed === null ? null : value))
    .typeError(message)
    .nullable()
    .default(null);

/** Where a wait can be; empty is the open bench. */
export const WAIT_PLACES = ['', ...STORE_PLACES] as const;

const stepForm = object({
  /** Of a step that is new: empty, or one of `draftKey`, so that ingredients can be told to go into it. */
  key: string().max(60).default(''),
  name: trimmed()
    .required(say`What is this step called?`)
    .max(40, say`At most 40 letters: it stands on a rung.`),
  work: string().oneOf(['hands', 'oven', 'machine']).required(),
  low: minutes(say`At least`),
  likely: minutes('Likely').test('after-low', 'Likely: not below the shortest.', function (value) {
    return value === undefined || value >= (this.parent as Minutes).low;
  }),
  high: minutes(say`At most`).test('after-likely', 'At most: not below the likely.', function (value) {
    return value === undefined || value >= (this.parent as Minutes).likely;
  }),
  skill: string()
    .max(60, say`At most 60 letters.`)
    .default(''),
  celsius: optionalNumber(say`The oven’s °C, a number.`).test(
    'heat',
    'An oven step needs its °C, 40 to 350.',
    function (value) {
      return (
        (this.parent as { work: string }).work !== 'oven' || (typeof value === 'number' && value >= 40 && value <= 350)
      );
    },
  ),
  how: trimmed()
    .max(400, say`At most 400 letters.`)
    .default(''),
  sign: trimmed()
    .max(80, say`At most 80 letters.`)
    .default(''),
  caution: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
  /** The wait before the next step. */
  waitMin: minutes(say`Wait, at least`),
  waitMax: optionalNumber(say`Wait, at most: minutes, or nothing.`).test(
    'after-min',
    'Wait: not below the shortest.',
    function (value) {
      return value === null || value === undefined || value >= (this.parent as Minutes).waitMin;
    },
  ),
  waitPlace: string()
    .oneOf([...WAIT_PLACES])
    .default(''),
  waitWhy: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
});

/** A formula as it is edited; the form and the server check it alike. */
export const formulaForm = object({
  name: trimmed()
    .required(say`What is it called?`)
    .max(60, say`At most 60 letters.`),
  family: trimmed()
    .required(say`Which family?`)
    .max(60, say`At most 60 letters.`),
  story: trimmed()
    .max(200, say`At most 200 letters.`)
    .default(''),
  purpose: string()
    .oneOf([...PURPOSES], 'Choose what it is for.')
    .required('Choose what it is for.'),
  batter: string()
    .oneOf(['', ...BATTERS])
    .default(''),
  /** Per cent. */
  loss: number()
    .typeError(say`Loss in per cent, a number.`)
    .required(say`Loss in per cent.`)
    .min(0, say`Not below 0.`)
    .max(95, say`At most 95 %.`),
  density: number()
    .typeError(say`g per ml, a number.`)
    .required(say`g per ml.`)
    .moreThan(0, say`Above 0.`)
    .max(3, say`At most 3.`),
  domes: boolean().default(false),
  stands: optionalNumber(say`Minutes that the mix may stand, a number.`).min(0, say`Not below 0.`),
  lines: array()
    .of(
      object({
        ingredient: string()
          .max(120, say`The library does not know it.`)
          .required(say`Choose an ingredient.`),
        grams: number()
          .typeError(say`Grams, a number.`)
          .required(say`How many grams?`)
          .moreThan(0, say`Above 0.`)
          .max(100_000, say`At most 100 kg.`),
        /**
         * Key of the step it goes into; empty is the first for hands, as is a step that is no longer there. A form that says nothing, as one
         * from a page that was open before it could be said, leaves it as it was.
         */
        into: string().max(60),
      }),
    )
    .min(1, say`At least one ingredient.`)
    .max(80, say`At most 80 ingredients.`)
    .required(),
  steps: array()
    .of(stepForm)
    .min(1, say`At least one step.`)
    .max(60, say`At most 60 steps.`)
    .required(),
  keepPlace: string()
    .oneOf([...WAIT_PLACES])
    .default(''),
  keepMin: minutes(say`Used after`),
  keepMax: minutes('Keeps').test('after-min', 'Keeps: longer than until it is used.', function (value) {
    return value === undefined || value >= (this.parent as Minutes).keepMin;
  }),
  ...bestFields,
  rescue: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
  /** Ingredients that the library does not have yet, which its lines name. */
  fresh: array()
    .of(
      object({
        id: string()
          .matches(/^[a-z0-9-]{1,60}$/, 'Small letters, digits, hyphens.')
          .required('Which?'),
        name: trimmed()
          .required(say`What is it called?`)
          .max(60, say`At most 60 letters.`),
        allergens: array()
          .of(
            string()
              .oneOf<Allergen>([...ALLERGENS], 'This is not on the list.')
              .required(),
          )
          .max(ALLERGENS.length, say`Each of them once.`)
          .default([]),
        /** Somebody has looked: it holds what is said, and nothing else. */
        confirmed: boolean().default(false),
      }),
    )
    .max(80, say`At most 80 ingredients.`)
    .default([]),
  /** What was changed, for the list of versions. */
  note: trimmed()
    .max(120, say`At most 120 letters.`)
    .default(''),
});

export type FormulaForm = InferType<typeof formulaForm>;
export type StepForm = FormulaForm['steps'][number];

/** What a new step is called until it is saved; ingredients of the form name it by this. */
export const draftKey = (n: number) => `new ${n}`;
const isDraft = (key: string) => key === '' || key.startsWith('new ');

export const EMPTY_STEP: StepForm = {
  ...{ key: '', name: '', work: 'hands', low: 8, likely: 10, high: 14, skill: '', celsius: null },
  ...{ how: '', sign: '', caution: '', waitMin: 0, waitMax: null, waitPlace: '', waitWhy: '' },
};

/** A formula laid out for its form: each step with the wait that follows it. */
export function formOf(f: Formula): FormulaForm {
  return {
    ...{ name: f.name, family: f.family, story: f.story, purpose: f.purpose, batter: f.batter ?? '' },
    ...{
      loss: Number((f.loss * 100).toFixed(3)),
      density: f.density,
      domes: f.domes ?? false,
      stands: f.stands ?? null,
    },
    lines: f.lines.map(({ ingredient, grams, step }) => ({ ingredient, grams, into: step ?? '' })),
    steps: f.steps.map((s): StepForm => {
      const after = f.waits.find((w) => w.from === s.key);
      return {
        ...{
          key: s.key,
          name: s.name,
          work: s.work,
          low: s.minutes.low,
          likely: s.minutes.likely,
          high: s.minutes.high,
        },
        ...{
          skill: s.skill ?? '',
          celsius: s.oven?.celsius ?? null,
          how: s.how,
          sign: s.sign ?? '',
          caution: s.caution ?? '',
        },
        waitMin: after?.min ?? 0,
        waitMax: after?.max ?? null,
        waitPlace: (after?.place ?? '') as StepForm['waitPlace'],
        waitWhy: after?.why ?? '',
      };
    }),
    keepPlace: (f.keeping.place ?? '') as FormulaForm['keepPlace'],
    keepMin: f.keeping.min,
    keepMax: f.keeping.max,
    ...bestOf(f.keeping),
    rescue: f.rescue ?? '',
    fresh: [],
    note: '',
  };
}

/** Ingredients that a form brings with it, as the library keeps them. */
export function freshIngredients(form: Pick<FormulaForm, 'fresh' | 'lines'>): Ingredient[] {
  return form.fresh
    .filter((i) => form.lines.some((l) => l.ingredient === i.id))
    .map(({ id, name, allergens, confirmed }) => ({
      ...{ id, name, allergens, density: null },
      ...(confirmed ? {} : { unconfirmed: true }),
    }));
}

/**
 * The formula that a form describes. What the form does not show (checks, reminders, equipment, schools, notes of lines)
 * is kept from the formula as it was, step by step and line by line.
 */
export function formulaOf(form: FormulaForm, before: Formula | null, id: string): Formula {
  const taken = new Set(form.steps.map((s) => s.key).filter((key) => !isDraft(key)));
  const keyOf = new Map<string, string>();
  const steps = form.steps.map((s): FormulaStep => {
    // Two schools may have a step of one key: the name tells them apart.
    const own = before?.steps.filter((x) => x.key === s.key) ?? [];
    const was = own.find((x) => x.name === s.name) ?? own[0];
    const key = isDraft(s.key) ? newKey(s.name, taken) : s.key;
    if (s.key) keyOf.set(s.key, key);
    return stepOf(s, was, key);
  });
  const keys = [...new Set(steps.map((s) => s.key))];
  const waits = keys.slice(1).map((to, i): FormulaWait => {
    const from = keys[i]!;
    const after = form.steps[steps.findIndex((s) => s.key === from)]!;
    const was = before?.waits.find((w) => w.from === from && w.to === to);
    return {
      ...was,
      ...{ from, to, min: after.waitMin, max: after.waitMax, place: after.waitPlace || null, why: after.waitWhy },
    };
  });
  const lasting = new Set(keys);
  return present<Formula>({
    ...before,
    id,
    ...{ name: form.name, family: form.family, story: form.story, purpose: form.purpose as Formula['purpose'] },
    batter: (form.batter || undefined) as Batter | undefined,
    domes: form.domes || undefined,
    stands: form.stands ?? undefined,
    rescue: form.rescue || undefined,
    loss: form.loss / 100,
    density: form.density,
    lines: form.lines.map(({ ingredient, grams, into }) => {
      const same = before?.lines.filter((x) => x.ingredient === ingredient) ?? [];
      const was = same.find((x) => (x.step ?? '') === into) ?? same[0];
      return present<FormulaLine>({ ...was, ingredient, grams, step: keyOf.get(into ?? was?.step ?? '') });
    }),
    steps: steps.map((s) => (s.tinsUntil && !lasting.has(s.tinsUntil) ? { ...s, tinsUntil: keys.at(-1)! } : s)),
    waits,
    keeping: present<Keeping>({
      ...(before?.keeping ?? { units: 1, ageing: AGES, why: '' }),
      ...{ place: form.keepPlace || null, min: form.keepMin, max: form.keepMax },
      ...bestIn(form, before?.keeping.ageing),
    }),
  });
}

function stepOf(s: StepForm, was: FormulaStep | undefined, key: string): FormulaStep {
  const { low, likely, high } = s;
  return present<FormulaStep>({
    ...was,
    key,
    name: s.name,
    work: s.work as FormulaStep['work'],
    minutes: { ...was?.minutes, low, likely, high },
    how: s.how,
    skill: s.work === 'hands' ? s.skill || null : undefined,
    oven: s.work === 'oven' ? { slots: was?.oven?.slots ?? 1, celsius: s.celsius ?? 170 } : undefined,
    sign: s.sign || undefined,
    caution: s.caution || undefined,
  });
}

/** The value without fields that are undefined: what was there before and is no more must not be there at all. */
function present<T extends object>(value: { [K in keyof T]: T[K] | undefined }): T {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as T;
}

function newKey(name: string, taken: Set<string>): string {
  const stem = slug(name).slice(0, 24) || 'step';
  let key = stem;
  for (let n = 2; taken.has(key); n++) key = `${stem}-${n}`;
  taken.add(key);
  return key;
}
