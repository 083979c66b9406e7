import { eq, sql } from 'drizzle-orm';
import type { Db } from '../db';
import * as t from '../schema';

export interface Counts {
  all: number;
  library: number;
}

/** The kitchen of this database. */
export const KITCHEN = 1;

/** How often the kitchen was written to; null while there is none. */
export async function readCounts(db: Db): Promise<Counts | null> {
  const [row] = await db.select().from(t.counts).where(eq(t.counts.kitchen, KITCHEN));
  return row ?? null;
}

/** Waits until nobody else is writing to the kitchen, and keeps others waiting to the end of the transaction. */
export async function lockCounts(tx: Db): Promise<Counts | null> {
  const [row] = await tx.select().from(t.counts).where(eq(t.counts.kitchen, KITCHEN)).for('update');
  return row ?? null;
}

export async function riseCounts(tx: Db, library: boolean): Promise<void> {
  await tx
    .update(t.counts)
    .set({ all: sql`${t.counts.all} + 1`, ...(library ? { library: sql`${t.counts.library} + 1` } : {}) })
    .where(eq(t.counts.kitchen, KITCHEN));
}
