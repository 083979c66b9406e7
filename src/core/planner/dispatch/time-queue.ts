/** Minutes at which something is to be looked at, the next one first: a binary heap. */
export class TimeQueue {
  private readonly times: number[] = [];

  clear(): void {
    this.times.length = 0;
  }

  get next(): number {
    return this.times.length > 0 ? this.times[0]! : Infinity;
  }

  push(time: number): void {
    const { times } = this;
    let i = times.length;
    times.push(time);
    while (i > 0) {
      const parent = (i - 1) >> 1;
      if (times[parent]! <= time) break;
      times[i] = times[parent]!;
      i = parent;
    }
    times[i] = time;
  }

  /** Takes the next minute out, as often as it is there. */
  pop(): number {
    const first = this.times[0]!;
    while (this.times[0] === first) this.dropFirst();
    return first;
  }

  private dropFirst(): void {
    const { times } = this;
    const last = times.pop()!;
    const count = times.length;
    if (count === 0) return;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= count) break;
      if (child + 1 < count && times[child + 1]! < times[child]!) child += 1;
      if (times[child]! >= last) break;
      times[i] = times[child]!;
      i = child;
    }
    times[i] = last;
  }
}
