import { applyBatches } from '../../core/batching/apply-batches';
import type { SharedWork } from '../../core/batching/batch';
import type { Component } from '../../core/breakdown/amounts/component';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { breakDown } from '../../core/breakdown/break-down';
import type { BrokenStep } from '../../core/breakdown/steps/cake-step';
import { makeProblem } from '../../core/situation/make-problem';
import type { MadeEdit, Wishes } from '../../core/steering/plan-edit';
import { withWishes } from '../../core/situation/with-wishes';
import type { Formula } from '../../core/formula/formula';
import type { StepState } from '../../core/floor/floor-state';
import { withFloor } from '../../core/situation/with-floor';
import { minuteOf } from '../../core/time/clock';
import type { Problem } from '../../core/planning-format/problem';
import type { BatchRow } from '../../data/repositories/batches';
import type { OrderRow } from '../../data/repositories/orders';
import type { LoadedKitchen } from '../kitchen/kitchen';

/** Id of an order in the planning problem, and the prefix of its steps. */
export const planId = (order: number) => `o${order}`;
/** Prefix of the steps of a batch that serves several orders. */
export const batchId = (batch: number) => `b${batch}`;
export const batchIdOf = (step: string) => Number(/^b(\d+)\./.exec(step)?.[1] ?? NaN);
export const orderIdOf = (id: string) => Number(/^o(\d+)/.exec(id)?.[1] ?? NaN);

/** Everything that is planned from: orders with their breakdowns, and what happened. */
export interface Situation {
  kitchen: LoadedKitchen;
  orders: OrderRow[];
  breakdowns: Map<number, Breakdown>;
  /** Accepted batches, and what they put in the place of their members' own steps. */
  batches: BatchRow[];
  shared: SharedWork;
  states: Map<string, StepState>;
  /** Every edit of the plan that was made, and what the lead wants after them: pins, who does what, who is away, what is closed. */
  edits: MadeEdit[];
  wishes: Wishes;
  minute: number;
}

/** Breakdowns with the accepted batches in the place of their members' own steps. */
function shareBatches(
  orders: OrderRow[],
  breakdowns: Map<number, Breakdown>,
  batches: BatchRow[],
  kitchen: LoadedKitchen,
): Pick<Situation, 'breakdowns' | 'shared'> {
  const batchable = new Map(
    orders.map((o) => [planId(o.id), { name: o.title, breakdown: breakdowns.get(o.id)!, choices: o.choices }]),
  );
  const list = batches.map((b) => ({
    id: batchId(b.id),
    members: b.members.map((m) => ({ order: planId(m.order), role: m.role })),
  }));
  const applied = applyBatches(batchable, list, kitchen.library);
  return {
    breakdowns: new Map([...applied.breakdowns].map(([id, b]) => [orderIdOf(id), b])),
    shared: applied.shared,
  };
}

/** The situation with one order more, or with another version of one that is there. */
export function withOrder(situation: Situation, draft: OrderRow): Situation {
  const orders = [...situation.orders.filter((o) => o.id !== draft.id), draft];
  return { ...situation, ...breakDownAll(orders, situation), orders };
}

/** Breaks all orders of a situation down, with its batches in the place of their members' own steps. */
export function breakDownAll(orders: OrderRow[], situation: Pick<Situation, 'batches' | 'kitchen'>) {
  const breakdowns = new Map(orders.map((o) => [o.id, breakDownOrder(o, situation.kitchen)]));
  return shareBatches(orders, breakdowns, situation.batches, situation.kitchen);
}

/** What of an order decides how it is broken down. */
export type BreakableOrder = Pick<
  OrderRow,
  'id' | 'build' | 'tiers' | 'without' | 'swaps' | 'overrides' | 'choices' | 'versions'
>;

const known = new WeakMap<LoadedKitchen, WeakMap<BreakableOrder, Breakdown>>();

/** Breaks an order down by the versions of the formulas that it was planned with; the same row of the same kitchen only once. */
export function breakDownOrder(order: BreakableOrder, kitchen: LoadedKitchen): Breakdown {
  const ofKitchen = known.get(kitchen) ?? new WeakMap<BreakableOrder, Breakdown>();
  known.set(kitchen, ofKitchen);
  const breakdown = ofKitchen.get(order) ?? breakDownAnew(order, kitchen);
  ofKitchen.set(order, breakdown);
  return breakdown;
}

function breakDownAnew(order: BreakableOrder, kitchen: LoadedKitchen): Breakdown {
  const build = kitchen.builds.get(order.build);
  if (!build) throw new Error(`There is no build “${order.build}”.`);
  const { tiers, without, swaps, overrides, choices } = order;
  return breakDown(
    { id: planId(order.id), build, tiers, without, swaps, overrides, choices },
    { ...kitchen.library, formulas: formulasAt(order.versions, kitchen) },
  );
}

/** The kitchen's formulas, those named at the versions named. */
export function formulasAt(versions: Record<string, number>, kitchen: LoadedKitchen): ReadonlyMap<string, Formula> {
  const kept = Object.entries(versions).flatMap(([id, version]) => kitchen.olderFormulas.get(`${id}@${version}`) ?? []);
  if (kept.length === 0) return kitchen.library.formulas;
  return new Map([...kitchen.library.formulas, ...kept.map((f) => [f.id, f] as const)]);
}

/** The planning problem of a situation, with the facts of the floor and the lead's wishes in it. */
export function problemOf(situation: Situation): { problem: Problem; stood: string[]; lapsed: string[] } {
  const { kitchen, orders, breakdowns, minute } = situation;
  const planned = orders.map((o) => ({
    id: planId(o.id),
    name: o.title,
    pickup: minuteOf(o.pickup, kitchen.clock),
    weight: o.weight,
    breakdown: breakdowns.get(o.id)!,
  }));
  const problem = makeProblem(
    planned,
    kitchen.team,
    kitchen.equipment,
    kitchen.clock,
    minute,
    situation.shared,
    kitchen.calendar,
  );
  const floor = withFloor(problem, situation.states);
  return { ...withWishes(floor.problem, situation.wishes), stood: floor.stood };
}

/** Open orders that a step serves: its own, or all members of its batch. */
export function servedBy(step: string, situation: Pick<Situation, 'orders' | 'batches'>): OrderRow[] {
  const batch = batchIdOf(step);
  const ids = Number.isNaN(batch)
    ? [orderIdOf(step)]
    : (situation.batches.find((b) => b.id === batch)?.members.map((m) => m.order) ?? []);
  return situation.orders.filter((o) => ids.includes(o.id));
}

/** The component that a step works on; null for work on the whole cake. */
export function componentOf(step: { id: string; role: string | null }, situation: Situation): Component | null {
  const batch = batchIdOf(step.id);
  if (!Number.isNaN(batch)) return situation.shared.components.get(batchId(batch)) ?? null;
  return situation.breakdowns.get(orderIdOf(step.id))?.components.find((c) => c.role === step.role) ?? null;
}

/** Every step of the situation as the bench knows it. */
export function brokenSteps(situation: Situation): BrokenStep[] {
  return [...[...situation.breakdowns.values()].flatMap((b) => b.steps), ...situation.shared.steps];
}
