import { lengthWith, ovenChoices } from '../../planning-format/lengths';
import type { Plan, PlannedStep } from '../../planning-format/plan';
import { lengthOf, type Problem, type Step } from '../../planning-format/problem';
import { courseOf } from '../dispatch/course';
import { Days } from '../dispatch/day';

/**
 * An earlier plan as it would go on if nobody planned anew: its steps in their order, by their hands and in their things, each begun when the plan says
 * or as soon after that as what is late lets it. So what slipped by minutes pushes everything behind it by minutes, across all orders. Where it does not obey the
 * rules (a part that has stood too long), that is for the repair to see. Null where the plan names hands or things that are gone.
 */
export function pushedPlan(problem: Problem, old: Plan): Plan | null {
  const known = new Map(problem.steps.map((s) => [s.id, s]));
  const people = new Map(problem.people.map((p) => [p.id, p]));
  const items = new Set(problem.equipment.map((e) => e.id));
  const there = ({ people: crew, equipment }: Pick<PlannedStep, 'people' | 'equipment'>) =>
    crew.every((p) => people.has(p)) && equipment.every((e) => items.has(e));
  const steps: PlannedStep[] = [];
  for (const was of old.steps) {
    const step = known.get(was.id);
    if (!step) continue;
    const now = step.placed ? { id: was.id, ...step.placed } : timedAnew(was, step, people);
    if (!there(now)) return null;
    steps.push({ id: was.id, start: now.start, end: now.end, people: now.people, equipment: now.equipment });
  }
  const kept = new Set(steps.map((s) => s.id));
  const course = courseOf(problem, {
    ...{ ...old, steps },
    waits: old.waits.filter((w) => items.has(w.equipment)),
    holds: old.holds.filter((h) => items.has(h.equipment)),
  });
  if (course.steps.some((s) => !kept.has(s.id) && s.over === null)) return null;
  const days = new Days(
    course,
    Float64Array.from(course.steps, (s) => s.start),
  );
  const equipment = new Map(steps.map((s) => [s.id, s.equipment]));
  days.live(Float64Array.from(course.steps, (s) => usualLength(known.get(s.id)!, equipment.get(s.id) ?? [])));
  const began = new Map(course.steps.map((s, i) => [s.id, s.over === null ? days.began[i]! : Infinity]));
  return {
    ...old,
    steps: steps.map((s) => {
      const start = began.get(s.id)!;
      return Number.isFinite(start) ? { ...s, start, end: start + s.end - s.start } : s;
    }),
  };
}

function timedAnew(was: PlannedStep, step: Step, people: ReadonlyMap<string, Problem['people'][number]>): PlannedStep {
  const crew = was.people.flatMap((p) => people.get(p) ?? []);
  return { ...was, end: was.start + lengthWith(step, crew, was.equipment) };
}

/** At the usual pace: the day slows it down for who takes longer. */
function usualLength(step: Step, equipment: string[]): number {
  const choice = ovenChoices(step).find((c) => c.equipment === equipment.at(-1));
  return lengthOf(choice ?? step);
}
