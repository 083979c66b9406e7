import { valueAt } from '../../core/ids/value-at';
import { say } from '../../core/words/say';
import { counted } from '../../core/measure/counted';
import { waitingPlace, type Place } from '../../core/kinds/places';
import { handWorkOf, type HandWork } from '../../core/kinds/works';
import { namesOf } from '../situation/names';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { decidingSteps } from '../../core/planner/answers/explain-order';
import { onceAPlan } from '../plan/once-a-plan';
import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { minuteOf } from '../../core/time/clock';
import type { PlannedStep } from '../../core/planning-format/plan';
import type { PlanRow } from '../../data/repositories/plans';
import { batchNumberOf, orderId, isOf } from '../../core/ids/ids';
import { type Situation } from '../situation/situation';

export interface LadderView {
  order: number;
  title: string;
  subtitle: string;
  /** It is an enquiry still, that may lapse. */
  held: boolean;
  pickup: number;
  status: OrderStatus;
  rungs: RungView[];
  rails: RailView[];
  /** Component ladders, in the order of the build; the first is what the cake stands on. */
  components: { role: string; label: string }[];
  leans: LeanView[];
  /** The step that decides by how much it is late, or how little it has to spare; null where it holds. */
  decides: string | null;
}

export type RungState = 'planned' | 'overdue' | 'running' | 'done';

/** Work for hands. */
export interface RungView {
  step: string;
  name: string;
  start: number;
  end: number;
  role: string | null;
  work: HandWork;
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

/** Where a part sits between two rungs, or while a machine has it. */
export interface RailView {
  role: string | null;
  start: number;
  end: number;
  place: Place;
  celsius: number | null;
  /** The oven or machine that has it, or the item that it waits on. */
  item: string | null;
}

/** A component ladder leans into the main one where it is used. */
interface LeanView {
  role: string;
  from: number;
  to: number;
}

/** A rung that has not begun this many minutes after its time is overdue. */
const GRACE = 5;

/** One order's ladder; also the heart of its own page. */
export function ladderOf(id: number, situation: Situation, plan: PlanRow): LadderView {
  const reading = readingOf(plan);
  const names = namesOf(situation);
  const { kitchen, states, minute } = situation;
  const order = situation.orders.find((o) => o.id === id)!;
  const own = orderId(id);
  const breakdown = situation.breakdowns.get(id)!;
  const common = sharedWith(id, situation);
  const roles = new Map([...breakdown.steps.map((s) => [s.id, s.role] as const), ...common]);
  const all = [...reading.stepsOf(own), ...reading.stepsOf(null).filter((s) => common.has(s.id))];
  const steps = all.filter((s) => s.work !== 'collect' && reading.planned(s.id));
  const heldBy = holdsAt(plan);
  const rungs: RungView[] = steps
    .filter((s) => s.work === 'hands')
    .map((s) => {
      const at = reading.planned(s.id)!;
      return {
        step: s.id,
        name: s.name,
        start: at.start,
        end: at.end,
        role: roles.get(s.id) ?? null,
        work: handWorkOf(s.people?.skill ?? null, (roles.get(s.id) ?? null) !== null),
        shared: common.has(s.id),
        who: at.people.map((p) => ({ id: p, initials: names.initials(p) })),
        items: [...at.equipment, ...(heldBy.get(s.id) ?? [])],
        state: stateOf(s.id, at, states, minute),
        pinned: s.placed?.state === 'pinned',
        given: valueAt(situation.adjustments.give, s.id) !== undefined,
      };
    });
  const rails: RailView[] = [];
  for (const s of steps) {
    if (s.work === 'hands') continue;
    const at = reading.planned(s.id)!;
    rails.push({
      ...{ role: roles.get(s.id) ?? null, start: at.start, end: at.end },
      place: s.work === 'oven' ? 'oven' : 'machine',
      celsius: s.oven?.celsius ?? null,
      item: at.equipment.at(-1) ?? null,
    });
  }
  const leans: LeanView[] = [];
  for (const { wait: w, from, to } of all.flatMap((s) => reading.waitsAfter(s.id))) {
    // Of a batch's waits only those inside it, and those to this order's own steps.
    if (common.has(w.from) && !common.has(w.to) && !isOf(w.to, own)) continue;
    const role = roles.get(w.from) ?? null;
    if (to.start > from.end)
      rails.push({
        ...{ role, start: from.end, end: to.start, place: waitingPlace(w.place), celsius: null },
        item: reading.itemOfWait(w.id) ?? null,
      });
    if (role !== null && (roles.get(w.to) ?? null) === null) leans.push({ role, from: from.end, to: to.start });
  }
  const status = orderStatus(plan, states, own, { ...kitchen.library.coefficients, minute });
  return {
    order: id,
    title: order.title,
    subtitle: `${sizeText(order.tiers)} · ${counted(order.portions, 'portion')}${order.holdsUntil ? say` · an enquiry` : ''}`,
    held: order.holdsUntil !== null,
    pickup: minuteOf(order.pickup, kitchen.clock),
    status,
    rungs: rungs.sort((a, b) => a.start - b.start),
    rails,
    components: breakdown.components.map((c) => ({ role: c.role, label: c.label })),
    leans,
    decides: null,
  };
}

/** The ladders with what decides that they are late or tight. */
export function withDeciding(ladders: LadderView[], plan: PlanRow): LadderView[] {
  const open = (l: LadderView) => l.status.state === 'misses' || l.status.state === 'tight';
  if (!ladders.some(open)) return ladders;
  const deciding = decidingOf(plan);
  return ladders.map((l) => (open(l) ? { ...l, decides: deciding.get(orderId(l.order)) ?? null } : l));
}

const decidingOf = onceAPlan(({ problem, plan }) =>
  decidingSteps(
    problem,
    plan,
    problem.orders.map((o) => o.id),
  ),
);

/** Items held from or until a step. */
const holdsAt = onceAPlan((plan) => {
  const reading = readingOf(plan);
  const at = new Map<string, string[]>();
  for (const h of plan.problem.holds) {
    const item = reading.itemOfHold(h.id);
    if (item) for (const step of new Set([h.from, h.until])) at.set(step, [...(at.get(step) ?? []), item]);
  }
  return at;
});

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
      const role = roles.get(batchNumberOf(s.id));
      return role === undefined ? [] : [[s.id, role] as const];
    }),
  );
}

/** Short enough for the foot of a ladder. */
function sizeText(tiers: Parameters<typeof cakeName>[0]): string {
  if (tiers.length > 1) return tiers[0]!.form === 'roll' ? say`${tiers.length} rolls` : say`${tiers.length} tiers`;
  return cakeName(tiers);
}

function stateOf(id: string, at: PlannedStep, states: Situation['states'], minute: number): RungState {
  const state = states.get(id)?.state;
  if (state) return state;
  return at.start + GRACE < minute ? 'overdue' : 'planned';
}
