import { say } from '../../core/words/say';
import { array, boolean, mixed, number, object, string } from 'yup';

/** Fields that many doors take. */
export const nothing = object({});
/** The number of an order or a batch: what the database counts with. */
export const rowId = number()
  .typeError(say`A number.`)
  .integer(say`A whole number.`)
  .min(1, say`From 1.`)
  .max(2_000_000_000, say`There is none with this number.`)
  .required();
/** The version that somebody has opened. */
export const version = number()
  .typeError(say`A number.`)
  .integer()
  .min(0)
  .max(2_000_000_000)
  .required();
/** The id of a step, a person, a formula: short, and never empty. */
export const shortId = string()
  .typeError(say`A name.`)
  .min(1)
  .max(120, say`At most 120 letters.`)
  .required(say`This is missing.`);
/** An address may leave it out. */
export const optionalText = (most: number) =>
  string()
    .typeError(say`A text.`)
    .max(most, say`At most ${most} letters.`);
export const flag = boolean()
  .typeError(say`Yes or no.`)
  .required(say`This is missing.`);
/** Somebody has been told what comes of it, and wants it all the same. */
export const sure = mixed<true>().oneOf([true, undefined]).optional();
export const roles = array()
  .of(shortId)
  .max(60, say`At most 60 parts.`)
  .required();
export const anything = mixed<NonNullable<unknown>>().nullable();
export const order = { id: rowId, version };

/** Words or numbers by key, at most so many. */
export function wordsByKey(most = 100) {
  return mixed<Record<string, string>>((x): x is Record<string, string> =>
    isRecord(x, most, (v) => typeof v === 'string' && v.length <= 200),
  );
}
export function numbersByKey(most = 400) {
  return mixed<Record<string, number>>((x): x is Record<string, number> =>
    isRecord(x, most, (v) => typeof v === 'number' && Number.isFinite(v)),
  );
}

function isRecord(x: unknown, most: number, right: (value: unknown) => boolean): boolean {
  if (typeof x !== 'object' || x === null || Array.isArray(x)) return false;
  const entries = Object.entries(x);
  return entries.length <= most && entries.every(([k, v]) => k.length <= 200 && right(v));
}
