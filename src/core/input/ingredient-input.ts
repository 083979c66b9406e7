import { say } from '../words/say';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { ALLERGENS, type Allergen } from '../formula/formula';
import { ALL_INGREDIENT_KINDS, type IngredientKindName } from '../kinds/ingredients';
import { traitsOfKind, type KeptIngredient } from '../kitchen/kept-ingredient';
import { optionalNumber } from './optional-number';
import { trimmed } from './trimmed';

const grams = (message: string) =>
  number()
    .typeError(message)
    .required(message)
    .min(0, say`Not below 0.`)
    .max(10_000_000, say`At most 10 000 kg.`);

/** An ingredient, as it is typed. */
export const ingredientForm = object({
  name: trimmed()
    .required(say`What is it called?`)
    .max(60, say`At most 60 letters.`),
  otherNames: array()
    .of(trimmed().max(60).required())
    .max(20, say`At most 20 other names.`)
    .default([]),
  is: string()
    .oneOf(['', ...ALL_INGREDIENT_KINDS], say`Choose one of these.`)
    .default(''),
  percent: optionalNumber(say`Per cent, a number.`)
    .min(0, say`Not below 0.`)
    .max(400, say`At most 400.`),
  density: optionalNumber(say`g per ml, a number.`)
    .moreThan(0, say`Above 0.`)
    .max(5, say`At most 5.`),
  allergens: array()
    .of(
      string()
        .oneOf<Allergen>([...ALLERGENS], say`This is not on the list.`)
        .required(),
    )
    .max(ALLERGENS.length, say`Each of them once.`)
    .default([]),
  /** Somebody has looked: it holds these, and nothing else. */
  confirmed: boolean().default(false),
  supplier: trimmed()
    .max(60, say`At most 60 letters.`)
    .default(''),
  packs: array()
    .of(
      object({
        grams: number()
          .typeError(say`Grams, a number.`)
          .required(say`How many grams?`)
          .moreThan(0, say`Above 0.`)
          .max(1_000_000, say`At most 1 000 kg.`),
        price: optionalNumber(say`A price, or nothing.`).min(0, say`Not below 0.`),
      }),
    )
    .max(12, say`At most 12 packs.`)
    .default([]),
  stock: grams(say`Grams in the house.`),
  leastStock: grams(say`Grams; 0 for none.`),
  /** Minutes. */
  takeOut: optionalNumber(say`Minutes, a number.`)
    .min(0, say`Not below 0.`)
    .max(1440, say`At most a day.`),
  keepCold: boolean().default(false),
});

export type IngredientForm = InferType<typeof ingredientForm>;

export const ingredientFormOf = (i: KeptIngredient): IngredientForm => ({
  ...{ name: i.name, otherNames: i.otherNames, is: i.is ?? '', percent: i.percent, density: i.density },
  allergens: i.allergens.filter((a): a is Exclude<Allergen, 'not confirmed'> =>
    (ALLERGENS as readonly string[]).includes(a),
  ),
  confirmed: !i.unconfirmed,
  ...{ supplier: i.supplier ?? '', packs: i.packs, stock: i.stock, leastStock: i.leastStock },
  ...{ takeOut: i.takeOut ?? null, keepCold: i.keepCold ?? false },
});

/** The ingredient that a form describes. */
export function ingredientOf(form: IngredientForm, before: KeptIngredient | null): KeptIngredient {
  const is = form.is === '' ? null : (form.is as IngredientKindName);
  const { flour, egg, gelatine, leftOver } = before ?? {};
  // As long as nobody has said what it is, the marks of earlier versions hold.
  const traits =
    is === null ? { ...(flour && { flour }), ...(egg && { egg }), ...(gelatine && { gelatine }) } : traitsOfKind(is);
  return {
    ...{ name: form.name, otherNames: [...form.otherNames], is, percent: form.percent, density: form.density },
    ...{ allergens: [...form.allergens], ...traits, ...(leftOver && { leftOver }) },
    ...(form.supplier !== '' && { supplier: form.supplier }),
    ...(form.takeOut !== null && form.takeOut > 0 && { takeOut: form.takeOut }),
    ...(form.keepCold && { keepCold: true }),
    ...(!form.confirmed && { unconfirmed: true }),
    packs: form.packs.map(({ grams, price }) => ({ grams, price })),
    ...{ stock: form.stock, leastStock: form.leastStock },
  };
}
