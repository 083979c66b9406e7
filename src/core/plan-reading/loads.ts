import { itemUses, type ItemUse } from './item-uses';
import { readingOf } from './plan-reading';
import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';
import type { Span } from '../time/spans';

/** How much of a stretch of time somebody works. Minutes. */
export interface HandLoad {
  busy: number;
  there: number;
}

/** How much of an item is used in a stretch of time. */
interface ItemLoad {
  /** Most units in use at once. */
  peak: number;
  units: number;
  /** Minutes in which anything is in use. */
  busy: number;
}

interface HandsLoad {
  id: string;
  spans: HandLoad[];
}

export interface Loads {
  people: HandsLoad[];
  items: { id: string; spans: ItemLoad[] }[];
}

/** The load of each person and each item over each of some spans, as the plan has it. */
export function loadsOf(problem: Problem, plan: Plan, spans: Span[]): Loads {
  const uses = itemUses(readingOf({ problem, plan }));
  return {
    people: handLoads(problem, plan, spans),
    items: problem.equipment.map((e) => ({
      id: e.id,
      spans: spans.map((span) => ({ ...peakOf(uses.get(e.id) ?? [], span), units: e.units })),
    })),
  };
}

/** The load of each person over each of some spans. */
export function handLoads(problem: Problem, plan: Plan, spans: Span[]): HandsLoad[] {
  const reading = readingOf({ problem, plan });
  const jobs = new Map<string, Span[]>(problem.people.map((p) => [p.id, []]));
  for (const s of plan.steps)
    if (reading.step(s.id)?.work === 'hands') for (const p of s.people) jobs.get(p)?.push([s.start, s.end]);
  return problem.people.map(({ id, shifts }) => ({
    id,
    spans: spans.map((span) => ({ busy: inside(jobs.get(id)!, span), there: inside(shifts, span) })),
  }));
}

/** Minutes of some spans that lie within one. */
export function inside(spans: readonly Span[], [from, to]: Span): number {
  return spans.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0);
}

function peakOf(uses: ItemUse[], [from, to]: Span): { peak: number; busy: number } {
  const changes = new Map<number, number>();
  const change = (t: number, by: number) => changes.set(t, (changes.get(t) ?? 0) + by);
  for (const u of uses) {
    const [start, end] = [Math.max(from, u.start), Math.min(to, u.end)];
    if (end <= start) continue;
    change(start, u.units);
    change(end, -u.units);
  }
  let [level, peak, busy, last] = [0, 0, 0, from];
  for (const [time, by] of [...changes].sort((a, b) => a[0] - b[0])) {
    if (level > 0) busy += time - last;
    level += by;
    peak = Math.max(peak, level);
    last = time;
  }
  return { peak, busy };
}
