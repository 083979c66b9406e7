import { say } from '../../core/words/say';
/** What is wrong with something that came in, and where. */
export interface Problem {
  path: string;
  message: string;
}

const MOST_DEPTH = 12;
const MOST_ENTRIES = 2000;
const MOST_VALUES = 30_000;

/** What every object has by itself: whoever asks one with a field of such a name for its text gets an error. */
const OWN_OF_OBJECTS: ReadonlySet<string> = new Set([
  ...Object.getOwnPropertyNames(Object.prototype),
  'then',
  'toJSON',
]);

/**
 * Looks through JSON that came in for what no field of ours ever holds: letters that a database cannot keep, lists without end, boxes in
 * boxes. Null where there is nothing of that.
 */
export function plainProblem(value: unknown): Problem | null {
  let seen = 0;
  const look = (x: unknown, path: string, depth: number): Problem | null => {
    if (++seen > MOST_VALUES) return { path, message: say`This is more than can be read at once.` };
    if (typeof x === 'string') return textProblem(x, path);
    if (typeof x !== 'object' || x === null) return null;
    if (depth > MOST_DEPTH) return { path, message: say`This is nested too deeply.` };
    const entries = Object.entries(x);
    if (entries.length > MOST_ENTRIES) return { path, message: say`At most ${MOST_ENTRIES} entries.` };
    for (const [key, entry] of entries) {
      const at = path === '' ? key : `${path}.${key}`;
      const problem = OWN_OF_OBJECTS.has(key)
        ? { path: at, message: say`No field is called this.` }
        : textProblem(key, path);
      const found = problem ?? look(entry, at, depth + 1);
      if (found) return found;
    }
    return null;
  };
  return look(value, '', 0);
}

function textProblem(text: string, path: string): Problem | null {
  return text.includes('\0') || !text.isWellFormed()
    ? { path, message: say`This holds letters that cannot be kept.` }
    : null;
}
