import type { Random } from '../model/random';
import type { Shop } from './shop';

/** How long a reversed pair must not be turned back, in moves: at least, and so many more by chance. */
const TENURE = 10;
const TENURE_SPREAD = 8;
/** Moves without a gain before the search goes back to a good schedule, changed a little. */
const PATIENCE = 2500;
/** Good schedules that are gone back to. */
const ELITE = 6;

/** A schedule as the order of steps on each thing. */
type Sequences = number[][];

/**
 * Tabu search on the disjunctive graph of a job shop: neighbours turn two steps round that follow each other at the end of a
 * block of a longest path (Nowicki and Smutnicki, Management Science 42, 1996), judged by Taillard's estimate (ORSA J. on
 * Computing 6, 1994). The longest path is the whole cost; when nothing is gained for long, a good schedule is taken up again
 * and shaken. The same seed and number of moves give the same schedule.
 */
export class ShopSearch {
  /** Start of every step in the best schedule, and when the hand-over starts in it. */
  best: { starts: Int32Array; length: number };
  private readonly n: number;
  private readonly previous: Int32Array;
  private readonly next: Int32Array;
  private readonly head: Int32Array;
  private readonly tail: Int32Array;
  private readonly order: Int32Array;
  private readonly open: Int32Array;
  /** Move until which a pair must keep its order, by first × n + second. */
  private readonly forbidden: Float64Array;
  private moves = 0;
  private lastGain = 0;
  private local = Infinity;
  private readonly elite: { sequences: Sequences; length: number }[] = [];

  constructor(
    private readonly shop: Shop,
    starts: ArrayLike<number>,
    private readonly random: Random,
  ) {
    this.n = shop.steps.length;
    const array = () => new Int32Array(this.n);
    [this.previous, this.next, this.head, this.tail, this.order, this.open] = [
      ...[array(), array(), array()],
      ...[array(), array(), array()],
    ] as [Int32Array, Int32Array, Int32Array, Int32Array, Int32Array, Int32Array];
    this.forbidden = new Float64Array(this.n * this.n);
    const sequences: Sequences = Array.from({ length: shop.things }, () => []);
    for (let i = 0; i < this.n; i++) if (shop.thing[i]! >= 0) sequences[shop.thing[i]!]!.push(i);
    for (const s of sequences) s.sort((a, b) => starts[a]! - starts[b]! || a - b);
    this.take(sequences);
    this.best = { starts: this.head.slice(), length: this.head[this.n - 1]! };
    this.remember();
  }

  /** Makes some moves; returns whether the best schedule became shorter. */
  run(moves: number): boolean {
    const before = this.best.length;
    for (let i = 0; i < moves; i++) this.move();
    return this.best.length < before;
  }

  private move(): void {
    this.moves += 1;
    const pair = this.choose();
    if (!pair || this.moves - this.lastGain > PATIENCE) return this.goBack();
    this.swap(pair[0], pair[1]);
    this.forbidden[pair[0] * this.n + pair[1]] = this.moves + TENURE + Math.floor(this.random() * TENURE_SPREAD);
    this.measure();
    const length = this.head[this.n - 1]!;
    if (length < this.local) {
      this.local = length;
      this.lastGain = this.moves;
    }
    if (length < this.best.length) {
      this.best = { starts: this.head.slice(), length };
      this.remember();
    }
  }

  /** The neighbour that promises the shortest path, of those that are not forbidden; null where there is none. */
  private choose(): [number, number] | null {
    const { thing, minutes } = this.shop;
    let best: [number, number] | null = null;
    let bestLength = Infinity;
    let any: [number, number] | null = null;
    let count = 0;
    // Along one longest path, from the hand-over back, ties by chance.
    const path: number[] = [];
    for (let s = this.n - 1; s >= 0; s = this.criticalBefore(s)) path.push(s);
    path.reverse();
    for (let from = 0; from < path.length;) {
      let to = from;
      while (to + 1 < path.length && thing[path[to + 1]!] === thing[path[from]!] && thing[path[from]!]! >= 0) to++;
      // Within the first block only its end, within the last only its beginning can make the path shorter.
      const pairs: [number, number][] = [];
      if (to > from) {
        if (from > 0) pairs.push([path[from]!, path[from + 1]!]);
        if (to < path.length - 1 && (to - from > 1 || from === 0)) pairs.push([path[to - 1]!, path[to]!]);
      }
      for (const [a, b] of pairs) {
        if (this.next[a] !== b || this.waitsFor(b, a)) continue;
        count += 1;
        if (this.random() * count < 1) any = [a, b];
        const length = this.estimate(a, b, minutes);
        const barred = this.forbidden[b * this.n + a]! > this.moves && length >= this.best.length;
        if (barred || length > bestLength || (length === bestLength && this.random() < 0.5)) continue;
        best = [a, b];
        bestLength = length;
      }
      from = to + 1;
    }
    return best ?? any;
  }

  /** Does b wait for a directly? Then they cannot change places. */
  private waitsFor(b: number, a: number): boolean {
    return this.shop.before[b]!.some((x) => x.step === a);
  }

  private criticalBefore(s: number): number {
    const { before, minutes } = this.shop;
    let found = -1;
    let count = 0;
    const p = this.previous[s]!;
    if (p >= 0 && this.head[p]! + minutes[p]! === this.head[s]!) {
      found = p;
      count = 1;
    }
    for (const { step, lag } of before[s]!)
      if (step !== p && this.head[step]! + minutes[step]! + lag === this.head[s]! && this.random() * ++count < 1)
        found = step;
    return found;
  }

  /** Length of the longest path through a or b after they have changed places. */
  private estimate(a: number, b: number, minutes: Int32Array): number {
    const { before, after, release } = this.shop;
    const [p, s] = [this.previous[a]!, this.next[b]!];
    let headB = Math.max(release[b]!, p >= 0 ? this.head[p]! + minutes[p]! : 0);
    for (const { step, lag } of before[b]!) headB = Math.max(headB, this.head[step]! + minutes[step]! + lag);
    let headA = Math.max(release[a]!, headB + minutes[b]!);
    for (const { step, lag } of before[a]!) headA = Math.max(headA, this.head[step]! + minutes[step]! + lag);
    let tailA = s >= 0 ? minutes[s]! + this.tail[s]! : 0;
    for (const { step, lag } of after[a]!) tailA = Math.max(tailA, lag + minutes[step]! + this.tail[step]!);
    let tailB = minutes[a]! + tailA;
    for (const { step, lag } of after[b]!) tailB = Math.max(tailB, lag + minutes[step]! + this.tail[step]!);
    return Math.max(headB + minutes[b]! + tailB, headA + minutes[a]! + tailA);
  }

  private swap(a: number, b: number): void {
    const [p, s] = [this.previous[a]!, this.next[b]!];
    if (p >= 0) this.next[p] = b;
    if (s >= 0) this.previous[s] = a;
    this.previous[b] = p;
    this.next[b] = a;
    this.previous[a] = b;
    this.next[a] = s;
  }

  /** Heads and tails by one pass over a topological order each way. False where the graph has a cycle. */
  private measure(): boolean {
    const { before, after, minutes, release } = this.shop;
    const { order, open, head, tail, previous, next, n } = this;
    let count = 0;
    for (let i = 0; i < n; i++) {
      open[i] = before[i]!.length + (previous[i]! >= 0 ? 1 : 0);
      head[i] = release[i]!;
      tail[i] = 0;
      if (open[i] === 0) order[count++] = i;
    }
    for (let at = 0; at < count; at++) {
      const i = order[at]!;
      const end = head[i]! + minutes[i]!;
      for (const { step, lag } of after[i]!) {
        if (end + lag > head[step]!) head[step] = end + lag;
        if (--open[step]! === 0) order[count++] = step;
      }
      const s = next[i]!;
      if (s < 0) continue;
      if (end > head[s]!) head[s] = end;
      if (--open[s]! === 0) order[count++] = s;
    }
    if (count < n) return false;
    for (let at = n - 1; at >= 0; at--) {
      const i = order[at]!;
      let longest = 0;
      for (const { step, lag } of after[i]!) longest = Math.max(longest, lag + minutes[step]! + tail[step]!);
      const s = next[i]!;
      if (s >= 0) longest = Math.max(longest, minutes[s]! + tail[s]!);
      tail[i] = longest;
    }
    return true;
  }

  private take(sequences: Sequences): void {
    this.previous.fill(-1);
    this.next.fill(-1);
    for (const list of sequences)
      for (let k = 1; k < list.length; k++) {
        this.previous[list[k]!] = list[k - 1]!;
        this.next[list[k - 1]!] = list[k]!;
      }
    this.measure();
  }

  private sequences(): Sequences {
    const { thing, things } = this.shop;
    const lists: Sequences = Array.from({ length: things }, () => []);
    for (const i of this.order) if (thing[i]! >= 0) lists[thing[i]!]!.push(i);
    return lists;
  }

  private remember(): void {
    this.elite.unshift({ sequences: this.sequences(), length: this.best.length });
    this.elite.length = Math.min(this.elite.length, ELITE);
  }

  /** Takes a good schedule up again, with a few pairs of its longest paths turned round at random. */
  private goBack(): void {
    const from = this.elite[Math.floor(this.random() ** 2 * this.elite.length)]!;
    this.take(from.sequences);
    this.forbidden.fill(0);
    const shakes = 2 + Math.floor(this.random() * 8);
    for (let k = 0; k < shakes; k++) {
      const critical: [number, number][] = [];
      const length = this.head[this.n - 1]!;
      for (let i = 0; i < this.n; i++) {
        const s = this.next[i]!;
        if (s < 0 || this.waitsFor(s, i)) continue;
        // A pair on a longest path can change places without a cycle.
        const tight = this.head[i]! + this.shop.minutes[i]! === this.head[s]!;
        if (tight && this.head[s]! + this.shop.minutes[s]! + this.tail[s]! === length) critical.push([i, s]);
      }
      const pair = critical[Math.floor(this.random() * critical.length)];
      if (!pair) break;
      this.swap(pair[0], pair[1]);
      this.measure();
      this.forbidden[pair[0] * this.n + pair[1]] = this.moves + TENURE + 10;
    }
    this.local = this.head[this.n - 1]!;
    this.lastGain = this.moves;
  }
}
