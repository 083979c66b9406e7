import type { Plan, PlannedStep } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';

/** Minutes after its end at which a slip is noticed, and by which a slipped step runs over. */
const NOTICED = 5;
const RUNS_OVER = 25;

/** The problem at the moment when a step of hands has run over: what came before is done or under way, as the plan had it. */
export function slip(problem: Problem, plan: Plan, slipped: PlannedStep): Problem {
  const now = slipped.end + NOTICED;
  const at = new Map(plan.steps.map((s) => [s.id, s]));
  const steps = problem.steps.map((s) => {
    const planned = at.get(s.id);
    if (!planned || planned.start >= now || s.work === 'collect') return s;
    const { start, people, equipment } = planned;
    const end = s.id === slipped.id ? slipped.end + RUNS_OVER : planned.end;
    const state = end <= now ? ('done' as const) : ('running' as const);
    return { ...s, placed: { start, end, people, equipment, state } };
  });
  return { ...problem, now, steps };
}
