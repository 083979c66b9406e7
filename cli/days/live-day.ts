import type { StepState } from '../../src/core/floor/floor-state';
import { seededRandom, type Random } from '../../src/core/planner/model/random';
import type { Plan, PlannedStep } from '../../src/core/planning-format/plan';
import type { Problem, Step, Wait } from '../../src/core/planning-format/problem';
import { minutesAt } from '../../src/core/time/minutes';
import { withFloor } from '../../src/core/situation/with-floor';

/** What is told at one minute, with the plan before and the problem that there is now. */
export interface Told {
  kind: 'start' | 'end';
  step: string;
  minute: number;
  /** Is it just what the plan says, or earlier? Then nobody may be later for it. */
  neutral: boolean;
  problem: Problem;
  /** The problem at this minute if the fact were not known yet. */
  without: () => Problem;
  before: Plan;
}

/** Begun later than planned: how often, and by how many minutes at most. */
const LATE_STARTS = 0.2;
const MOST_LATE = 6;
/** A plan is searched on where nobody tells anything for so many minutes. */
const QUIET = 3;

/**
 * Lives a week as the plan says, with durations drawn from low, likely and high: every step is begun when the plan says, or a little
 * later, once its hands and things are there and what it waits for is done. `tell` is asked for a plan after every fact; the days go on by
 * it. Returns the last plan, in which all that was made is a fact.
 *
 * @param quiet asked for a better plan whenever nothing happens for a few minutes; null where there is none
 */
export function liveDays(
  base: Problem,
  first: Plan,
  seed: number,
  tell: (told: Told) => Plan,
  quiet: (problem: Problem, plan: Plan) => Plan | null = () => null,
): { plan: Plan; problem: Problem } {
  const day = new Day(base, first, seededRandom(seed));
  for (let next = day.next(); next; next = day.next()) {
    const better = day.isQuiet(next) ? quiet(day.problem(), day.plan) : null;
    if (better) day.take(better);
    const now = better ? day.next() : next;
    if (now) day.happen(now, tell);
  }
  return { plan: day.plan, problem: day.problem() };
}

interface Happening {
  kind: 'start' | 'end';
  step: Step;
  minute: number;
}

class Day {
  plan: Plan;
  private minute: number;
  private readonly states = new Map<string, StepState>();
  private readonly lasts = new Map<string, number>();
  private readonly delays = new Map<string, number>();
  private readonly steps: Map<string, Step>;
  private readonly waitsInto = new Map<string, Wait[]>();
  private planned = new Map<string, PlannedStep>();

  constructor(
    private readonly base: Problem,
    plan: Plan,
    random: Random,
  ) {
    this.plan = plan;
    this.minute = base.now;
    this.steps = new Map(base.steps.map((s) => [s.id, s]));
    for (const w of base.waits) this.waitsInto.set(w.to, [...(this.waitsInto.get(w.to) ?? []), w]);
    for (const s of base.steps) {
      this.lasts.set(s.id, Math.round(minutesAt(s.minutes, random())));
      this.delays.set(s.id, random() < LATE_STARTS ? Math.ceil(MOST_LATE * random()) : 0);
    }
    this.take(plan);
  }

  problem(states: ReadonlyMap<string, StepState> = this.states): Problem {
    return withFloor({ ...this.base, now: this.minute }, states).problem;
  }

  /** Does nothing happen for some minutes? */
  isQuiet(next: Happening): boolean {
    return next.minute >= this.minute + QUIET;
  }

  take(plan: Plan): void {
    this.plan = plan;
    this.planned = new Map(plan.steps.map((s) => [s.id, s]));
  }

  /** The next thing that happens: something ends, or something that was planned for now can be begun. Null when all is handed over. */
  next(): Happening | null {
    let best: Happening | null = null;
    const offer = (kind: Happening['kind'], step: Step, minute: number) => {
      const earlier =
        !best || minute < best.minute || (minute === best.minute && kind === 'end' && best.kind === 'start');
      if (earlier) best = { kind, step, minute };
    };
    for (const state of this.states.values())
      if (state.state === 'running')
        offer('end', this.steps.get(state.step)!, Math.max(this.minute, state.start + this.lasts.get(state.step)!));
    for (const p of this.planned.values()) {
      if (this.states.has(p.id)) continue;
      const minute = Math.max(this.minute, p.start + this.delays.get(p.id)!);
      if (this.canBegin(p, minute)) offer('start', this.steps.get(p.id)!, minute);
    }
    return best;
  }

  /** Is everything before it done, and are its hands, its things and its oven free of what still runs? */
  private canBegin(p: PlannedStep, minute: number): boolean {
    for (const { from, min, when } of this.waitsInto.get(p.id) ?? []) {
      if (when && this.plan.routes[when.route] !== when.choice) continue;
      const before = this.states.get(from);
      if (!before && !this.planned.has(from)) continue;
      if (!before?.end && before?.end !== 0) return false;
      if (minute - before.end < min) return false;
    }
    for (const state of this.states.values()) {
      if (state.state !== 'running') continue;
      if (state.start > p.start) continue;
      if (p.people.some((x) => state.people.includes(x))) return false;
      // Whatever the plan has one after the other in one thing stays so; what it has there together may be together.
      const over = state.start + this.steps.get(state.step)!.minutes.likely <= p.start;
      if (over && p.equipment.some((x) => state.equipment.includes(x))) return false;
    }
    return true;
  }

  /** Is something not begun that the same hands were to do before? */
  private isOverdue({ start, people }: PlannedStep): boolean {
    return [...this.planned.values()].some(
      (p) => p.start < start && !this.states.has(p.id) && p.people.some((x) => people.includes(x)),
    );
  }

  happen({ kind, step, minute }: Happening, tell: (told: Told) => Plan): void {
    const planned = this.planned.get(step.id);
    this.minute = minute;
    const state = this.states.get(step.id);
    const unaware = new Map(this.states);
    const { people, equipment } = planned ?? state!;
    const common = { step: step.id, extended: 0, until: null, people, equipment, event: this.states.size };
    if (kind === 'start')
      this.states.set(step.id, {
        ...common,
        state: step.work === 'collect' ? 'done' : 'running',
        start: minute,
        end: step.work === 'collect' ? minute : null,
      });
    else this.states.set(step.id, { ...state!, state: 'done', end: minute });
    // What runs has its end in the plan; an order that was left out meanwhile has it no more, and nothing is neutral to it. Nor is it as planned
    // where somebody begins one thing before another that was to be first.
    const neutral =
      planned !== undefined &&
      (kind === 'start' ? minute <= planned.start && !this.isOverdue(planned) : minute <= planned.end);
    this.take(
      tell({
        kind,
        step: step.id,
        minute,
        neutral,
        problem: this.problem(),
        without: () => this.problem(unaware),
        before: this.plan,
      }),
    );
  }
}
