import { valueAt } from '../ids/value-at';
import { say } from '../words/say';

/** Kinds of work for hands, as the wall tells them apart, in the order in which a cake goes through them. A new one is a line here. */
export const WORKS = {
  mix: { name: say`mix and cook` },
  bake: { name: say`bake and turn out` },
  build: { name: say`fill, build and coat` },
  decorate: { name: say`decorate and write` },
  box: { name: say`check and box` },
} as const satisfies Record<string, { name: string }>;

export type HandWork = keyof typeof WORKS;
export const ALL_WORKS = Object.keys(WORKS) as HandWork[];

/** What a skill is for. A kitchen may have others. */
const OF_SKILL: Readonly<Record<string, HandWork>> = {
  mix: 'mix',
  cook: 'mix',
  bake: 'bake',
  fill: 'build',
  build: 'build',
  coat: 'build',
  decorate: 'decorate',
  sugar: 'decorate',
  write: 'decorate',
};

/**
 * The kind of a step for hands: by its skill; where that is not known, or none is needed, a part is made, and a cake is built, or boxed where
 * anybody can do it.
 */
export function handWorkOf(skill: string | null, isPart: boolean): HandWork {
  const known = skill === null ? undefined : valueAt(OF_SKILL, skill);
  if (known) return known;
  if (isPart) return skill === null ? 'mix' : 'decorate';
  return skill === null ? 'box' : 'build';
}
