import type { Model } from '../model/model';
import type { Group } from '../model/step-model';

/** Groups of some dozen kitchens as they were at some minutes; the oldest are forgotten first. */
const MOST_KEPT = 4000;

const known = new Map<string, number>();

/**
 * A group's bound, reckoned by `bound` where it is not known yet. A kitchen is planned again and again with most of its groups as they were, and
 * trials of a minute have nearly all in common. Two groups that are written alike, in kitchens that are, have the same bound: nothing else decides it.
 */
export function knownBound({ problem }: Model, group: Group, kitchen: string, bound: () => number): number {
  const { orders, steps, waits, holds, routes } = group;
  const key = JSON.stringify([
    kitchen,
    orders.map((i) => problem.orders[i]),
    steps.map((i) => problem.steps[i]),
    waits.map((i) => problem.waits[i]),
    holds.map((i) => problem.holds[i]),
    routes.map((i) => problem.routes[i]),
  ]);
  const found = known.get(key);
  if (found !== undefined) return found;
  const made = bound();
  known.set(key, made);
  if (known.size > MOST_KEPT) known.delete(known.keys().next().value!);
  return made;
}

/** All of a problem that counts for the bound of whatever group. */
export const kitchenOf = ({ problem: { now, horizon, people, equipment } }: Model): string =>
  JSON.stringify([now, horizon, people, equipment]);
