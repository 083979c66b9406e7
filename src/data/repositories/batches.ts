import { and, asc, eq } from 'drizzle-orm';
import type { KeptBatch } from '../../core/situation/kept-work';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { nextId } from './next-id';

export type BatchRow = Omit<typeof t.batches.$inferSelect, 'kitchen'> & {
  /** Its work since it was begun, where it has been looked up. */
  kept?: KeptBatch | null;
};

/** Batches that were accepted and not split again. */
export async function readBatches(db: KitchenDb): Promise<BatchRow[]> {
  return db.rows
    .select()
    .from(t.batches)
    .where(and(eq(t.batches.kitchen, db.kitchen), eq(t.batches.split, false)))
    .orderBy(asc(t.batches.id));
}

export async function insertBatch(
  db: KitchenDb,
  { formula, members, madeAt }: Pick<BatchRow, 'formula' | 'members' | 'madeAt'>,
): Promise<number> {
  const id = await nextId(db, t.batches);
  await db.rows.insert(t.batches).values({ kitchen: db.kitchen, id, formula, members, madeAt });
  return id;
}

export async function splitBatchRow(db: KitchenDb, id: number): Promise<void> {
  await db.rows
    .update(t.batches)
    .set({ split: true })
    .where(and(eq(t.batches.kitchen, db.kitchen), eq(t.batches.id, id)));
}
