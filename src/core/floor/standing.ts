import { readingOf, type PlannedProblem } from '../plan-reading/plan-reading';
import type { Plan } from '../planning-format/plan';
import type { Step } from '../planning-format/problem';
import type { StepState } from './floor-state';

/** How an order stands at a minute, as far as its own work decides it: nobody plans again, and hands and things are free. */
export interface Standing {
  /** When it can be handed over, if what is open is begun as planned, or now where that is past. */
  handOver: number;
  /** When all its work can be done at the earliest, if each step is begun as soon as its waits let it. */
  earliest: number;
  /** The step that should have been begun or ended longest ago, and by how many minutes; null where all is in time. */
  overdue: { step: string; minutes: number } | null;
}

/** Where an order of a plan stands at a minute; null where the plan leaves it out. */
export function standingOf(
  planned: PlannedProblem,
  states: ReadonlyMap<string, StepState>,
  id: string,
  minute: number,
): Standing | null {
  const reading = readingOf(planned);
  const collect = reading.order(id)?.collect;
  const handOver = collect === undefined ? undefined : reading.planned(collect);
  if (!handOver) return null;
  const { asPlanned, atOnce } = startsNow(planned, states, minute);
  let overdue: Standing['overdue'] = null;
  for (const step of workFor(planned, id)) {
    const s = reading.planned(step.id);
    const state = states.get(step.id)?.state;
    if (!s || step.work === 'collect' || state === 'done') continue;
    const minutes = minute - (state === 'running' ? s.end : s.start);
    if (minutes > 0 && minutes > (overdue?.minutes ?? 0)) overdue = { step: step.name, minutes };
  }
  return { handOver: Math.max(handOver.start, asPlanned.get(collect!)!), earliest: atOnce.get(collect!)!, overdue };
}

/** An order’s own steps, and those of batches that it waits for. */
function workFor(planned: PlannedProblem, id: string): Step[] {
  const reading = readingOf(planned);
  const work = [...reading.stepsOf(id)];
  const seen = new Set(work.map((s) => s.id));
  // What is found is looked at in turn.
  for (const step of work)
    for (const { wait } of reading.waitsBefore(step.id)) {
      const before = reading.step(wait.from);
      if (!before || before.order !== null || seen.has(before.id)) continue;
      seen.add(before.id);
      work.push(before);
    }
  return work;
}

/** The starts of all steps: begun as planned, or now where that is past; and begun as soon as their waits let them. */
interface Starts {
  plan: Plan;
  minute: number;
  asPlanned: ReadonlyMap<string, number>;
  atOnce: ReadonlyMap<string, number>;
}

/** Worked out before: a wall asks for every order of one state of the day. */
const known = new WeakMap<ReadonlyMap<string, StepState>, Starts>();

function startsNow(planned: PlannedProblem, states: ReadonlyMap<string, StepState>, minute: number): Starts {
  const { plan } = planned;
  const before = known.get(states);
  if (before?.plan === plan && before.minute === minute) return before;
  const asPlanned = pushed(planned, states, minute, (start) => Math.max(start, minute));
  const made = { plan, minute, asPlanned, atOnce: pushed(planned, states, minute, () => minute) };
  known.set(states, made);
  return made;
}

/** The start of every step of the plan, when those that are open begin as `from` says and after their waits. */
function pushed(
  { problem, plan }: PlannedProblem,
  states: ReadonlyMap<string, StepState>,
  minute: number,
  from: (start: number) => number,
): ReadonlyMap<string, number> {
  const reading = readingOf({ problem, plan });
  const starts = new Map<string, number>();
  const ends = new Map<string, number>();
  // What waits for another never begins before it.
  for (const s of [...plan.steps].sort((a, b) => a.start - b.start || a.end - b.end)) {
    const state = states.get(s.id);
    const waited = reading.waitsBefore(s.id).map(({ wait }) => (ends.get(wait.from) ?? -Infinity) + wait.min);
    const start = state ? state.start : Math.max(from(s.start), ...waited);
    starts.set(s.id, start);
    ends.set(s.id, state?.end ?? (state ? Math.max(s.end, minute) : start + s.end - s.start));
  }
  return starts;
}
