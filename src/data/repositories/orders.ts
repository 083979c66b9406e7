import { and, asc, desc, eq, sql } from 'drizzle-orm';
import type { Db } from '../db';
import * as t from '../schema';

export type OrderRow = typeof t.orders.$inferSelect;
export type OrderFields = Pick<
  OrderRow,
  | 'title'
  | 'customer'
  | 'pickup'
  | 'portions'
  | 'build'
  | 'tiers'
  | 'inscription'
  | 'avoid'
  | 'note'
  | 'without'
  | 'swaps'
  | 'overrides'
  | 'choices'
  | 'versions'
>;

export async function readOpenOrders(db: Db): Promise<OrderRow[]> {
  return db.select().from(t.orders).where(eq(t.orders.state, 'open')).orderBy(asc(t.orders.pickup), asc(t.orders.id));
}

/** The last ones that left, newest first. */
export async function readHandedOver(db: Db, limit: number): Promise<OrderRow[]> {
  return db
    .select()
    .from(t.orders)
    .where(eq(t.orders.state, 'handed over'))
    .orderBy(desc(t.orders.handedOverAt))
    .limit(limit);
}

export async function readOrder(db: Db, id: number): Promise<OrderRow | null> {
  const [row] = await db.select().from(t.orders).where(eq(t.orders.id, id));
  return row ?? null;
}

export async function insertOrder(db: Db, fields: OrderFields, createdAt: Date): Promise<OrderRow> {
  const [row] = await db
    .insert(t.orders)
    .values({ ...fields, createdAt })
    .returning();
  return row!;
}

/** Changes an order if it is still at the version that was read; null if somebody was faster. */
export async function updateOrder(
  db: Db,
  id: number,
  version: number,
  change: Partial<OrderFields & Pick<OrderRow, 'state' | 'handedOverAt'>>,
): Promise<OrderRow | null> {
  const [row] = await db
    .update(t.orders)
    .set({ ...change, version: sql`${t.orders.version} + 1` })
    .where(and(eq(t.orders.id, id), eq(t.orders.version, version)))
    .returning();
  return row ?? null;
}
