import { readSettings } from './settings';

/**
 * The time by which the kitchen works. `ZEST_CLOCK` (an ISO instant) lets it start at another moment and run on from
 * there: for training, for tests and for pictures that stay the same.
 */
const { clock } = readSettings(process.env).settings;
/** When it was first looked at: once for the process, as pages and doors each load this module for themselves. */
const held = globalThis as unknown as { zestStarted?: number };

export function now(): Date {
  if (clock === null) return new Date();
  const started = (held.zestStarted ??= Date.now());
  return new Date(clock.getTime() + (Date.now() - started));
}
