import { celsiusWith, changeover, lengthAtPace, paceOf } from '../../planning-format/lengths';
import type { Plan } from '../../planning-format/plan';
import type { Problem, Step, Wait } from '../../planning-format/problem';
import { mergeSpans, type Span } from '../../time/spans';

/** A step is overdue after its planned start and so many minutes: then others may help it, and nobody waits for it any more. */
export const OVERDUE = 15;
/** What may wait no longer than this follows at once, and has a deadline. */
const FOLLOWS_AT_ONCE = 60;
/** Who has something in hand finishes it, if that is likely to be over so many minutes after the end of the shift. */
const STAYS = 10;
/** Before its deadline others help with a step from so many minutes on. */
export const PRESSING = 5;
/** A part keeps for its longest wait, this share of it more, and at least and at most so many minutes. */
const TOLERANCE = 0.5;
const LEAST_TOLERANCE = 10;
const MOST_TOLERANCE = 60;

/** A wait into a step. */
interface Before {
  from: number;
  min: number;
  max: number;
  /** Standing longer than this, the part is made again; Infinity where it keeps. */
  keeps: number;
  /** Does it leave so little time that it sets a deadline? */
  atOnce: boolean;
  /** Minutes that making it again takes. */
  again: number;
}

/** Something that a step takes room in; with a temperature, its oven. */
export interface Taken {
  item: number;
  units: number;
  celsius: number | null;
}

/** One step of the plan, with everything by index. */
export interface CourseStep {
  id: string;
  work: Step['work'];
  /** Planned start and length. */
  start: number;
  minutes: number;
  /** A shift that lasts so long from its start on sees it through. */
  inShift: number;
  /** Done or running: when it is over; null for what is still to be done. */
  over: number | null;
  crew: number[];
  count: number;
  /** By person, how many times the usual it takes them; NaN for those who cannot do it. */
  pace: Float64Array;
  before: Before[];
  /** Steps that wait for it. */
  after: number[];
  /** Waits out of it that leave little time. */
  atOnce: { to: number; min: number; max: number }[];
  /** Waits out of it into steps that can have a deadline. */
  intoPressing: { to: number; min: number }[];
  /** From its start to its end. */
  uses: Taken[];
  /** From its start to the end of another step. */
  holds: { item: number; units: number; until: number }[];
  /** What stays in an item from its end on, until another step begins. */
  leaves: { item: number; units: number; off: boolean; to: number }[];
}

/** A plan as it is lived: steps in order of their planned start. */
export interface Course {
  problem: Problem;
  steps: CourseStep[];
  shifts: Span[][];
  /** When anybody is on shift. */
  attended: Span[];
  units: number[];
  closed: Span[][];
  /** By person and by item, the steps that need it, in order. */
  ofPerson: number[][];
  ofItem: number[][];
}

/** Minutes in which an oven changes from one temperature to another. */
export const changeoverIn = ({ problem }: Course, oven: number, from: number, to: number): number =>
  changeover(problem.equipment[oven]!, from, to);

/** Reads a plan as a course. What was begun and is not in the plan keeps its people and its items all the same. */
export function courseOf(problem: Problem, plan: Plan): Course {
  const known = new Map(problem.steps.map((s) => [s.id, s]));
  const listed = new Set(plan.steps.map((s) => s.id));
  const begun = problem.steps.flatMap((s) =>
    s.placed && s.placed.state !== 'pinned' && !listed.has(s.id) ? [{ id: s.id, ...s.placed }] : [],
  );
  const sorted = [...plan.steps, ...begun].sort((a, b) => a.start - b.start);
  const indexOf = new Map(sorted.map((s, i) => [s.id, i]));
  const person = new Map(problem.people.map((p, i) => [p.id, i]));
  const item = new Map(problem.equipment.map((e, i) => [e.id, i]));
  const taken = (x: { when?: Wait['when'] }) => !x.when || plan.routes[x.when.route] === x.when.choice;
  const steps = sorted.map(({ id, start, end, people, equipment }): CourseStep => {
    const step = known.get(id)!;
    const fact = step.placed && step.placed.state !== 'pinned';
    const { skill = null, count = 0 } = step.people ?? {};
    const able = (p: Problem['people'][number]) => step.people !== null && (skill === null || p.skills.includes(skill));
    const slowest = Math.max(1e-9, ...people.map((p) => paceOf(problem.people[person.get(p)!]!, step)));
    return {
      inShift: Math.max(0, lengthAtPace(step.minutes.likely, slowest) - STAYS),
      ...{ id, work: step.work, start, minutes: end - start, over: fact ? end : null, count },
      crew: people.map((p) => person.get(p)!),
      pace: Float64Array.from(problem.people, (p) => (able(p) ? paceOf(p, step) : NaN)),
      uses: equipment.map((e, k) => ({
        item: item.get(e)!,
        units: step.uses[k]?.units ?? step.oven?.units ?? 0,
        celsius: k < step.uses.length ? null : celsiusWith(step, equipment),
      })),
      ...{ before: [], after: [], atOnce: [], intoPressing: [], holds: [], leaves: [] },
    };
  });
  const exists = (id: string) => listed.has(id);
  const waits = problem.waits.filter((w) => taken(w) && exists(w.from) && exists(w.to));
  const placeOf = new Map(plan.waits.map((w) => [w.id, w.equipment]));
  for (const w of waits) {
    const [from, to] = [indexOf.get(w.from)!, indexOf.get(w.to)!];
    const max = w.max ?? Infinity;
    const keeps = max + Math.min(MOST_TOLERANCE, Math.max(LEAST_TOLERANCE, Math.floor(max * TOLERANCE)));
    steps[to]!.before.push({ from, min: w.min, max, keeps, atOnce: max <= FOLLOWS_AT_ONCE, again: 0 });
    steps[from]!.after.push(to);
    if (max <= FOLLOWS_AT_ONCE) steps[from]!.atOnce.push({ to, min: w.min, max });
    const place = w.sameItemAs === undefined ? undefined : placeOf.get(w.id);
    if (place !== undefined)
      steps[from]!.leaves.push({ item: item.get(place)!, units: w.units, off: w.heat === 'off', to });
  }
  for (const w of waits) {
    const [from, to] = [indexOf.get(w.from)!, indexOf.get(w.to)!];
    if (steps[to]!.before.some((b) => b.atOnce)) steps[from]!.intoPressing.push({ to, min: w.min });
  }
  const itemOf = new Map(plan.holds.map((h) => [h.id, h.equipment]));
  for (const h of problem.holds)
    if (taken(h) && exists(h.from) && exists(h.until) && itemOf.has(h.id))
      steps[indexOf.get(h.from)!]!.holds.push({
        ...{ item: item.get(itemOf.get(h.id)!)!, units: h.units, until: indexOf.get(h.until)! },
      });
  steps.forEach((s) => {
    for (const wait of s.before) if (wait.keeps < Infinity) wait.again = madeAgain(steps, wait.from);
  });
  const needing = (has: (s: CourseStep) => boolean) => steps.flatMap((s, i) => (s.over === null && has(s) ? [i] : []));
  const ofPerson = problem.people.map((_, p) => needing((s) => s.crew.includes(p)));
  const ofItem = problem.equipment.map((_, e) =>
    needing((s) => s.uses.some((u) => u.item === e) || s.holds.some((h) => h.item === e)),
  );
  return {
    ...{ problem, steps, ofPerson, ofItem },
    shifts: problem.people.map((p) => p.shifts),
    attended: mergeSpans(problem.people.flatMap((p) => p.shifts)),
    units: problem.equipment.map((e) => e.units),
    closed: problem.equipment.map((e) => e.closed ?? []),
  };
}

/** The longest chain of steps that lead to one step and nowhere else, itself included. Minutes. */
function madeAgain(steps: CourseStep[], last: number): number {
  const own = new Set([last]);
  for (let grown = true; grown;) {
    grown = false;
    steps.forEach(({ after }, i) => {
      if (own.has(i) || after.length === 0 || !after.every((to) => own.has(to))) return;
      own.add(i);
      grown = true;
    });
  }
  const longest = new Map<number, number>();
  const chain = (i: number): number => {
    const known = longest.get(i);
    if (known !== undefined) return known;
    const before = steps[i]!.before.filter((w) => own.has(w.from)).map((w) => chain(w.from) + Math.max(0, w.min));
    const minutes = steps[i]!.minutes + Math.max(0, ...before);
    longest.set(i, minutes);
    return minutes;
  };
  return chain(last);
}
