import { groupCost, type GroupCost } from '../table/cost';
import type { Random } from '../model/random';
import type { Group } from '../model/step-model';
import type { Timetable } from '../table/timetable';

/** What a search makes small, and what it begins from. */
export interface Aim {
  costOf: GroupCost;
  /** Where an earlier plan had a step; null where there is none, or it did not know the step. */
  home: ((step: number) => number | null) | null;
  /** Puts a group, which is out of the timetable, as near as it can be to where the earlier plan had it. False, with the group out, if it cannot. */
  placeNear: ((table: Timetable, group: Group) => boolean) | null;
  /** Puts a group, which is out of the timetable, where the earlier plan had it up to a drawn minute, and the rest anew; as `placeNear`. */
  placeTail: ((table: Timetable, group: Group, random: Random) => boolean) | null;
}

/** A cheap plan, from nothing. */
export const AFRESH: Aim = { costOf: groupCost, home: null, placeNear: null, placeTail: null };
