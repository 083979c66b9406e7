import { groupBounds } from '../bounds/bound';
import { groupCost, groupLateness } from '../table/cost';
import { placeSteps } from '../placing/place-steps';
import { nearestStarts } from './nearest-starts';
import { readEarlier, placeAsBefore, takeEarlierRoutes, type EarlierPlan } from './load-plan';
import { compile, pickupsOf } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { COST_OF_LATE_MINUTE, type Plan } from '../../planning-format/plan';
import { placeGroup, type PlacingPolicy } from '../placing/place-group';
import { combinations } from '../placing/routes';
import type { Problem } from '../../planning-format/problem';
import { putBack } from '../search/best-plan';
import { sum } from '../model/random';
import { search } from '../search/search';
import { timetableOfFixed } from '../placing/fixed-steps';
import type { Solved, SolveOptions } from '../solve';
import type { Timetable } from '../table/timetable';
import { writePlan } from '../write-plan';

/** Neighbours that are asked to make room for an order that would be late. */
const MOST_ASKED = 24;
/** A late order that could stay is planned anew to be so many minutes earlier: for less nobody wants the wall to change. */
const WORTH_MOVING = 15;

export interface ReplanOptions extends SolveOptions {
  /** Also ask neighbours to make room for orders that were late before; else only their own steps move for them. */
  helpLate?: boolean;
}

/**
 * Plans again around what has happened, moving only what must move. Orders whose steps can all stay, stay to the minute;
 * the others are first shifted to the right from where they were; only if that makes them late are they planned anew, and
 * only if that too is late are neighbours asked to make room. An order that could stay and is late, as when its pickup was moved
 * forward, is planned anew where that makes it a good deal earlier.
 */
export function replan(problem: Problem, old: Plan, options: ReplanOptions): Solved & { moved?: number } {
  const model = compile(problem);
  const earlier = readEarlier(model, old);
  const { table, impossible } = timetableOfFixed(model, earlier.prefer);
  const start = impossible < 0 ? repair(table, earlier, options) : null;
  if (!start) {
    const fresh = search(model, { ...options, rounds: options.rounds ?? 200 });
    if (!fresh.ok)
      return { ok: false, problems: [{ path: `steps[${fresh.impossible}]`, message: 'This step has no place.' }] };
    return { ok: true, ...written(fresh.table, earlier, options) };
  }
  return { ok: true, ...written(table, earlier, options) };
}

function written(table: Timetable, earlier: EarlierPlan, options: SolveOptions): { plan: Plan; moved: number } {
  const moved = table.model.steps.filter(
    (s, i) => s.fixed === FREE && table.placed[i] && earlier.steps[i] && earlier.steps[i].start !== table.start[i],
  ).length;
  return { plan: writePlan(table, options.digest ?? null, options.seconds?.() ?? 0), moved };
}

function repair(table: Timetable, earlier: EarlierPlan, options: ReplanOptions): true | null {
  const { model } = table;
  const policy: PlacingPolicy = {
    prefer: earlier.prefer,
    noise: () => 0,
    routes: (group) => earlierFirst(combinations(table, group), group, earlier),
  };
  const broken: Group[] = [];
  for (const group of model.groups) {
    takeEarlierRoutes(table, group, earlier);
    if (!placeAsBefore(table, group, earlier)) broken.push(group);
  }
  const pickup = (g: Group) => Math.min(...g.orders.map((o) => model.problem.orders[o]!.pickup), Infinity);
  const begun = (g: Group) => (g.steps.some((s) => model.steps[s]!.fixed !== FREE) ? 0 : 1);
  broken.sort((a, b) => begun(a) - begun(b) || pickup(a) - pickup(b));
  for (const group of broken) if (!fitIn(table, group, earlier, policy)) return null;
  const least = groupBounds(model);
  // Nothing is moved for an order that could not be earlier even in an empty kitchen.
  const hopes = (g: Group, minutes: number) =>
    isLate(table, g) && groupCost(table, g) - least[model.groups.indexOf(g)]! >= priceOf(table, g, minutes);
  const worth = options.helpLate ? 1 : WORTH_MOVING;
  for (const group of model.groups)
    if (!broken.includes(group) && hopes(group, worth) && !options.stop()) planAnew(table, group, worth, policy);
  // Who has made room and is late for it may ask in turn; each group once, so that it ends.
  const asking = options.helpLate ? [...model.groups] : [...broken];
  for (let i = 0; i < asking.length; i++) {
    const group = asking[i]!;
    if (!hopes(group, 1)) continue;
    for (const pushed of askNeighbours(table, group, earlier, policy, options.stop))
      if (!asking.includes(pushed)) asking.push(pushed);
  }
  return true;
}

const isLate = (table: Timetable, group: Group) =>
  group.orders.some((o) => table.leftOut[o]) || groupLateness(table, group) > 0;

/** What it costs if all orders of a group are so many minutes late. */
function priceOf({ model }: Timetable, group: Group, minutes: number): number {
  return COST_OF_LATE_MINUTE * minutes * sum(group.orders.map((o) => model.problem.orders[o]!.weight));
}

/** Another place for a late group, where that makes it so many minutes earlier. */
function planAnew(table: Timetable, group: Group, minutes: number, policy: PlacingPolicy): void {
  const before = table.record(group);
  const cost = groupCost(table, group);
  table.removeGroup(group);
  if (!placeGroup(table, group, policy) || groupCost(table, group) > cost - priceOf(table, group, minutes))
    putBack(table, [group], [before]);
}

/** Shifted to the right if that is on time, else whichever is cheaper of shifted and planned anew. */
function fitIn(table: Timetable, group: Group, earlier: EarlierPlan, policy: PlacingPolicy): boolean {
  takeEarlierRoutes(table, group, earlier);
  const near = nearestStarts(table, group, earlier);
  if (near && placeAt(table, group, earlier, near)) {
    if (!isLate(table, group)) return true;
    table.removeGroup(group);
  }
  const shifted = shiftRight(table, group, earlier, near)
    ? { record: table.record(group), cost: groupCost(table, group) }
    : null;
  if (shifted && !isLate(table, group)) return true;
  if (shifted) table.removeGroup(group);
  if (!placeGroup(table, group, policy)) return false;
  if (shifted && shifted.cost <= groupCost(table, group)) putBack(table, [group], [shifted.record]);
  return true;
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
 */
export function askNeighbours(
  table: Timetable,
  group: Group,
  earlier: EarlierPlan,
  policy: PlacingPolicy,
  stop: () => boolean,
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
    const was = groupCost(table, group) + groupCost(table, neighbour);
    for (const g of pair) table.removeGroup(g);
    const done = placeGroup(table, group, policy) && fitIn(table, neighbour, earlier, policy);
    const cost = done ? groupCost(table, group) + groupCost(table, neighbour) : Infinity;
    // Only a gain in time is worth moving somebody else's work.
    if (cost > was - 100) putBack(table, pair, before);
    else if (isLate(table, neighbour)) pushed.push(neighbour);
  }
  return pushed;
}

function earlierFirst(all: number[][], group: Group, earlier: EarlierPlan): number[][] {
  const same = (choices: number[]) => group.routes.filter((r, i) => earlier.choice(r) === choices[i]).length;
  return [...all].sort((a, b) => same(b) - same(a));
}
