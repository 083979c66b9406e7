import { readingOf, type PlannedProblem } from '../plan-reading/plan-reading';
import type { Span } from '../time/spans';

/** Somebody who has nothing planned for a while. Minutes after the clock's origin. */
export interface QuietHour {
  person: string;
  start: number;
  end: number;
}

/**
 * When people who can do something have nothing planned for at least so long, within a span and their shifts; the earliest first. What a person can
 * do is told by `skills`, all of which are asked for.
 */
export function quietHours(
  { problem, plan }: PlannedProblem,
  [from, to]: Span,
  { skills, minutes }: { skills: readonly string[]; minutes: number },
): QuietHour[] {
  const reading = readingOf({ problem, plan });
  const able = problem.people.filter((p) => skills.every((s) => p.skills.includes(s)));
  return able
    .flatMap((p): QuietHour[] => {
      const work = plan.steps
        .filter((s) => s.people.includes(p.id) && reading.step(s.id)?.work === 'hands')
        .map((s): Span => [s.start, s.end])
        .sort((a, b) => a[0] - b[0]);
      return p.shifts
        .flatMap(([begins, ends]) => gaps(work, [Math.max(begins, from), Math.min(ends, to)]))
        .filter(([a, b]) => b - a >= minutes)
        .map(([start, end]) => ({ person: p.id, start, end }));
    })
    .sort((a, b) => a.start - b.start || b.end - a.end);
}

/** What is left of a span between sorted work. */
function gaps(work: readonly Span[], [from, to]: Span): Span[] {
  const left: Span[] = [];
  let at = from;
  for (const [start, end] of work) {
    if (start > at && start <= to) left.push([at, Math.min(start, to)]);
    at = Math.max(at, end);
  }
  return at < to ? [...left, [at, to]] : left;
}
