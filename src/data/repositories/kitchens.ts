import { asc, eq } from 'drizzle-orm';
import type { KitchenId } from '../../core/ids/ids';
import type { Db } from '../db';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

export type NewKitchen = typeof t.kitchens.$inferInsert;
export type KitchenName = Pick<typeof t.kitchens.$inferSelect, 'id' | 'name' | 'zone' | 'clock'>;

const named = { id: t.kitchens.id, name: t.kitchens.name, zone: t.kitchens.zone, clock: t.kitchens.clock };

/** All kitchens of the database, the oldest first. */
export async function readKitchens(db: Db): Promise<KitchenName[]> {
  return db.select(named).from(t.kitchens).orderBy(asc(t.kitchens.createdAt), asc(t.kitchens.id));
}

export async function readKitchenName(db: Db, id: KitchenId): Promise<KitchenName | null> {
  const [row] = await db.select(named).from(t.kitchens).where(eq(t.kitchens.id, id));
  return row ?? null;
}

/** How many upgrades have been done that need the program; today there is one. */
export async function readUpgrades(db: KitchenDb): Promise<number> {
  const [row] = await db.rows
    .select({ done: t.kitchens.upgrades })
    .from(t.kitchens)
    .where(eq(t.kitchens.id, db.kitchen));
  return row?.done ?? 0;
}

export async function writeUpgrades(db: KitchenDb, done: number): Promise<void> {
  await db.rows.update(t.kitchens).set({ upgrades: done }).where(eq(t.kitchens.id, db.kitchen));
}

/** Adds a kitchen, with its counts. False where there is one of this id already, also of two who try at once. */
export async function insertKitchen(tx: Db, kitchen: NewKitchen): Promise<boolean> {
  const made = await tx.insert(t.kitchens).values(kitchen).onConflictDoNothing().returning({ id: t.kitchens.id });
  if (made.length === 0) return false;
  await tx.insert(t.counts).values({ kitchen: kitchen.id });
  return true;
}
