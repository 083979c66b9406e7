import { groupCost, groupLateness, type GroupCost } from '../table/cost';
import { groupBounds } from '../bounds/bound';
import { placeSteps } from '../placing/place-steps';
import { placeTail, tailsOf } from './place-tail';
import { nearestStarts } from './nearest-starts';
import { placeAsBefore, takeEarlierRoutes, type EarlierPlan } from './load-plan';
import { pickupsOf } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { COST_OF_LATE_MINUTE } from '../../planning-format/plan';
import { placeGroup, type PlacingPolicy } from '../placing/place-group';
import { combinations } from '../placing/routes';
import { putBack } from '../search/best-plan';
import { sum } from '../model/random';
import type { Timetable } from '../table/timetable';

/** Neighbours that are asked to make room for an order that would be late. */
const MOST_ASKED = 24;
/** Ends of a late order that are placed anew where no end of it can be on time. */
const MOST_TAILS = 5;

export interface RepairOptions {
  stop: () => boolean;
  /** Asked between groups, also where the repair could not end: it may throw, where nobody wants the plan any more. */
  look?: () => unknown;
  /** Orders that nothing has happened to and that are late all the same ask their neighbours too. It takes several times as long. */
  thorough?: boolean;
}

/**
 * Puts an earlier plan on a timetable that knows what has happened since, moving only what must move. Groups whose steps can all stay, stay
 * to the minute; the others go as near to where they were as their waits allow, or are shifted to the right; only if that makes them late are
 * they planned anew, and only if that too is late are neighbours asked to make room. False where a group that may not be left out
 * finds no place.
 */
export function repair(
  table: Timetable,
  earlier: EarlierPlan,
  costOf: GroupCost,
  { stop, look = () => null, thorough = false }: RepairOptions,
): boolean {
  const { model } = table;
  const policy = policyOf(table, earlier);
  const broken: Group[] = [];
  for (const group of model.groups) {
    look();
    takeEarlierRoutes(table, group, earlier);
    if (!placeAsBefore(table, group, earlier)) broken.push(group);
  }
  const pickup = (g: Group) => Math.min(...g.orders.map((o) => model.problem.orders[o]!.pickup), Infinity);
  const begun = (g: Group) => (g.steps.some((s) => model.steps[s]!.fixed !== FREE) ? 0 : 1);
  broken.sort((a, b) => begun(a) - begun(b) || pickup(a) - pickup(b));
  for (const group of broken) {
    look();
    if (!fitIn(table, group, earlier, policy, costOf)) return false;
  }
  // What could stay and is late all the same, as when its pickup was moved forward, is planned anew where that is worth it.
  for (const group of model.groups)
    if (!broken.includes(group) && hopes(table, group) && !stop()) planAnew(table, group, earlier, policy, costOf);
  // Who has made room and is late for it may ask in turn; each group once, so that it ends.
  const asking = thorough ? [...broken, ...model.groups.filter((g) => !broken.includes(g))] : [...broken];
  for (let i = 0; i < asking.length; i++) {
    const group = asking[i]!;
    if (stop()) break;
    if (!hopes(table, group)) continue;
    for (const pushed of askNeighbours(table, group, earlier, policy, stop, costOf))
      if (!asking.includes(pushed)) asking.push(pushed);
  }
  return true;
}

/** By hands and things as before as far as they are free, and on the routes of before first. */
export const policyOf = (table: Timetable, earlier: EarlierPlan): PlacingPolicy => ({
  prefer: earlier.prefer,
  noise: () => 0,
  routes: (group) => earlierFirst(combinations(table, group), group, earlier),
});

/** Is it late, and could be less so? Nothing is moved for an order that could not be earlier even in an empty kitchen. */
export const hopes = (table: Timetable, group: Group): boolean =>
  isLate(table, group) &&
  groupCost(table, group) - groupBounds(table.model)[table.model.groups.indexOf(group)]! >= lateMinute(table, group);

const isLate = (table: Timetable, group: Group) =>
  group.orders.some((o) => table.leftOut[o]) || groupLateness(table, group) > 0;

/** What it costs if all orders of a group are a minute late. */
const lateMinute = ({ model }: Timetable, group: Group) =>
  COST_OF_LATE_MINUTE * sum(group.orders.map((o) => model.problem.orders[o]!.weight));

/** Another place for a late group, where that is worth its moves: its last rungs alone, if that is enough, else more of them. */
function planAnew(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  policy: PlacingPolicy,
  costOf: GroupCost,
): void {
  let best = { record: table.record(group), cost: costOf(table, group) };
  const keep = () => {
    const cost = costOf(table, group);
    if (cost < best.cost) best = { record: table.record(group), cost };
    table.removeGroup(group);
  };
  table.removeGroup(group);
  const tails = tailsOf(table, group, earlier);
  if (tails.some((from) => placeTail(table, group, earlier, from, 'latest'))) keep();
  else {
    for (let i = 0; i < MOST_TAILS; i++) {
      const from = tails[Math.floor((i * tails.length) / MOST_TAILS)];
      if (from !== undefined && placeTail(table, group, earlier, from, 'earliest')) keep();
    }
    if (placeGroup(table, group, policy)) keep();
  }
  putBack(table, [group], [best.record]);
}

/** Near to where it was if that is on time, else whichever is cheaper of that, shifted to the right and planned anew. */
function fitIn(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  policy: PlacingPolicy,
  costOf: GroupCost,
): boolean {
  const near = placeNear(table, group, earlier) ? { record: table.record(group), cost: costOf(table, group) } : null;
  if (near && !isLate(table, group)) return true;
  if (near) table.removeGroup(group);
  if (!placeGroup(table, group, policy)) return false;
  if (near && near.cost <= costOf(table, group)) putBack(table, [group], [near.record]);
  return true;
}

/**
 * Puts a group, which is out of the timetable, as near to where the earlier plan had it as its waits, or else hands and things, allow. False,
 * with the group out, if it cannot.
 */
export function placeNear(table: Timetable, group: Group, earlier: EarlierPlan): boolean {
  takeEarlierRoutes(table, group, earlier);
  const near = nearestStarts(table, group, earlier);
  if (near && placeAt(table, group, earlier, near)) return true;
  return shiftRight(table, group, earlier, near);
}

/** Every step where it is to be, by hands and things that it had before as far as they are free. */
function placeAt(table: Timetable, group: Group, earlier: EarlierPlan, starts: ReadonlyMap<number, number>): boolean {
  const known = group.steps.every((s) => table.model.steps[s]!.fixed !== FREE || !table.exists(s) || starts.has(s));
  if (!known) return false;
  const at = (s: number) => starts.get(s)!;
  return placeSteps(table, group, { direction: 'earliest', prefer: earlier.prefer, noise: () => 0, low: at, high: at })
    .ok;
}

/** Every step as early as it can be, but not before where it was, or where what happened pulls it: what can stay, stays. */
function shiftRight(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  near: ReadonlyMap<number, number> | null,
): boolean {
  const known = group.steps.some((s) => table.model.steps[s]!.fixed === FREE && earlier.steps[s]);
  if (!known) return false;
  const pickups = pickupsOf(table.model, group);
  return placeSteps(table, group, {
    direction: 'earliest',
    prefer: earlier.prefer,
    noise: () => 0,
    low: (s) => {
      const was = earlier.steps[s]?.start ?? -Infinity;
      return Math.max(Math.min(was, near?.get(s) ?? was), pickups.get(s) ?? -Infinity);
    },
  }).ok;
}

/**
 * Takes one neighbour at a time out, plans the late group, and lets the neighbour find a place around it. Gives back the neighbours that are
 * late for it.
 *
 * @param gain so much cheaper both must be together: a late minute, or more
 */
export function askNeighbours(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  policy: PlacingPolicy,
  stop: () => boolean,
  costOf: GroupCost = groupCost,
  gain = COST_OF_LATE_MINUTE,
): Group[] {
  const { model } = table;
  const pushed: Group[] = [];
  const time = (g: Group) => model.problem.orders[g.orders[0]!]?.pickup ?? 0;
  const neighbours = model.groups
    .filter((g) => g !== group && g.orders.length > 0)
    .sort((a, b) => Math.abs(time(a) - time(group)) - Math.abs(time(b) - time(group)))
    .slice(0, MOST_ASKED);
  for (const neighbour of neighbours) {
    if (stop() || !isLate(table, group)) break;
    const pair = [group, neighbour];
    const before = pair.map((g) => table.record(g));
    const was = costOf(table, group) + costOf(table, neighbour);
    for (const g of pair) table.removeGroup(g);
    const done = placeGroup(table, group, policy) && fitIn(table, neighbour, earlier, policy, costOf);
    const cost = done ? costOf(table, group) + costOf(table, neighbour) : Infinity;
    // Only a gain in time is worth moving somebody else's work.
    if (cost > was - gain) putBack(table, pair, before);
    else if (isLate(table, neighbour)) pushed.push(neighbour);
  }
  return pushed;
}

function earlierFirst(all: number[][], group: Group, earlier: EarlierPlan): number[][] {
  const same = (choices: number[]) => group.routes.filter((r, i) => earlier.choice(r) === choices[i]).length;
  return [...all].sort((a, b) => same(b) - same(a));
}
