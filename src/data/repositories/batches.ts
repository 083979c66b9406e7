import { asc, eq } from 'drizzle-orm';
import type { Db } from '../db';
import * as t from '../schema';

export type BatchRow = typeof t.batches.$inferSelect;

/** Batches that were accepted and not split again. */
export async function readBatches(db: Db): Promise<BatchRow[]> {
  return db.select().from(t.batches).where(eq(t.batches.split, false)).orderBy(asc(t.batches.id));
}

export async function insertBatch(db: Db, row: Pick<BatchRow, 'formula' | 'members' | 'madeAt'>): Promise<number> {
  const { formula, members, madeAt } = row;
  const [made] = await db.insert(t.batches).values({ formula, members, madeAt }).returning({ id: t.batches.id });
  return made!.id;
}

export async function splitBatchRow(db: Db, id: number): Promise<void> {
  await db.update(t.batches).set({ split: true }).where(eq(t.batches.id, id));
}
