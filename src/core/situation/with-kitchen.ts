import { ovensFor } from '../kitchen/as-planned';
import { skillNames } from '../kitchen/person';
import { takenByStandingWork } from '../kitchen/standing-work';
import type { Problem } from '../planning-format/problem';
import { mergeSpans, without } from '../time/spans';
import type { PlanningKitchen } from './situation';

/** Work that was begun lies at most this far back. Minutes. */
const LOOK_BACK = 1440;

/**
 * The problem with what is this kitchen's own in it: ovens that bake at their own temperature and time, and the standing work, which takes its
 * people and things away from everything else.
 */
export function withKitchen(
  problem: Problem,
  kitchen: Pick<PlanningKitchen, 'ovens' | 'standingWork' | 'team' | 'clock' | 'library'>,
): Problem {
  const { fanOffset } = kitchen.library.coefficients;
  const steps = problem.steps.map((step) => {
    const choices = step.oven && ovensFor(step.oven.celsius, step.minutes, kitchen.ovens, fanOffset);
    return choices ? { ...step, oven: { ...step.oven!, choices } } : step;
  });
  const own = { ...problem, steps };
  return kitchen.standingWork.length === 0 ? own : withStandingWork(own, kitchen);
}

function withStandingWork(
  problem: Problem,
  { standingWork, team, clock }: Pick<PlanningKitchen, 'standingWork' | 'team' | 'clock'>,
): Problem {
  const hands = team.map((p) => ({ id: p.id, hours: p, skills: skillNames(p) }));
  const taken = takenByStandingWork(standingWork, hands, clock, [problem.now - LOOK_BACK, problem.horizon]);
  const spans = (of: { span: [number, number] }[] | undefined) => (of ?? []).map((x) => x.span);
  return {
    ...problem,
    people: problem.people.map((p) => ({ ...p, shifts: without(p.shifts, spans(taken.people.get(p.id))) })),
    equipment: problem.equipment.map((e) => {
      const closed = mergeSpans([...(e.closed ?? []), ...spans(taken.items.get(e.id))]);
      return { ...e, ...(closed.length > 0 && { closed }) };
    }),
  };
}
