import { say } from '../../core/words/say';
import { ValidationError, type InferType, type Schema } from 'yup';
import { refuse, type Result } from './result';
import { plainProblem } from './plain';
import type { KitchenDb } from '../../data/kitchen-db';

/** One way in from the network: what it takes, and what is done with it there: in a kitchen, or with the whole database. */
export interface Door<In = never, Out = unknown, Where = KitchenDb> {
  /** Does it change what is stored? Then it takes a key: the same key twice is one write. */
  writes: boolean;
  /** The most letters that it takes. */
  most: number;
  schema: Schema;
  run: (input: In, where: Where) => Promise<Out>;
  /** Are numbers only numbers, and fields only those that are named? Forms and addresses bring texts, and are read leniently. */
  strict: boolean;
  /** What is said where the answer is null; without it null is the answer. */
  none: string | null;
}

const USUAL_MOST = 200_000;
interface Options {
  most?: number;
  none?: string;
  strict?: boolean;
}

/** A door that only answers. */
export function asking<S extends Schema, Out, Where = KitchenDb>(
  schema: S,
  run: (input: InferType<S>, where: Where) => Promise<Out>,
  options: Options = {},
): Door<InferType<S>, Out, Where> {
  return {
    writes: false,
    most: options.most ?? USUAL_MOST,
    strict: options.strict ?? false,
    none: options.none ?? null,
    schema,
    run,
  };
}

/** A door that changes something. */
export function writing<S extends Schema, Out extends Result, Where = KitchenDb>(
  schema: S,
  run: (input: InferType<S>, where: Where) => Promise<Out>,
  options: Options = {},
): Door<InferType<S>, Out, Where> {
  return { ...asking(schema, run, options), writes: true };
}

export const LOOK_AGAIN = say`Some fields need another look.`;

/** What came in and no door could ever read: that is not a form with something wrong in it. Null where it is none of that. */
export function oddInput(raw: unknown): Extract<Result, { ok: false }> | null {
  const odd = plainProblem(raw);
  if (odd) return refuse(odd.message, odd.path === '' ? undefined : { [odd.path]: odd.message });
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return refuse(say`This must be an object with named fields.`);
  return null;
}

/** What came in, read by a door's schema: typed, or refused beside the fields that are wrong. */
export function readInput<In>(
  door: Pick<Door<In>, 'schema' | 'strict'>,
  raw: unknown,
): { ok: true; input: In } | Extract<Result, { ok: false }> {
  const odd = oddInput(raw);
  if (odd) return odd;
  try {
    // Where a value was found wrong in the program helps nobody, and costs more than finding it.
    const how = { abortEarly: false, strict: door.strict, disableStackTrace: true };
    return { ok: true, input: door.schema.validateSync(raw, how) as In };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return refuse(LOOK_AGAIN, fieldsOf(error));
  }
}

/** "lines[0].grams" of yup is "lines.0.grams" of a form. */
function fieldsOf(error: ValidationError): Record<string, string> {
  const errors = error.inner.length > 0 ? error.inner : [error];
  const path = (e: ValidationError) => (e.path ?? '').replace(/\[(\d+)\]/g, '.$1').replace(/\["(.*?)"\]/g, '.$1');
  return Object.fromEntries(errors.map((e) => [path(e), plainWords(e.message)]));
}

/** What yup says by itself is for programmers; what a schema says is for people, and stays. */
function plainWords(message: string): string {
  if (/ must be an? `\w+` type/.test(message)) return say`This cannot be read.`;
  if (/ (is a required field|cannot be null|must be defined)$/.test(message)) return say`This is missing.`;
  return message;
}
