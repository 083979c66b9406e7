import { readingOf, type PlannedProblem } from './plan-reading';

/** What it costs that waits are shorter than is wished for, in the cost of a plan. */
export function missingWishes(planned: PlannedProblem): number {
  let cost = 0;
  for (const { wait, from, to } of readingOf(planned).waits)
    if (wait.wish) cost += wait.wish.cost * Math.max(0, wait.wish.least - (to.start - from.end));
  return cost;
}
