import { eq, lt } from 'drizzle-orm';
import type { Db } from '../db';
import * as t from '../schema';

export type WriteRow = typeof t.writes.$inferSelect;

export async function readWrite(db: Db, key: string): Promise<WriteRow | null> {
  const [row] = await db.select().from(t.writes).where(eq(t.writes.key, key));
  return row ?? null;
}

/** Writes down what a write answered. False if another one with this key was there first. */
export async function insertWrite(tx: Db, row: WriteRow): Promise<boolean> {
  const made = await tx.insert(t.writes).values(row).onConflictDoNothing().returning({ key: t.writes.key });
  return made.length > 0;
}

/** Nobody repeats a write that long after. */
export async function forgetWrites(db: Db, before: Date): Promise<void> {
  await db.delete(t.writes).where(lt(t.writes.at, before));
}
