import { floorState } from '../../core/floor/floor-state';
import { minuteOf } from '../../core/time/clock';
import { adjustmentsAfter } from '../../core/steering/plan-edit';
import { readOnce } from '../../data/cached';
import type { Db } from '../../data/db';
import { readBatches } from '../../data/repositories/batches';
import { readCounts } from '../../data/repositories/counts';
import { readEdits } from '../../data/repositories/edits';
import { readFloor } from '../../data/repositories/events';
import { readOpenOrders, type OrderRow } from '../../data/repositories/orders';
import { now } from '../shared/clock';
import { kitchenAt, type LoadedKitchen } from './load-kitchen';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { type Situation } from './situation';

/**
 * Everything that is planned from, as it is now; null without a kitchen. It is read anew only where something was written since, so that
 * every part of a request may ask for it.
 */
export async function loadSituation(db: Db): Promise<Situation | null> {
  const counts = await readCounts(db);
  if (!counts) return null;
  const kept = await readOnce(db, 'situation', counts.all, async () => {
    const kitchen = await kitchenAt(db, counts.library);
    return kitchen && readAll(db, kitchen);
  });
  return kept && { ...kept, minute: minuteOf(now(), kept.kitchen.clock) };
}

async function readAll(db: Db, kitchen: LoadedKitchen): Promise<Omit<Situation, 'minute'>> {
  const orders = asBefore(await readOpenOrders(db), kitchen);
  const events = await readFloor(
    db,
    orders.map((o) => o.id),
    kitchen.clock,
  );
  const batches = await readBatches(db);
  const edits = await readEdits(db);
  return {
    ...{ kitchen, orders, batches, edits },
    ...breakDownAll(orders, { batches, kitchen }),
    states: floorState(events),
    adjustments: adjustmentsAfter(edits),
  };
}

const rows = new WeakMap<LoadedKitchen, Map<number, OrderRow>>();

/** Orders that have not changed keep their row: what was worked out from it need not be worked out again. */
function asBefore(orders: OrderRow[], kitchen: LoadedKitchen): OrderRow[] {
  const before = rows.get(kitchen);
  const now = orders.map((o) => {
    const was = before?.get(o.id);
    return was?.version === o.version ? was : o;
  });
  rows.set(kitchen, new Map(now.map((o) => [o.id, o])));
  return now;
}
