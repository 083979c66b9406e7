/** Fewer records than this teach nothing; older ones than the last so many are forgotten. */
export const LEAST_BEGUN = 40;
const MOST_BEGUN = 120;
/** So many minutes before the plan is early, and where this share of all steps is, a kitchen begins things as soon as it can. */
const EARLY = 5;
const OFTEN = 0.2;

/**
 * Does a kitchen begin things before the plan says, as far as it has been told? Where everything that can is begun early, far from every step is: the
 * others wait for hands, or for what comes before them. Null where too little is known.
 *
 * @param done what was done, in the order in which it was; `ahead` in minutes before the plan
 */
export function beginsEarly(done: readonly { ahead?: number | undefined }[]): boolean | null {
  const known = done.flatMap((d) => d.ahead ?? []).slice(-MOST_BEGUN);
  if (known.length < LEAST_BEGUN) return null;
  return known.filter((ahead) => ahead >= EARLY).length >= OFTEN * known.length;
}
