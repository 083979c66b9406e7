import { mixed } from 'yup';

/** More than this is a slip of the finger. g. */
export const MOST_GRAMS = 200_000;
const MOST_PARTS = 100;
const LONGEST = 80;

/** Is it an amount that somebody can set by hand? g. */
export const isAmount = (grams: unknown): grams is number =>
  typeof grams === 'number' && grams > 0 && grams <= MOST_GRAMS;

/** Amounts of parts set by hand, g by role. */
export const gramsByRole = () =>
  mixed<Record<string, number>>((value): value is Record<string, number> => {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const entries = Object.entries(value as Record<string, unknown>);
    return entries.length <= MOST_PARTS && entries.every(([k, v]) => k.length <= LONGEST && isAmount(v));
  });
