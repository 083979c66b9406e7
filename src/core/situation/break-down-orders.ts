import { applyBatches } from '../batching/apply-batches';
import { breakDown } from '../breakdown/break-down';
import type { Breakdown } from '../breakdown/breakdown';
import type { Formula } from '../formula/formula';
import { batchId, orderId, orderNumberOf } from '../ids/ids';
import type { AcceptedBatch, BreakableOrder, OpenOrder, PlanningKitchen, Situation } from './situation';

/** Breaks all orders of a situation down, with its batches in the place of their members' own steps. */
export function breakDownAll(
  orders: OpenOrder[],
  { batches, kitchen }: { batches: AcceptedBatch[]; kitchen: PlanningKitchen },
): Pick<Situation, 'breakdowns' | 'shared'> {
  const batchable = new Map(
    orders.map((o) => [orderId(o.id), { name: o.title, breakdown: breakDownOrder(o, kitchen), choices: o.choices }]),
  );
  const list = batches.map((b) => ({
    id: batchId(b.id),
    members: b.members.map((m) => ({ order: orderId(m.order), role: m.role })),
  }));
  const applied = applyBatches(batchable, list, kitchen.library);
  return {
    breakdowns: new Map([...applied.breakdowns].map(([id, b]) => [orderNumberOf(id), b])),
    shared: applied.shared,
  };
}

/** The situation with one order more, or with another version of one that is there. */
export function withOrder<S extends Situation>(situation: S, draft: S['orders'][number]): S {
  const orders = [...situation.orders.filter((o) => o.id !== draft.id), draft];
  return { ...situation, ...breakDownAll(orders, situation), orders };
}

const known = new WeakMap<PlanningKitchen, WeakMap<BreakableOrder, Breakdown>>();

/** Breaks an order down by the versions of the formulas that it was planned with; the same row of the same kitchen only once. */
export function breakDownOrder(order: BreakableOrder, kitchen: PlanningKitchen): Breakdown {
  const ofKitchen = known.get(kitchen) ?? new WeakMap<BreakableOrder, Breakdown>();
  known.set(kitchen, ofKitchen);
  const breakdown = ofKitchen.get(order) ?? breakDownAnew(order, kitchen);
  ofKitchen.set(order, breakdown);
  return breakdown;
}

function breakDownAnew(order: BreakableOrder, kitchen: PlanningKitchen): Breakdown {
  const build = kitchen.builds.get(order.build);
  if (!build) throw new Error(`There is no build “${order.build}”.`);
  const { tiers, without, swaps, overrides, choices } = order;
  return breakDown(
    { id: orderId(order.id), build, tiers, without, swaps, overrides, choices },
    { ...kitchen.library, formulas: formulasAt(order.versions, kitchen) },
  );
}

/** The kitchen's formulas, those named at the versions named. */
function formulasAt(versions: Record<string, number>, kitchen: PlanningKitchen): ReadonlyMap<string, Formula> {
  const kept = Object.entries(versions).flatMap(([id, version]) => kitchen.olderFormulas.get(`${id}@${version}`) ?? []);
  if (kept.length === 0) return kitchen.library.formulas;
  return new Map([...kitchen.library.formulas, ...kept.map((f) => [f.id, f] as const)]);
}
