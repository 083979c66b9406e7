import { asc, inArray, isNull, or } from 'drizzle-orm';
import type { FloorEvent } from '../../core/floor/floor-state';
import { minuteOf, type Clock } from '../../core/planner/calendars';
import type { Db } from '../database';
import * as t from '../schema';

export interface NewEvent {
  at: Date;
  kind: t.EventKind;
  order: number | null;
  body: Record<string, unknown>;
}

export async function appendEvents(db: Db, list: NewEvent[]): Promise<number[]> {
  if (list.length === 0) return [];
  const rows = await db.insert(t.events).values(list).returning({ id: t.events.id });
  return rows.map((r) => r.id);
}

const FLOOR_KINDS: t.EventKind[] = ['start', 'finish', 'extend', 'take back'];

/** Everything that was told from the floor about these orders and about shared batches, in order, with times as minutes of the clock. */
export async function readFloor(db: Db, orders: number[], clock: Clock): Promise<FloorEvent[]> {
  const rows = await db
    .select()
    .from(t.events)
    .where(or(isNull(t.events.order), inArray(t.events.order, orders)))
    .orderBy(asc(t.events.id));
  return rows
    .filter((r) => FLOOR_KINDS.includes(r.kind))
    .map((r) => ({ ...r.body, id: r.id, kind: r.kind, minute: minuteOf(r.at, clock) }) as FloorEvent);
}
