import { IANAZone } from 'luxon';
import { say } from '../words/say';
import { mixed, object, string, type InferType } from 'yup';
import type { Decimal } from '../measure/parse-number';
import type { Reading } from '../measure/show-quantity';
import { COUNTRIES, type Country } from '../measure/units';
import { trimmed } from './trimmed';

/** What a kitchen is called, and where it is. */
export const kitchenPlaceForm = object({
  name: trimmed()
    .required(say`What is your kitchen called?`)
    .max(60, say`At most 60 letters.`),
  zone: string()
    .required(say`In which time zone?`)
    .test('zone', say`There is no time zone of this name.`, (zone) => zone === undefined || IANAZone.isValidZone(zone)),
});

/** What is known of a kitchen from the first minute: its name, where it is, and how it writes and measures. */
export const newKitchenForm = kitchenPlaceForm.shape({
  country: mixed<Country>()
    .oneOf([...COUNTRIES], say`This country’s cups are not known.`)
    .required(say`Whose cups and eggs?`),
  decimal: mixed<Decimal>()
    .oneOf(['point', 'comma', 'ask'], say`A point, a comma, or ask.`)
    .required(say`How are numbers written?`),
  weight: mixed<Reading['weight']>()
    .oneOf(['g', 'oz'], say`g or oz.`)
    .required(),
  temperature: mixed<Reading['temperature']>()
    .oneOf(['C', 'F', 'gas'], say`C, F or gas.`)
    .required(),
  length: mixed<Reading['length']>()
    .oneOf(['cm', 'in'], say`cm or in.`)
    .required(),
});

export type NewKitchenForm = InferType<typeof newKitchenForm>;

/** How its people read; who weighs in ounces measures in cups. */
export const readingIn = ({ country, decimal, weight, temperature, length }: NewKitchenForm): Reading => ({
  ...{ weight, volume: weight === 'oz' ? 'cups' : 'ml', temperature, length, country, decimal },
});
