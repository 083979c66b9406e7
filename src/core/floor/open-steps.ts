import { readingOf } from '../plan-reading/plan-reading';
import type { Plan } from '../planning-format/plan';
import type { Problem, Step } from '../planning-format/problem';
import type { StepState } from './floor-state';

/**
 * Steps of an order that are still to be done, in the order of their times, the hand-over aside: those of the plan, or, if the plan leaves the order
 * out, all that any route could ask for.
 */
export function openSteps(problem: Problem, plan: Plan, states: ReadonlyMap<string, StepState>, order: string): Step[] {
  const reading = readingOf({ problem, plan });
  const leftOut = plan.unplaced.some((u) => u.order === order);
  const open = reading
    .stepsOf(order)
    .filter((s) => s.work !== 'collect' && (leftOut || reading.planned(s.id)) && states.get(s.id)?.state !== 'done');
  const at = (s: Step) => reading.planned(s.id)?.start ?? 0;
  return open.sort((a, b) => at(a) - at(b));
}
