import { placeSteps } from './place-steps';
import type { Group } from '../model/step-model';
import type { PlacingPolicy } from './place-group';
import type { Timetable } from '../table/timetable';

/**
 * Places a group as early as it can be, on the route by which one of its orders can leave first, and leaves it there. Its free
 * steps must be out of the timetable. Returns when that order leaves; null, with the group out, where it finds no place.
 */
export function placeEarliest(table: Timetable, group: Group, order: number, policy: PlacingPolicy): number | null {
  const collect = table.model.stepIndex.get(table.model.problem.orders[order]!.collect)!;
  const placeOn = (choices: number[]) => {
    group.routes.forEach((r, i) => (table.choice[r] = choices[i]!));
    return placeSteps(table, group, { direction: 'earliest', prefer: policy.prefer, noise: () => 0 }).ok;
  };
  let best: { choices: number[]; leaves: number } | null = null;
  for (const choices of policy.routes(group)) {
    if (!placeOn(choices)) continue;
    if (!best || table.start[collect]! < best.leaves) best = { choices, leaves: table.start[collect]! };
    table.removeGroup(group);
  }
  return best && placeOn(best.choices) ? best.leaves : null;
}
