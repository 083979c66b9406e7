import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { readOrder, type OrderRow } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import type { OrderForm } from '../../core/input/order-input';
import { QUICK } from '../plan/limits';
import { planInThread } from '../plan/planner-thread';
import { orderId } from '../../core/ids/ids';
import { problemOf } from '../../core/situation/problem-of';
import { withOrder } from '../../core/situation/break-down-orders';
import { readOrderForm } from './read-order-input';
import { refuse, type Result } from '../shared/result';
import { orderWithKept } from '../situation/load-kept';
import { loadSituation } from '../situation/load-situation';
import { sectionOf, type SectionView } from './section-view';
import { partsOf, type PartView } from './part-view';

/** An order before it is saved: what it is made of, what it brings, and whether it can be ready. */
export interface OrderReview {
  parts: PartView[];
  section: SectionView;
  sizeName: string;
  allergens: { allergen: string; from: string[] }[];
  cautions: string[];
  status: OrderStatus;
  /** Other orders that could not be ready any more. */
  pushed: string[];
}

/** Breaks an order down and plans it on a copy with all others; nothing is saved. */
export async function reviewOrder(
  db: KitchenDb,
  id: number | null,
  form: OrderForm,
): Promise<Result<{ review: OrderReview }>> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation) return refuse(say`There is no kitchen yet.`);
  const found = id === null ? null : await readOrder(db, id);
  const before = found && (await orderWithKept(db, found));
  const read = readOrderForm(db, form, situation.kitchen, before);
  if (!read.ok) return read;
  const { kitchen } = situation;
  const draft: OrderRow = {
    ...{
      id: before?.id ?? 0,
      weight: before?.weight ?? 1,
      state: 'open',
      handedOverAt: null,
      version: 0,
      createdAt: db.now(),
    },
    ...read.fields,
  };
  const { problem } = problemOf(withOrder(situation, draft));
  const known = plan && { plan: plan.plan, waits: plan.stood };
  const answer = await planInThread(db.kitchen, { problem, before: known, ...QUICK }, 'trials');
  if (!answer.ok) return refuse(answer.problems.map((p) => p.message).join(' '));
  const { tightBelow } = kitchen.library.coefficients;
  const statusOf = (order: number) =>
    orderStatus({ ...answer, problem }, situation.states, orderId(order), { tightBelow, minute: situation.minute });
  const missed = (order: number) =>
    plan !== null &&
    plan.problem.orders.some((o) => o.id === orderId(order)) &&
    orderStatus(plan, situation.states, orderId(order), { tightBelow, minute: situation.minute }).state === 'misses';
  return {
    ok: true,
    review: {
      parts: partsOf(read.breakdown, kitchen, draft),
      section: sectionOf(read.breakdown, kitchen.builds.get(draft.build)!.portion, kitchen.library.coefficients),
      sizeName: cakeName(draft.tiers),
      allergens: read.breakdown.allergens,
      cautions: [...new Set(read.breakdown.steps.flatMap((s) => s.caution ?? []))],
      status: statusOf(draft.id),
      pushed: situation.orders
        .filter((o) => o.id !== draft.id && statusOf(o.id).state === 'misses' && !missed(o.id))
        .map((o) => o.title),
    },
  };
}
