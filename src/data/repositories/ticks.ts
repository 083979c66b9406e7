import { eq } from 'drizzle-orm';
import type { Db } from '../db';
import * as t from '../schema';

export async function readTicks(db: Db): Promise<Set<string>> {
  return new Set((await db.select({ key: t.ticks.key }).from(t.ticks)).map((r) => r.key));
}

/** Ticks a line of a pull list off, or takes the tick back. Doing it twice changes nothing. */
export async function setTick(db: Db, key: string, ticked: boolean, at: Date): Promise<void> {
  if (ticked) await db.insert(t.ticks).values({ key, tickedAt: at }).onConflictDoNothing();
  else await db.delete(t.ticks).where(eq(t.ticks.key, key));
}
