import { designOfOrder } from '../../../core/situation/break-down-orders';
import { routesOfOrder } from '../../../core/order/routes-of-order';
import { valueAt } from '../../../core/ids/value-at';
import { skillNames } from '../../../core/kitchen/person';
import { OVEN, type Problem } from '../../../core/planning-format/problem';
import { minuteOf, timeOf, type Clock } from '../../../core/time/clock';
import type { Link } from '../../../core/planner/answers/explain-order';
import type { Span } from '../../../core/time/spans';
import type { Adjustment } from '../../../core/steering/plan-edit';
import type { PlanRow } from '../../../data/repositories/plans';
import { orderId, isOf } from '../../../core/ids/ids';
import type { Situation } from '../../situation/situation';
import { MOST_OVERTIME, QUARTER } from './limits';

/** Where somebody could work longer: after a minute, or before it. */
/** `most`: minutes that this person may be asked for a day. */
export type ExtraSpan = { person: string; at: number; before: boolean; dayOff: boolean; most: number };

export type Planned = { situation: Situation; plan: PlanRow };

/** What was pinned or given on the way: let it go. */
export function released({ situation }: Planned, chain: Link[]): Adjustment[][] {
  const steps = new Set(chain.flatMap((l) => [l.step.id, ...blockersIn(l)]));
  return [
    ...Object.keys(situation.adjustments.pin)
      .filter((s) => steps.has(s))
      .map((key): Adjustment[] => [{ kind: 'pin', key, to: null }]),
    ...Object.keys(situation.adjustments.give)
      .filter((s) => steps.has(s))
      .map((key): Adjustment[] => [{ kind: 'give', key, to: null }]),
  ];
}

function blockersIn({ because }: Link): string[] {
  if (because.kind === 'hands') return because.people.flatMap((p) => p.on?.id ?? []);
  return because.kind === 'equipment' ? [because.by.id] : [];
}

/** Steps on the chain for which all who usually do them are taken: somebody else does them, or what is in the way. */
export function otherHands({ situation, plan }: Planned, chain: Link[]): Adjustment[][] {
  const steps = chain
    .filter((l) => l.because.kind === 'hands')
    .flatMap((l) => [l.step.id, ...blockersIn(l)])
    .map((id) => plan.problem.steps.find((s) => s.id === id)!)
    .filter((s) => s.people?.count === 1 && s.people.skill !== null && !s.placed);
  return [...new Set(steps)].flatMap((s) =>
    situation.kitchen.rows.people
      .filter((p) => !skillNames(p).includes(s.people!.skill!))
      .map((p): Adjustment[] => [{ kind: 'give', key: s.id, to: [p.id] }]),
  );
}

export function otherRoutes({ situation }: Planned, id: number): Adjustment[][] {
  const order = situation.orders.find((o) => o.id === id)!;
  const routes = routesOfOrder(order, situation.kitchen);
  return routes.flatMap((r) => {
    const own = valueAt(order.choices, r.key);
    if (own === undefined) return [];
    return r.choices
      .filter((c) => c.key !== own)
      .map((c): Adjustment[] => [
        { kind: 'order', key: `${id}`, to: { choices: { ...order.choices, [r.key]: c.key } } },
      ]);
  });
}

/**
 * Stretches that could be worked before the pickup by those who could do what is on the chain: after and before their shifts, and
 * on days on which they are off, from when the first one comes; nobody more than they may be asked for.
 */
export function extraSpans({ situation, plan }: Planned, chain: Link[], id: number): ExtraSpan[] {
  const { problem } = plan;
  const own = problem.steps.filter((s) => s.order === orderId(id) && s.people && !s.placed);
  const hard = chain.filter((l) => l.because.kind === 'hands').map((l) => l.step);
  const skills = new Set([...hard, ...own].map((s) => s.people?.skill).filter((s) => s !== null));
  const { clock } = situation.kitchen;
  const pickup = minuteOf(situation.orders.find((o) => o.id === id)!.pickup, clock);
  const coming = (shifts: Span[]) => shifts.filter(([start, end]) => end > problem.now && start < pickup);
  const opens = daysOf(
    problem.people.flatMap((p) => coming(p.shifts)),
    clock,
  );
  const mayBeAsked = new Map(situation.kitchen.rows.people.map((p) => [p.id, p.overtime]));
  const mostOf = (person: string) => Math.min(MOST_OVERTIME, mayBeAsked.get(person) ?? 0);
  const useful = (p: Problem['people'][number]) => p.skills.filter((s) => skills.has(s)).length;
  return problem.people
    .filter((p) => useful(p) > 0 && mostOf(p.id) > 0)
    .sort((a, b) => useful(b) - useful(a))
    .flatMap((p) => {
      const days = daysOf(coming(p.shifts), clock);
      const most = mostOf(p.id);
      return [...opens].flatMap(([day, [opening]]): ExtraSpan[] => {
        const shift = days.get(day);
        if (!shift)
          return opening >= problem.now ? [{ person: p.id, at: opening, before: false, dayOff: true, most }] : [];
        const [start, end] = shift;
        return [
          ...(end < pickup ? [{ person: p.id, at: end, before: false, dayOff: false, most }] : []),
          ...(start - most >= problem.now ? [{ person: p.id, at: start, before: true, dayOff: false, most }] : []),
        ];
      });
    });
}

/** From the first to the last minute of each day, by its date. */
function daysOf(shifts: Span[], clock: Clock): Map<string, Span> {
  const days = new Map<string, Span>();
  for (const [start, end] of shifts) {
    const day = timeOf(start, clock).toISODate();
    const [a, b] = days.get(day) ?? [start, end];
    days.set(day, [Math.min(a, start), Math.max(b, end)]);
  }
  return days;
}

/** One more of each thing that is in the way, or that the order holds for long. */
export function moreThings({ situation, plan }: Planned, chain: Link[], id: number): Adjustment[][] {
  const own = orderId(id);
  const inTheWay = chain.flatMap((l) => (l.because.kind === 'equipment' ? [l.because.item] : []));
  const heldKinds = new Set(plan.problem.holds.filter((h) => isOf(h.from, own)).map((h) => h.kind));
  const heldItems = [...heldKinds].flatMap((k) => plan.problem.equipment.find((e) => e.kind === k)?.id ?? []);
  const kindOf = new Map(plan.problem.equipment.map((e) => [e.id, e.kind]));
  return [...new Set([...inTheWay, ...heldItems])]
    .filter((item) => kindOf.get(item) !== OVEN)
    .map((key): Adjustment[] => [{ kind: 'more', key, to: (valueAt(situation.adjustments.more, key) ?? 0) + 1 }]);
}

export function leftOut({ situation }: Planned, id: number): Adjustment[][] {
  const order = situation.orders.find((o) => o.id === id)!;
  const optional = designOfOrder(order, situation.kitchen)?.parts.filter((c) => c.optional) ?? [];
  return optional
    .filter((c) => !order.without.includes(c.role))
    .map((c): Adjustment[] => [{ kind: 'order', key: `${id}`, to: { without: [...order.without, c.role] } }]);
}

/**
 * A later pickup, the nearest first: when the plan has it ready, and when it could be ready beside the others as they are; on the next full
 * quarter of an hour.
 */
export function laterPickups({ situation, plan }: Planned, id: number): Adjustment[][] {
  const own = orderId(id);
  const { clock } = situation.kitchen;
  const collect = plan.problem.orders.find((o) => o.id === own)!.collect;
  const planned = plan.plan.steps.find((s) => s.id === collect)?.start;
  const ready = plan.ready.find((r) => r.order === own)?.ready;
  const now = minuteOf(situation.orders.find((o) => o.id === id)!.pickup, clock);
  const times = [planned, ready].flatMap((m) => (typeof m === 'number' ? [Math.ceil(m / QUARTER) * QUARTER] : []));
  return [...new Set(times)]
    .filter((m) => m > now)
    .sort((a, b) => a - b)
    .map((m): Adjustment[] => [{ kind: 'order', key: `${id}`, to: { pickup: timeOf(m, clock).toISO() } }]);
}
