import { changeover } from '../../planning-format/lengths';
import type { Equipment } from '../../planning-format/problem';
import { LoadProfile } from './load-profile';

/**
 * The loads of one oven in time, for its temperature: loads that overlap share one temperature, and between
 * two loads at different temperatures lies the time to heat up or cool down.
 */
export class OvenLoads {
  /** How many loads are in it, and how many waits have its heat off: each of them wants none of the other. */
  readonly inUse = new LoadProfile(0);
  readonly off = new LoadProfile(0);
  private readonly loads: { start: number; end: number; celsius: number }[] = [];

  constructor(private readonly oven: Pick<Equipment, 'heatRate' | 'coolRate'>) {}

  /** Minutes from the end of a load at `from` °C to the start of one at `to` °C. */
  setup(from: number, to: number): number {
    return changeover(this.oven, from, to);
  }

  add(start: number, end: number, celsius: number): void {
    let i = this.loads.length;
    while (i > 0 && this.loads[i - 1]!.start > start) i -= 1;
    this.loads.splice(i, 0, { start, end, celsius });
    this.inUse.add(start, end, 1);
  }

  remove(start: number, end: number, celsius: number): void {
    const i = this.loads.findIndex((l) => l.start === start && l.end === end && l.celsius === celsius);
    if (i < 0) throw new Error(`no load of ${celsius} °C at [${start}, ${end})`);
    this.loads.splice(i, 1);
    this.inUse.add(start, end, -1);
  }

  /** Latest start at or before `from` that no load at another temperature forbids, and no wait that has the oven off. */
  latest(from: number, minutes: number, celsius: number): number {
    let start = from;
    for (let moved = true; moved;) {
      start = this.off.latest(start, minutes, 0);
      moved = false;
      for (let i = this.loads.length - 1; i >= 0; i--) {
        const load = this.loads[i]!;
        if (load.celsius === celsius || !this.clash(load, start, minutes, celsius)) continue;
        start = load.start - minutes - this.setup(celsius, load.celsius);
        moved = true;
      }
    }
    return start;
  }

  /** Earliest start at or after `from` that no load at another temperature forbids, and no wait that has the oven off. */
  earliest(from: number, minutes: number, celsius: number): number {
    let start = from;
    for (let moved = true; moved;) {
      start = this.off.earliest(start, minutes, 0);
      moved = false;
      for (const load of this.loads) {
        if (load.celsius === celsius || !this.clash(load, start, minutes, celsius)) continue;
        start = load.end + this.setup(load.celsius, celsius);
        moved = true;
      }
    }
    return start;
  }

  private clash(
    load: { start: number; end: number; celsius: number },
    start: number,
    minutes: number,
    celsius: number,
  ): boolean {
    return (
      start < load.end + this.setup(load.celsius, celsius) &&
      start + minutes + this.setup(celsius, load.celsius) > load.start
    );
  }
}
