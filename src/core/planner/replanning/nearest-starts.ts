import { pickupsOf } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import type { Timetable } from '../table/timetable';
import type { EarlierPlan } from './load-plan';

/** Passes over the waits of a group, for each of its steps, until nothing is left to repair. */
const PASSES_A_STEP = 4;

/**
 * The starts of a group's steps that lie nearest to where the earlier plan had them and obey its waits, facts being what they are; hands and
 * things are not looked at. Repaired in both directions: what ended early pulls along what may not wait longer, what ended late pushes
 * what comes after it and what has to be made for it. Null where the waits cannot be repaired like this. By index of the step; steps that
 * the earlier plan did not know have none.
 */
export function nearestStarts(table: Timetable, group: Group, earlier: EarlierPlan): Map<number, number> | null {
  const { steps, waits } = table.model;
  const pickups = pickupsOf(table.model, group);
  const was = new Map<number, number>();
  const start = new Map<number, number>();
  for (const s of group.steps) {
    if (!table.exists(s)) continue;
    const before = earlier.steps[s]?.start;
    if (steps[s]!.fixed !== FREE) {
      if (table.placed[s]) start.set(s, table.start[s]!);
    } else if (before !== undefined) {
      was.set(s, before);
      start.set(s, Math.max(before, steps[s]!.earliest, pickups.get(s) ?? -Infinity));
    }
  }
  const minutesBefore = (s: number) => steps[s]!.modes[earlier.prefer.mode?.(s) ?? 0]!.minutes;
  const end = (s: number) => (was.has(s) ? start.get(s)! + minutesBefore(s) : table.end(s));
  const move = (s: number, by: number) => {
    const to = start.get(s)! + by;
    start.set(s, to);
    return to >= Math.max(steps[s]!.earliest, pickups.get(s) ?? -Infinity);
  };
  for (let pass = PASSES_A_STEP * group.steps.length; pass >= 0; pass--) {
    let broken = false;
    for (const i of group.waits) {
      const { from, to, min, max, past } = waits[i]!;
      if (past || !table.waitExists(waits[i]!) || !start.has(from) || !start.has(to)) continue;
      const gap = start.get(to)! - end(from);
      if (gap >= min && gap <= max) continue;
      broken = true;
      const early = was.has(from) ? start.get(from)! < was.get(from)! : true;
      if (gap < min) {
        // What comes after gives way, unless it is a fact or was pulled along itself.
        const after = was.has(to) && !(was.has(from) && start.get(to)! < was.get(to)!);
        if (!(after ? move(to, min - gap) : was.has(from) && move(from, gap - min))) return null;
      } else {
        const pulled = was.has(to) && (early || !was.has(from));
        if (!(pulled ? move(to, max - gap) : was.has(from) && move(from, gap - max))) return null;
      }
    }
    if (!broken) return start;
  }
  return null;
}
