import { desc, eq } from 'drizzle-orm';
import type { Db } from '../database';
import * as t from '../schema';

export type PlanRow = typeof t.plans.$inferSelect;

export async function readPlan(db: Db): Promise<PlanRow | null> {
  const [row] = await db.select().from(t.plans).orderBy(desc(t.plans.id)).limit(1);
  return row ?? null;
}

export async function readPlanOf(db: Db, id: number): Promise<PlanRow | null> {
  const [row] = await db.select().from(t.plans).where(eq(t.plans.id, id));
  return row ?? null;
}

/** Adds a plan that follows another. Returns null if a different one has followed it meanwhile. */
export async function insertPlan(db: Db, plan: Omit<typeof t.plans.$inferInsert, 'id'>): Promise<PlanRow | null> {
  const [row] = await db.insert(t.plans).values(plan).onConflictDoNothing().returning();
  return row ?? null;
}
