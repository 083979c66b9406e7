import type { Condition, GivenProblem, GivenStep, Lasts, ListedPlan, ListedStep } from './documents';

/** A problem and a plan side by side, with the questions that every rule asks of them. */
export class Reading {
  readonly people: Map<string, GivenProblem['people'][number]>;
  readonly equipment: Map<string, GivenProblem['equipment'][number]>;
  readonly steps: Map<string, GivenStep>;
  readonly leftOut: Set<string>;
  /** Where each step that the plan lists stands. */
  readonly at = new Map<string, ListedStep>();

  constructor(
    readonly problem: GivenProblem,
    readonly plan: ListedPlan,
  ) {
    this.people = new Map(problem.people.map((p) => [p.id, p]));
    this.equipment = new Map(problem.equipment.map((e) => [e.id, e]));
    this.steps = new Map(problem.steps.map((s) => [s.id, s]));
    this.leftOut = new Set(plan.unplaced.map((u) => u.order));
    for (const p of plan.steps) if (!this.at.has(p.id)) this.at.set(p.id, p);
  }

  taken(x: { when?: Condition | null }): boolean {
    return !x.when || this.plan.routes[x.when.route] === x.when.choice;
  }

  exists(step: GivenStep): boolean {
    return this.taken(step) && !(step.order !== null && this.leftOut.has(step.order));
  }

  /** Done or running: it is as it is, whatever the rules. */
  isFact(id: string): boolean {
    const placed = this.steps.get(id)?.placed;
    return !!placed && placed.state !== 'pinned';
  }

  /** Facts that the plan does not list: of orders left out, or of a choice that it does not take. */
  unlistedFacts(): { step: GivenStep; stands: ListedStep }[] {
    return this.problem.steps.flatMap((step) => {
      const { placed } = step;
      if (!placed || placed.state === 'pinned' || (this.exists(step) && this.at.has(step.id))) return [];
      return [{ step, stands: { id: step.id, ...placed } }];
    });
  }

  /** The way in which a step with a list of ovens is baked where it stands; undefined if that oven is not on the list. */
  ovenChoice(step: GivenStep, stands: Pick<ListedStep, 'equipment'>) {
    return step.oven?.choices?.find((c) => c.equipment === stands.equipment.at(-1));
  }

  /** Rule 1: how long a free step lasts there, with those people and in that oven. */
  length(step: GivenStep, stands: ListedStep): number {
    const planned = (m: Lasts) => m.planned ?? m.likely;
    if (step.oven?.choices) return planned(this.ovenChoice(step, stands)?.minutes ?? step.minutes);
    const skill = step.people?.skill;
    if (step.work !== 'hands' || !skill || stands.people.length === 0) return planned(step.minutes);
    const paceOf = ({ pace = {} }: { pace?: Record<string, number> } = {}) =>
      Object.hasOwn(pace, skill) ? pace[skill]! : 1;
    const slowest = Math.max(...stands.people.map((p) => paceOf(this.people.get(p))));
    // The product of a decimal fraction may lie a hair above the whole number that is meant.
    return Math.ceil(planned(step.minutes) * slowest - 1e-9);
  }
}
