import { placeCheapestRoute } from '../placing/place-cheapest';
import type { PlacingPolicy } from '../placing/place-group';
import { putBack } from '../search/best-plan';
import type { GroupCost } from '../table/cost';
import type { Timetable } from '../table/timetable';

/** Each group in turn where it costs least beside the others, where that is worth its moves: as where what is wanted of a plan has changed. */
export function placeAllAnew(table: Timetable, policy: PlacingPolicy, costOf: GroupCost, stop: () => boolean): void {
  for (const group of table.model.groups) {
    if (stop()) return;
    const was = costOf(table, group);
    const before = table.record(group);
    table.removeGroup(group);
    if (placeCheapestRoute(table, group, policy) && costOf(table, group) < was - 1e-9) continue;
    putBack(table, [group], [before]);
  }
}
