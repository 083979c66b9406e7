import { eq, max } from 'drizzle-orm';
import { keepRead, readOnce } from '../cached';
import type { Db } from '../db';
import * as t from '../schema';

export type PlanRow = typeof t.plans.$inferSelect;

const NEWEST = 'newest plan';

/** The newest plan. It is large and never changes, so it is read once. */
export async function readPlan(db: Db): Promise<PlanRow | null> {
  const [newest] = await db.select({ id: max(t.plans.id) }).from(t.plans);
  const id = newest?.id ?? null;
  return id === null ? null : readOnce(db, NEWEST, id, () => readPlanOf(db, id));
}

export async function readPlanOf(db: Db, id: number): Promise<PlanRow | null> {
  const [row] = await db.select().from(t.plans).where(eq(t.plans.id, id));
  return row ?? null;
}

/** Adds a plan that follows another. Returns null if a different one has followed it meanwhile. */
export async function insertPlan(db: Db, plan: Omit<typeof t.plans.$inferInsert, 'id'>): Promise<PlanRow | null> {
  const [row] = await db.insert(t.plans).values(plan).onConflictDoNothing().returning();
  if (row) keepRead(NEWEST, row.id, row);
  return row ?? null;
}
