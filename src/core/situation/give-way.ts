import type { Plan } from '../planning-format/plan';
import type { Problem } from '../planning-format/problem';

/** Orders with steps that are done, running or pinned, and that the plan leaves out all the same. */
export function begunButLeftOut(problem: Problem, plan: Plan): Set<string> {
  const begun = new Set(problem.steps.filter((s) => s.placed).map((s) => s.order));
  return new Set(plan.unplaced.map((u) => u.order).filter((o) => begun.has(o)));
}

/** The problem without the pins of some orders (null: of shared batches), and which steps they were. */
export function withoutPins(
  problem: Problem,
  gives: (order: string | null) => boolean,
): { problem: Problem; pins: string[] } {
  const pins = problem.steps.filter((s) => s.placed?.state === 'pinned' && gives(s.order)).map((s) => s.id);
  const steps = problem.steps.map((s) => {
    if (!pins.includes(s.id)) return s;
    const free = { ...s };
    delete free.placed;
    return free;
  });
  return { problem: { ...problem, steps }, pins };
}

/** The problem with no longest wait after what some orders have begun, and which waits those were. */
export function withoutLongestWaits(
  problem: Problem,
  orders: ReadonlySet<string>,
): { problem: Problem; waits: string[] } {
  const begun = new Set(problem.steps.filter((s) => s.placed && orders.has(s.order ?? '')).map((s) => s.id));
  const waits = problem.waits.filter((w) => w.max !== null && begun.has(w.from)).map((w) => w.id);
  return {
    problem: { ...problem, waits: problem.waits.map((w) => (waits.includes(w.id) ? { ...w, max: null } : w)) },
    waits,
  };
}
