import { say } from '../../core/words/say';
import { minuteOf, type Clock } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { LOOK_AGAIN } from '../shared/door';
import { refuse, type Result } from '../shared/result';

/** What is told later is of the last day. ms. */
const LONGEST_AGO = 24 * 3600_000;
/** A tablet's clock may be ahead of the kitchen's by so much. ms. */
const AHEAD = 60_000;

/** When something was, as it is told: an instant that has been, at most a day ago; null where it is now. */
export function whenTold(
  when: string | undefined,
  db: KitchenDb,
  clock: Clock,
): Result<{ when: string | null; minute: number | null }> {
  if (when === undefined) return { ok: true, when: null, minute: null };
  const time = Date.parse(when);
  const now = db.now().getTime();
  if (Number.isNaN(time)) return refuse(LOOK_AGAIN, { when: say`This is no time.` });
  if (time > now + AHEAD) return refuse(LOOK_AGAIN, { when: say`This has not been yet.` });
  if (time < now - LONGEST_AGO) return refuse(LOOK_AGAIN, { when: say`This is more than a day ago.` });
  const instant = new Date(Math.min(time, now));
  return { ok: true, when: instant.toISOString(), minute: minuteOf(instant, clock) };
}
