import { readSettings } from './settings';

/**
 * The time by which the kitchen works. `ZEST_CLOCK` (an ISO instant) lets it start at another moment and run on from
 * there: for training, for tests and for pictures that stay the same.
 */
const started = Date.now();
const { clock } = readSettings(process.env).settings;

export function now(): Date {
  return clock === null ? new Date() : new Date(clock.getTime() + (Date.now() - started));
}
