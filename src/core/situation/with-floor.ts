import { lengthWith } from '../planning-format/lengths';
import { kindsTaken, type Placed, type Problem, type Step, type Wait } from '../planning-format/problem';
import { mergeSpans } from '../time/spans';
import { waitAlone } from './wait-alone';
import { expectedEnd, type StepState } from '../floor/floor-state';

/** A step under way that has run over is expected to need at least this much longer. Minutes. */
const STILL_NEEDS = 1;

/**
 * The problem with what happened in it: done and running steps become facts. A running step ends when its planned
 * time is over, this very minute too; or just ahead of now if it has run over.
 *
 * A longest wait that the facts have already broken, or will have by now, is lifted (the part may have to be looked at,
 * but the rest of the cake is still planned); `stood` names those waits. So is what is asked of a wait beside its minutes where that cannot be any
 * more: nobody was there, or something else went into the oven.
 */
export function withFloor(
  problem: Problem,
  states: ReadonlyMap<string, StepState>,
): { problem: Problem; stood: string[] } {
  const team = new Map(problem.people.map((p) => [p.id, p]));
  const steps: Step[] = problem.steps.map((s) => {
    const state = states.get(s.id);
    if (!state) return s;
    const people = s.work === 'hands' ? state.people.flatMap((p) => team.get(p) ?? []) : [];
    const equipment = itemsFor(s, state, problem);
    const end = state.end ?? endOfRunning(expectedEnd(state, lengthWith(s, people, equipment)), problem.now);
    const ids = people.map((p) => p.id);
    return { ...s, placed: { start: state.start, end, people: ids, equipment, state: state.state } };
  });
  const placed = new Map(steps.map((s) => [s.id, s.placed]));
  const attended = mergeSpans(problem.people.flatMap((p) => p.shifts));
  const stood: string[] = [];
  const waits = problem.waits.map((w) => {
    const from = placed.get(w.from);
    const to = placed.get(w.to);
    if (!from && !to) return w;
    const begins = to ? to.start : problem.now;
    const broken = from !== undefined && w.max !== null && begins - from.end > w.max;
    // A step begun before what it waits for was told as done: the floor knows better than the plan.
    const early = to !== undefined && (from ? to.start - from.end : -Infinity) < w.min;
    if (broken) stood.push(w.id);
    if (early) return { ...waitAlone(w), min: -problem.horizon, max: null, place: null, units: 0, ageing: 0 };
    const spoilt =
      from !== undefined &&
      ((w.heat && heatedAgain(steps, w, from)) ||
        (w.attended && !attended.some(([a, b]) => a <= from.end && begins <= b)));
    const kept = spoilt ? waitAlone(w) : w;
    return broken ? { ...kept, max: null } : kept;
  });
  return { problem: { ...problem, steps, waits }, stood };
}

/** Has something else been put into the oven in which this dries? Then there is no more sense in keeping it off. */
function heatedAgain(steps: Step[], wait: Wait, from: Placed): boolean {
  const oven = from.equipment.at(-1);
  return steps.some(
    ({ id, oven: bakes, placed }) =>
      bakes && placed && id !== wait.from && placed.equipment.at(-1) === oven && placed.end > from.end,
  );
}

/** Of two taps in one minute the first must not find a minute that nobody has told: what is due now ends now. */
const endOfRunning = (expected: number, now: number) => (expected >= now ? expected : now + STILL_NEEDS);

/** A problem as it stands at a later minute, when nothing was told meanwhile: what runs still does, and nothing begins before now. */
export function problemAt(problem: Problem, minute: number): Problem {
  if (minute <= problem.now) return problem;
  const steps = problem.steps.map((s) =>
    s.placed?.state === 'running' && s.placed.end < minute
      ? { ...s, placed: { ...s.placed, end: minute + STILL_NEEDS } }
      : s,
  );
  return { ...problem, now: minute, steps };
}

/** The items it was begun with; where the step has come to need others since, the first of each kind. */
function itemsFor(step: Step, state: StepState, problem: Problem): string[] {
  const kinds = kindsTaken(step);
  const kindOf = new Map(problem.equipment.map((e) => [e.id, e.kind]));
  return kinds.map((kind, i) => {
    const begunWith = state.equipment[i];
    if (begunWith !== undefined && kindOf.get(begunWith) === kind) return begunWith;
    return problem.equipment.find((e) => e.kind === kind)?.id ?? '';
  });
}
