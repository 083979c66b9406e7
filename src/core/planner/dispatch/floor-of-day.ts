import type { Course } from './course';
import type { TimeQueue } from './time-queue';

export const NEVER = Infinity;

/** What is going on at a minute of a day: what has begun and is over, who is busy and with what, what is in use, and what presses. */
export class FloorOfDay {
  /** When each step began and was (or will be) over; Infinity where it never was. */
  readonly began: Float64Array;
  readonly over: Float64Array;
  /** Who does each step. */
  readonly crew: number[][];
  /** By person: the step they are on, or −1; and the last that they were over with. */
  readonly busyWith: Int32Array;
  readonly lastOfPerson: Int32Array;
  /** By item: the units that are in use, and the last step that was over with it. */
  readonly used: Float64Array;
  readonly lastOfItem: Int32Array;
  /** By oven: waits that have it off, loads that are in it, and the one that came out last. */
  readonly off: Int32Array;
  readonly loads: number[][];
  readonly lastLoad: Int32Array;
  /** By person and by item: where in the list of their steps the first one stands that has not begun. */
  readonly nextOfPerson: Int32Array;
  readonly nextOfItem: Int32Array;
  /** Steps that have not begun and may have a deadline now. */
  readonly pressing: number[] = [];
  readonly isPressed: Uint8Array;
  now = 0;
  /** Goes up whenever somebody may have become able to do something. */
  handsChanged = 0;
  /** By step: at which of these it was found that nobody is; and the minute from which others may help. */
  readonly nobodyAt: Int32Array;
  readonly helpFrom: Float64Array;
  private readonly running: number[] = [];
  /** When the first of what runs is over. */
  private nextEnd = NEVER;
  /** By person: the first of their shifts that is not over. */
  private readonly shiftOf: Int32Array;
  /** By step: what is held to its end. */
  private readonly holdsUntil: { item: number; units: number }[][];
  /** By step, 1 once what it leaves somewhere stands there. */
  private readonly left: Uint8Array;

  /** @param queue minutes at which something is to be looked at */
  constructor(
    private readonly course: Course,
    private readonly queue: TimeQueue,
  ) {
    const { steps, problem } = course;
    const [count, people, items] = [steps.length, problem.people.length, problem.equipment.length];
    this.began = new Float64Array(count);
    this.over = new Float64Array(count);
    this.isPressed = new Uint8Array(count);
    this.left = new Uint8Array(count);
    this.nobodyAt = new Int32Array(count);
    this.helpFrom = new Float64Array(count);
    this.crew = steps.map((s) => s.crew);
    this.busyWith = new Int32Array(people);
    this.lastOfPerson = new Int32Array(people);
    this.nextOfPerson = new Int32Array(people);
    this.shiftOf = new Int32Array(people);
    this.used = new Float64Array(items);
    this.lastOfItem = new Int32Array(items);
    this.nextOfItem = new Int32Array(items);
    this.off = new Int32Array(items);
    this.lastLoad = new Int32Array(items);
    this.loads = problem.equipment.map(() => []);
    this.holdsUntil = steps.map(() => []);
    for (const s of steps) for (const { item, units, until } of s.holds) this.holdsUntil[until]!.push({ item, units });
  }

  /** Nothing has begun but what is a fact. */
  beginAnew(): void {
    const { steps, problem } = this.course;
    this.now = problem.now;
    this.nextEnd = NEVER;
    this.running.length = this.pressing.length = 0;
    for (const times of [this.began, this.over]) times.fill(NEVER);
    for (const list of [this.isPressed, this.left, this.used, this.off]) list.fill(0);
    for (const next of [this.nextOfPerson, this.shiftOf, this.nextOfItem]) next.fill(0);
    this.nobodyAt.fill(-1);
    for (const last of [this.busyWith, this.lastOfPerson, this.lastOfItem, this.lastLoad]) last.fill(-1);
    for (const list of this.loads) list.length = 0;
    for (let i = 0; i < steps.length; i++) {
      const { over, start, crew } = steps[i]!;
      if (over !== null) this.begin(i, start, over, crew);
    }
  }

  wakeAt(minute: number): void {
    if (minute > this.now && minute < NEVER) this.queue.push(minute);
  }

  /** A step begins, and will be over at a minute. */
  begin(i: number, start: number, end: number, crew: number[]): void {
    // Who does somebody else's work has left that person without it.
    if (crew !== this.course.steps[i]!.crew) this.handsChanged += 1;
    this.crew[i] = crew;
    this.began[i] = start;
    this.over[i] = end;
    this.take(i);
    this.press(i);
    this.running.push(i);
    this.nextEnd = Math.min(this.nextEnd, end);
    this.wakeAt(end);
  }

  /** Everything whose end has come is over, and is told. */
  endAt(t: number, tell: (step: number) => void): void {
    const { running } = this;
    // In the order of their ends: of two loads that are over by now the later one has the oven hot.
    while (this.nextEnd <= t) {
      let first = -1;
      let next = NEVER;
      for (let k = 0; k < running.length; k++) {
        const end = this.over[running[k]!]!;
        if (first < 0 || end < this.over[running[first]!]!) {
          if (first >= 0) next = Math.min(next, this.over[running[first]!]!);
          first = k;
        } else next = Math.min(next, end);
      }
      this.nextEnd = next;
      const i = running[first]!;
      running.splice(first, 1);
      this.release(i);
      tell(i);
    }
  }

  /** Hands and items are free again; what was left to wait stands there. */
  private release(i: number): void {
    const s = this.course.steps[i]!;
    for (const p of this.crew[i]!) if (this.busyWith[p] === i) this.busyWith[p] = -1;
    for (const p of this.crew[i]!) this.lastOfPerson[p] = i;
    if (s.crew.length > 0) this.handsChanged += 1;
    for (const u of s.uses) {
      this.used[u.item]! -= u.units;
      this.lastOfItem[u.item] = i;
      if (u.celsius === null) continue;
      const loads = this.loads[u.item]!;
      loads.splice(loads.indexOf(i), 1);
      this.lastLoad[u.item] = i;
    }
    for (const hold of this.holdsUntil[i]!) {
      this.used[hold.item]! -= hold.units;
      this.lastOfItem[hold.item] = i;
    }
    for (const l of s.leaves) {
      if (this.began[l.to]! < NEVER) continue;
      this.used[l.item]! += l.units;
      if (l.off) this.off[l.item]! += 1;
      this.left[i] = 1;
    }
  }

  /** Hands and items are taken; what stood somewhere for it stands there no more. */
  private take(i: number): void {
    const s = this.course.steps[i]!;
    for (const p of this.crew[i]!) this.busyWith[p] = i;
    for (const u of s.uses) {
      this.used[u.item]! += u.units;
      if (u.celsius !== null) this.loads[u.item]!.push(i);
    }
    for (const hold of s.holds) this.used[hold.item]! += hold.units;
    for (const { from } of s.before)
      for (const l of this.course.steps[from]!.leaves)
        if (l.to === i && this.left[from] === 1) {
          this.used[l.item]! -= l.units;
          if (l.off) this.off[l.item]! -= 1;
        }
  }

  /** What has to follow at once has a deadline from now on, and so has what that waits for as well. */
  private press(i: number): void {
    const { steps } = this.course;
    const add = (j: number) => {
      this.nobodyAt[j] = -1;
      if (this.isPressed[j] === 1 || this.began[j]! < NEVER) return;
      this.isPressed[j] = 1;
      this.pressing.push(j);
    };
    for (const { to } of steps[i]!.atOnce) {
      add(to);
      for (const { from } of steps[to]!.before) add(from);
    }
    if (this.isPressed[i] === 1) this.pressing.splice(this.pressing.indexOf(i), 1);
  }

  /** Has somebody nothing in hand, and is in a shift that sees so many minutes through? */
  isAble(person: number, t: number, inShift: number): boolean {
    if (this.busyWith[person]! >= 0) return false;
    const shifts = this.course.shifts[person]!;
    let k = this.shiftOf[person]!;
    while (k < shifts.length && shifts[k]![1] <= t) k += 1;
    this.shiftOf[person] = k;
    return k < shifts.length && shifts[k]![0] <= t && t + inShift <= shifts[k]![1];
  }

  /** Where in a list of steps the first one stands that has not begun. */
  firstOpen(list: number[], next: Int32Array, of: number): number {
    let k = next[of]!;
    while (k < list.length && this.began[list[k]!]! < NEVER) k += 1;
    next[of] = k;
    return k;
  }
}
