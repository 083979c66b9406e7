import { FLOOR_KINDS, type EventKind } from '../../core/kinds/events';
import { asc, desc, inArray, isNull, or } from 'drizzle-orm';
import { floorState, type FloorEvent } from '../../core/floor/floor-state';
import { minuteOf, type Clock } from '../../core/time/clock';
import type { Worked } from '../../core/records/pace';
import type { Db } from '../db';
import * as t from '../schema';

export interface NewEvent {
  at: Date;
  kind: EventKind;
  order: number | null;
  body: Record<string, unknown>;
}

export async function appendEvents(db: Db, list: NewEvent[]): Promise<number[]> {
  if (list.length === 0) return [];
  const rows = await db.insert(t.events).values(list).returning({ id: t.events.id });
  return rows.map((r) => r.id);
}

/** Everything that was told from the floor about these orders and about shared batches, in order, with times as minutes of the clock. */
export async function readFloor(db: Db, orders: number[], clock: Clock): Promise<FloorEvent[]> {
  const rows = await db
    .select()
    .from(t.events)
    .where(or(isNull(t.events.order), inArray(t.events.order, orders)))
    .orderBy(asc(t.events.id));
  return rows.filter((r) => FLOOR_KINDS.includes(r.kind)).map((r) => asFloorEvent(r, clock));
}

const asFloorEvent = (r: typeof t.events.$inferSelect, clock: Clock) =>
  ({ ...r.body, id: r.id, kind: r.kind, minute: minuteOf(r.at, clock) }) as FloorEvent;

/** What the step was and should have taken is told when it is finished: its order, or a later plan, may not know it any more. */
export interface FinishBody {
  step: string;
  name?: string;
  likely?: number;
}

/** Events that are looked through for how long steps took: some months of a busy kitchen. */
const MOST_LOGGED = 6000;

/** How long steps took, of all orders, in the order in which they were finished. */
export async function readWorked(db: Db, clock: Clock): Promise<Worked[]> {
  const rows = await db
    .select()
    .from(t.events)
    .where(inArray(t.events.kind, FLOOR_KINDS))
    .orderBy(desc(t.events.id))
    .limit(MOST_LOGGED);
  const told = new Map(rows.map((r) => [r.id, r.body as unknown as FinishBody]));
  return [...floorState(rows.reverse().map((r) => asFloorEvent(r, clock))).values()]
    .sort((a, b) => a.event - b.event)
    .flatMap(({ state, start, end, event }) => {
      const { name, likely } = told.get(event)!;
      return state === 'done' && name !== undefined && likely !== undefined
        ? [{ name, likely, took: end! - start }]
        : [];
    });
}
