import type { Build } from '../../core/design/build';
import { designIn } from '../../core/design/design-in';
import type { KitchenDb } from '../../data/kitchen-db';
import { readOpenOrders, updateOrder } from '../../data/repositories/orders';

/** What was taken before orders had a design of their own gets that of its build, before that becomes another. */
export async function keepDesigns(tx: KitchenDb, build: Build): Promise<void> {
  for (const order of await readOpenOrders(tx))
    if (order.build === build.id && !order.design)
      await updateOrder(tx, order.id, order.version, { design: designIn(build, order.tiers) });
}
