import type { OrderStatus } from '../../core/floor/order-status';
import { isOf, orderId } from '../../core/ids/ids';
import type { OrderForm } from '../../core/input/order-input';
import { DAY_AND_TIME, timeOf } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { readPlan } from '../../data/repositories/plans';
import { AT_ONCE, QUICK } from '../plan/limits';
import { askInThread } from '../plan/planner-thread';
import type { Result } from '../shared/result';
import { contactLines } from '../situation/contact-words';
import { costText, notInTime } from './buying';
import { earliestPickup, type NamedPickup } from './earliest-pickup';
import { tryOrder } from './try-order';

/** Whether an order that is being composed can be made, and what it would do to others. */
export interface OrderAnswer {
  status: OrderStatus;
  pushed: string[];
  /** Where it cannot be ready, or only if others are late: the first pickup for which it could, with everybody else where they are. */
  earliest: NamedPickup | null;
  /** When somebody first lays hands on it; null where it finds no place. */
  firstHands: string | null;
  /** What cannot be bought in time. */
  notInTime: string[];
  /** Where what its eaters must not get comes near it by shared things, in words. */
  contacts: string[];
  /** What its ingredients cost; null where no prices are known. */
  cost: string | null;
}

/**
 * The answer while an order is composed: planned by construction alone, and nothing saved. Only where that finds no way it is searched for one: a no
 * must be true.
 */
export async function answerOrder(
  db: KitchenDb,
  id: number | null,
  form: OrderForm,
): Promise<Result<{ answer: OrderAnswer }>> {
  const first = await tryOrder(db, id, form, AT_ONCE);
  const misses = first.ok && (first.tried.status.state === 'misses' || first.tried.pushed.length > 0);
  const asked = misses ? await tryOrder(db, id, form, QUICK) : first;
  if (!asked.ok) return asked;
  const { draft, breakdown, situation, planned, status, pushed } = asked.tried;
  const own = orderId(draft.id);
  const starts = planned.plan.steps.filter((s) => isOf(s.id, own) && s.people.length > 0).map((s) => s.start);
  const { problem } = planned;
  const old = (await readPlan(db))?.plan ?? planned.plan;
  const earliest =
    status.state === 'misses' || pushed.length > 0
      ? (await askInThread(db.kitchen, 'capacity', { ...{ problem, old, order: own }, seconds: 0 })).earliest
      : null;
  return {
    ok: true,
    answer: {
      ...{ status, pushed, earliest: earliestPickup(earliest, situation) },
      firstHands:
        starts.length > 0 ? timeOf(Math.min(...starts), situation.kitchen.clock).toFormat(DAY_AND_TIME) : null,
      notInTime: notInTime(draft.id, situation, planned),
      contacts: contactLines(draft, situation, planned.plan.steps).map((c) => c.text),
      cost: costText(breakdown, situation.kitchen),
    },
  };
}
