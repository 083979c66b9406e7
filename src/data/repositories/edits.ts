import { asc, eq } from 'drizzle-orm';
import type { MadeEdit } from '../../core/steering/plan-edit';
import type { Db } from '../db';
import * as t from '../schema';
import { appendEvents } from './events';

/** Every edit of the plan that was ever made, in its order. */
export async function readEdits(db: Db): Promise<MadeEdit[]> {
  const rows = await db.select().from(t.events).where(eq(t.events.kind, 'plan edit')).orderBy(asc(t.events.id));
  return rows.map((r) => ({ id: r.id, ...(r.body as unknown as Omit<MadeEdit, 'id'>) }));
}

/** Writes an edit down, with the plan that was there before it, so that undoing it can go back there. */
export async function appendEdit(db: Db, at: Date, made: Omit<MadeEdit, 'id'>): Promise<void> {
  await appendEvents(db, [{ at, kind: 'plan edit', order: null, body: { ...made } }]);
}
