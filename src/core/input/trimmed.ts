import { string } from 'yup';

/** A text without the spaces around it. Yup's own would call `trim` on whatever comes in. */
export const trimmed = () => string().transform((value: unknown) => (typeof value === 'string' ? value.trim() : value));
