import { calendarOf, groupTiming } from '../placing/group-timing';
import { cheapestChoice, costOfChoice } from '../../planning-format/problem';
import { COST_OF_LEAVING_OUT } from '../../planning-format/plan';
import { pickupsOf, type Model } from '../model/model';
import { FREE, type Group } from '../model/step-model';
import { combinations } from '../placing/routes';
import { kitchenOf, knownBound } from './known-bounds';
import { oneMachineBound, type OneMachineJob } from './one-machine';
import { sum } from '../model/random';
import { nextEarlier, nextLater } from '../placing/slot';
import { Timetable } from '../table/timetable';
import { branch, widestCut } from '../timing/timing';
import { narrow, openWindows } from '../placing/windows';
import { newWindows, type Windows } from '../table/start-windows';

/** Rounds of narrowing by lags and calendars; stopping early only leaves the bound lower. */
const MOST_ROUNDS = 12;
/** Subproblems in branching over the calendars of one group on one route; stopping early only leaves the bound lower. */
const MOST_NODES = 80;

/**
 * A cost that no plan can fall below: for each group of orders the least that its own work, waits, shifts and closed items
 * force when nobody else needs hands, ovens or shelves, over its routes; or the price of leaving an order out, if that is
 * less. Starts of least cost over the lag network are a linear program; that each step lies where its calendar allows is
 * branched upon; and what one thing or pair of hands has to do before a hand-over bounds when that can be.
 */
export function lowerBound(model: Model): number {
  const { groups, problem } = model;
  // Routes that nothing hangs on are taken all the same.
  const ofGroups = new Set(groups.flatMap((g) => g.routes));
  const loose = problem.routes.filter((_, r) => !ofGroups.has(r));
  return sum(groupBounds(model)) + sum(loose.map((r) => costOfChoice(r, r.choices[cheapestChoice(r)]!)));
}

/** Searching, planning again and writing all ask for them: they are reckoned once for a model. */
const known = new WeakMap<Model, number[]>();

/** What each group costs at the least, in the order of the model's groups. */
export function groupBounds(model: Model): number[] {
  let bounds = known.get(model);
  if (!bounds) {
    const table = new Timetable(model);
    const kitchen = kitchenOf(model);
    bounds = model.groups.map((group) => knownBound(model, group, kitchen, () => groupBound(table, group)));
    known.set(model, bounds);
  }
  return bounds;
}

function groupBound(table: Timetable, group: Group): number {
  const { model } = table;
  const possible = combinations(table, group);
  // A group with more routes than are listed is not bounded: a combination that was not looked at might be quicker.
  const all = group.routes.reduce((product, r) => product * model.problem.routes[r]!.choices.length, 1);
  if (possible.length < all) return 0;
  let least = COST_OF_LEAVING_OUT;
  for (const choices of possible) {
    group.routes.forEach((r, i) => (table.choice[r] = choices[i]!));
    least = Math.min(least, combinationBound(table, group, least));
  }
  return Math.max(0, least);
}

/** What the group costs at the least on the routes as they are, with all its orders made; Infinity if that is more than `limit`. */
function combinationBound(table: Timetable, group: Group, limit: number): number {
  const windows = windowsOf(table, group);
  if (!windows) return Infinity;
  const { timing, constant, existing } = groupTiming(table, group, windows);
  for (const [collect] of pickupsOf(table.model, group)) {
    const i = existing.indexOf(collect);
    timing.low[i] = Math.max(timing.low[i]!, ...machineBounds(table, group, windows, collect));
    if (timing.low[i]! > timing.high[i]!) return Infinity;
  }
  const branched = branch(
    timing,
    (starts) => widestCut(starts, calendarOf(table, existing)),
    MOST_NODES,
    limit - constant,
  );
  return branched ? constant + branched.cost : Infinity;
}

/** Windows of all steps of a group, no hand-over before its pickup; null where there are no such starts. */
function windowsOf(table: Timetable, group: Group): Windows | null {
  const { model } = table;
  const windows = newWindows(model.steps.length);
  const existing = group.steps.filter((s) => table.exists(s));
  const isFixed = (s: number) => model.steps[s]!.fixed !== FREE;
  openWindows(table, group, windows);
  for (const [collect, pickup] of pickupsOf(model, group))
    if (!isFixed(collect)) windows.low[collect] = Math.max(windows.low[collect]!, pickup);
  for (let round = 0, changed = true; changed && round < MOST_ROUNDS; round++) {
    if (!narrow(table, group, windows, isFixed)) return null;
    changed = false;
    for (const s of existing) {
      if (isFixed(s)) continue;
      if (windows.low[s]! > windows.high[s]!) return null;
      const low = nextLater(table, s, windows.low[s]!);
      const high = nextEarlier(table, s, windows.high[s]!);
      if (low > windows.low[s]! || high < windows.high[s]!) changed = true;
      windows.low[s] = low;
      windows.high[s] = high;
      if (low > high) return null;
    }
  }
  return windows;
}

/** When the hand-over can be at the earliest for what each thing, or pair of hands, that cannot be shared has to do before it. */
function machineBounds(table: Timetable, group: Group, { low }: Windows, collect: number): number[] {
  const { model } = table;
  const tails = tailsTo(table, group, collect);
  const jobs = new Map<string, OneMachineJob[]>();
  const add = (key: string, job: OneMachineJob) => jobs.set(key, [...(jobs.get(key) ?? []), job]);
  for (const [s, tail] of tails) {
    const step = model.steps[s]!;
    // What has happened takes nobody's time any more.
    const minutes = table.lengths.least[s]!;
    if (minutes === 0 || step.fixed !== FREE) continue;
    const job = { head: low[s]!, minutes, tail };
    if (step.crew > 0 && step.crew === step.candidates.length) for (const p of step.candidates) add(`hands ${p}`, job);
    for (const { items, units } of step.needs)
      if (items.length === 1 && 2 * units > model.problem.equipment[items[0]!]!.units) add(`item ${items[0]!}`, job);
  }
  return [...jobs.values()].filter((list) => list.length > 1).map(oneMachineBound);
}

/** Least minutes from the end of each step to the hand-over, for all that it waits for. */
function tailsTo(table: Timetable, group: Group, collect: number): Map<number, number> {
  const { model } = table;
  const tails = new Map([[collect, 0]]);
  // Waits lie in the order of the network, so one pass from behind reaches all.
  for (let i = group.waits.length - 1; i >= 0; i--) {
    const w = model.waits[group.waits[i]!]!;
    const after = tails.get(w.to);
    if (after === undefined || w.past || !table.waitExists(w)) continue;
    const tail = w.min + table.lengths.least[w.to]! + after;
    tails.set(w.from, Math.max(tails.get(w.from) ?? -Infinity, tail));
  }
  return tails;
}
