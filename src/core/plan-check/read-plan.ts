import type { Breaches } from './breaches';
import type { ListedPlan } from './documents';

type Fields = Record<string, unknown>;

const isFields = (x: unknown): x is Fields => typeof x === 'object' && x !== null && !Array.isArray(x);
const isTexts = (x: unknown): x is string[] => Array.isArray(x) && x.every((y) => typeof y === 'string');

/** Looks at the shape of a plan alone. Null, with what is wrong told, where it has another. */
export function readPlan(value: unknown, breaches: Breaches): ListedPlan | null {
  const wrong = (what: string) => breaches.say('shape', what);
  if (!isFields(value)) {
    wrong('a plan is an object');
    return null;
  }
  if (value.format !== 'zest-ladder/plan' || value.version !== 1) wrong('it is not a plan of version 1');
  if (value.problem !== null && !(typeof value.problem === 'string' && /^[0-9a-f]{64}$/.test(value.problem)))
    wrong('problem is the SHA-256 of the problem’s bytes, or null');
  if (typeof value.seconds !== 'number' || !(value.seconds >= 0)) wrong('seconds is a number of 0 or more');
  if (!isFields(value.routes) || !isTexts(Object.values(value.routes))) wrong('routes names a choice for each route');
  for (const list of ['steps', 'waits', 'holds', 'unplaced'] as const) {
    const entries = value[list];
    if (!Array.isArray(entries)) {
      wrong(`${list} is a list`);
      continue;
    }
    entries.forEach((entry: unknown, i) => {
      if (!isFields(entry) || !SHAPES[list](entry)) wrong(`${list}[${i}] has not the shape of the format`);
    });
  }
  const { score, bound } = value;
  if (!isFields(score) || !SCORES.every((k) => typeof score[k] === 'number')) wrong('score has its five numbers');
  if (!isFields(bound) || !(bound.cost === null || typeof bound.cost === 'number')) wrong('bound has a cost, or null');
  if (breaches.list.length > 0) return null;
  return { ...(value as unknown as ListedPlan), bound: (bound as { cost: number | null }).cost };
}

const SCORES = ['unplaced', 'lateness', 'ageing', 'ovenChanges', 'cost'];

const SHAPES: Record<'steps' | 'waits' | 'holds' | 'unplaced', (x: Fields) => boolean> = {
  steps: (x) =>
    typeof x.id === 'string' &&
    Number.isSafeInteger(x.start) &&
    Number.isSafeInteger(x.end) &&
    isTexts(x.people) &&
    isTexts(x.equipment),
  waits: (x) => typeof x.id === 'string' && typeof x.equipment === 'string',
  holds: (x) => typeof x.id === 'string' && typeof x.equipment === 'string',
  unplaced: (x) =>
    typeof x.order === 'string' && typeof x.reason === 'string' && x.reason !== '' && isTexts(x.blockers),
};
