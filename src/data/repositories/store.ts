import { and, asc, eq, gt, inArray } from 'drizzle-orm';
import { STORE_KINDS } from '../../core/kinds/events';
import type { Store } from '../../core/store/lot';
import { EMPTY_STORE, withStoreEvent, type StoreEvent } from '../../core/store/store-state';
import { storeCodec } from '../../core/stored/store';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { bodyOf } from './events';
import { readSnapshot, writeSnapshot } from './snapshots';

/** A snapshot is taken once so many events have come after the last one. */
const EVENTS_A_SNAPSHOT = 100;

/** What lies in the store of own parts, as all that was told of it comes to. */
export async function readStore(db: KitchenDb): Promise<Store> {
  const { upTo, value } = await readSnapshot(db, storeCodec, EMPTY_STORE);
  const rows = await db.rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, db.kitchen), inArray(t.events.kind, STORE_KINDS), gt(t.events.id, upTo)))
    .orderBy(asc(t.events.id));
  const store = rows.map((r) => ({ kind: r.kind, ...bodyOf(r) }) as StoreEvent).reduce(withStoreEvent, value);
  if (rows.length >= EVENTS_A_SNAPSHOT) await writeSnapshot(db, storeCodec, { upTo: rows.at(-1)!.id, value: store });
  return store;
}
