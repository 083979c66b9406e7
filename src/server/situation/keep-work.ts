import { withFormerIds } from '../../core/breakdown/former-ids';
import { batchId, orderId, ownerOf, type BatchId, type OrderId } from '../../core/ids/ids';
import { breakDownBegun, breakDownOrder, figuresOf } from '../../core/situation/break-down-orders';
import { answersOf, sameAnswers, type KeptBatch, type KeptBreakdown } from '../../core/situation/kept-work';
import { keptBatchCodec, keptCodec } from '../../core/stored/compiled';
import type { KitchenDb } from '../../data/kitchen-db';
import { forgetCompiled, writeCompiled } from '../../data/repositories/compiled';
import type { OrderRow } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import type { LoadedKitchen } from './load-kitchen';
import type { Situation } from './situation';

type Owner = OrderId | BatchId;

/** Orders and batches of which a step has been told; with a batch all of its members have been begun. */
function begunOwners(steps: Iterable<string>, { batches }: Pick<Situation, 'batches'>): Set<Owner> {
  const begun = new Set([...steps].map(ownerOf));
  for (const b of batches) if (begun.has(batchId(b.id))) for (const m of b.members) begun.add(orderId(m.order));
  return begun;
}

/** Keeps the work of what is begun with these steps, where it is not kept yet. */
export async function keepBegun(tx: KitchenDb, situation: Situation, steps: Iterable<string>): Promise<void> {
  const begun = begunOwners(steps, situation);
  for (const o of situation.orders)
    if (!o.kept && begun.has(orderId(o.id)))
      await writeCompiled(tx, keptCodec, orderId(o.id), keptOf(o, situation.kitchen));
  for (const b of situation.batches)
    if (!b.kept && begun.has(batchId(b.id))) {
      const kept = keptBatchOf(b.id, situation);
      if (kept) await writeCompiled(tx, keptBatchCodec, batchId(b.id), kept);
    }
}

function keptOf(order: OrderRow, kitchen: LoadedKitchen): KeptBreakdown {
  return {
    answers: answersOf(order),
    figures: figuresOf(kitchen.library),
    breakdown: breakDownOrder(order, kitchen),
  };
}

function keptBatchOf(id: number, { batches, shared }: Situation): KeptBatch | null {
  const batch = batchId(id);
  const component = shared.components.get(batch);
  if (!component) return null;
  const own = <T extends { id: string }>(list: T[]) => list.filter((x) => ownerOf(x.id) === batch);
  return {
    members: batches.find((b) => b.id === id)!.members,
    work: { component, steps: own(shared.steps), waits: own(shared.waits), holds: own(shared.holds) },
  };
}

/** Lets go of what is not begun any more once this step’s first tap is taken back: a slip of the finger keeps nothing. */
export async function letGoUnbegun(tx: KitchenDb, situation: Situation, step: string): Promise<void> {
  const left = [...situation.states.keys()].filter((s) => s !== step);
  const still = begunOwners(left, situation);
  await forgetCompiled(
    tx,
    [...begunOwners([step], situation)].filter((o) => !still.has(o)),
  );
}

/** Keeps an order’s work as its new answers make it, by the figures that are kept with it; nothing where none is kept. */
export async function keepAnswers(
  tx: KitchenDb,
  kitchen: LoadedKitchen,
  before: OrderRow,
  after: OrderRow,
): Promise<void> {
  const { kept } = before;
  const answers = answersOf(after);
  if (!kept || sameAnswers(kept.answers, answers)) return;
  const breakdown = breakDownBegun(after, kept, kitchen, kept.figures);
  await writeCompiled(tx, keptCodec, orderId(after.id), { ...kept, answers, breakdown });
}

/** The work of an order that has been begun by today’s figures and rules. */
export function keptAnew(order: OrderRow & { kept: KeptBreakdown }, kitchen: LoadedKitchen): KeptBreakdown {
  const figures = figuresOf(kitchen.library);
  const breakdown = breakDownBegun(order, order.kept, kitchen, figures);
  return { ...order.kept, answers: answersOf(order), figures, breakdown };
}

/**
 * Keeps the work of orders and batches that were begun before work was kept, with the ids that their steps had then, so that what was told
 * and what is pinned still find their steps. Says how many.
 */
export async function keepFromBefore(tx: KitchenDb, situation: Situation): Promise<number> {
  const { kitchen, adjustments } = situation;
  const named = [...situation.states.keys(), ...Object.keys(adjustments.pin), ...Object.keys(adjustments.give)];
  const begun = begunOwners(named, situation);
  const plan = await readPlan(tx);
  const known = new Set<string>([...named, ...(plan?.problem.steps.map((s) => s.id) ?? [])]);
  const orders = situation.orders.filter((o) => !o.kept && begun.has(orderId(o.id)));
  for (const o of orders) {
    const kept = keptOf(o, kitchen);
    await writeCompiled(tx, keptCodec, orderId(o.id), {
      ...kept,
      breakdown: withFormerIds(kept.breakdown, known),
      formerIds: true,
    });
  }
  const batches = situation.batches.filter((b) => !b.kept && begun.has(batchId(b.id)));
  for (const b of batches) {
    const kept = keptBatchOf(b.id, situation);
    if (kept)
      await writeCompiled(tx, keptBatchCodec, batchId(b.id), { ...kept, work: withFormerIds(kept.work, known) });
  }
  return orders.length + batches.length;
}
