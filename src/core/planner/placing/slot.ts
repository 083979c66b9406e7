import { runsByItself } from '../../planning-format/problem';
import type { StepMode, WaitModel } from '../model/step-model';
import type { Timetable } from '../table/timetable';
import type { Preference } from '../table/preference';

/** Which way a search looks: towards the pickup (late, fresh) or towards now (early, safe). */
export type Direction = 'latest' | 'earliest';

/** The found start, or why there is none: a neighbour whose storage is full has to move to `bound` first. */
export type Slot = { start: number } | { start: null; stuck: { step: number; bound: number } | null };

/** Tries of a full placement before a step gives up. Each follows from a conflict of the items with each other. */
const MOST_TRIES = 400;

/**
 * Finds the latest (or earliest) start in `[low, high]` at which a step can be placed, and places it there.
 * It jumps from conflict to conflict: each shift, person, item and oven names the next start that it could
 * accept, and the search goes to the farthest of them until all agree.
 */
export function placeStep(
  table: Timetable,
  step: number,
  low: number,
  high: number,
  direction: Direction,
  prefer: Preference,
): Slot {
  const late = direction === 'latest';
  let start = late ? high : low;
  for (let tries = 0; tries < MOST_TRIES;) {
    if (late ? start < low : start > high) return { start: null, stuck: null };
    const next = late ? nextEarlier(table, step, start) : nextLater(table, step, start);
    if (next !== start) {
      start = next;
      continue;
    }
    const storage = storageLimit(table, step, start, late);
    if (storage.stuck) return { start: null, stuck: storage.stuck };
    if (storage.start !== start) {
      start = storage.start;
      continue;
    }
    if (table.place(step, start, prefer)) return { start };
    start += late ? -1 : 1;
    tries += 1;
  }
  return { start: null, stuck: null };
}

/** The latest start at or before `from` that shifts, hands, items and ovens do not forbid outright, in one of the ways that are open. */
export function nextEarlier(table: Timetable, step: number, from: number): number {
  const { modes } = table.model.steps[step]!;
  if (!table.lengths.isOpen(step)) return latestIn(table, step, table.lengths.modeOf(step), from);
  return Math.max(...modes.map((mode) => latestIn(table, step, mode, from)));
}

/** The earliest start at or after `from` that shifts, hands, items and ovens do not forbid outright, in one of the ways that are open. */
export function nextLater(table: Timetable, step: number, from: number): number {
  const { modes } = table.model.steps[step]!;
  if (!table.lengths.isOpen(step)) return earliestIn(table, step, table.lengths.modeOf(step), from);
  return Math.min(...modes.map((mode) => earliestIn(table, step, mode, from)));
}

function latestIn(table: Timetable, step: number, mode: StepMode, from: number): number {
  const s = table.model.steps[step]!;
  const { minutes } = mode;
  let start = from;
  if (runsByItself(s.work)) start = latestAttended(table, start, minutes);
  if (s.crew > 0) {
    start = Math.min(start, latestHands(table, s.crew, mode, start));
  }
  for (const need of mode.needs) {
    let best = -Infinity;
    for (const item of need.items) {
      let at = start;
      for (let before = Infinity; at !== before && at > best;) {
        before = at;
        at = table.items[item]!.latest(at, minutes, need.units);
        if (need.celsius !== null && minutes > 0) at = table.ovens[item]!.latest(at, minutes, need.celsius);
      }
      best = Math.max(best, at);
      if (best === start) break;
    }
    start = Math.min(start, best);
  }
  return start;
}

function earliestIn(table: Timetable, step: number, mode: StepMode, from: number): number {
  const s = table.model.steps[step]!;
  const { minutes } = mode;
  let start = from;
  if (runsByItself(s.work)) start = earliestAttended(table, start, minutes);
  if (s.crew > 0) {
    start = Math.max(start, earliestHands(table, s.crew, mode, start));
  }
  for (const need of mode.needs) {
    let best = Infinity;
    for (const item of need.items) {
      let at = start;
      for (let before = -Infinity; at !== before && at < best;) {
        before = at;
        at = table.items[item]!.earliest(at, minutes, need.units);
        if (need.celsius !== null && minutes > 0) at = table.ovens[item]!.earliest(at, minutes, need.celsius);
      }
      best = Math.min(best, at);
      if (best === start) break;
    }
    start = Math.max(start, best);
  }
  return start;
}

/** The latest start at or before `from` at which enough of those who can are free, each by themselves. */
function latestHands(table: Timetable, crew: number, { candidates, minutes }: StepMode, from: number): number {
  if (crew > 1) {
    const fits = candidates.map((p) => table.people[p]!.latest(from, minutes)).sort((a, b) => b - a);
    return fits[crew - 1] ?? -Infinity;
  }
  let best = -Infinity;
  for (const p of candidates) {
    best = Math.max(best, table.people[p]!.latest(from, minutes));
    if (best === from) break;
  }
  return best;
}

function earliestHands(table: Timetable, crew: number, { candidates, minutes }: StepMode, from: number): number {
  if (crew > 1) {
    const fits = candidates.map((p) => table.people[p]!.earliest(from, minutes)).sort((a, b) => a - b);
    return fits[crew - 1] ?? Infinity;
  }
  let best = Infinity;
  for (const p of candidates) {
    best = Math.min(best, table.people[p]!.earliest(from, minutes));
    if (best === from) break;
  }
  return best;
}

function latestAttended(table: Timetable, from: number, minutes: number): number {
  const spans = table.model.attended;
  let start = from;
  for (;;) {
    const inside = lastBefore(spans, start, (span) => Math.min(start, span[1] - 1));
    const out = lastBefore(spans, inside + minutes, (span) => Math.min(inside + minutes, span[1]));
    if (out - minutes === start) return start;
    if (out === -Infinity) return -Infinity;
    start = out - minutes;
  }
}

/** The latest time that the last span starting at or before `time` allows. */
function lastBefore(spans: [number, number][], time: number, within: (span: [number, number]) => number): number {
  for (let i = spans.length - 1; i >= 0; i--) if (spans[i]![0] <= time) return within(spans[i]!);
  return -Infinity;
}

function earliestAttended(table: Timetable, from: number, minutes: number): number {
  const spans = table.model.attended;
  let start = from;
  for (;;) {
    const inside = spans.find((s) => s[1] > start);
    if (!inside) return Infinity;
    const goesIn = Math.max(start, inside[0]);
    const out = spans.find((s) => s[1] >= goesIn + minutes);
    if (!out) return Infinity;
    const next = Math.max(goesIn, out[0] - minutes);
    if (next === start) return start;
    start = next;
  }
}

/**
 * What the storage between this step and its placed neighbours allows. Where waiting longer only makes it worse,
 * the neighbour is stuck and must move itself, to where its own stretch of storage begins (or ends).
 */
function storageLimit(
  table: Timetable,
  step: number,
  from: number,
  late: boolean,
): { start: number; stuck: { step: number; bound: number } | null } {
  const { model } = table;
  const { waitsIn, waitsOut, holds } = model.steps[step]!;
  const minutes = table.lengths.least[step]!;
  let start = from;
  // Where the wait lies in what this step is to use, any item of it may still be chosen.
  const roomsFor = (w: WaitModel) => table.storage.roomsFor(w) ?? (w.sameAs === step ? w.items : null);
  const before = (items: number[], units: number, since: number, offset: number, neighbour: number) => {
    const until = Math.max(...items.map((i) => table.storage.rooms[i]!.freeUntil(since, units)));
    if (start + offset <= Math.max(until, since)) return null;
    if (late) {
      start = Math.max(until, since) - offset;
      return null;
    }
    const clear = Math.min(...items.map((i) => table.storage.rooms[i]!.blockedUntil(since, units)));
    return { step: neighbour, bound: clear };
  };
  const after = (items: number[], units: number, to: number, offset: number, neighbour: number) => {
    const since = Math.min(...items.map((i) => table.storage.rooms[i]!.freeSince(to, units)));
    if (start + offset >= Math.min(since, to)) return null;
    if (!late) {
      start = Math.min(since, to) - offset;
      return null;
    }
    const clear = Math.max(...items.map((i) => table.storage.rooms[i]!.blockedSince(to, units)));
    return { step: neighbour, bound: clear };
  };

  for (const i of waitsIn) {
    const w = model.waits[i]!;
    if (!w.items || !table.placed[w.from] || !table.taken(w)) continue;
    const rooms = roomsFor(w);
    if (!rooms) continue;
    const stuck = before(rooms, w.units, table.end(w.from), 0, w.from);
    if (stuck) return { start, stuck: { ...stuck, bound: stuck.bound - table.lengths.least[w.from]! } };
  }
  for (const i of waitsOut) {
    const w = model.waits[i]!;
    if (!w.items || !table.placed[w.to] || !table.taken(w)) continue;
    const rooms = roomsFor(w);
    if (!rooms) continue;
    const stuck = after(rooms, w.units, table.start[w.to]!, minutes, w.to);
    if (stuck) return { start, stuck };
  }
  for (const i of holds) {
    const h = model.holds[i]!;
    if (!table.taken(h) || h.from === h.until) continue;
    if (h.until === step && table.placed[h.from]) {
      const stuck = before(h.items, h.units, table.start[h.from]!, minutes, h.from);
      if (stuck) return { start, stuck };
    }
    if (h.from === step && table.placed[h.until]) {
      const stuck = after(h.items, h.units, table.end(h.until), 0, h.until);
      if (stuck) return { start, stuck: { ...stuck, bound: stuck.bound - table.lengths.least[h.until]! } };
    }
  }
  return { start, stuck: null };
}
