import { mixed } from 'yup';

const MOST_KEYS = 60;
const LONGEST = 80;

/** Words by key, as formulas by role or answers by school. */
export const wordsByKey = () =>
  mixed<Record<string, string>>((value): value is Record<string, string> => {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const entries = Object.entries(value as Record<string, unknown>);
    return (
      entries.length <= MOST_KEYS &&
      entries.every(([k, v]) => k.length <= LONGEST && typeof v === 'string' && v.length <= LONGEST)
    );
  });
