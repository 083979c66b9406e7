import { FREE, type Group } from '../model/step-model';
import type { Direction } from './slot';
import type { Timetable } from '../table/timetable';
import type { Windows } from '../table/start-windows';

/** The windows of a group before anything is narrowed: a free step from its earliest to the horizon, a fixed one where it is. */
export function openWindows({ model, lengths }: Timetable, group: Group, { low, high }: Windows): void {
  for (const s of group.steps) {
    const { earliest, fixed } = model.steps[s]!;
    low[s] = earliest;
    high[s] = fixed === FREE ? model.problem.horizon - lengths.least[s]! : earliest;
  }
}

/**
 * Narrows start-time windows over the lag network until nothing changes: longest paths over
 * `start(to) ≥ end(from) + min` and `start(to) ≤ end(from) + max`, as in Bellman and Ford; `min` is the table's `leastGap`.
 * A step for which `isPlaced` is true keeps its own window; paths go through it all the same.
 * Returns false when the lags contradict each other.
 */
export function narrow(table: Timetable, group: Group, windows: Windows, isPlaced: (step: number) => boolean): boolean {
  const { low, high } = windows;
  const { waits } = table.model;
  const { activeWaits, leastGap, lengths } = table;
  // Where it is open how long a step takes, a shortest wait counts from its soonest end, and a longest one from its last.
  const { least: shortest, most: longest } = lengths;
  let count = 0;
  for (const i of group.waits) {
    const w = waits[i]!;
    if (!w.past && table.waitExists(w)) activeWaits[count++] = i;
  }
  for (let round = 0; round <= group.steps.length + 1; round++) {
    let changed = false;
    // Waits lie in the order of the network: one pass forward finds the lows, one backward the highs.
    for (let k = 0; k < count; k++) {
      const { from, to, max } = waits[activeWaits[k]!]!;
      const min = leastGap[activeWaits[k]!]!;
      const end = low[from]! + shortest[from]!;
      if (end + min > low[to]! && !isPlaced(to)) {
        low[to] = end + min;
        changed = true;
      }
      if (max === Infinity) continue;
      const back = low[to]! - max - longest[from]!;
      if (back > low[from]! && !isPlaced(from)) {
        low[from] = back;
        changed = true;
      }
    }
    for (let k = count - 1; k >= 0; k--) {
      const { from, to, max } = waits[activeWaits[k]!]!;
      const min = leastGap[activeWaits[k]!]!;
      const latest = high[to]! - min - shortest[from]!;
      if (latest < high[from]! && !isPlaced(from)) {
        high[from] = latest;
        changed = true;
      }
      if (max === Infinity) continue;
      const forth = high[from]! + longest[from]! + max;
      if (forth < high[to]! && !isPlaced(to)) {
        high[to] = forth;
        changed = true;
      }
    }
    if (!changed) return true;
  }
  return false;
}

/** Windows of the steps of a group that are not placed yet, given those that are. */
export function currentWindows(table: Timetable, group: Group, outer: Windows, into: Windows): boolean {
  for (const step of group.steps) {
    const isPlaced = table.placed[step] === 1;
    into.low[step] = isPlaced ? table.start[step]! : outer.low[step]!;
    into.high[step] = isPlaced ? table.start[step]! : outer.high[step]!;
  }
  return narrow(table, group, into, (step) => table.placed[step] === 1);
}

/**
 * Takes a step that was just placed into windows that were narrow before: only what its start changes is looked at again,
 * along the waits from one step to the next. Returns false when the lags contradict each other.
 */
export function narrowFrom(table: Timetable, { low, high }: Windows, placed: number): boolean {
  const { steps, waits } = table.model;
  const { queue, queued, leastGap, lengths } = table;
  const { least: shortest, most: longest } = lengths;
  low[placed] = high[placed] = table.start[placed]!;
  queue.length = 0;
  queue.push(placed);
  const most = 50 * waits.length + 50;
  for (let at = 0; at < queue.length; at++) {
    const step = queue[at]!;
    queued[step] = 0;
    if (at > most) {
      for (const s of queue) queued[s] = 0;
      return false;
    }
    const { waitsIn, waitsOut } = steps[step]!;
    for (const i of waitsOut) {
      const w = waits[i]!;
      if (table.placed[w.to] || w.past || !table.waitExists(w)) continue;
      const least = low[step]! + shortest[step]! + leastGap[i]!;
      const most = high[step]! + longest[step]! + w.max;
      if (least <= low[w.to]! && most >= high[w.to]!) continue;
      if (least > low[w.to]!) low[w.to] = least;
      if (most < high[w.to]!) high[w.to] = most;
      if (queued[w.to]) continue;
      queued[w.to] = 1;
      queue.push(w.to);
    }
    for (const i of waitsIn) {
      const w = waits[i]!;
      if (table.placed[w.from] || w.past || !table.waitExists(w)) continue;
      const least = low[step]! - w.max - longest[w.from]!;
      const most = high[step]! - leastGap[i]! - shortest[w.from]!;
      if (least <= low[w.from]! && most >= high[w.from]!) continue;
      if (least > low[w.from]!) low[w.from] = least;
      if (most < high[w.from]!) high[w.from] = most;
      if (queued[w.from]) continue;
      queued[w.from] = 1;
      queue.push(w.from);
    }
  }
  return true;
}

/** The span of starts that the neighbours of a step leave it, where all of them are placed. */
export function roomOf(table: Timetable, step: number): [low: number, high: number] {
  const { model } = table;
  const { waitsIn, waitsOut, earliest, work, order } = model.steps[step]!;
  const minutes = table.lengths.least[step]!;
  let low = work === 'collect' ? Math.max(earliest, model.problem.orders[order]!.pickup) : earliest;
  let high = model.problem.horizon - minutes;
  for (const i of waitsIn) {
    const w = model.waits[i]!;
    if (!table.placed[w.from] || !table.waitExists(w)) continue;
    low = Math.max(low, table.end(w.from) + w.min);
    high = Math.min(high, table.end(w.from) + w.max);
  }
  for (const i of waitsOut) {
    const w = model.waits[i]!;
    if (!table.placed[w.to] || !table.waitExists(w)) continue;
    low = Math.max(low, table.start[w.to]! - w.max - minutes);
    high = Math.min(high, table.start[w.to]! - w.min - minutes);
  }
  return [low, high];
}

/**
 * Moves a step's outer window past a start it cannot have, takes along all that hangs on it by a maximum lag,
 * and takes out of the plan whatever is placed where it now cannot be: the run moves as one piece.
 * Returns false if a fixed step would have to move.
 */
export function pull(
  table: Timetable,
  group: Group,
  outer: Windows,
  step: number,
  bound: number,
  direction: Direction,
): boolean {
  const { steps } = table.model;
  const late = direction === 'latest';
  const side = late ? outer.high : outer.low;
  if (late ? bound >= side[step]! : bound <= side[step]!) return false;
  side[step] = bound;
  if (!narrow(table, group, outer, (s) => steps[s]!.fixed !== FREE)) return false;
  for (const s of group.steps) {
    if (!table.exists(s)) continue;
    if (outer.low[s]! > outer.high[s]!) return false;
    if (!table.placed[s]) continue;
    const start = table.start[s]!;
    if (start <= outer.high[s]! && start >= outer.low[s]!) continue;
    if (steps[s]!.fixed !== FREE) return false;
    table.remove(s);
  }
  return true;
}
