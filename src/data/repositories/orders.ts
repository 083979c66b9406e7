import { and, asc, desc, eq, lte, ne, sql } from 'drizzle-orm';
import type { KeptBreakdown } from '../../core/situation/kept-work';
import type { OrderDetails } from '../../core/order/order-details';
import { answersCodec, type OrderMakeup } from '../../core/stored/order-answers';
import { detailsCodec } from '../../core/stored/order-details';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { readStored } from '../stored';
import { nextId } from './next-id';

type Row = typeof t.orders.$inferSelect;
/** An order, with what was answered for it. */
export type OrderRow = Omit<Row, 'kitchen' | 'answers' | 'details'> &
  OrderMakeup & {
    /** What was agreed beside what it is made of. */
    details: OrderDetails;
    /** Its work since it was begun, where it has been looked up. */
    kept?: KeptBreakdown | null;
  };
export type OrderFields = OrderMakeup &
  Pick<Row, 'title' | 'customer' | 'pickup' | 'portions' | 'build' | 'inscription' | 'note'> &
  Partial<Pick<OrderRow, 'details' | 'holdsUntil' | 'together'>>;

const orderOf = ({ answers, details, ...row }: Omit<Row, 'kitchen'>): OrderRow => ({
  ...row,
  details: details ? readStored(detailsCodec, `What was agreed for order ${row.id}`, details) : {},
  ...readStored(answersCodec, `What was answered for order ${row.id}`, answers),
});

const ofNumber = (db: KitchenDb, id: number) => and(eq(t.orders.kitchen, db.kitchen), eq(t.orders.id, id));

export async function readOpenOrders(db: KitchenDb): Promise<OrderRow[]> {
  const rows = await db.rows
    .select()
    .from(t.orders)
    .where(and(eq(t.orders.kitchen, db.kitchen), eq(t.orders.state, 'open')))
    .orderBy(asc(t.orders.pickup), asc(t.orders.id));
  return rows.map(orderOf);
}

/** Open enquiries whose time was over at this instant. */
export async function readOverdueEnquiries(db: KitchenDb, at: Date): Promise<OrderRow[]> {
  const rows = await db.rows
    .select()
    .from(t.orders)
    .where(and(eq(t.orders.kitchen, db.kitchen), eq(t.orders.state, 'open'), lte(t.orders.holdsUntil, at)));
  return rows.map(orderOf);
}

/** The last ones that left, and enquiries that lapsed, newest first. */
export async function readHandedOver(db: KitchenDb, limit: number): Promise<OrderRow[]> {
  const rows = await db.rows
    .select()
    .from(t.orders)
    .where(and(eq(t.orders.kitchen, db.kitchen), ne(t.orders.state, 'open')))
    .orderBy(desc(t.orders.handedOverAt))
    .limit(limit);
  return rows.map(orderOf);
}

export async function readOrder(db: KitchenDb, id: number): Promise<OrderRow | null> {
  const [row] = await db.rows.select().from(t.orders).where(ofNumber(db, id));
  return row ? orderOf(row) : null;
}

export async function insertOrder(db: KitchenDb, fields: OrderFields, createdAt: Date): Promise<OrderRow> {
  const id = await nextId(db, t.orders);
  const { makeup, rest } = apart(fields);
  const [row] = await db.rows
    .insert(t.orders)
    .values({ kitchen: db.kitchen, id, ...rest, answers: answersCodec.write(makeup), createdAt })
    .returning();
  return orderOf(row!);
}

/** What is answered, what was agreed, and what is neither, apart. */
function apart<F extends OrderMakeup & { details?: OrderDetails }>(fields: F) {
  const { tiers, design, without, swaps, overrides, fromStore, choices, versions, avoid, details, ...rest } = fields;
  const makeup = {
    ...{ tiers, ...(design && { design }), without, swaps, overrides },
    ...(fromStore && fromStore.length > 0 && { fromStore }),
    ...{ choices, versions, avoid },
  };
  const agreed = details && Object.keys(details).length > 0 ? detailsCodec.write(details) : null;
  return { makeup, rest: { ...rest, details: agreed } };
}

/** Changes an order if it is still at the version that was read; null if somebody was faster. */
export async function updateOrder(
  db: KitchenDb,
  id: number,
  version: number,
  change: Partial<OrderFields & Pick<OrderRow, 'state' | 'handedOverAt'>>,
): Promise<OrderRow | null> {
  const before = await readOrder(db, id);
  if (before?.version !== version) return null;
  const { makeup, rest } = apart({ ...before, ...change });
  const [row] = await db.rows
    .update(t.orders)
    .set({ ...rest, id, answers: answersCodec.write(makeup), version: sql`${t.orders.version} + 1` })
    .where(and(ofNumber(db, id), eq(t.orders.version, version)))
    .returning();
  return row ? orderOf(row) : null;
}
