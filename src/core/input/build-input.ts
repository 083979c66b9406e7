import { array, mixed, number, object, string, type InferType } from 'yup';
import { BUILD_SIZES } from '../compose/as-build';
import { FORM_MEASURES, formProblems, type Form, type FormName } from '../shape/form';
import { say } from '../words/say';
import { trimmed } from './trimmed';

/** A form with a size, as it is sent; what is none, or of no size, says so. */
const sized = mixed<Form>((x): x is Form => {
  const form = x as Record<string, unknown> | null;
  if (typeof form !== 'object' || form === null || !Object.hasOwn(FORM_MEASURES, String(form.form))) return false;
  return FORM_MEASURES[form.form as FormName].every((m) => typeof form[m] === 'number' && Number.isFinite(form[m]));
})
  .typeError(say`This is no size.`)
  .required(say`This is no size.`)
  .test('possible', (form, { createError }) => {
    const [message] = formProblems(form);
    return message === undefined || createError({ message });
  });

/** What is typed for a build: what it is called, its cake, and what of it may vary. */
export const buildForm = object({
  name: trimmed()
    .required(say`What is it called?`)
    .max(60, say`At most 60 letters.`),
  story: trimmed()
    .max(200, say`At most 200 letters.`)
    .default(''),
  sizes: string()
    .oneOf([...BUILD_SIZES], say`In which sizes can it be made?`)
    .required(say`In which sizes can it be made?`),
  chosen: array()
    .of(sized)
    .max(60, say`At most 60 sizes.`)
    .default([]),
  mostTiers: number()
    .typeError(say`How many tiers? A number.`)
    .required(say`How many tiers?`)
    .integer(say`Whole ones.`)
    .min(1, say`At least one.`)
    .max(8, say`At most eight.`),
  fixed: array()
    .of(string().max(120).required())
    .max(100, say`At most 100 parts.`)
    .default([]),
  design: string()
    .required(say`This cake cannot be read.`)
    .max(200_000, say`This cake is larger than any that can be read.`),
});

export type BuildForm = InferType<typeof buildForm>;
