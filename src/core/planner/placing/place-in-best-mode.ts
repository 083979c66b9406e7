import type { Preference } from '../table/preference';
import type { Windows } from '../table/start-windows';
import type { Timetable } from '../table/timetable';
import { placeStep, type Direction, type Slot } from './slot';

/** The way that is preferred is taken even where another would begin (or be over) so many minutes better. */
const WORTH_MINUTES = 15;

/**
 * Finds the latest (or earliest) start in its window at which a step can be placed, in the way of doing it that lets it begin latest (or be
 * over first), and places it there.
 *
 * @param now the windows of its group; kept as they are by `renew` for the way that is chosen
 * @param renew reckons the windows anew, as ways differ in how long they take; false where there are none
 */
export function placeInBestMode(
  table: Timetable,
  step: number,
  now: Windows,
  renew: () => boolean,
  { direction, prefer }: { direction: Direction; prefer: Preference },
): Slot {
  const { lengths } = table;
  const { modes } = table.model.steps[step]!;
  const at = () => placeStep(table, step, now.low[step]!, now.high[step]!, direction, prefer);
  if (modes.length === 1) return at();
  const preferred = prefer.mode?.(step) ?? 0;
  let best: { mode: number; start: number } | null = null;
  let least = Infinity;
  let last: Slot = { start: null, stuck: null };
  for (let mode = 0; mode < modes.length; mode++) {
    lengths.choose(step, mode);
    if (!renew() || now.low[step]! > now.high[step]!) continue;
    const slot = at();
    if (slot.start === null) {
      last = slot;
      continue;
    }
    table.takeOut(step);
    const { start } = slot;
    // A step that is to begin at one minute and no other is done as it is preferred, if it can be.
    const worth = mode !== preferred ? 0 : now.low[step] === now.high[step] ? Infinity : WORTH_MINUTES;
    const rank = (direction === 'latest' ? -start : start + modes[mode]!.minutes) - worth;
    if (rank >= least) continue;
    least = rank;
    best = { mode, start };
  }
  if (best) lengths.choose(step, best.mode);
  else lengths.open(step);
  renew();
  return best ? placeStep(table, step, best.start, best.start, direction, prefer) : last;
}
