import { readingOf, type PlannedProblem } from './plan-reading';

/** Minutes that the parts of all cakes wait beyond their shortest waits, where that makes them older. */
export function minutesOfAge(planned: PlannedProblem): number {
  let age = 0;
  for (const { wait, from, to } of readingOf(planned).waits)
    if (wait.ageing > 0) age += Math.max(0, to.start - from.end - wait.min);
  return age;
}

/** What the age of all parts costs: each minute as much as it harms the part. A syrup that stands a day longer is hardly older by that. */
export function costOfAge(planned: PlannedProblem): number {
  let cost = 0;
  for (const { wait, from, to } of readingOf(planned).waits)
    cost += wait.ageing * Math.max(0, to.start - from.end - wait.min);
  return cost;
}
