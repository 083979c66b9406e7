import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';

/** How many steps, of those that have not happened, begin at another time in a plan than in the one before. */
export function movedRungs(problem: Problem, before: Plan, after: Plan): number {
  const placed = new Set(problem.steps.filter((s) => s.placed).map((s) => s.id));
  const was = new Map(before.steps.map((s) => [s.id, s.start]));
  return after.steps.filter((s) => !placed.has(s.id) && was.has(s.id) && was.get(s.id) !== s.start).length;
}
