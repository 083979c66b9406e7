/**
 * The time by which the kitchen works. `ZEST_CLOCK` (an ISO instant) lets it start at another moment and run on from
 * there: for training, for tests and for pictures that stay the same.
 */
const started = Date.now();
const set = process.env.ZEST_CLOCK ? Date.parse(process.env.ZEST_CLOCK) : NaN;

export function now(): Date {
  return new Date(Number.isNaN(set) ? Date.now() : set + (Date.now() - started));
}
