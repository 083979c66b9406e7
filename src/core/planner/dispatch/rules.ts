import { changeoverIn, OVERDUE, PRESSING, type Course, type CourseStep, type Taken } from './course';
import { celsiusIn, needed, nextShift } from './earliest-times';
import type { Expectations } from './expectations';
import { NEVER, type FloorOfDay } from './floor-of-day';

/** What follows at once should be able to begin so many minutes before it is too late. */
const MARGIN = 5;

/** May a step begin at a minute? The rules of `docs/days.md`; where one says no, it says when to ask again. */
export class Rules {
  constructor(
    private readonly course: Course,
    private readonly floor: FloorOfDay,
    private readonly expected: Expectations,
  ) {}

  /** Who would do it, if it may begin now by all rules; null if it may not. */
  mayBegin(i: number, t: number): number[] | null {
    const s = this.course.steps[i]!;
    if (!this.nothingHasSpoilt(s, t)) return null;
    if (s.work !== 'hands' && s.work !== 'collect' && !this.somebodyIsThere(s, t)) return null;
    if (!this.itemsAreFree(i, t)) return null;
    const crew = this.crewFor(i, t);
    if (!crew || !this.followersCanFollow(i, t)) return null;
    if (this.leavesToSpoil(i, t, crew)) return null;
    if (this.expected.deadline(i, t) === NEVER && this.pushesIn(i, t, crew)) return null;
    return crew;
  }

  private nothingHasSpoilt(s: CourseStep, t: number): boolean {
    for (const { from, keeps, again } of s.before) {
      const since = t - this.floor.over[from]!;
      if (since > keeps && since < keeps + again) return false;
    }
    return true;
  }

  private somebodyIsThere({ minutes }: CourseStep, t: number): boolean {
    const { attended } = this.course;
    const starts = nextShift(attended, t, 0);
    const ends = attended.find(([, end]) => end >= t + minutes)?.[0] ?? NEVER;
    if (starts === t && ends <= t + minutes) return true;
    const next = Math.max(starts, ends - minutes);
    this.floor.wakeAt(next);
    return false;
  }

  private itemsAreFree(i: number, t: number): boolean {
    const { course } = this;
    const { uses, holds, minutes } = course.steps[i]!;
    for (const u of uses) {
      if (!this.hasRoom(i, u.item, t, minutes)) return false;
      if (u.celsius !== null && minutes > 0 && !this.isHot(u, u.celsius, t)) return false;
    }
    for (const hold of holds) if (!this.hasRoom(i, hold.item, t, minutes)) return false;
    return true;
  }

  private hasRoom(i: number, item: number, t: number, minutes: number): boolean {
    const { course } = this;
    if (this.floor.used[item]! + needed(course, i, item) > course.units[item]!) return false;
    for (const [start, end] of course.closed[item]!) if (start < t + minutes && t < end) return false;
    return true;
  }

  /** Is the oven at this temperature, or can it be by now? */
  private isHot({ item }: Taken, celsius: number, t: number): boolean {
    if (this.floor.off[item]! > 0) return false;
    const loads = this.floor.loads[item]!;
    if (loads.length > 0) return loads.every((x) => celsiusIn(this.course, x, item) === celsius);
    const last = this.floor.lastLoad[item]!;
    if (last < 0) return true;
    const ready =
      this.floor.over[last]! + changeoverIn(this.course, item, celsiusIn(this.course, last, item)!, celsius);
    this.floor.wakeAt(ready);
    return t >= ready;
  }

  /** Those who are to do it, or, where it is overdue, others for those who cannot; null where there are not enough. */
  private crewFor(i: number, t: number): number[] | null {
    const { steps, problem } = this.course;
    const s = steps[i]!;
    const { crew, minutes, inShift } = s;
    if (s.work !== 'hands') return crew;
    const { nobodyAt, helpFrom, handsChanged } = this.floor;
    if (nobodyAt[i] === handsChanged && t < helpFrom[i]!) return null;
    let able = true;
    for (const p of crew) if (!this.floor.isAble(p, t, inShift)) able = false;
    if (able) return crew;
    if (t <= s.start + OVERDUE) {
      const helped = Math.min(this.expected.deadline(i, t) - PRESSING, s.start + OVERDUE + 1);
      this.floor.wakeAt(helped);
      if (t < helped) {
        nobodyAt[i] = handsChanged;
        helpFrom[i] = helped;
        return null;
      }
    }
    const can = (p: number) => this.floor.isAble(p, t, inShift);
    const others = crew.filter((p) => !Number.isNaN(s.pace[p]!) && can(p));
    for (let p = 0; p < problem.people.length && others.length < s.count; p++)
      if (
        !others.includes(p) &&
        !crew.includes(p) &&
        !Number.isNaN(s.pace[p]!) &&
        can(p) &&
        !this.isDue(p, t + minutes)
      )
        others.push(p);
    if (others.length >= s.count) return others;
    nobodyAt[i] = handsChanged;
    helpFrom[i] = NEVER;
    return null;
  }

  /** Has somebody a step of their own to begin before a minute? */
  private isDue(person: number, before: number): boolean {
    const list = this.course.ofPerson[person]!;
    for (let k = this.floor.firstOpen(list, this.floor.nextOfPerson, person); k < list.length; k++) {
      const { start } = this.course.steps[list[k]!]!;
      if (start >= before) return false;
      if (this.floor.began[list[k]!] === NEVER) return true;
    }
    return false;
  }

  private followersCanFollow(i: number, t: number): boolean {
    const { minutes, atOnce } = this.course.steps[i]!;
    for (const { to, min, max } of atOnce) {
      const until = t + minutes + max - Math.min(MARGIN, Math.floor(max / 3));
      const next = this.course.steps[to]!;
      const able =
        next.work === 'hands'
          ? this.expected.handsFrom(next, t + minutes + min, t)
          : next.work === 'oven'
            ? this.expected.ovenFrom(to, t)
            : -NEVER;
      const from = Math.max(able, this.expected.otherwiseReady(to, i, t));
      if (from <= until) continue;
      this.floor.wakeAt(from - until + t);
      return false;
    }
    return true;
  }

  /** Would it take hands or things that a step before it in order is waiting for? */
  private pushesIn(i: number, t: number, crew: number[]): boolean {
    const { course } = this;
    const { uses, holds } = course.steps[i]!;
    for (const p of crew)
      if (this.hinders(course.ofPerson[p]!, this.floor.nextOfPerson, p, i, t, () => true)) return true;
    const inItem = (item: number) =>
      this.hinders(course.ofItem[item]!, this.floor.nextOfItem, item, i, t, (j) => this.clashes(i, j, item));
    return uses.some((u) => inItem(u.item)) || holds.some((h) => inItem(h.item));
  }

  /** Is there no room in an item for both beside what is in use, or does an oven have no temperature for both? */
  private clashes(i: number, j: number, item: number): boolean {
    const { course } = this;
    const other = needed(course, j, item);
    if (other === 0 && celsiusIn(course, j, item) === null) return false;
    if (this.floor.used[item]! + needed(course, i, item) + other > course.units[item]!) return true;
    const [own, others] = [celsiusIn(course, i, item), celsiusIn(course, j, item)];
    return own !== null && others !== null && own !== others;
  }

  /** Would it take hands or things that another step needs before its deadline, which is the earlier one? */
  private leavesToSpoil(i: number, t: number, crew: number[]): boolean {
    if (this.floor.pressing.length === 0) return false;
    const { steps } = this.course;
    const { uses, holds, minutes } = steps[i]!;
    const before = Math.min(t + minutes, this.expected.deadline(i, t));
    for (const j of this.floor.pressing) {
      if (j === i) continue;
      const deadline = this.expected.deadline(j, t);
      if (deadline < t || deadline >= before) continue;
      const inTheWay =
        steps[j]!.crew.some((p) => crew.includes(p)) ||
        uses.some((u) => this.clashes(i, j, u.item)) ||
        holds.some((h) => this.clashes(i, j, h.item));
      if (!inTheWay) continue;
      this.floor.wakeAt(deadline + 1);
      return true;
    }
    return false;
  }

  /** Does one of these steps that comes before another, clashes with it and could begin while that lasts, wait and is not overdue? */
  private hinders(
    list: number[],
    next: Int32Array,
    of: number,
    i: number,
    t: number,
    clash: (j: number) => boolean,
  ): boolean {
    const { steps } = this.course;
    const end = t + steps[i]!.minutes;
    for (let k = this.floor.firstOpen(list, next, of); k < list.length && list[k]! < i; k++) {
      const j = list[k]!;
      if (this.floor.began[j]! < NEVER || t > steps[j]!.start + OVERDUE || !clash(j)) continue;
      if (end <= this.expected.couldBegin(j, t)) continue;
      this.floor.wakeAt(steps[j]!.start + OVERDUE + 1);
      return true;
    }
    return false;
  }
}
