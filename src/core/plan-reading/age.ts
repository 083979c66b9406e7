import { readingOf, type PlannedProblem } from './plan-reading';

/** Minutes that the parts of all cakes wait beyond their shortest waits, where that makes them older. */
export function minutesOfAge(planned: PlannedProblem): number {
  let age = 0;
  for (const { wait, from, to } of readingOf(planned).waits)
    if (wait.ageing > 0) age += Math.max(0, to.start - from.end - wait.min);
  return age;
}
