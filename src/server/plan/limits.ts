/** How much a plan may be searched for: seconds and rounds, whichever is over first; see `PlanningRequest`. */

/**
 * Around what was told, and for what is shown before it is told: both with the same limits, so that what was shown is what comes. Where something
 * is later than before, it is looked for longer: who has made room must have the time to ask its neighbours in turn. With eighty orders, stopped
 * after a quarter of a second, a cake stood two days late on the wall that was on time half a second later.
 */
export const QUICK = { seconds: 1, enough: 0.1, rounds: 150 };
/** While somebody composes: placed as well as it can be at once, and nothing searched. */
export const AT_ONCE = { seconds: 0.5, rounds: 0 };
/** Somebody waits for the best that can be found. */
export const THOROUGH = { seconds: 3, rounds: 1500, thorough: true };
/** The kitchen itself has changed: what lies far ahead is free to move. */
export const CHANGED = { seconds: 3, rounds: 1500, freely: true };
/** Back to an earlier plan: where nothing has happened since, it is that plan to the minute. */
export const BACK = { seconds: 0.25, rounds: 0 };
/** With nothing to begin from. */
export const FIRST = { seconds: 3, rounds: 600 };
