import type { Plan } from '../../src/core/planning-format/plan';
import type { Problem } from '../../src/core/planning-format/problem';

/** What the age of a plan's parts costs, without what its wishes do. */
export function ageOf(problem: Problem, plan: Plan): number {
  const at = new Map(plan.steps.map((s) => [s.id, s]));
  return problem.waits.reduce((sum, w) => {
    const [from, to] = [at.get(w.from), at.get(w.to)];
    if (!from || !to || (w.when && plan.routes[w.when.route] !== w.when.choice)) return sum;
    return sum + w.ageing * Math.max(0, to.start - from.end - w.min);
  }, 0);
}
