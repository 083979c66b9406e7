import { and, asc, eq, gt } from 'drizzle-orm';
import { NO_EDITS, withEdit, type EditHistory } from '../../core/steering/edit-history';
import type { MadeEdit } from '../../core/steering/plan-edit';
import { editHistoryCodec } from '../../core/stored/histories';
import { editCodec } from '../../core/stored/plan-edit';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';
import { appendEvents } from './events';
import { readSnapshot, writeSnapshot, type Snapshot } from './snapshots';

/** A snapshot is taken once so many edits have come after the last one. */
const EDITS_A_SNAPSHOT = 50;

/** What all edits of the plan that were ever made come to. */
export async function readEdits(db: KitchenDb): Promise<EditHistory> {
  return (await readHistory(db)).value;
}

async function readHistory(db: KitchenDb): Promise<Snapshot<EditHistory> & { since: number }> {
  const { upTo, value } = await readSnapshot(db, editHistoryCodec, NO_EDITS);
  const rows = await db.rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, db.kitchen), eq(t.events.kind, 'plan edit'), gt(t.events.id, upTo)))
    .orderBy(asc(t.events.id));
  const made = rows.map((r): MadeEdit => ({ id: r.id, ...readStored(editCodec, `Edit ${r.id}`, r.body) }));
  return { upTo: rows.at(-1)?.id ?? upTo, value: made.reduce(withEdit, value), since: rows.length };
}

/** Writes an edit down, with the plan that was there before it, so that undoing it can go back there. */
export async function appendEdit(db: KitchenDb, at: Date, made: Omit<MadeEdit, 'id'>): Promise<void> {
  await appendEvents(db, [{ at, kind: 'plan edit', order: null, body: made }]);
  const history = await readHistory(db);
  if (history.since >= EDITS_A_SNAPSHOT) await writeSnapshot(db, editHistoryCodec, history);
}
