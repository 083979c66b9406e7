import type { DateTime } from 'luxon';
import { orderId } from '../../core/ids/ids';
import { demoRecord } from '../../data/demo/record';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents, type NewEvent } from '../../data/repositories/events';
import { insertOrder, updateOrder } from '../../data/repositories/orders';
import * as t from '../../data/schema';

/** So many events are written at once. */
const AT_ONCE = 500;

/** Writes down the weeks before the demo's own as if they had been worked here: orders that were handed over, what was told, readings. */
export async function insertRecord(db: KitchenDb, today: DateTime<true>): Promise<void> {
  const { orders, work, probes } = demoRecord;
  // By the clock on the wall: a change to summer time in between moves no shift.
  const at = (minute: number) => {
    const day = Math.floor(minute / 1440);
    return today
      .plus({ days: day })
      .set({ hour: 0, minute: minute - day * 1440 })
      .toJSDate();
  };
  const told: NewEvent[] = [];
  const ids: number[] = [];
  for (const { day, time, ready, ...fields } of orders) {
    const [hour, minute] = time.split(':').map(Number);
    const pickup = today.plus({ days: day }).set({ hour, minute }).toJSDate();
    const taken = today
      .plus({ days: day - 9 })
      .set({ hour: 10 })
      .toJSDate();
    const handedOverAt = new Date(Math.max(pickup.getTime(), at(ready).getTime()));
    const order = { ...fields, pickup, inscription: '', note: '', avoid: [] };
    const answers = { ...order, without: [], swaps: {}, overrides: {}, choices: {}, versions: {} };
    const { id, version } = await insertOrder(db, answers, taken);
    await updateOrder(db, id, version, { state: 'handed over', handedOverAt });
    ids.push(id);
    told.push({ at: taken, kind: 'order taken', order: id, body: { ...order, pickup: pickup.toISOString() } });
    told.push({ at: handedOverAt, kind: 'handed over', order: id, body: {} });
  }
  for (const w of work) {
    const order = ids[w.order]!;
    const step = `${orderId(order)}.${w.step}`;
    const { people, equipment, name, likely, check } = w;
    told.push({ at: at(w.start), kind: 'start', order, body: { step, people, equipment } });
    const end = { step, name, likely, ...(check && { check }) };
    told.push({ at: at(w.start + w.took), kind: 'finish', order, body: end });
  }
  told.sort((a, b) => a.at.getTime() - b.at.getTime());
  for (let i = 0; i < told.length; i += AT_ONCE) await appendEvents(db, told.slice(i, i + AT_ONCE));
  await db.rows
    .insert(t.probeSeries)
    .values(
      probes.map(({ start, ...series }, id) => ({ kitchen: db.kitchen, id: id + 1, ...series, takenAt: at(start) })),
    );
}
