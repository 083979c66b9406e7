import type { PlannedStep } from '../planning-format/plan';
import { minutesOfAge } from './age';
import { readingOf, type PlannedProblem } from './plan-reading';

/** What a plan comes to. Minutes. */
export interface PlanTotals {
  onTime: number;
  late: number;
  leftOut: number;
  lateMinutes: number;
  /** Minutes that parts wait beyond what they must. */
  ageMinutes: number;
  /** Work of hands outside the shifts that both plans know. */
  overtimeMinutes: number;
}

interface MovedStep {
  step: string;
  name: string;
  order: string | null;
  /** Null where the step is in one of the plans only. */
  from: Pick<PlannedStep, 'start' | 'people'> | null;
  to: Pick<PlannedStep, 'start' | 'people'> | null;
}

interface OrderChange {
  order: string;
  name: string;
  /** Minutes late, null where it is left out or not there. */
  from: number | null;
  to: number | null;
}

export interface Comparison {
  from: PlanTotals;
  to: PlanTotals;
  /** Steps that start at another time or are done by others, the farthest first. */
  moved: MovedStep[];
  movedMinutes: number;
  /** Orders that are late by more or less than they were. */
  orders: OrderChange[];
}

/** What a second plan changes against a first one: for a lead who has to decide between them. */
export function comparePlans(from: PlannedProblem, to: PlannedProblem): Comparison {
  const [before, after] = [readingOf(from), readingOf(to)];
  const known = new Map([...from.problem.steps, ...to.problem.steps].map((s) => [s.id, s]));
  const moved: MovedStep[] = [];
  let movedMinutes = 0;
  for (const [id, step] of known) {
    if (step.work === 'collect') continue;
    const [was, is] = [before.planned(id) ?? null, after.planned(id) ?? null];
    if (!was && !is) continue;
    if (was && is && was.start === is.start && sameSet(was.people, is.people)) continue;
    movedMinutes += was && is ? Math.abs(is.start - was.start) : 0;
    const brief = (s: PlannedStep | null) => s && { start: s.start, people: s.people };
    moved.push({ step: id, name: step.name, order: step.order, from: brief(was), to: brief(is) });
  }
  const far = (m: MovedStep) => (m.from && m.to ? Math.abs(m.to.start - m.from.start) : 0);
  moved.sort((x, y) => far(y) - far(x));
  const orders = new Map([...from.problem.orders, ...to.problem.orders].map((o) => [o.id, o.name]));
  return {
    from: totals(from, from),
    to: totals(to, from),
    moved,
    movedMinutes,
    orders: [...orders].flatMap(([order, name]) => {
      const [was, is] = [before.minutesLate(order), after.minutesLate(order)];
      return was === is ? [] : [{ order, name, from: was, to: is }];
    }),
  };
}

const sameSet = (a: string[], b: string[]) => a.length === b.length && a.every((x) => b.includes(x));

function totals(planned: PlannedProblem, shiftsOf: PlannedProblem): PlanTotals {
  const { problem, plan } = planned;
  const reading = readingOf(planned);
  const late = problem.orders.map((o) => reading.minutesLate(o.id));
  const shifts = new Map(shiftsOf.problem.people.map((p) => [p.id, p.shifts]));
  let overtime = 0;
  for (const s of plan.steps) {
    if (s.start < problem.now) continue;
    for (const p of s.people) {
      const inside = (shifts.get(p) ?? []).reduce(
        (sum, [a, b]) => sum + Math.max(0, Math.min(b, s.end) - Math.max(a, s.start)),
        0,
      );
      overtime += s.end - s.start - inside;
    }
  }
  return {
    onTime: late.filter((l) => l === 0).length,
    late: late.filter((l) => l !== null && l > 0).length,
    leftOut: late.filter((l) => l === null).length,
    lateMinutes: late.reduce<number>((sum, l) => sum + Math.max(0, l ?? 0), 0),
    ageMinutes: minutesOfAge(planned),
    overtimeMinutes: overtime,
  };
}
