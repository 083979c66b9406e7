import type { Breaches } from './breaches';
import type { GivenWait, Interval } from './documents';
import type { Reading } from './reading';

/** A wait that counts, with its gap. */
export interface Gap {
  wait: GivenWait;
  start: number;
  end: number;
  /** Both its sides are done or running. */
  fact: boolean;
}

/** The waits that exist: taken, with both steps in the plan. */
export function gapsOf(reading: Reading): Gap[] {
  return reading.problem.waits.flatMap((wait): Gap[] => {
    const [from, to] = [reading.at.get(wait.from), reading.at.get(wait.to)];
    if (!from || !to || !reading.taken(wait)) return [];
    return [{ wait, start: from.end, end: to.start, fact: reading.isFact(wait.from) && reading.isFact(wait.to) }];
  });
}

/** Rule 2: each gap is as long as its wait allows, and attended where it has to be. */
export function checkGaps(gaps: Gap[], reading: Reading, breaches: Breaches): void {
  const attended = merged(reading.problem.people.flatMap((p) => p.shifts));
  for (const { wait, start, end, fact } of gaps) {
    if (fact) continue;
    const gap = end - start;
    if (gap < wait.min) breaches.say(2, `wait ${wait.id}: ${gap} min, at least ${wait.min}`);
    if (gap > (wait.max ?? Infinity)) breaches.say(2, `wait ${wait.id}: ${gap} min, at most ${wait.max}`);
    if (wait.attended && gap > 0 && !attended.some(([a, b]) => a <= start && end <= b))
      breaches.say(2, `wait ${wait.id}: nobody is on shift for some of it`);
  }
}

function merged(spans: Interval[]): Interval[] {
  const sorted = [...spans].sort((a, b) => a[0] - b[0]);
  const all: Interval[] = [];
  for (const [a, b] of sorted) {
    const last = all.at(-1);
    if (last && a <= last[1]) last[1] = Math.max(last[1], b);
    else all.push([a, b]);
  }
  return all;
}

/** Cost of age: minutes beyond the shortest wait, and those that a wish falls short of. */
export function ageingOf(gaps: Gap[]): number {
  return gaps.reduce((sum, { wait, start, end }) => {
    const gap = end - start;
    const short = wait.wish ? wait.wish.cost * Math.max(0, wait.wish.least - gap) : 0;
    return sum + wait.ageing * Math.max(0, gap - wait.min) + short;
  }, 0);
}
