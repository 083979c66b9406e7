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
  const { from, to, least, most } = table.arcs;
  const count = arcsOf(table, group);
  for (let round = 0; round <= group.steps.length + 1; round++) {
    let changed = false;
    // Waits lie in the order of the network: one pass forward finds the lows, one backward the highs.
    for (let k = 0; k < count; k++) {
      const [before, after] = [from[k]!, to[k]!];
      const forth = low[before]! + least[k]!;
      if (forth > low[after]! && !isPlaced(after)) {
        low[after] = forth;
        changed = true;
      }
      const back = low[after]! - most[k]!;
      if (back > low[before]! && !isPlaced(before)) {
        low[before] = back;
        changed = true;
      }
    }
    for (let k = count - 1; k >= 0; k--) {
      const [before, after] = [from[k]!, to[k]!];
      const back = high[after]! - least[k]!;
      if (back < high[before]! && !isPlaced(before)) {
        high[before] = back;
        changed = true;
      }
      const forth = high[before]! + most[k]!;
      if (forth < high[after]! && !isPlaced(after)) {
        high[after] = forth;
        changed = true;
      }
    }
    if (!changed) return true;
  }
  return false;
}

/**
 * Lays the waits of a group that count out as arcs from start to start, and answers with how many there are: they are gone through a million times, which
 * numbers side by side bear better than objects. Where it is open how long a step takes, a shortest wait counts from its soonest end, and a longest one from
 * its last.
 */
function arcsOf(table: Timetable, group: Group): number {
  const { arcs, leastGap, lengths, model } = table;
  let count = 0;
  for (const i of group.waits) {
    const w = model.waits[i]!;
    if (w.past || !table.waitExists(w)) continue;
    arcs.from[count] = w.from;
    arcs.to[count] = w.to;
    arcs.least[count] = lengths.least[w.from]! + leastGap[i]!;
    arcs.most[count] = lengths.most[w.from]! + w.max;
    count++;
  }
  return count;
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
