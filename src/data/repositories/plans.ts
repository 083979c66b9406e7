import { and, asc, eq, gte, is, isNotNull, lt, max, sql } from 'drizzle-orm';
import { PgTransaction } from 'drizzle-orm/pg-core';
import { create, type Delta } from 'jsondiffpatch';
import { plannedCodec, type Planned } from '../../core/stored/planned';
import type { Stored } from '../../core/stored/codec';
import { keepRead, readOnce } from '../cached';
import type { Db } from '../db';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';

type Row = typeof t.plans.$inferSelect;
/** A plan as it was saved, numbered within its kitchen. */
export type PlanRow = Pick<Row, 'id' | 'previous' | 'madeAt' | 'reason'> & Planned;

const newest = (db: KitchenDb) => `newest plan of ${db.kitchen}`;

/** The newest plan. It is large and never changes, so it is read once. */
export async function readPlan(db: KitchenDb): Promise<PlanRow | null> {
  const [last] = await db.rows
    .select({ id: max(t.plans.id) })
    .from(t.plans)
    .where(eq(t.plans.kitchen, db.kitchen));
  const id = last?.id ?? null;
  return id === null ? null : readOnce(db.rows, newest(db), id, () => readPlanOf(db, id));
}

/** A plan by its number, put together where it is kept as a difference; null where there is none. */
export async function readPlanOf(db: KitchenDb, id: number): Promise<PlanRow | null> {
  const [row] = await db.rows
    .select()
    .from(t.plans)
    .where(and(eq(t.plans.kitchen, db.kitchen), eq(t.plans.id, id)));
  const body = row && (await bodyOf(db, row));
  if (!row || !body) return null;
  const { previous, madeAt, reason } = row;
  return { id, previous, madeAt, reason, ...readStored(plannedCodec, `Plan ${id}`, body) };
}

/** Parts of a plan keep their ids: by these a list is compared with the one before. */
const comparing = create({
  objectHash: (part) => {
    const { id, order, step } = part as { id?: string; order?: string; step?: string };
    return id ?? step ?? order ?? JSON.stringify(part);
  },
});

/** The whole of a plan: from the next one that is kept whole back through what makes each out of the one after it. */
async function bodyOf(db: KitchenDb, row: Row): Promise<Stored | null> {
  if (row.body) return row.body;
  const from = and(eq(t.plans.kitchen, db.kitchen), gte(t.plans.id, row.id));
  const [whole] = await db.rows
    .select()
    .from(t.plans)
    .where(and(from, isNotNull(t.plans.body)))
    .orderBy(asc(t.plans.id))
    .limit(1);
  if (!whole) return null;
  const between = await db.rows
    .select()
    .from(t.plans)
    .where(and(from, lt(t.plans.id, whole.id)))
    .orderBy(asc(t.plans.id));
  let body: unknown = structuredClone(whole.body);
  for (const { difference } of between.reverse()) body = comparing.patch(body, difference as Delta);
  return body as Stored;
}

/** Adds a plan that follows another. Returns null if a different one has followed it meanwhile. */
export async function insertPlan(db: KitchenDb, plan: Omit<PlanRow, 'id'>): Promise<PlanRow | null> {
  const { previous, madeAt, reason, ...planned } = plan;
  const body = plannedCodec.write(planned);
  const [saved] = await db.rows
    .insert(t.plans)
    .values({ kitchen: db.kitchen, id: previous + 1, previous, madeAt, reason, body })
    .onConflictDoNothing()
    .returning({ id: t.plans.id });
  if (!saved) return null;
  const made: PlanRow = { id: saved.id, previous, madeAt, reason, ...planned };
  keepRead(newest(db), made.id, made);
  return made;
}

/** Room that thinned plans left is swept up after so many new ones: an embedded database does not do it by itself. */
const PLANS_A_VACUUM = 8;

async function vacuumPlans({ rows }: KitchenDb): Promise<void> {
  // Inside a transaction nothing can be swept up; the next one outside does it.
  if (!is(rows, PgTransaction)) await rows.execute(sql`vacuum plans`);
}

/** Whole plans that are thinned at once: usually the one before, and more where a folder of before has them all whole. */
const THINNED_AT_ONCE = 4;

/**
 * Keeps plans before the newest as differences to the one after them, but for the last of each day of the kitchen. To compare two takes
 * longer than to save one, so nobody waits for it: it is done when a plan is told.
 */
export async function thinPlans(db: KitchenDb, id: number): Promise<void> {
  await db.rows.transaction(async (tx) => thinBefore({ ...db, rows: tx as Db }, id));
  if (id % PLANS_A_VACUUM === 0) await vacuumPlans(db);
}

async function thinBefore(tx: KitchenDb, id: number): Promise<void> {
  const day = sql`(made_at at time zone (select zone from kitchens where kitchens.id = plans.kitchen))::date`;
  const next = sql<number>`lead(id) over (order by id)`;
  const days = tx.rows
    .select({
      id: t.plans.id,
      whole: sql<boolean>`body is not null`.as('whole'),
      next: next.as('next'),
      last: sql<boolean>`${day} is distinct from lead(${day}) over (order by id)`.as('last'),
    })
    .from(t.plans)
    .where(and(eq(t.plans.kitchen, tx.kitchen), gte(t.plans.id, id - 500)))
    .as('days');
  const whole = await tx.rows
    .select({ id: days.id, next: days.next })
    .from(days)
    .where(and(eq(days.whole, true), eq(days.last, false), lt(days.id, id)))
    .orderBy(sql`id desc`)
    .limit(THINNED_AT_ONCE);
  for (const one of whole) {
    const row = (n: number) => and(eq(t.plans.kitchen, tx.kitchen), eq(t.plans.id, n));
    const [before] = await tx.rows.select().from(t.plans).where(row(one.id));
    const [after] = await tx.rows.select().from(t.plans).where(row(one.next));
    const [was, now] = [before?.body, after && (await bodyOf(tx, after))];
    if (!was || !now) continue;
    const difference = (comparing.diff(now, was) ?? {}) as object;
    await tx.rows.update(t.plans).set({ body: null, difference }).where(row(one.id));
  }
}
