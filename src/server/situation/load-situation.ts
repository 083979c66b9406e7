import { floorState } from '../../core/floor/floor-state';
import { minuteOf } from '../../core/time/clock';
import { batchId, orderId } from '../../core/ids/ids';
import { readOnce } from '../../data/cached';
import type { KitchenDb } from '../../data/kitchen-db';
import { readBatches } from '../../data/repositories/batches';
import { readCounts } from '../../data/repositories/counts';
import { readEdits } from '../../data/repositories/edits';
import { readPlan } from '../../data/repositories/plans';
import { readFloor } from '../../data/repositories/events';
import { readOpenOrders, type OrderRow } from '../../data/repositories/orders';
import { kitchenAt, type LoadedKitchen } from './load-kitchen';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { readWorkLog } from '../../data/repositories/work-log';
import { habitOf } from '../../core/situation/habit';
import { pacesOf } from '../../core/records/pace';
import { slackOf } from '../../core/situation/with-slack';
import { withKept } from './load-kept';
import { type Situation } from './situation';

/**
 * Everything that is planned from, as it is now; null without a kitchen. It is read anew only where something was written since, so that
 * every part of a request may ask for it.
 */
export async function loadSituation(db: KitchenDb): Promise<Situation | null> {
  const counts = await readCounts(db);
  if (!counts) return null;
  const kept = await readOnce(db.rows, `situation ${db.kitchen}`, counts.all, async () => {
    const kitchen = await kitchenAt(db, counts.library);
    return kitchen && readAll(db, kitchen);
  });
  if (!kept) return null;
  const margins = isLean(kept.kitchen) ? {} : ((await readPlan(db))?.margins ?? {});
  return { ...kept, margins, minute: minuteOf(db.now(), kept.kitchen.clock) };
}

/** Read only where it is planned with: it is of the record of all that ever was told. */
const LEAN = { paces: {}, begins: 'early' as const };
async function recordOf(db: KitchenDb, kitchen: LoadedKitchen) {
  const { done } = await readWorkLog(db, kitchen.clock);
  return { paces: pacesOf(done), begins: habitOf(kitchen.library.choices, done) };
}

const isLean = (kitchen: LoadedKitchen) => slackOf(kitchen.library.choices) === 'lean';

async function readAll(db: KitchenDb, kitchen: LoadedKitchen): Promise<Omit<Situation, 'minute' | 'margins'>> {
  const own = await withKept(db, await readOpenOrders(db), await readBatches(db));
  const { batches } = own;
  const orders = asBefore(own.orders, kitchen);
  const told = await readFloor(
    db,
    [...orders.map((o) => orderId(o.id)), ...batches.map((b) => batchId(b.id))],
    kitchen.clock,
  );
  const edits = await readEdits(db);
  return {
    ...{ kitchen, orders, batches, edits },
    ...breakDownAll(orders, { batches, kitchen }),
    ...{ told, states: floorState(told) },
    adjustments: edits.adjustments,
    ...(isLean(kitchen) ? LEAN : await recordOf(db, kitchen)),
  };
}

const rows = new WeakMap<LoadedKitchen, Map<number, OrderRow>>();

/** Orders that have not changed keep their row: what was worked out from it need not be worked out again. */
function asBefore(orders: OrderRow[], kitchen: LoadedKitchen): OrderRow[] {
  const before = rows.get(kitchen);
  const now = orders.map((o) => {
    const was = before?.get(o.id);
    return was?.version === o.version && was.kept === o.kept ? was : o;
  });
  rows.set(kitchen, new Map(now.map((o) => [o.id, o])));
  return now;
}
