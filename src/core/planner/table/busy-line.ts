import type { Span } from '../../time/spans';

/** Far before and far after anything a problem can say. */
export const LONG_AGO = -1e9;
export const FAR_OFF = 1e9;

/**
 * The time of one pair of hands: what is blocked, as sorted spans that do not overlap.
 * Time off shift is blocked from the start, so one list answers both questions.
 */
export class BusyLine {
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];

  /** Index of the first blocked span that ends after `time`. */
  private after(time: number): number {
    let low = 0;
    let high = this.ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.ends[middle]! > time) high = middle;
      else low = middle + 1;
    }
    return low;
  }

  /** Is `[start, end)` free? A span without length is free unless it lies inside a blocked one. */
  free(start: number, end: number): boolean {
    const i = this.after(start);
    return i === this.starts.length || this.starts[i]! >= end;
  }

  /** Latest start at or before `from` of a free stretch of `minutes`; −Infinity if there is none. */
  latest(from: number, minutes: number): number {
    let i = this.after(from);
    if (i === this.starts.length || this.starts[i]! >= from + minutes) return from;
    let start = this.starts[i]! - minutes;
    for (i -= 1; i >= 0; i--) {
      if (this.ends[i]! <= start) return start;
      start = this.starts[i]! - minutes;
    }
    return start;
  }

  /** Earliest start at or after `from` of a free stretch of `minutes`; Infinity if there is none. */
  earliest(from: number, minutes: number): number {
    let start = from;
    for (let i = this.after(start); i < this.starts.length; i++) {
      if (this.starts[i]! >= start + minutes) return start;
      start = Math.max(start, this.ends[i]!);
    }
    return start;
  }

  /** Blocks a free span. A span without length is kept only as a seam that nothing may cross. */
  block(start: number, end: number): void {
    const i = this.after(start);
    this.starts.splice(i, 0, start);
    this.ends.splice(i, 0, end);
  }

  /** Blocks a span that may overlap others, as facts may: the union is kept, and cannot be released. */
  blockOver(start: number, end: number): void {
    if (start >= end) return;
    const first = this.after(start);
    let last = first;
    let [from, to] = [start, end];
    while (last < this.starts.length && this.starts[last]! < to) {
      from = Math.min(from, this.starts[last]!);
      to = Math.max(to, this.ends[last]!);
      last += 1;
    }
    this.starts.splice(first, last - first, from);
    this.ends.splice(first, last - first, to);
  }

  /** Takes back a span given to `block`. */
  release(start: number, end: number): void {
    const i = this.after(start);
    if (this.starts[i] !== start || this.ends[i] !== end) throw new Error(`[${start}, ${end}) was not blocked`);
    this.starts.splice(i, 1);
    this.ends.splice(i, 1);
  }
}

/** A person's line with everything but the shifts blocked, and a seam where two shifts touch. */
export function offShift(shifts: Span[]): BusyLine {
  const line = new BusyLine();
  let last = LONG_AGO;
  for (const [start, end] of shifts) {
    line.block(last, start);
    last = end;
  }
  line.block(last, FAR_OFF);
  return line;
}
