import { cakeName } from '../../core/breakdown/amounts/cake';
import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { minuteOf } from '../../core/time/clock';
import type { PlannedStep } from '../../core/planning-format/plan';
import type { Step, Wait } from '../../core/planning-format/problem';
import type { PlanRow } from '../../data/repositories/plans';
import { batchIdOf, planId, type Situation } from '../plan/planning';

export interface LadderView {
  order: number;
  title: string;
  subtitle: string;
  pickup: number;
  status: OrderStatus;
  rungs: RungView[];
  rails: RailView[];
  /** Component ladders, in the order of the build; the first is what the cake stands on. */
  components: { role: string; label: string }[];
  leans: LeanView[];
}

export type RungState = 'planned' | 'overdue' | 'running' | 'done';

/** Work for hands. */
export interface RungView {
  step: string;
  name: string;
  start: number;
  end: number;
  role: string | null;
  /** One batch for several orders. */
  shared: boolean;
  who: { id: string; initials: string }[];
  /** What it uses, and the tins and rings that are held over it. */
  items: string[];
  state: RungState;
  pinned: boolean;
  /** The lead has said who does it. */
  given: boolean;
}

export type Place = 'oven' | 'machine' | 'fridge' | 'freezer' | 'dry box' | 'bench';

/** Where a part sits between two rungs, or while a machine has it. */
export interface RailView {
  role: string | null;
  start: number;
  end: number;
  place: Place;
  why: string;
  celsius: number | null;
  /** The oven or machine that has it, or the item that it waits on. */
  item: string | null;
}

/** A component ladder leans into the main one where it is used. */
export interface LeanView {
  role: string;
  from: number;
  to: number;
}

/** A rung that has not begun this many minutes after its time is overdue. */
const GRACE = 5;

export type Placed = Map<string, PlannedStep>;

/** One order's ladder; also the heart of its own page. */
export function ladderOf(id: number, situation: Situation, plan: PlanRow, placed: Placed): LadderView {
  const { kitchen, states, minute } = situation;
  const order = situation.orders.find((o) => o.id === id)!;
  const own = planId(id);
  const breakdown = situation.breakdowns.get(id)!;
  const common = sharedWith(id, situation);
  const roles = new Map([...breakdown.steps.map((s) => [s.id, s.role] as const), ...common]);
  const initials = new Map(kitchen.rows.people.map((p) => [p.id, p.initials]));
  const steps = plan.problem.steps.filter(
    (s) => (s.order === own || common.has(s.id)) && s.work !== 'collect' && placed.has(s.id),
  );

  const heldBy = holdsAt(plan);
  const rungs: RungView[] = steps
    .filter((s) => s.work === 'hands')
    .map((s) => {
      const at = placed.get(s.id)!;
      return {
        step: s.id,
        name: s.name,
        start: at.start,
        end: at.end,
        role: roles.get(s.id) ?? null,
        shared: common.has(s.id),
        who: at.people.map((p) => ({ id: p, initials: initials.get(p) ?? '?' })),
        items: [...at.equipment, ...(heldBy.get(s.id) ?? [])],
        state: stateOf(s.id, at, states, minute),
        pinned: s.placed?.state === 'pinned',
        given: situation.wishes.give[s.id] !== undefined,
      };
    });
  const rails: RailView[] = [];
  for (const s of steps) {
    if (s.work === 'hands') continue;
    const at = placed.get(s.id)!;
    rails.push({
      ...{ role: roles.get(s.id) ?? null, start: at.start, end: at.end, why: s.name },
      place: s.work === 'oven' ? 'oven' : 'machine',
      celsius: s.oven?.celsius ?? null,
      item: at.equipment.at(-1) ?? null,
    });
  }
  const leans: LeanView[] = [];
  const stored = new Map(plan.plan.waits.map((w) => [w.id, w.equipment]));
  for (const w of plan.problem.waits) {
    if (!(w.from.startsWith(`${own}.`) || common.has(w.from)) || !taken(w, plan)) continue;
    // Of a batch's waits only those inside it, and those to this order's own steps.
    if (common.has(w.from) && !common.has(w.to) && !w.to.startsWith(`${own}.`)) continue;
    const from = placed.get(w.from);
    const to = placed.get(w.to);
    if (!from || !to) continue;
    const role = roles.get(w.from) ?? null;
    if (to.start > from.end)
      rails.push({
        ...{ role, start: from.end, end: to.start, place: placeOf(w), why: w.why, celsius: null },
        item: stored.get(w.id) ?? null,
      });
    if (role !== null && (roles.get(w.to) ?? null) === null) leans.push({ role, from: from.end, to: to.start });
  }
  return {
    order: id,
    title: order.title,
    subtitle: `${sizeText(order.tiers)} · ${order.portions} portions`,
    pickup: minuteOf(order.pickup, kitchen.clock),
    status: orderStatus(plan.problem, plan.plan, plan.ready, states, own, kitchen.library.coefficients.tightBelow),
    rungs: rungs.sort((a, b) => a.start - b.start),
    rails,
    components: breakdown.components.map((c) => ({ role: c.role, label: c.label })),
    leans,
  };
}

/** Items held from or until a step. */
function holdsAt(plan: PlanRow): Map<string, string[]> {
  const items = new Map(plan.plan.holds.map((h) => [h.id, h.equipment]));
  const at = new Map<string, string[]>();
  for (const h of plan.problem.holds) {
    const item = items.get(h.id);
    if (item) for (const step of new Set([h.from, h.until])) at.set(step, [...(at.get(step) ?? []), item]);
  }
  return at;
}

/** Steps of the batches that an order is a member of, with its own role for each. */
function sharedWith(id: number, situation: Situation): Map<string, string> {
  const roles = new Map(
    situation.batches.flatMap((b) => {
      const member = b.members.find((m) => m.order === id);
      return member ? [[b.id, member.role] as const] : [];
    }),
  );
  return new Map(
    situation.shared.steps.flatMap((s) => {
      const role = roles.get(batchIdOf(s.id));
      return role === undefined ? [] : [[s.id, role] as const];
    }),
  );
}

/** Short enough for the foot of a ladder. */
function sizeText(tiers: Parameters<typeof cakeName>[0]): string {
  if (tiers.length > 1) return tiers[0]!.form === 'roll' ? `${tiers.length} rolls` : `${tiers.length} tiers`;
  return cakeName(tiers);
}

function stateOf(id: string, at: PlannedStep, states: Situation['states'], minute: number): RungState {
  const state = states.get(id)?.state;
  if (state) return state;
  return at.start + GRACE < minute ? 'overdue' : 'planned';
}

export const taken = (x: Step | Wait, plan: PlanRow) => !x.when || plan.plan.routes[x.when.route] === x.when.choice;

function placeOf(w: Wait): Place {
  return w.place === 'fridge' || w.place === 'freezer' || w.place === 'dry box' ? w.place : 'bench';
}
