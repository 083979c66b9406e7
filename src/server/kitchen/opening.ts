import { say } from '../../core/words/say';
import { openingOf, type OpeningForm } from '../../core/input/opening-input';
import { openingCodec } from '../../core/stored/registers';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents } from '../../data/repositories/events';
import { updateKitchen } from '../../data/repositories/kitchen';
import { readHandedOver, readOpenOrders } from '../../data/repositories/orders';
import { commit } from '../shared/commit';
import { refuse, type Result } from '../shared/result';
import { loadKitchen } from '../situation/load-kitchen';

const STALE_KITCHEN = say`Somebody else has changed the kitchen since you opened it. Open it again to see theirs.`;

/** Saves when cakes are collected. Orders that were taken keep their pickups. */
export function saveOpening(db: KitchenDb, version: number, form: OpeningForm): Promise<Result> {
  return commit(
    db,
    async (tx): Promise<Result> => {
      const opening = openingOf(form);
      if (!(await updateKitchen(tx, version, { opening }))) return refuse(STALE_KITCHEN);
      const body = { opening: openingCodec.write(opening) };
      await appendEvents(tx, [{ at: tx.now(), kind: 'kitchen changed', order: null, body }]);
      return { ok: true };
    },
    { library: true },
  );
}

/** Another name, and as long as nothing was ordered another time zone. */
export function renameKitchen(
  db: KitchenDb,
  version: number,
  { name, zone }: { name: string; zone: string },
): Promise<Result> {
  return commit(
    db,
    async (tx): Promise<Result> => {
      const kitchen = await loadKitchen(tx);
      if (!kitchen) return refuse(say`There is no kitchen yet.`);
      // What was ordered was told by the clock of the zone that there was.
      if (zone !== kitchen.rows.kitchen.zone && (await anyOrder(tx))) {
        const stays = say`It stays as it is once there are orders: their times are told by its clock.`;
        return refuse(stays, { zone: stays });
      }
      if (!(await updateKitchen(tx, version, { name, zone }))) return refuse(STALE_KITCHEN);
      await appendEvents(tx, [{ at: tx.now(), kind: 'kitchen changed', order: null, body: { name, zone } }]);
      return { ok: true };
    },
    { library: true },
  );
}

const anyOrder = async (tx: KitchenDb) =>
  (await readOpenOrders(tx)).length > 0 || (await readHandedOver(tx, 1)).length > 0;

/** Writes down how far setting up has come; null is all of it. */
export function saveSetUp(db: KitchenDb, done: string[] | null): Promise<Result> {
  return commit(
    db,
    async (tx): Promise<Result> => {
      const kitchen = await loadKitchen(tx);
      if (!kitchen) return refuse(say`There is no kitchen yet.`);
      await updateKitchen(tx, kitchen.rows.kitchen.version, { setUp: done });
      return { ok: true };
    },
    { library: true },
  );
}
