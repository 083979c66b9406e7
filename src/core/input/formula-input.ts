import { say } from '../words/say';
import { array, boolean, number, object, string, type InferType } from 'yup';
import {
  ALLERGENS,
  BATTERS,
  PURPOSES,
  type Allergen,
  type Batter,
  type Formula,
  type FormulaLine,
  type FormulaPart,
  type Ingredient,
  type Keeping,
} from '../formula/formula';
import { FORM_MEASURES, formProblems, type Form } from '../shape/form';
import { AGES, bestFields, bestIn, bestOf } from './best-input';
import { EMPTY_LINE, lineForm, optionalGrams, type LineForm } from './formula-line-input';
import { minutes, percent, shareOf, stepForm, stepFormsOf } from './formula-step-input';
import { inStoreFields, inStoreFormOf, inStoreIn } from './in-store-input';
import { optionalNumber } from './optional-number';
import { present } from './present';
import { stepsIn } from './steps-in-form';
import { trimmed } from './trimmed';

/** A form of earlier versions says less than this one: what it does not say would be lost. */
const NOW = 2;

/** A formula as it is edited; the form and the server check it alike. */
export const formulaForm = object({
  form: number()
    .oneOf([NOW], say`This page is older than the program: open the formula again.`)
    .required(say`This page is older than the program: open the formula again.`),
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
    .oneOf([...PURPOSES], say`Choose what it is for.`)
    .required(say`Choose what it is for.`),
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
  batchLeast: optionalGrams(say`Grams, a number.`),
  batchMost: optionalGrams(say`Grams, a number.`).test('above', say`Not below the least.`, function (most) {
    const { batchLeast } = this.parent as { batchLeast: number | null };
    return (most ?? null) === null || (batchLeast ?? null) === null || most! >= batchLeast!;
  }),
  /** "#e8c9a0", or nothing. */
  colour: string()
    .matches(/^(#[0-9a-f]{6})?$/, say`A colour, as #e8c9a0.`)
    .default(''),
  /** What was measured: so many g in a tin of a form came out so high; all three or none. */
  measuredGrams: optionalGrams(say`Grams, a number.`),
  measuredForm: string()
    .max(300, say`There is no such tin.`)
    .default('')
    .test('form', say`There is no such tin.`, (text) => !text || formIn(text) !== null),
  measuredHeight: optionalNumber(say`mm, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(400, say`At most 400 mm.`)
    .test('all', say`Grams, tin and height: all three, or none.`, function (height) {
      const { measuredGrams, measuredForm } = this.parent as { measuredGrams: number | null; measuredForm: string };
      const told = [(height ?? null) !== null, (measuredGrams ?? null) !== null, Boolean(measuredForm)];
      return told.every(Boolean) || !told.some(Boolean);
    }),
  lines: array()
    .of(lineForm)
    .min(1, say`At least one ingredient.`)
    .max(80, say`At most 80 ingredients.`)
    .required(),
  steps: array()
    .of(stepForm)
    .min(1, say`At least one step.`)
    .max(60, say`At most 60 steps.`)
    .required(),
  /** A kind of place; empty is the open bench. */
  keepPlace: trimmed()
    .max(60, say`At most 60 letters.`)
    .default(''),
  keepMin: minutes(say`Used after`),
  keepMax: minutes(say`Keeps`).test('after-min', say`Keeps: longer than until it is used.`, function (value) {
    return value === undefined || value >= (this.parent as { keepMin: number }).keepMin;
  }),
  keepUnits: number()
    .typeError(say`Shelves, a number.`)
    .required(say`How many shelves?`)
    .integer(say`Whole ones.`)
    .min(0, say`Not below 0.`)
    .max(20, say`At most 20.`),
  keepWhy: trimmed()
    .max(160, say`At most 160 letters.`)
    .default(''),
  ...bestFields,
  ...inStoreFields,
  /** What a minute of age costs; nothing is as usual. */
  keepAgeing: optionalNumber(say`What a minute costs, a number.`).min(0, say`Not below 0.`),
  /** Beaten up again before it is used: minutes out of the cold, of beating, and that it stands then. All of them or none. */
  temperOut: optionalNumber(say`Minutes, a number.`).min(0, say`Not below 0.`),
  temperLow: optionalNumber(say`Minutes, a number.`).min(0, say`Not below 0.`),
  temperLikely: optionalNumber(say`Minutes, a number.`).min(0, say`Not below 0.`),
  temperHigh: optionalNumber(say`Minutes, a number.`).min(0, say`Not below 0.`),
  temperStands: optionalNumber(say`Minutes, a number.`)
    .min(0, say`Not below 0.`)
    .test('all', say`All five, or none; the likely minutes between the others.`, function () {
      const { temperOut, temperLow, temperLikely, temperHigh, temperStands } = this.parent as Tempered;
      const told = [temperOut, temperLow, temperLikely, temperHigh, temperStands].map((x) => (x ?? null) !== null);
      if (!told.some(Boolean)) return true;
      return told.every(Boolean) && temperLow! <= temperLikely! && temperLikely! <= temperHigh!;
    }),
  rescue: trimmed()
    .max(300, say`At most 300 letters.`)
    .default(''),
  rescues: array()
    .of(
      object({
        failure: trimmed()
          .required(say`What went wrong?`)
          .max(80, say`At most 80 letters.`),
        help: trimmed()
          .required(say`What helps?`)
          .max(300, say`At most 300 letters.`),
      }),
    )
    .max(12, say`At most twelve.`)
    .default([]),
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
type Tempered = Record<'temperOut' | 'temperLow' | 'temperLikely' | 'temperHigh' | 'temperStands', number | null>;

/** A form as the text of a field; null where it says none that there can be. */
function formIn(text: string): Form | null {
  try {
    const form = JSON.parse(text) as Form | null;
    const known = Object.hasOwn(FORM_MEASURES, String(form?.form));
    return known && formProblems(form!).length === 0 ? form : null;
  } catch {
    return null;
  }
}

/** A formula laid out for its form. */
export function formOf(f: Formula): FormulaForm {
  const { keeping, measured, batch } = f;
  const { tempering } = keeping;
  return {
    form: NOW,
    ...{ name: f.name, family: f.family, story: f.story, purpose: f.purpose, batter: f.batter ?? '' },
    ...{ loss: percent(f.loss), density: f.density, domes: f.domes ?? false, stands: f.stands ?? null },
    ...{ batchLeast: batch?.least ?? null, batchMost: batch?.most ?? null, colour: f.colour ?? '' },
    measuredGrams: measured?.grams ?? null,
    measuredForm: measured ? JSON.stringify(measured.form) : '',
    measuredHeight: measured?.height ?? null,
    lines: [
      ...f.lines.map((l) => ({
        ...EMPTY_LINE,
        ...{ ingredient: l.ingredient, grams: l.grams, into: l.step ?? '', note: l.note ?? '' },
        ...{ low: l.range?.low ?? null, high: l.range?.high ?? null, sign: l.range?.sign ?? '' },
        keeps: l.keeps === undefined ? null : percent(l.keeps),
      })),
      ...(f.parts ?? []).map((p) => ({
        ...EMPTY_LINE,
        ...{ formula: p.formula, grams: p.grams, into: p.step ?? '', note: p.note ?? '' },
      })),
    ],
    steps: stepFormsOf(f),
    ...{ keepPlace: keeping.place ?? '', keepMin: keeping.min, keepMax: keeping.max, keepUnits: keeping.units },
    keepWhy: keeping.why,
    ...bestOf(keeping),
    ...inStoreFormOf(f),
    keepAgeing: keeping.ageing,
    temperOut: tempering?.outOfCold ?? null,
    ...{ temperLow: tempering?.minutes.low ?? null, temperLikely: tempering?.minutes.likely ?? null },
    ...{ temperHigh: tempering?.minutes.high ?? null, temperStands: tempering?.stands ?? null },
    rescue: f.rescue ?? '',
    rescues: (f.rescues ?? []).map(({ failure, help }) => ({ failure, help })),
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

/** The formula that a form describes; from the one before it the order of its waits is kept, and whether it is in use. */
export function formulaOf(form: FormulaForm, before: Formula | null, id: string): Formula {
  const { steps, waits, keyOf } = stepsIn(form.steps, before);
  const at = ({ into, note }: LineForm) => ({ note: note || undefined, step: keyOf.get(into) });
  const parts = form.lines
    .filter((l) => l.formula !== '')
    .map((l) => present<FormulaPart>({ formula: l.formula, grams: l.grams, ...at(l) }));
  const [least, most] = [form.batchLeast, form.batchMost];
  const { measuredGrams, measuredForm, measuredHeight } = form;
  const shape = measuredForm === '' ? null : formIn(measuredForm);
  return present<Formula>({
    id,
    ...{ name: form.name, family: form.family, story: form.story, purpose: form.purpose as Formula['purpose'] },
    batter: (form.batter || undefined) as Batter | undefined,
    domes: form.domes || undefined,
    stands: form.stands ?? undefined,
    batch:
      least === null && most === null
        ? undefined
        : present<NonNullable<Formula['batch']>>({ least: least ?? undefined, most: most ?? undefined }),
    colour: form.colour || undefined,
    retired: before?.retired,
    measured:
      measuredGrams === null || measuredHeight === null || shape === null
        ? undefined
        : { grams: measuredGrams, form: shape, height: measuredHeight },
    rescue: form.rescue || undefined,
    rescues: form.rescues.length > 0 ? form.rescues.map(({ failure, help }) => ({ failure, help })) : undefined,
    loss: shareOf(form.loss),
    density: form.density,
    lines: form.lines
      .filter((l) => l.formula === '')
      .map((l) =>
        present<FormulaLine>({
          ...{ ingredient: l.ingredient, grams: l.grams, ...at(l) },
          range: l.low === null || l.high === null ? undefined : { low: l.low, high: l.high, sign: l.sign },
          keeps: l.keeps === null ? undefined : shareOf(l.keeps),
        }),
      ),
    parts: parts.length > 0 ? parts : undefined,
    steps,
    waits,
    keeping: keepingIn(form),
    inStore: inStoreIn(form, before),
  });
}

function keepingIn(form: FormulaForm): Keeping {
  const { temperOut, temperLow, temperLikely, temperHigh, temperStands } = form;
  return present<Keeping>({
    ...{
      place: form.keepPlace || null,
      min: form.keepMin,
      max: form.keepMax,
      units: form.keepUnits,
      why: form.keepWhy,
    },
    ageing: form.keepAgeing ?? AGES,
    ...bestIn(form, form.keepAgeing ?? undefined),
    tempering:
      temperOut === null || temperLow === null || temperLikely === null || temperHigh === null || temperStands === null
        ? undefined
        : {
            outOfCold: temperOut,
            minutes: { low: temperLow, likely: temperLikely, high: temperHigh },
            stands: temperStands,
          },
  });
}
