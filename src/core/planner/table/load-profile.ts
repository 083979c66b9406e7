/**
 * How many units of one item of equipment are busy, as a step function of time.
 * `levels[i]` holds from `times[i]` up to `times[i + 1]`; before the first and after the last it is 0.
 */
export class LoadProfile {
  private readonly times: number[] = [];
  private readonly levels: number[] = [];

  constructor(readonly units: number) {}

  /** Index of the last breakpoint at or before `time`, or −1. */
  private at(time: number): number {
    let low = 0;
    let high = this.times.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.times[middle]! <= time) low = middle + 1;
      else high = middle;
    }
    return low - 1;
  }

  private split(time: number): number {
    const i = this.at(time);
    if (i >= 0 && this.times[i] === time) return i;
    this.times.splice(i + 1, 0, time);
    this.levels.splice(i + 1, 0, i >= 0 ? this.levels[i]! : 0);
    return i + 1;
  }

  private joinAt(i: number): void {
    const before = i > 0 ? this.levels[i - 1]! : 0;
    if (i < this.times.length && this.levels[i] === before) {
      this.times.splice(i, 1);
      this.levels.splice(i, 1);
    }
  }

  /** Adds units (or takes them back, when negative) over `[start, end)`. */
  add(start: number, end: number, units: number): void {
    if (start >= end || units === 0) return;
    const first = this.split(start);
    const last = this.split(end);
    for (let i = first; i < last; i++) this.levels[i]! += units;
    this.joinAt(last);
    this.joinAt(first);
  }

  /** Are `units` free at every minute of `[start, end)`? */
  free(start: number, end: number, units: number): boolean {
    return end <= start || this.freeUntil(start, units) >= end;
  }

  /** First time at or after `from` at which `units` are no longer free; Infinity if they stay free. */
  freeUntil(from: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return from;
    const i = this.at(from);
    if (i >= 0 && this.levels[i]! > room) return from;
    for (let k = i + 1; k < this.times.length; k++) if (this.levels[k]! > room) return this.times[k]!;
    return Infinity;
  }

  /** Earliest time such that `units` are free from then until `to`; `to` itself if they are not free just before. */
  freeSince(to: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return to;
    for (let k = this.at(to - 1); k >= 0; k--)
      if (this.levels[k]! > room) return Math.min(to, k + 1 < this.times.length ? this.times[k + 1]! : Infinity);
    return -Infinity;
  }

  /** Latest time before `to` at which a stretch without `units` to spare begins, for a `to` that `freeSince` was blocked before. */
  blockedSince(to: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return -Infinity;
    let k = this.at(this.freeSince(to, units) - 1);
    while (k > 0 && this.levels[k - 1]! > room) k -= 1;
    return k >= 0 ? this.times[k]! : -Infinity;
  }

  /** First time at or after `from` at which a stretch without `units` to spare ends. */
  blockedUntil(from: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return Infinity;
    let k = this.at(this.freeUntil(from, units));
    while (k < this.times.length && this.levels[k]! > room) k += 1;
    return k < this.times.length ? this.times[k]! : Infinity;
  }

  /** Latest start at or before `from` of a stretch of `minutes` with `units` free; −Infinity if there is none. */
  latest(from: number, minutes: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return -Infinity;
    if (minutes === 0) return from;
    let start = from;
    for (let k = this.at(start + minutes - 1); k >= 0; k--) {
      const end = k + 1 < this.times.length ? this.times[k + 1]! : Infinity;
      if (end <= start) return start;
      if (this.levels[k]! > room) start = this.times[k]! - minutes;
    }
    return start;
  }

  /** Earliest start at or after `from` of a stretch of `minutes` with `units` free; Infinity if there is none. */
  earliest(from: number, minutes: number, units: number): number {
    const room = this.units - units;
    if (room < 0) return Infinity;
    if (minutes === 0) return from;
    let start = from;
    for (let k = Math.max(0, this.at(start)); k < this.times.length; k++) {
      if (this.times[k]! >= start + minutes) return start;
      const end = k + 1 < this.times.length ? this.times[k + 1]! : Infinity;
      if (this.levels[k]! > room && end > start) start = end;
    }
    return start;
  }
}
