import { and, eq, lt } from 'drizzle-orm';
import type { Db } from '../db';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

export type WriteRow = Omit<typeof t.writes.$inferSelect, 'kitchen'>;

export async function readWrite(db: KitchenDb, key: string): Promise<WriteRow | null> {
  const own = and(eq(t.writes.kitchen, db.kitchen), eq(t.writes.key, key));
  const [row] = await db.rows.select().from(t.writes).where(own);
  return row ?? null;
}

/** Writes down what a write answered. False if another one with this key was there first. */
export async function insertWrite(tx: KitchenDb, row: WriteRow): Promise<boolean> {
  const made = await tx.rows
    .insert(t.writes)
    .values({ kitchen: tx.kitchen, ...row })
    .onConflictDoNothing()
    .returning({ key: t.writes.key });
  return made.length > 0;
}

/** Nobody repeats a write that long after, in no kitchen of the database. */
export async function forgetWrites(db: Db, before: Date): Promise<void> {
  await db.delete(t.writes).where(lt(t.writes.at, before));
}
