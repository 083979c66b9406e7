import { say } from '../../core/words/say';
import { logRow, readLogRow, type LoggedRow, type OldRecord } from '../../core/tables/log-table';
import type { ReadRow, Row, TableTyping } from '../../core/tables/table';
import { minuteOf, timeOf, typedTime, WALL_CLOCK } from '../../core/time/clock';
import { ownerOf } from '../../core/ids/ids';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents, readLoggedSince } from '../../data/repositories/events';
import { readHandedOver, readOpenOrders } from '../../data/repositories/orders';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { leftOut, lookOrTake, readLines, type BroughtIn, type ReadLine } from './report';
import type { TextRow } from './table-text';

const ALL_ORDERS = 1_000_000;

/** Everything that was told at the bench, with how long steps took, the oldest first. */
async function loggedRows(db: KitchenDb, kitchen: LoadedKitchen): Promise<LoggedRow[]> {
  const told = await readLoggedSince(db, 0, kitchen.clock);
  const orders = [...(await readOpenOrders(db)), ...(await readHandedOver(db, ALL_ORDERS))];
  const titles = new Map(orders.map((o) => [`o${o.id}`, o.title]));
  const people = new Map(kitchen.rows.entries.people.map((p) => [p.id, p.name]));
  const begun = new Map<string, { minute: number; people: string[] }>();
  const at = (minute: number) => timeOf(minute, kitchen.clock).toFormat(WALL_CLOCK);
  return told.map((e): LoggedRow => {
    const row = { ...{ when: at(e.minute), what: e.kind, order: '', step: '' }, people: [], planned: null, took: null };
    switch (e.kind) {
      case 'old record':
        return { ...row, what: 'finish', step: e.name, planned: e.likely, took: e.took };
      case 'correct':
      case 'take back':
        return row;
      default: {
        const order = titles.get(ownerOf(e.step)) ?? '';
        if (e.kind === 'start') {
          const who = ((e as { people?: string[] }).people ?? []).map((id) => people.get(id) ?? id);
          begun.set(e.step, { minute: e.minute, people: who });
          return { ...row, order, step: e.step, people: who };
        }
        if (e.kind !== 'finish') return { ...row, order, step: e.step };
        const since = begun.get(e.step);
        const took = since && e.likely !== undefined ? Math.max(1, e.minute - since.minute) : null;
        return {
          ...{ ...row, order, step: e.name ?? e.step, people: since?.people ?? [], took },
          planned: took === null ? null : (e.likely ?? null),
        };
      }
    }
  });
}

export const logRows = async (db: KitchenDb, kitchen: LoadedKitchen, typing: TableTyping): Promise<Row[]> =>
  (await loggedRows(db, kitchen)).map((e) => logRow(e, typing));

/** Looks into a record of another time, or takes it: how long steps took then counts as if it had been told here. */
export const bringInLog = (
  db: KitchenDb,
  rows: readonly TextRow[],
  { take, typing }: { take: boolean; typing: TableTyping },
): Promise<BroughtIn> =>
  lookOrTake<OldRecord>(db, take, {
    read: (at) => readRecords(at, rows, typing),
    keep: async (tx, fresh) => {
      const { zone } = (await loadKitchen(tx))!.clock;
      await appendEvents(
        tx,
        fresh.map(({ when, step, planned, took }) => ({
          ...{ at: tx.now(), kind: 'old record' as const, order: null },
          body: { when: typedTime(when, zone).toJSDate().toISOString(), name: step, likely: planned, took },
        })),
      );
    },
    nothing: say`No line is a new record.`,
    library: true,
  });

async function readRecords(
  db: KitchenDb,
  rows: readonly TextRow[],
  typing: TableTyping,
): Promise<ReadLine<OldRecord>[]> {
  const kitchen = (await loadKitchen(db))!;
  const key = (r: { when: string; step: string }) => JSON.stringify([r.when, r.step]);
  const here = new Set((await loggedRows(db, kitchen)).filter((r) => r.took !== null).map(key));
  const now = timeOf(minuteOf(db.now(), kitchen.clock), kitchen.clock).toFormat(WALL_CLOCK);
  return readLines<OldRecord>(
    rows,
    (row) => row.step ?? '',
    ({ row }): ReadRow<{ value: OldRecord | null; is: 'new' | 'left out'; detail?: string }> => {
      const record = readLogRow(row, typing);
      if (!record.ok) return record;
      if (record.value === null) return leftOut(say`says no length`);
      if (record.value.when > now)
        return { ok: false, problems: [{ column: 'when', message: say`This has not been yet.` }] };
      if (here.has(key(record.value))) return leftOut(say`is here already`);
      here.add(key(record.value));
      return { ok: true, value: { value: record.value, is: 'new' } };
    },
  );
}
