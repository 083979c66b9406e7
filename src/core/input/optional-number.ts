import { number } from 'yup';

/** A number that may be left out: an empty field is none. */
export const optionalNumber = (message: string) =>
  number()
    .transform((value: unknown, typed: unknown) => (typed === '' || typed === null ? null : value))
    .typeError(message)
    .nullable()
    .default(null);
