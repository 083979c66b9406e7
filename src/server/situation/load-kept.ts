import { is } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import { batchId, orderId, type BatchId, type KitchenId, type OrderId } from '../../core/ids/ids';
import { keptBatchCodec, keptCodec } from '../../core/stored/compiled';
import type { Codec } from '../../core/stored/codec';
import type { KitchenDb } from '../../data/kitchen-db';
import type { BatchRow } from '../../data/repositories/batches';
import { readCompiled, readCompiledVersions, type Compiled } from '../../data/repositories/compiled';
import type { OrderRow } from '../../data/repositories/orders';

type Owner = OrderId | BatchId;
type Known = Map<Owner, Compiled<unknown>>;

/** What was read last of each kitchen: these documents are large and seldom change. */
const held = globalThis as unknown as { zestKept?: Map<KitchenId, Known> };

/** Orders and batches with the work that is kept of those that have been begun. */
export async function withKept<O extends OrderRow, B extends BatchRow>(
  db: KitchenDb,
  orders: O[],
  batches: B[],
): Promise<{ orders: O[]; batches: B[] }> {
  const owners = [...orders.map((o) => orderId(o.id)), ...batches.map((b) => batchId(b.id))];
  const versions = await readCompiledVersions(db, owners);
  const all = (held.zestKept ??= new Map<KitchenId, Known>());
  const before = all.get(db.kitchen);
  const now: Known = new Map();
  const keptOf = async <T>(owner: Owner, codec: Codec<T>): Promise<T | null> => {
    const version = versions.get(owner);
    if (version === undefined) return null;
    const known = before?.get(owner);
    const kept = known?.version === version ? known : await readCompiled(db, codec, owner);
    if (kept) now.set(owner, kept);
    return (kept?.value ?? null) as T | null;
  };
  const own: { orders: O[]; batches: B[] } = { orders: [], batches: [] };
  for (const o of orders) own.orders.push({ ...o, kept: await keptOf(orderId(o.id), keptCodec) });
  for (const b of batches) own.batches.push({ ...b, kept: await keptOf(batchId(b.id), keptBatchCodec) });
  // A transaction may yet be undone, and its versions be given anew to something else.
  if (!is(db.rows, PgTransaction)) all.set(db.kitchen, now);
  return own;
}

/** One order with its kept work, open or not. */
export async function orderWithKept(db: KitchenDb, order: OrderRow): Promise<OrderRow> {
  const kept = await readCompiled(db, keptCodec, orderId(order.id));
  return { ...order, kept: kept?.value ?? null };
}
