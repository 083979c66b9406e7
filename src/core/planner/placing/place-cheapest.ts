import { calendarOf, groupTiming } from './group-timing';
import { groupCost } from '../table/cost';
import { FREE, type Group } from '../model/step-model';
import { placeGroup, placeAsRecorded, type PlacingPolicy } from './place-group';
import { takeRoutes } from './fixed-steps';
import { nextEarlier, nextLater } from './slot';
import type { GroupRecord } from '../table/records';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { branch, widestCut, type Cut } from '../timing/timing';
import { narrow, openWindows } from './windows';

/** Groups of more steps take too long. */
const MOST_STEPS = 40;
/** Subproblems before it is given up. */
const MOST_NODES = 60;

/** What came of it: it is placed; nothing within the limit exists; or it took too long to tell. */
export type CheapestPlacing = 'placed' | 'impossible' | 'unknown';

/**
 * Places a group where it costs least while all others stay, on the routes as they are and in the ways that are preferred: starts of least cost by branch and
 * bound over what is free, and, where steps of the group are in each other's way, over which gives way. Unless it is placed, the
 * free steps of the group are out of the timetable.
 */
export function placeCheapest(table: Timetable, group: Group, prefer: Preference, limit = Infinity): CheapestPlacing {
  const { model, lengths } = table;
  if (group.steps.length > MOST_STEPS) return 'unknown';
  for (const s of group.steps) if (model.steps[s]!.modes.length > 1) lengths.choose(s, prefer.mode?.(s) ?? 0);
  const placed = placeAtLeastCost(table, group, prefer, limit);
  if (placed === 'placed') return placed;
  table.removeGroup(group);
  for (const s of group.steps) lengths.open(s);
  return placed;
}

/** The same, each step in the way that is chosen for it. */
function placeAtLeastCost(table: Timetable, group: Group, prefer: Preference, limit: number): CheapestPlacing {
  const { model, outer } = table;
  const isFixed = (s: number) => model.steps[s]!.fixed !== FREE;
  openWindows(table, group, outer);
  if (group.routes.length > 0 && !table.storage.takeRoutes(group, prefer)) return 'impossible';
  if (!narrow(table, group, outer, isFixed)) return 'impossible';
  const { timing, existing, constant } = groupTiming(table, group, outer);
  for (let i = 0; i < existing.length; i++) if (timing.low[i]! > timing.high[i]!) return 'impossible';
  const around = calendarOf(table, existing);
  const cutOf = (starts: number[]) => widestCut(starts, around) ?? placeAll(table, existing, starts, prefer);
  const branched = branch(timing, cutOf, MOST_NODES, limit - constant);
  if (branched?.starts) return 'placed';
  return branched ? 'unknown' : 'impossible';
}

/** Places a group where it costs least over all its routes, while all others stay; as any other does where that is too much. */
export function placeCheapestRoute(table: Timetable, group: Group, policy: PlacingPolicy): boolean {
  for (const o of group.orders) table.leftOut[o] = 0;
  let best: GroupRecord | null = null;
  let least = Infinity;
  for (const choices of policy.routes(group)) {
    if (!takeRoutes(table, group, choices, policy.prefer) || placeCheapest(table, group, policy.prefer) !== 'placed')
      continue;
    const cost = groupCost(table, group);
    if (cost < least) {
      least = cost;
      best = table.record(group);
    }
    table.removeGroup(group);
  }
  if (!best) return placeGroup(table, group, policy);
  placeAsRecorded(table, group, best, policy.prefer);
  return true;
}

/** Places all steps; or none, and says which one found no place beside the others, and where it might. */
function placeAll(table: Timetable, existing: number[], starts: number[], prefer: Preference): Cut | null {
  const { steps } = table.model;
  const free = existing.map((_, i) => i).filter((i) => steps[existing[i]!]!.fixed === FREE);
  free.sort((a, b) => starts[a]! - starts[b]!);
  for (const i of free) {
    const s = existing[i]!;
    const start = starts[i]!;
    if (table.place(s, start, prefer)) continue;
    const before = Math.min(start - 1, nextEarlier(table, s, start));
    const after = Math.max(start + 1, nextLater(table, s, start));
    for (const k of free) if (table.placed[existing[k]!]) table.takeOut(existing[k]!);
    return { step: i, before, after };
  }
  return null;
}
