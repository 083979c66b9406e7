import { groupCost } from '../table/cost';
import { placeSteps, type PlaceOptions } from './place-steps';
import { pickupsOf } from '../model/model';
import type { Group } from '../model/step-model';
import type { GroupRecord } from '../table/records';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { takeRoutes } from './fixed-steps';

/** How the choices that no rule fixes are made. */
export interface PlacingPolicy {
  prefer: Preference;
  noise: (step: number) => number;
  /** Which combinations of route choices to try, best first; each is a choice for every route of the group. */
  routes: (group: Group) => number[][];
  /** Probes between "on time" and "as early as everything allows" for an order that is late. */
  probes?: number;
}

const LATE_PROBES = 5;

/**
 * Gives a group its place: on time if any of its routes allows it, else as little late as can be found, else
 * without the orders that cannot be made at all. Returns false only if steps that belong to no order, and so may
 * not be left out, have no place; the group is then out of the timetable.
 */
export function placeGroup(table: Timetable, group: Group, policy: PlacingPolicy): boolean {
  for (const o of group.orders) table.leftOut[o] = 0;
  for (;;) {
    const tried = bestOverRoutes(table, group, policy);
    if (tried.best) {
      placeAsRecorded(table, group, tried.best, policy.prefer);
      return true;
    }
    const out = orderToLeaveOut(table, group, tried.failed);
    if (out < 0) {
      table.removeGroup(group);
      return false;
    }
    table.leftOut[out] = 1;
    for (const s of group.steps) if (table.model.steps[s]!.order === out) table.remove(s);
  }
}

function bestOverRoutes(
  table: Timetable,
  group: Group,
  policy: PlacingPolicy,
): { best: GroupRecord | null; failed: number } {
  let best: GroupRecord | null = null;
  let bestCost = Infinity;
  let failed = -1;
  const routes = policy.routes(group);
  const keep = () => {
    const cost = groupCost(table, group);
    if (cost < bestCost) {
      best = table.record(group);
      bestCost = cost;
    }
    table.removeGroup(group);
  };
  for (const choices of routes) {
    if (!takeRoutes(table, group, choices, policy.prefer)) continue;
    const latest = { direction: 'latest' as const, ...bounds(table, group, 0, null), ...policy };
    if (group.wishes && placeSteps(table, group, { ...latest, asWished: true }).ok) keep();
    const onTime = placeSteps(table, group, latest);
    if (onTime.ok) keep();
    else failed = onTime.failed;
  }
  if (best) return { best, failed };
  for (const choices of routes) {
    if (!takeRoutes(table, group, choices, policy.prefer)) continue;
    const early = placeSteps(table, group, { direction: 'earliest', ...bounds(table, group, 1, null), ...policy });
    if (!early.ok) {
      failed = early.failed;
      continue;
    }
    const latest = collectStarts(table, group);
    keep();
    for (let low = 0, high = 1, probe = 0; probe < (policy.probes ?? LATE_PROBES); probe++) {
      const share = probe === 0 ? 1 : (low + high) / 2;
      const squeezed = { direction: 'latest' as const, ...bounds(table, group, share, latest), ...policy };
      if (placeSteps(table, group, squeezed).ok) {
        keep();
        high = share;
      } else low = share;
    }
  }
  return { best, failed };
}

/**
 * Bounds that hold the hand-overs between their pickup and a share of the way to their `latest` start;
 * with a share of 0 they are exactly at their pickup.
 */
function bounds(
  table: Timetable,
  group: Group,
  share: number,
  latest: Map<number, number> | null,
): Pick<PlaceOptions, 'low' | 'high'> {
  const pickups = pickupsOf(table.model, group);
  return {
    low: (step) => pickups.get(step) ?? -Infinity,
    high: (step) => {
      const pickup = pickups.get(step);
      if (pickup === undefined) return Infinity;
      if (share === 0) return pickup;
      const end = latest?.get(step);
      return end === undefined ? Infinity : pickup + Math.floor(share * (end - pickup));
    },
  };
}

function collectStarts(table: Timetable, group: Group): Map<number, number> {
  const starts = new Map<number, number>();
  for (const s of group.steps)
    if (table.model.steps[s]!.work === 'collect' && table.placed[s]) starts.set(s, table.start[s]!);
  return starts;
}

/** Puts a group that is out of the timetable where it was recorded, on the routes it took there. */
export function placeAsRecorded(table: Timetable, group: Group, record: GroupRecord, prefer: Preference): void {
  takeRoutes(table, group, record.choices, prefer);
  table.removeGroup(group);
  table.restore(group, record);
}

/** The order to give up so that the rest of its group can be made; −1 if there is none left. */
function orderToLeaveOut(table: Timetable, group: Group, failed: number): number {
  const { model } = table;
  const remaining = group.orders.filter((o) => table.leftOut[o] === 0);
  if (remaining.length <= 1) return remaining[0] ?? -1;
  const own = failed >= 0 ? model.steps[failed]!.order : -1;
  if (own >= 0 && table.leftOut[own] === 0) return own;
  const neighbours = failed < 0 ? [] : [...model.steps[failed]!.waitsOut, ...model.steps[failed]!.waitsIn];
  for (const i of neighbours) {
    const w = model.waits[i]!;
    const order = model.steps[w.from === failed ? w.to : w.from]!.order;
    if (order >= 0 && table.leftOut[order] === 0) return order;
  }
  return remaining[0]!;
}
