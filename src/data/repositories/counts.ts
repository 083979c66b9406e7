import { eq, sql } from 'drizzle-orm';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

export interface Counts {
  all: number;
  library: number;
}

/** How often the kitchen was written to; null where there is no such kitchen. */
export async function readCounts(db: KitchenDb): Promise<Counts | null> {
  const [row] = await db.rows.select().from(t.counts).where(eq(t.counts.kitchen, db.kitchen));
  return row ?? null;
}

/** Waits until nobody else is writing to the kitchen, and keeps others waiting to the end of the transaction. */
export async function lockCounts(tx: KitchenDb): Promise<Counts | null> {
  const [row] = await tx.rows.select().from(t.counts).where(eq(t.counts.kitchen, tx.kitchen)).for('update');
  return row ?? null;
}

export async function riseCounts(tx: KitchenDb, library: boolean): Promise<void> {
  await tx.rows
    .update(t.counts)
    .set({ all: sql`${t.counts.all} + 1`, ...(library ? { library: sql`${t.counts.library} + 1` } : {}) })
    .where(eq(t.counts.kitchen, tx.kitchen));
}
