import { groupCost, type GroupCost } from '../table/cost';
import { FREE, type Group } from '../model/step-model';
import { placeStep, type Direction } from '../placing/slot';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { roomOf } from '../placing/windows';

/** Passes over a group before it is left as it is. */
const MOST_PASSES = 3;

/**
 * Moves single steps of a group where that makes its parts younger: a step whose waits before it age faster than those
 * after it goes as early as it can, the others as late. The order in which the group was built put every step as late as
 * it could go, which is right for the last wait and wrong where an earlier one costs more. Returns what the group costs.
 */
export function polish(table: Timetable, group: Group, prefer: Preference, costOf: GroupCost = groupCost): number {
  const { model } = table;
  const byStart = group.steps
    .filter((s) => table.placed[s] && model.steps[s]!.fixed === FREE && model.steps[s]!.work !== 'collect')
    .sort((a, b) => table.start[a]! - table.start[b]!);
  let cost = costOf(table, group);
  for (let pass = 0, moved = true; moved && pass < MOST_PASSES; pass++) {
    moved = false;
    for (const s of byStart) {
      const pull = pullOf(table, s);
      if (pull === 0) continue;
      const direction: Direction = pull > 0 ? 'earliest' : 'latest';
      const start = table.start[s]!;
      const room = roomOf(table, s);
      const [low, high] = pull > 0 ? [room[0], start - 1] : [start + 1, room[1]];
      if (low > high) continue;
      const before = table.recordStep(s);
      table.remove(s);
      const slot = placeStep(table, s, low, high, direction, prefer);
      const after = slot.start === null ? Infinity : costOf(table, group);
      if (after < cost - 1e-9) {
        cost = after;
        moved = true;
        continue;
      }
      table.remove(s);
      table.restoreStep(s, before);
    }
  }
  return cost;
}

/** How much a minute earlier would save: ageing of the waits before a step less that of the waits after it. */
function pullOf(table: Timetable, step: number): number {
  const { model } = table;
  let pull = 0;
  for (const i of model.steps[step]!.waitsIn) {
    const w = model.waits[i]!;
    if (table.waitExists(w) && table.placed[w.from] && table.start[step]! - table.end(w.from) > w.min) pull += w.ageing;
  }
  for (const i of model.steps[step]!.waitsOut) {
    const w = model.waits[i]!;
    if (table.waitExists(w) && table.placed[w.to]) pull -= w.ageing;
  }
  return pull;
}
