import { pickupsOf } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { placeSteps } from '../placing/place-steps';
import type { Direction } from '../placing/slot';
import type { Timetable } from '../table/timetable';
import { takeEarlierRoutes, type EarlierPlan } from './load-plan';

/**
 * Puts a group, which is out of the timetable, where the earlier plan had it up to a minute, and what begins from then on anew: as late as it
 * can be with its hand-overs on time, or as early as it can be. False, with the group out, if it cannot.
 */
export function placeTail(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  from: number,
  direction: Direction,
): boolean {
  takeEarlierRoutes(table, group, earlier);
  const pickups = pickupsOf(table.model, group);
  const stays = (s: number) => {
    const was = earlier.steps[s]?.start;
    return was !== undefined && was < from && !pickups.has(s) ? was : null;
  };
  return placeSteps(table, group, {
    direction,
    prefer: earlier.prefer,
    noise: () => 0,
    low: (s) => stays(s) ?? pickups.get(s) ?? -Infinity,
    high: (s) => stays(s) ?? (direction === 'latest' ? pickups.get(s) : undefined) ?? Infinity,
  }).ok;
}

/** The minutes from which a group could be placed anew, the latest first: with each of them one step more is free to move. */
export function tailsOf(table: Timetable, group: Group, earlier: EarlierPlan): number[] {
  const starts = group.steps.flatMap((s) => {
    const { fixed, work } = table.model.steps[s]!;
    const was = earlier.steps[s]?.start;
    return fixed === FREE && work !== 'collect' && was !== undefined && table.exists(s) ? [was] : [];
  });
  return [...new Set(starts)].sort((a, b) => b - a);
}
