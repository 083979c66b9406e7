import { and, eq } from 'drizzle-orm';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

export async function readTicks(db: KitchenDb): Promise<Set<string>> {
  const rows = await db.rows.select({ key: t.ticks.key }).from(t.ticks).where(eq(t.ticks.kitchen, db.kitchen));
  return new Set(rows.map((r) => r.key));
}

/** Ticks a line of a pull list off, or takes the tick back. Doing it twice changes nothing. */
export async function setTick(db: KitchenDb, key: string, ticked: boolean, at: Date): Promise<void> {
  const { kitchen } = db;
  if (ticked) await db.rows.insert(t.ticks).values({ kitchen, key, tickedAt: at }).onConflictDoNothing();
  else await db.rows.delete(t.ticks).where(and(eq(t.ticks.kitchen, kitchen), eq(t.ticks.key, key)));
}
