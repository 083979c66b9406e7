import { COST_OF_LATE_MINUTE, COST_OF_LEAVING_OUT } from './plan';
import { FACT, FREE, type Group, type Model } from './model';
import { combinations } from './plan-group';
import { oneMachineBound, type OneMachineJob } from './one-machine';
import { nextEarlier, nextLater } from './slot';
import { Timetable } from './timetable';
import { narrow, newWindows, type Windows } from './windows';

/** Rounds of narrowing by lags and calendars; stopping early only leaves the bound lower. */
const MOST_ROUNDS = 12;

/**
 * A cost that no plan can fall below: for each order the least that its own work, waits, shifts and closed items force when
 * nobody else needs hands, ovens or shelves, over its routes; or the price of leaving it out, if that is less. Windows of
 * start times are narrowed by the lag network and by the calendars in turn. An order is either late, by as much as its
 * windows force and a minute at least, or on time, and then every wait lasts at least from the latest end before it to the
 * earliest start after it.
 */
export function lowerBound(model: Model): number {
  return groupBounds(model).reduce((sum, b) => sum + b, 0);
}

/** What each group costs at the least, in the order of the model's groups. */
export function groupBounds(model: Model): number[] {
  const table = new Timetable(model);
  return model.groups.map((group) => groupBound(table, group));
}

function groupBound(table: Timetable, group: Group): number {
  const { model } = table;
  // Lags over a step of another order fall away with that order, so only lone orders are bounded.
  if (group.orders.length !== 1) return 0;
  const possible = combinations(table, group);
  // A group with more routes than are listed is not bounded: a combination that was not looked at might be quicker.
  const all = group.routes.reduce((product, r) => product * model.problem.routes[r]!.choices.length, 1);
  if (possible.length < all) return 0;
  let least = COST_OF_LEAVING_OUT;
  for (const choices of possible) {
    group.routes.forEach((r, i) => (table.choice[r] = choices[i]!));
    least = Math.min(least, combinationBound(table, group));
  }
  return least;
}

function combinationBound(table: Timetable, group: Group): number {
  const { model } = table;
  const order = model.problem.orders[group.orders[0]!]!;
  const collect = model.stepIndex.get(order.collect)!;
  if (model.steps[collect]!.fixed === FACT) return 0;
  const minute = COST_OF_LATE_MINUTE * order.weight;
  const late = windowsOf(table, group, Infinity, collect);
  if (!late) return 0;
  const forced = Math.max(late.low[collect]!, ...machineBounds(table, group, late, collect)) - order.pickup;
  if (forced > 0) return minute * forced;
  const onTime = windowsOf(table, group, order.pickup, collect);
  return onTime ? Math.min(minute, forcedAgeing(table, group, onTime)) : minute;
}

/** Windows of all steps of a group, with its hand-over at `latest` at most; null where there is no such plan. */
function windowsOf(table: Timetable, group: Group, latest: number, collect: number): Windows | null {
  const { model } = table;
  const windows = newWindows(model.steps.length);
  const living = group.steps.filter((s) => table.exists(s));
  const isFixed = (s: number) => model.steps[s]!.fixed !== FREE;
  for (const s of living) {
    const step = model.steps[s]!;
    windows.low[s] = step.earliest;
    windows.high[s] = isFixed(s) ? step.earliest : model.problem.horizon - step.minutes;
  }
  const pickup = model.problem.orders[group.orders[0]!]!.pickup;
  windows.low[collect] = Math.max(windows.low[collect]!, pickup);
  windows.high[collect] = Math.min(windows.high[collect]!, latest);
  for (let round = 0, changed = true; changed && round < MOST_ROUNDS; round++) {
    if (!narrow(table, group, windows, isFixed)) return null;
    changed = false;
    for (const s of living) {
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

function forcedAgeing(table: Timetable, group: Group, { low, high }: Windows): number {
  const { model } = table;
  let ageing = 0;
  for (const i of group.waits) {
    const w = model.waits[i]!;
    if (w.ageing === 0 || !table.waitExists(w)) continue;
    const gap = low[w.to]! - high[w.from]! - model.steps[w.from]!.minutes;
    ageing += w.ageing * Math.max(0, gap - w.min);
  }
  return ageing;
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
    if (step.minutes === 0 || step.fixed !== FREE) continue;
    const job = { head: low[s]!, minutes: step.minutes, tail };
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
  // Waits lie in the order of the network, so one pass from behind settles all.
  for (let i = group.waits.length - 1; i >= 0; i--) {
    const w = model.waits[group.waits[i]!]!;
    const after = tails.get(w.to);
    if (after === undefined || w.settled || !table.waitExists(w)) continue;
    const tail = w.min + model.steps[w.to]!.minutes + after;
    tails.set(w.from, Math.max(tails.get(w.from) ?? -Infinity, tail));
  }
  return tails;
}
