import { changeoverIn, type Course, type CourseStep } from './course';
import { celsiusIn, needed, nextShift } from './earliest-times';
import { NEVER, type FloorOfDay } from './floor-of-day';

/** What a lead expects at a minute of a day: when things should be over, by when they have to begin. */
export class Expectations {
  /** @param notBefore when each step may begin at the earliest, by the kitchen's habit */
  constructor(
    private readonly course: Course,
    private readonly floor: FloorOfDay,
    private readonly notBefore: Float64Array,
  ) {}

  /** When what runs should be over. */
  shouldBeOver(i: number, t: number): number {
    return Math.max(t, this.floor.began[i]! + this.course.steps[i]!.minutes);
  }

  /** From when on those who are to do a step should be able to. */
  handsFrom({ crew, inShift }: CourseStep, from: number, t: number): number {
    let last = -NEVER;
    for (const p of crew) {
      const busy = this.floor.busyWith[p]!;
      const free = busy < 0 ? from : Math.max(from, this.shouldBeOver(busy, t));
      last = Math.max(last, nextShift(this.course.shifts[p]!, free, inShift));
    }
    return last;
  }

  /** From when on the loads that run should leave a bake its room and its temperature. */
  ovenFrom(to: number, t: number): number {
    const { course } = this;
    const { item, celsius } = course.steps[to]!.uses.at(-1)!;
    const noRoom = this.floor.used[item]! + needed(course, to, item) > course.units[item]!;
    let last = -NEVER;
    for (const x of this.floor.loads[item]!) {
      const own = celsiusIn(course, x, item)!;
      if (own === celsius && !noRoom) continue;
      last = Math.max(last, this.shouldBeOver(x, t) + changeoverIn(course, item, own, celsius!));
    }
    return last;
  }

  /** The earliest minute at which a step that has not begun could begin, by its waits. */
  couldBegin(j: number, t: number): number {
    const { steps } = this.course;
    let at = this.notBefore[j]!;
    for (const { from, min } of steps[j]!.before) {
      const over =
        this.floor.over[from]! <= t
          ? this.floor.over[from]!
          : this.floor.began[from]! < NEVER
            ? this.shouldBeOver(from, t)
            : Math.max(t, this.notBefore[from]!) + steps[from]!.minutes;
      at = Math.max(at, over + min);
    }
    return at;
  }

  /** When all that a step waits for, but for one of it, should have begun, be over and have waited. */
  otherwiseReady(to: number, except: number, t: number): number {
    let last = -NEVER;
    for (const { from, min } of this.course.steps[to]!.before) {
      if (from === except || this.floor.began[from]! < NEVER) continue;
      const other = this.course.steps[from]!;
      const begins = Math.max(t, this.couldBegin(from, t));
      const able = other.work === 'hands' ? this.handsFrom(other, begins, t) : begins;
      last = Math.max(last, able + other.minutes + min);
    }
    return last;
  }

  /** By when a step has to begin so that nothing stands too long that it uses, or that is used with what it makes. */
  deadline(i: number, t: number): number {
    if (this.floor.isPressed[i] === 0) return NEVER;
    const { steps } = this.course;
    let deadline = this.ownDeadline(i, t);
    for (const { to, min } of steps[i]!.intoPressing)
      if (this.floor.began[to] === NEVER)
        deadline = Math.min(deadline, this.ownDeadline(to, t) - min - steps[i]!.minutes);
    return deadline;
  }

  private ownDeadline(i: number, t: number): number {
    let deadline = NEVER;
    for (const { from, max, atOnce } of this.course.steps[i]!.before) {
      if (!atOnce || this.floor.began[from] === NEVER) continue;
      const over = this.floor.over[from]! <= t ? this.floor.over[from]! : this.shouldBeOver(from, t);
      deadline = Math.min(deadline, over + max);
    }
    return deadline;
  }
}
