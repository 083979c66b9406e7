import { FREE, type Group } from '../model/step-model';
import { placeInBestMode } from './place-in-best-mode';
import { placeStep, type Direction, type Slot } from './slot';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';
import { currentWindows, narrow, narrowFrom, pull } from './windows';
import type { Windows } from '../table/start-windows';

export interface PlaceOptions {
  direction: Direction;
  prefer: Preference;
  /** Breaks ties between steps that could be placed next; 0 for none. */
  noise: (step: number) => number;
  /** Is every wish to be granted, as if it were the shortest wait? */
  asWished?: boolean;
  /** Own bounds of a step's start, on top of the problem's. */
  low?: (step: number) => number;
  high?: (step: number) => number;
}

export type StepsPlaced = { ok: true } | { ok: false; failed: number };

/** A step whose window is this short depends on one that is placed, and goes next, before something else takes its time. */
const TIED_MINUTES = 45;

/**
 * Places all free steps of a group, one by one, each as late (or as early) as it can go: the serial
 * generation scheme of resource-constrained scheduling with minimum and maximum time lags. Where a maximum
 * lag breaks, what the step hangs on is taken out, its window pulled, and placed again (the unscheduling step of
 * Franck, Neumann and Schwindt, OR Spektrum 23, 2001, turned to run in both directions).
 *
 * On failure the free steps of the group are out of the timetable, and `failed` names the step without a place.
 */
export function placeSteps(table: Timetable, group: Group, options: PlaceOptions): StepsPlaced {
  const { shortest, wished } = table.model;
  table.leastGap = options.asWished ? wished : shortest;
  const placed = placeInTurn(table, group, options);
  table.leastGap = shortest;
  return placed;
}

function placeInTurn(table: Timetable, group: Group, options: PlaceOptions): StepsPlaced {
  const { model } = table;
  const { direction } = options;
  const late = direction === 'latest';
  const { outer, now } = table;
  const existing = group.steps.filter((s) => table.exists(s));
  const waiting = new Set(existing.filter((s) => model.steps[s]!.fixed === FREE));
  const fail = (failed: number): StepsPlaced => {
    table.removeGroup(group);
    return { ok: false, failed };
  };

  for (const s of existing) {
    const step = model.steps[s]!;
    const free = step.fixed === FREE;
    outer.low[s] = free ? Math.max(step.earliest, options.low?.(s) ?? -Infinity) : step.earliest;
    outer.high[s] = free
      ? Math.min(model.problem.horizon - table.lengths.least[s]!, options.high?.(s) ?? Infinity)
      : step.earliest;
  }
  if (group.routes.length > 0 && !table.storage.takeRoutes(group, options.prefer)) return fail(existing[0] ?? -1);
  const isFixed = (s: number) => model.steps[s]!.fixed !== FREE;
  if (!narrow(table, group, outer, isFixed)) return fail(existing[0] ?? -1);
  for (const s of existing) if (outer.low[s]! > outer.high[s]!) return fail(s);
  const clash = clashBetweenFixed(table, group);
  if (clash >= 0) return fail(clash);

  const moves = 12 * existing.length + 60;
  if (!currentWindows(table, group, outer, now)) return fail(existing[0]!);
  for (let move = 0; waiting.size > 0; move++) {
    if (move > moves) return fail([...waiting][0]!);
    const step = nextStep(table, waiting, now, late, options.noise);
    const low = now.low[step]!;
    const high = now.high[step]!;
    let slot: Slot = { start: null, stuck: null };
    if (low <= high) slot = placeInBestMode(table, step, now, () => currentWindows(table, group, outer, now), options);
    if (slot.start !== null) {
      waiting.delete(step);
      if (!narrowFrom(table, now, step)) return fail(step);
      continue;
    }
    // Nothing in the window: look beyond what the placed steps allow, and pull those along.
    let pulled = false;
    if (slot.stuck && Number.isFinite(slot.stuck.bound))
      pulled = pull(table, group, outer, slot.stuck.step, slot.stuck.bound, direction);
    if (!pulled) {
      const beyond = late
        ? placeStep(table, step, outer.low[step]!, high, direction, options.prefer)
        : placeStep(table, step, low, outer.high[step]!, direction, options.prefer);
      if (beyond.start !== null) {
        table.remove(step);
        pulled = pull(table, group, outer, step, beyond.start, direction);
      } else if (beyond.stuck && Number.isFinite(beyond.stuck.bound)) {
        pulled = pull(table, group, outer, beyond.stuck.step, beyond.stuck.bound, direction);
      }
    }
    if (!pulled) return fail(step);
    for (const s of existing) if (!table.placed[s]) waiting.add(s);
    if (!currentWindows(table, group, outer, now)) return fail(step);
  }
  return { ok: true };
}

/** The next step to place: tied ones first, then the latest (or earliest), all its followers placed already. */
function nextStep(
  table: Timetable,
  waiting: Set<number>,
  windows: Windows,
  late: boolean,
  noise: (step: number) => number,
): number {
  let best = -1;
  let bestRank = Infinity;
  let fallback = -1;
  for (const step of waiting) {
    fallback = step;
    if (isBlocked(table, waiting, step, late)) continue;
    const width = windows.high[step]! - windows.low[step]!;
    const tied = width < TIED_MINUTES ? -1e7 : 0;
    const rank = tied + (late ? -windows.high[step]! : windows.low[step]!) + noise(step);
    if (rank < bestRank) {
      best = step;
      bestRank = rank;
    }
  }
  return best >= 0 ? best : fallback;
}

/** Does a step have a follower (or, looking forwards, a forerunner) that is not placed yet? */
function isBlocked(table: Timetable, waiting: Set<number>, step: number, late: boolean): boolean {
  const { steps, waits } = table.model;
  for (const i of late ? steps[step]!.waitsOut : steps[step]!.waitsIn) {
    const w = waits[i]!;
    if (waiting.has(late ? w.to : w.from) && table.waitExists(w)) return true;
  }
  return false;
}

/** A step that the problem fixes against a lag to another fixed one; −1 where all hold. */
function clashBetweenFixed(table: Timetable, group: Group): number {
  for (const i of group.waits) {
    const w = table.model.waits[i]!;
    if (w.past || !table.waitExists(w) || !table.placed[w.from] || !table.placed[w.to]) continue;
    const gap = table.start[w.to]! - table.end(w.from);
    if (gap < w.min || gap > w.max) return w.to;
  }
  return -1;
}
