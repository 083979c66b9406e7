import { isAhead } from '../ids/ids';
import type { Plan, PlannedStep } from '../planning-format/plan';
import type { Order, Problem, Step, Wait } from '../planning-format/problem';

/** A plan with the problem that it answers. */
export interface PlannedProblem {
  problem: Problem;
  plan: Plan;
}

/** A wait that the plan's routes have taken, between two steps that it holds. */
export interface PlannedWait {
  wait: Wait;
  from: PlannedStep;
  to: PlannedStep;
}

const readings = new WeakMap<Plan, PlanReading>();

/** The reading of a plan: made once for each plan, however often it is asked for. */
export function readingOf({ problem, plan }: PlannedProblem): PlanReading {
  const known = readings.get(plan);
  if (known?.problem === problem) return known;
  const made = new PlanReading(problem, plan);
  readings.set(plan, made);
  return made;
}

/** A plan as everybody asks it: the step, when and by whom, whether it is on a route that was taken, how late its order leaves. */
export class PlanReading {
  private readonly steps: ReadonlyMap<string, Step>;
  private readonly plannedSteps: ReadonlyMap<string, PlannedStep>;
  private readonly orders: ReadonlyMap<string, Order>;
  private readonly waitItems: ReadonlyMap<string, string>;
  private readonly holdItems: ReadonlyMap<string, string>;
  private readonly ofOrder: ReadonlyMap<string | null, Step[]>;
  private readonly waitsFrom: ReadonlyMap<string, PlannedWait[]>;
  private readonly waitsTo: ReadonlyMap<string, PlannedWait[]>;
  /** Every wait of the cakes that counts, in the order of the problem. */
  readonly waits: readonly PlannedWait[];
  /** What had rather not lie in the last hours before its cake leaves, by its step. */
  readonly ahead: ReadonlyMap<string, PlannedWait>;

  constructor(
    readonly problem: Problem,
    readonly plan: Plan,
  ) {
    const byId = <T extends { id: string }>(list: T[]) => new Map(list.map((x) => [x.id, x]));
    const items = (list: { id: string; equipment: string }[]) => new Map(list.map((x) => [x.id, x.equipment]));
    this.steps = byId(problem.steps);
    this.plannedSteps = byId(plan.steps);
    this.orders = byId(problem.orders);
    this.waitItems = items(plan.waits);
    this.holdItems = items(plan.holds);
    const all = problem.waits.flatMap((wait) => {
      const [from, to] = [this.planned(wait.from), this.planned(wait.to)];
      return from && to && this.isTaken(wait) ? [{ wait, from, to }] : [];
    });
    this.waits = all.filter((w) => !isAhead(w.wait));
    this.ofOrder = grouped(problem.steps, (s) => s.order);
    this.waitsFrom = grouped(this.waits, (w) => w.wait.from);
    this.waitsTo = grouped(this.waits, (w) => w.wait.to);
    this.ahead = new Map(all.filter((w) => isAhead(w.wait)).map((w) => [w.wait.from, w]));
  }

  /** What the problem says of a step. */
  step(id: string): Step | undefined {
    return this.steps.get(id);
  }

  /** Where the plan has a step, and who does it with what; undefined where it leaves it out. */
  planned(id: string): PlannedStep | undefined {
    return this.plannedSteps.get(id);
  }

  /** The steps of an order, or those of batches for several, in the order of the problem; on whatever route. */
  stepsOf(order: string | null): readonly Step[] {
    return this.ofOrder.get(order) ?? [];
  }

  /** The waits of `waits` that begin with a step, and those that end with it. */
  waitsAfter(step: string): readonly PlannedWait[] {
    return this.waitsFrom.get(step) ?? [];
  }

  waitsBefore(step: string): readonly PlannedWait[] {
    return this.waitsTo.get(step) ?? [];
  }

  order(id: string): Order | undefined {
    return this.orders.get(id);
  }

  /** Does it exist on the routes that the plan has taken? */
  isTaken({ when }: { when?: { route: string; choice: string } }): boolean {
    return !when || this.plan.routes[when.route] === when.choice;
  }

  /** The item that keeps what waits, or that is held; undefined on the open bench. */
  itemOfWait(wait: string): string | undefined {
    return this.waitItems.get(wait);
  }

  itemOfHold(hold: string): string | undefined {
    return this.holdItems.get(hold);
  }

  /** Minutes by which an order leaves after its pickup, 0 on time; null where the plan leaves it out or has never heard of it. */
  minutesLate(id: string): number | null {
    const order = this.orders.get(id);
    const handOver = order && this.planned(order.collect);
    return handOver ? handOver.start - order.pickup : null;
  }
}

/** What is asked of one of them is not looked for among all: a wall asks it of every order. */
function grouped<T, K>(list: readonly T[], keyOf: (x: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const x of list) {
    const key = keyOf(x);
    const group = groups.get(key);
    if (group) group.push(x);
    else groups.set(key, [x]);
  }
  return groups;
}
