import { say } from '../../core/words/say';
import { formsOfBuild } from '../../core/breakdown/forms-of-build';
import type { OrderForm } from '../../core/input/order-input';
import { orderRow, readOrderRow } from '../../core/tables/orders-table';
import type { ReadRow, Row, TableTyping } from '../../core/tables/table';
import { minuteOf, timeOf, WALL_CLOCK } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEvents } from '../../data/repositories/events';
import {
  insertOrder,
  readHandedOver,
  readOpenOrders,
  type OrderFields,
  type OrderRow,
} from '../../data/repositories/orders';
import { buildsInUse } from '../builds/in-use';
import { sizesFor } from '../builds/sizes';
import { toldFields } from '../orders/orders';
import { readOrderForm } from '../orders/read-order-input';
import { planned } from '../plan/replan';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { leftOut, lookOrTake, readLines, type BroughtIn, type ReadLine } from './report';
import type { TextRow } from './table-text';

/** More that have left are not written out, the last first. */
const MOST_LEFT = 5000;

const allOrders = async (db: KitchenDb): Promise<OrderRow[]> => [
  ...(await readOpenOrders(db)),
  ...(await readHandedOver(db, MOST_LEFT)),
];

const wallTime = (at: Date, { clock }: LoadedKitchen) => timeOf(minuteOf(at, clock), clock).toFormat(WALL_CLOCK);

/** Every order as a row, those that are open first. */
export async function orderRows(db: KitchenDb, kitchen: LoadedKitchen): Promise<Row[]> {
  return (await allOrders(db)).map((o) =>
    orderRow({
      ...o,
      pickup: wallTime(o.pickup, kitchen),
      build: buildName(o.build, kitchen),
      handedOver: o.state !== 'open',
    }),
  );
}

const buildName = (id: string, { builds }: LoadedKitchen) => builds.get(id)?.name ?? id;

/** What makes an order the same as one that is here. */
const same = (o: { title: string; customer: string }, pickup: string) => JSON.stringify([o.title, o.customer, pickup]);

/** Looks into a table of orders, or takes those that are new. */
export const bringInOrders = (
  db: KitchenDb,
  rows: readonly TextRow[],
  { take, typing }: { take: boolean; typing: TableTyping },
): Promise<BroughtIn> =>
  lookOrTake<OrderFields>(db, take, {
    read: (at) => readOrders(at, rows, typing),
    keep: async (tx, fresh) => {
      const at = tx.now();
      for (const fields of fresh) {
        const row = await insertOrder(tx, fields, at);
        await appendEvents(tx, [{ at, kind: 'order taken', order: row.id, body: toldFields(fields) }]);
      }
    },
    nothing: say`No line is a new order.`,
    plan: (taken) => planned(db, say`${taken} orders came in`),
  });

async function readOrders(
  db: KitchenDb,
  rows: readonly TextRow[],
  typing: TableTyping,
): Promise<ReadLine<OrderFields>[]> {
  const kitchen = (await loadKitchen(db))!;
  const builds = buildsInUse(kitchen).map(({ id, name }) => ({ id, name }));
  const here = new Set((await allOrders(db)).map((o) => same(o, wallTime(o.pickup, kitchen))));
  return readLines<OrderFields>(
    rows,
    (row) => row.title ?? '',
    ({ row }): ReadRow<{ value: OrderFields | null; is: 'new' | 'left out'; detail?: string }> => {
      const pickup = (row.pickup ?? '').trim().replace(' ', 'T');
      const known = same({ title: (row.title ?? '').trim(), customer: (row.customer ?? '').trim() }, pickup);
      if (here.has(known)) return leftOut(say`is here already`);
      if (/^(?:yes|y|x|true|1)$/i.test((row['handed over'] ?? '').trim())) return leftOut(say`has been handed over`);
      const order = readOrderRow(row, {
        ...typing,
        builds,
        forms: (id) => formsOfBuild(kitchen.builds.get(id)!, kitchen.library.moulds),
        smallest: (id, portions) => sizesFor(id, portions, kitchen)[0]?.value ?? null,
      });
      if (!order.ok) return order;
      const taken = readOrderForm(db, order.value as OrderForm, kitchen, null);
      if (!taken.ok) {
        const problems = Object.entries(taken.fields ?? { title: taken.message });
        return { ok: false, problems: problems.map(([column, message]) => ({ column, message })) };
      }
      here.add(known);
      return { ok: true, value: { value: taken.fields, is: 'new' } };
    },
  );
}
