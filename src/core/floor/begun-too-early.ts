import { readingOf, type PlannedProblem } from '../plan-reading/plan-reading';

/** What a step that is begun before its time would leave standing. Minutes after the origin, and minutes. */
export interface BegunTooEarly {
  /** When it was planned, and when it would be done. */
  planned: number;
  done: number;
  /** The step that waits for it, by its id, and when that is planned. */
  to: string;
  begins: number;
  stands: number;
  allowed: number;
}

/**
 * Would what a step makes stand longer than it may, if the step is begun at a minute and what follows it at the time that the plan has? Null
 * where it would not, and where it is begun no earlier than planned: then the plan moves.
 */
export function begunTooEarly(planned: PlannedProblem, id: string, minute: number): BegunTooEarly | null {
  const reading = readingOf(planned);
  const own = reading.planned(id);
  const step = reading.step(id);
  if (!own || !step || minute >= own.start) return null;
  const done = minute + step.minutes.likely;
  const worst = reading.waits
    .flatMap(({ wait, to }) => {
      const stands = to.start - done;
      return wait.from === id && wait.max !== null && stands > wait.max
        ? [{ planned: own.start, done, to: wait.to, begins: to.start, stands, allowed: wait.max }]
        : [];
    })
    .sort((a, b) => b.stands - b.allowed - (a.stands - a.allowed));
  return worst[0] ?? null;
}
