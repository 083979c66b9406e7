import type { Span } from '../../time/spans';
import { changeoverIn, type Course } from './course';

/** Does a kitchen begin things as soon as it can, or when the wall says? */
export type Habit = 'early' | 'wall';

/** What something else has to follow at once is begun no sooner than this before it is planned: it would be in the way of others. Minutes. */
const LEAD = 10;

/** Nothing is begun sooner than this before it is planned: it would be old. Minutes. */
const MOST_EARLY = 60;

/** More passes than any chain of waits needs. */
const MOST_PASSES = 200;

/** The first minute at or after `from` at which a shift lasts for so many minutes more; Infinity where none does. */
export function nextShift(shifts: Span[], from: number, minutes: number): number {
  for (const [start, end] of shifts) {
    const at = Math.max(from, start);
    if (at + minutes <= end && at < end) return at;
  }
  return Infinity;
}

/** Before this no step may begin, whatever the plan: not before now, nor its own earliest, nor the pickup. */
function ownEarliest({ problem, steps }: Course): number[] {
  const pickups = new Map(problem.orders.map((o) => [o.collect, o.pickup]));
  const known = new Map(problem.steps.map((s) => [s.id, s]));
  return steps.map(({ id }) =>
    Math.max(problem.now, known.get(id)!.earliest ?? -Infinity, pickups.get(id) ?? -Infinity),
  );
}

/**
 * When each step may begin, by the kitchen's habit: as soon as it could, or when the wall says; what follows at once on something else when
 * that is over (`docs/days.md`, 1).
 */
export function beginnings(course: Course, habit: Habit): Float64Array {
  const times = habit === 'early' ? earliestTimes(course) : Float64Array.from(course.steps, (s) => s.start);
  const own = ownEarliest(course);
  return times.map((time, i) => {
    const { before, atOnce, start } = course.steps[i]!;
    if (before.some((w) => w.atOnce)) return Math.min(time, own[i]!);
    return atOnce.length > 0 ? Math.max(time, start - LEAD) : time;
  });
}

/** How early each step could begin with everything taking as long as planned: the plan pushed to the left, in its order (`docs/days.md`). */
function earliestTimes(course: Course): Float64Array {
  const { steps, shifts, units, ofPerson, ofItem } = course;
  const arcs: { from: number; to: number; lag: number }[] = [];
  const follow = (list: number[], lagOf: (a: number, b: number) => number | null) =>
    list.forEach((to, k) => {
      for (const from of list.slice(0, k)) {
        const lag = lagOf(from, to);
        if (lag !== null) arcs.push({ from, to, lag });
      }
    });
  ofPerson.forEach((list) => follow(list, () => 0));
  ofItem.forEach((list, item) => follow(list, (a, b) => lagOnItem(course, item, units[item]!, a, b)));
  // What holds an item to the end of a later step lets the next one begin after that.
  ofItem.forEach((list, item) =>
    list.forEach((to, k) => {
      for (const from of list.slice(0, k))
        for (const hold of steps[from]!.holds)
          if (hold.item === item && hold.units + needed(course, to, item) > units[item]!)
            if (hold.until < to) arcs.push({ from: hold.until, to, lag: 0 });
    }),
  );
  const own = ownEarliest(course);
  const time = Float64Array.from(steps, (s, i) =>
    s.over !== null ? s.start : Math.max(own[i]!, s.start - MOST_EARLY),
  );
  for (let pass = 0, changed = true; changed && pass < MOST_PASSES; pass++) {
    changed = false;
    const raise = (i: number, to: number) => {
      const at = Math.min(to, steps[i]!.start);
      if (steps[i]!.over !== null || at <= time[i]!) return;
      time[i] = at;
      changed = true;
    };
    const end = (i: number) => steps[i]!.over ?? time[i]! + steps[i]!.minutes;
    steps.forEach(({ before, crew, minutes }, i) => {
      for (const { from, min } of before) raise(i, end(from) + min);
      for (const p of crew) raise(i, nextShift(shifts[p]!, time[i]!, minutes));
      for (const { from, max } of before) if (max < Infinity) raise(from, time[i]! - max - steps[from]!.minutes);
    });
    for (const { from, to, lag } of arcs) raise(to, end(from) + lag);
  }
  return time;
}

/** Units of an item that a step takes, for itself or to hold. */
export function needed({ steps }: Course, step: number, item: number): number {
  const { uses, holds } = steps[step]!;
  let units = 0;
  for (const u of uses) if (u.item === item) units += u.units;
  for (const h of holds) if (h.item === item) units += h.units;
  return units;
}

/** The temperature that a step has in an oven; null where it bakes nothing in there. */
export const celsiusIn = ({ steps }: Course, step: number, item: number): number | null =>
  steps[step]!.uses.find((u) => u.item === item && u.celsius !== null)?.celsius ?? null;

/** Minutes from the end of one step to the start of a later one on an item that has no room for both; null where it has. */
function lagOnItem(course: Course, item: number, units: number, first: number, later: number): number | null {
  const [a, b] = [celsiusIn(course, first, item), celsiusIn(course, later, item)];
  if (a !== null && b !== null && a !== b) return changeoverIn(course, item, a, b);
  return needed(course, first, item) + needed(course, later, item) > units ? 0 : null;
}
