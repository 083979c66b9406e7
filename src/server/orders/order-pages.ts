import { isRowId } from '../shared/row-id';
import type { KitchenDb } from '../../data/kitchen-db';
import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { timeOf, WALL_CLOCK } from '../../core/time/clock';
import { readHandedOver, readOrder } from '../../data/repositories/orders';
import { orderWithKept } from '../situation/load-kept';
import { orderId } from '../../core/ids/ids';
import { orderView, type OrderView } from './order-view';
import { lastDayOf } from './last-day';
import { pickupText } from './pickup-text';
import { loadPlanned } from '../plan/load-planned';

export interface OrderLine {
  id: number;
  version: number;
  title: string;
  customer: string;
  pickup: string;
  cake: string;
  portions: number;
  status: OrderStatus | null;
  /** The last day on which it is held as an enquiry, in words; null of an order. */
  heldUntil: string | null;
  /** It was an enquiry that nobody took up in time. */
  lapsed: boolean;
}

/** All open orders by pickup, and the last that were handed over. Null without a kitchen. */
export async function loadOrders(db: KitchenDb): Promise<{
  open: OrderLine[];
  left: OrderLine[];
  /** A pickup to begin asking with, as a wall-clock time. */
  ask: string;
  zone: string;
} | null> {
  const planned = await loadPlanned(db);
  if (!planned) return null;
  const { situation, plan } = planned;
  const { kitchen } = situation;
  const line = (o: (typeof situation.orders)[number], status: OrderStatus | null): OrderLine => ({
    ...{ id: o.id, version: o.version, title: o.title, customer: o.customer, portions: o.portions, status },
    pickup: pickupText(o.pickup, kitchen.clock),
    cake: `${kitchen.builds.get(o.build)?.name ?? o.build}, ${cakeName(o.tiers)}`,
    heldUntil: o.holdsUntil && lastDayOf(o.holdsUntil, kitchen.clock).toFormat('ccc d LLL'),
    lapsed: o.state === 'lapsed',
  });
  const { tightBelow } = kitchen.library.coefficients;
  const inPlan = new Set(plan.problem.orders.map((o) => o.id));
  return {
    ask: timeOf(situation.minute, kitchen.clock).plus({ days: 2 }).set({ hour: 12, minute: 0 }).toFormat(WALL_CLOCK),
    zone: kitchen.clock.zone,
    open: situation.orders.map((o) =>
      line(
        o,
        inPlan.has(orderId(o.id))
          ? orderStatus(plan, situation.states, orderId(o.id), { tightBelow, minute: situation.minute })
          : null,
      ),
    ),
    left: (await readHandedOver(db, 12)).map((o) => line(o, null)),
  };
}

/** One order; null if there is none with this number. */
export async function loadOrder(db: KitchenDb, id: number): Promise<OrderView | null> {
  if (!isRowId(id)) return null;
  const planned = await loadPlanned(db);
  const found = planned && (await readOrder(db, id));
  if (!planned || !found) return null;
  const order = planned.situation.orders.find((o) => o.id === id) ?? (await orderWithKept(db, found));
  return orderView(db, order, planned.situation.kitchen, planned.situation, planned.plan);
}
