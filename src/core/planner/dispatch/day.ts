import { changeoverIn, type Course, type Taken } from './course';
import { celsiusIn } from './earliest-times';
import { Expectations } from './expectations';
import { FloorOfDay, NEVER } from './floor-of-day';
import { Rules } from './rules';
import { TimeQueue } from './time-queue';

/**
 * One day after the other, lived by the rules of `docs/days.md`, from event to event. What a day needs is made once and used again, as days
 * are lived by the thousand.
 */
export class Days {
  /** When each step began and was over in the day that was lived last; Infinity where it never was. */
  readonly began: Float64Array;
  readonly over: Float64Array;
  /** The step whose end let each one begin, or −1 where nothing but time did. */
  readonly cause: Int32Array;
  private readonly queue = new TimeQueue();
  private readonly floor: FloorOfDay;
  private readonly rules: Rules;
  /** By step: how many of those that it waits for are not over. */
  private readonly waitingFor: Int32Array;
  /** Steps that could begin as far as their waits and their earliest times go, in order; and those that can later, the next one last. */
  private readonly open: number[] = [];
  private readonly later: number[] = [];
  private readonly readyAt: Float64Array;
  /** How long each step takes in this day, at the usual pace. */
  private lasts: Float64Array = new Float64Array(0);
  private readonly shiftStarts: Set<number>;
  /** Minutes at which a shift begins or something opens: whatever is in the way may be gone then. */
  private readonly wakes: number[];

  /** @param notBefore when each step may begin at the earliest, by the kitchen's habit */
  constructor(
    private readonly course: Course,
    private readonly notBefore: Float64Array,
  ) {
    const { steps, problem, shifts, closed } = course;
    this.floor = new FloorOfDay(course, this.queue);
    this.rules = new Rules(course, this.floor, new Expectations(course, this.floor, notBefore));
    this.began = this.floor.began;
    this.over = this.floor.over;
    this.cause = new Int32Array(steps.length);
    this.waitingFor = new Int32Array(steps.length);
    this.readyAt = new Float64Array(steps.length);
    this.shiftStarts = new Set(shifts.flat().map(([start]) => start));
    const wakes = [problem.now, ...this.shiftStarts, ...closed.flat().map(([, end]) => end)];
    this.wakes = [...new Set(wakes)].filter((t) => t >= problem.now && t <= problem.horizon);
  }

  /** @param lasts how long each step takes at the usual pace, in the order of the course */
  live(lasts: Float64Array): void {
    const { steps, problem } = this.course;
    const { queue, floor } = this;
    this.lasts = lasts;
    queue.clear();
    for (const t of this.wakes) queue.push(t);
    this.open.length = this.later.length = 0;
    this.cause.fill(-1);
    floor.beginAnew();
    for (let i = 0; i < steps.length; i++) {
      this.waitingFor[i] = steps[i]!.before.length;
      if (steps[i]!.over === null && steps[i]!.before.length === 0) this.opens(i);
    }
    for (let t = queue.next; t <= problem.horizon; t = queue.next) {
      floor.now = queue.pop();
      if (this.shiftStarts.has(t)) floor.handsChanged += 1;
      floor.endAt(t, this.isOver);
      this.beginAt(t);
    }
  }

  private readonly isOver = (i: number): void => {
    for (const to of this.course.steps[i]!.after) {
      this.waitingFor[to]! -= 1;
      if (this.waitingFor[to] === 0 && this.began[to] === NEVER) this.opens(to);
    }
  };

  /** All that a step waits for is over: from some minute on it may begin. */
  private opens(i: number): void {
    let ready = this.notBefore[i]!;
    for (const { from, min, keeps, again } of this.course.steps[i]!.before) {
      ready = Math.max(ready, this.floor.over[from]! + min);
      if (keeps < NEVER) this.floor.wakeAt(this.floor.over[from]! + keeps + again);
    }
    this.readyAt[i] = ready;
    if (ready <= this.floor.now) {
      insert(this.open, i, (a, b) => a > b);
      return;
    }
    this.floor.wakeAt(ready);
    insert(this.later, i, (a, b) => this.readyAt[a]! < this.readyAt[b]!);
  }

  private beginAt(t: number): void {
    const { open, later } = this;
    while (later.length > 0 && this.readyAt[later.at(-1)!]! <= t) insert(open, later.pop()!, (a, b) => a > b);
    for (let begun = true; begun;) {
      begun = false;
      for (let k = 0; k < open.length; k++) {
        const i = open[k]!;
        const crew = this.rules.mayBegin(i, t);
        if (!crew) continue;
        open.splice(k, 1);
        k -= 1;
        begun = true;
        this.begin(i, t, crew);
      }
    }
  }

  private begin(i: number, t: number, crew: number[]): void {
    const { pace } = this.course.steps[i]!;
    let slowest = crew.length === 0 ? 1 : 0;
    for (const p of crew) slowest = Math.max(slowest, pace[p]!);
    const over = t + Math.round(this.lasts[i]! * slowest);
    this.noteCause(i, t, crew);
    this.floor.begin(i, t, over, crew);
    if (over <= t) this.floor.endAt(t, this.isOver);
  }

  /** What ended just when it could begin, of what it waited for, of its hands, and of its things. */
  private noteCause(i: number, t: number, crew: number[]): void {
    const { before, uses } = this.course.steps[i]!;
    const wait = before.find(({ from, min }) => this.floor.over[from]! + min === t)?.from;
    const hand = crew.map((p) => this.floor.lastOfPerson[p]!).find((x) => x >= 0 && this.floor.over[x] === t);
    const thing = uses
      .filter((u) => this.floor.lastOfItem[u.item]! >= 0 && t === this.freeFrom(this.floor.lastOfItem[u.item]!, u))
      .map((u) => this.floor.lastOfItem[u.item]!)[0];
    this.cause[i] = wait ?? hand ?? thing ?? -1;
  }

  /** When an item can be used again after a step, in an oven at another temperature. */
  private freeFrom(last: number, { item, celsius }: Taken): number {
    const before = celsiusIn(this.course, last, item);
    const change = celsius !== null && before !== null ? changeoverIn(this.course, item, before, celsius) : 0;
    return this.floor.over[last]! + change;
  }
}

/** Puts a step into a list in which the others stand in order. */
function insert(list: number[], step: number, after: (a: number, b: number) => boolean): void {
  let k = list.length;
  list.push(step);
  while (k > 0 && after(list[k - 1]!, step)) {
    list[k] = list[k - 1]!;
    k -= 1;
  }
  list[k] = step;
}
