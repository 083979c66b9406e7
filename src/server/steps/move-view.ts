import { designOfOrder } from '../../core/situation/break-down-orders';
import { routesOfOrder } from '../../core/order/routes-of-order';
import { valueAt } from '../../core/ids/value-at';
import { orderId, routeId } from '../../core/ids/ids';
import { readingOf } from '../../core/plan-reading/plan-reading';
import type { Span } from '../../core/time/spans';
import type { Network } from '../../core/steering/move-along';
import type { PlanRow } from '../../data/repositories/plans';
import { type Situation } from '../situation/situation';
import { cakeSteps } from '../../core/situation/whose-step';

/** All that moving a rung asks while it is being dragged. Minutes after the clock's origin. */
export interface MoveView {
  step: string;
  network: Network;
  /** Hand-overs of the network, with their pickups. */
  pickups: { step: string; pickup: number }[];
  /** How many people it takes, those who have it, and those who could do it. */
  crew: number;
  has: string[];
  hands: { id: string; name: string; shifts: Span[]; busy: { start: number; end: number; name: string }[] }[];
  equipment: string[];
  pinned: boolean;
  given: string[] | null;
  /** Another way to make it: the routes of its order, with the answer that it has. */
  routes: { key: string; name: string; own: string; taken: string; choices: { key: string; name: string }[] }[];
  /** All schools and routes that its order has decided. */
  choices: Record<string, string>;
  /** The optional part that it belongs to, which could be left out. */
  optional: { role: string; label: string; without: string[] } | null;
  order: number | null;
}

/** Null for a step that the plan does not hold. */
export function moveView(id: string, situation: Situation, plan: PlanRow): MoveView | null {
  const { problem } = plan;
  const reading = readingOf(plan);
  const step = reading.step(id);
  const at = reading.planned(id);
  if (!step || !at) return null;
  const waits = reading.waits.map((w) => w.wait);
  const hanging = connected(id, waits);
  const steps = problem.steps.filter((s) => hanging.has(s.id));
  const skill = step.people?.skill ?? null;
  const order = situation.orders.find((o) => orderId(o.id) === step.order) ?? null;
  const design = order ? designOfOrder(order, situation.kitchen) : null;
  const role = cakeSteps(situation).find((s) => s.id === id)?.role ?? null;
  const part = design?.parts.find((c) => c.role === role && c.optional) ?? null;
  return {
    step: id,
    network: {
      horizon: problem.horizon,
      steps: steps.map((s) => ({
        ...{ id: s.id, name: s.name, start: reading.planned(s.id)!.start },
        minutes: reading.planned(s.id)!.end - reading.planned(s.id)!.start,
        fixed: s.placed !== undefined && s.id !== id,
        earliest: Math.max(problem.now, s.earliest ?? problem.now, pickupOf(plan, s.id) ?? 0),
      })),
      waits: waits
        .filter((w) => hanging.has(w.from))
        .map(({ from, to, min, max, why }) => ({ from, to, min, max, why })),
    },
    pickups: steps.flatMap((s) => (s.work === 'collect' ? [{ step: s.id, pickup: pickupOf(plan, s.id)! }] : [])),
    crew: step.people?.count ?? 0,
    has: at.people,
    hands: problem.people
      .filter((p) => step.people && (skill === null || p.skills.includes(skill)))
      .map((p) => ({
        ...{ id: p.id, name: p.name, shifts: p.shifts },
        busy: plan.plan.steps
          .filter((s) => s.id !== id && s.people.includes(p.id))
          .map((s) => ({ start: s.start, end: s.end, name: reading.step(s.id)!.name })),
      })),
    equipment: at.equipment,
    pinned: step.placed?.state === 'pinned',
    given: valueAt(situation.adjustments.give, id) ?? null,
    routes: (order ? routesOfOrder(order, situation.kitchen) : []).map((r) => ({
      ...{ key: r.key, name: r.name, choices: r.choices, own: valueAt(order?.choices, r.key) ?? '' },
      taken: (order && plan.plan.routes[routeId(orderId(order.id), r.key)]) ?? '',
    })),
    choices: order?.choices ?? {},
    optional: part && order ? { role: part.role, label: part.label, without: order.without } : null,
    order: order?.id ?? null,
  };
}

const pickupOf = (plan: PlanRow, collect: string) => plan.problem.orders.find((o) => o.collect === collect)?.pickup;

/** Everything that hangs on a step by waits, itself among it. */
function connected(id: string, waits: { from: string; to: string }[]): Set<string> {
  const found = new Set([id]);
  for (const step of found)
    for (const w of waits) {
      if (w.from === step) found.add(w.to);
      if (w.to === step) found.add(w.from);
    }
  return found;
}
