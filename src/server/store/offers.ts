import type { StoreDraw } from '../../core/breakdown/amounts/store-draw';
import { breakDownOrder } from '../../core/situation/break-down-orders';
import type { BreakableOrder, OpenOrder } from '../../core/situation/situation';
import { offerFromStore } from '../../core/store/offer';
import { timeOf, minuteOf } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { readOpenOrders } from '../../data/repositories/orders';
import { readStore } from '../../data/repositories/store';
import type { LoadedKitchen } from '../situation/load-kitchen';

type Asking = BreakableOrder & Pick<OpenOrder, 'pickup' | 'avoid'>;

/** What an order draws out of the store, as it is now. What has been begun goes on with what it was promised. */
export async function offersFor(
  db: KitchenDb,
  kitchen: LoadedKitchen,
  order: Asking,
): Promise<{ fromStore: StoreDraw[] }> {
  if (order.kept) return { fromStore: order.fromStore ?? [] };
  const store = await readStore(db);
  if (store.lots.length === 0) return { fromStore: [] };
  const { components, cake } = breakDownOrder({ ...order, fromStore: [] }, kitchen);
  const usedBy = timeOf(minuteOf(order.pickup, kitchen.clock), kitchen.clock).toISODate()!;
  const others = (await readOpenOrders(db)).filter((o) => o.id !== order.id);
  return { fromStore: offerFromStore({ components, cake, usedBy, avoid: order.avoid }, store, others) };
}
