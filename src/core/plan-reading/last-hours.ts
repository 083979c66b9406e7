import { readingOf, type PlannedProblem } from './plan-reading';

/** Share of all minutes of hands in a plan that lie in the last hours before the cake that they are for leaves; 0 where there is no such work. */
export function shareInLastHours(planned: PlannedProblem, hours: number): number {
  const reading = readingOf(planned);
  let all = 0;
  let last = 0;
  for (const { id, start, end } of planned.plan.steps) {
    const step = reading.step(id);
    // What serves several cakes is made for none of them alone.
    const collect = step?.order == null ? undefined : reading.order(step.order)?.collect;
    const leaves = collect === undefined ? undefined : reading.planned(collect)?.start;
    if (step?.work !== 'hands' || !step.people || leaves === undefined) continue;
    all += (end - start) * step.people.count;
    last += Math.max(0, end - Math.max(start, leaves - hours * 60)) * step.people.count;
  }
  return all === 0 ? 0 : last / all;
}
