import { and, asc, desc, eq, gt, gte, inArray } from 'drizzle-orm';
import type { FloorEvent } from '../../core/floor/floor-state';
import { ownerOf, type BatchId, type OrderId } from '../../core/ids/ids';
import type { LoggedEvent } from '../../core/records/work-log';
import { FLOOR_KINDS, type EventKind } from '../../core/kinds/events';
import { eventCodec, type EventBody, type ToldEvent } from '../../core/stored/event';
import { minuteOf, type Clock } from '../../core/time/clock';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored, StoredError } from '../stored';
import { nextId } from './next-id';

/** Something to be written down, by its kind. */
export type NewEvent = ToldEvent & {
  at: Date;
  order: number | null;
  /** Whose step it is about, where its body does not say: of what is taken back. */
  owner?: OrderId | BatchId | undefined;
};

type EventRow = typeof t.events.$inferSelect;

/** Writes events down, in their order. */
export async function appendEvents(db: KitchenDb, list: NewEvent[]): Promise<void> {
  if (list.length === 0) return;
  const first = await nextId(db, t.events);
  await db.rows.insert(t.events).values(
    list.map((e, i) => ({
      ...{ kitchen: db.kitchen, id: first + i, at: e.at, kind: e.kind, order: e.order, by: db.by ?? null },
      owner: e.owner ?? ('step' in e.body ? ownerOf(e.body.step) : null),
      body: eventCodec(e.kind)!.write(e.body as never),
    })),
  );
}

/** The number of the newest event of a kitchen; 0 where there is none. */
export const lastEvent = async (db: KitchenDb): Promise<number> => (await nextId(db, t.events)) - 1;

/** What an event tells. Throws where it cannot be read, or is of a kind that this program does not know. */
export function bodyOf<K extends EventKind>(row: EventRow & { kind: K }): EventBody<K> {
  const codec = eventCodec(row.kind);
  if (!codec) throw new StoredError(`Event ${row.id} is “${row.kind}”, which this program does not know.`);
  return readStored(codec, `Event ${row.id} (${row.kind})`, row.body);
}

/** Everything that was told from the floor of steps of these owners, in order, with times as minutes of the clock. */
export async function readFloor(db: KitchenDb, owners: (OrderId | BatchId)[], clock: Clock): Promise<FloorEvent[]> {
  if (owners.length === 0) return [];
  const rows = await db.rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, db.kitchen), inArray(t.events.owner, owners)))
    .orderBy(asc(t.events.id));
  return rows.map((r) => asFloorEvent(r, clock));
}

function asFloorEvent(row: EventRow, clock: Clock): FloorEvent {
  const body = bodyOf(row) as { when?: string };
  const told = minuteOf(row.at, clock);
  const when = body.when === undefined ? told : minuteOf(new Date(body.when), clock);
  if (row.kind === 'correct') return { ...body, id: row.id, kind: row.kind, minute: told, to: when } as FloorEvent;
  return { ...body, id: row.id, kind: row.kind, minute: when } as FloorEvent;
}

/** Everything that was told from the floor since an instant, in order, with when it was told. */
export async function readFloorOfDay(
  db: KitchenDb,
  since: Date,
  clock: Clock,
): Promise<{ event: FloorEvent; told: number }[]> {
  const rows = await db.rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, db.kitchen), inArray(t.events.kind, FLOOR_KINDS), gte(t.events.at, since)))
    .orderBy(asc(t.events.id));
  return rows.map((r) => ({ event: asFloorEvent(r, clock), told: minuteOf(r.at, clock) }));
}

const LOGGED: readonly EventKind[] = [...FLOOR_KINDS, 'old record'];

/** Everything that tells how long steps took and was written down after an event, in order. */
export async function readLoggedSince(db: KitchenDb, event: number, clock: Clock): Promise<LoggedEvent[]> {
  const rows = await db.rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, db.kitchen), inArray(t.events.kind, LOGGED), gt(t.events.id, event)))
    .orderBy(asc(t.events.id));
  return rows.map((r) => asFloorEvent(r, clock) as LoggedEvent);
}

/** One event of a kind; null where there is none of this number and kind. */
export async function readEvent<K extends EventKind>(
  { rows, kitchen }: KitchenDb,
  id: number,
  kind: K,
): Promise<{ id: number; at: Date; body: EventBody<K> } | null> {
  const [row] = await rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, kitchen), eq(t.events.id, id), eq(t.events.kind, kind)));
  return row ? { id: row.id, at: row.at, body: bodyOf({ ...row, kind }) } : null;
}

/** The newest events of some kinds, the newest first. */
export async function readNewest<K extends EventKind>(
  { rows, kitchen }: KitchenDb,
  kinds: readonly K[],
  most: number,
): Promise<{ id: number; at: Date; by: string | null; told: { [E in K]: { kind: E; body: EventBody<E> } }[K] }[]> {
  const list = await rows
    .select()
    .from(t.events)
    .where(and(eq(t.events.kitchen, kitchen), inArray(t.events.kind, [...kinds])))
    .orderBy(desc(t.events.id))
    .limit(most);
  return list.map((row) => ({
    ...{ id: row.id, at: row.at, by: row.by },
    told: { kind: row.kind, body: bodyOf(row) } as { [E in K]: { kind: E; body: EventBody<E> } }[K],
  }));
}
