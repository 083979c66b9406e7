import type { Wait } from '../planning-format/problem';

/** A wait without what is asked of it beside its place and its minutes: somebody there, a certain item, an oven that is off. */
export function waitAlone(wait: Wait): Wait {
  const alone = { ...wait };
  delete alone.attended;
  delete alone.sameItemAs;
  delete alone.heat;
  return alone;
}
