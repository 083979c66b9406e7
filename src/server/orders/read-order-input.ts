import type { Breakdown } from '../../core/breakdown/breakdown';
import type { OrderForm } from '../../core/input/order-input';
import { readOrder, type OrderFields } from '../../core/order/read-order';
import type { KitchenDb } from '../../data/kitchen-db';
import type { OrderRow } from '../../data/repositories/orders';
import { readDesign } from '../builds/read-design';
import { LOOK_AGAIN } from '../shared/door';
import { refuse, type Result } from '../shared/result';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { pickupRule } from '../situation/pickup-rule';

/** What was typed for an order, held against the kitchen as it is now. */
export function readOrderForm(
  db: KitchenDb,
  form: OrderForm,
  kitchen: LoadedKitchen,
  before: OrderRow | null,
): Result<{ fields: OrderFields; breakdown: Breakdown }> {
  const design = form.design ? readDesign(form.design) : null;
  if (typeof design === 'string') return refuse(LOOK_AGAIN, { design });
  const read = readOrder(form, kitchen, pickupRule(db, kitchen), before, design);
  return read.ok ? read : refuse(LOOK_AGAIN, read.fields);
}
