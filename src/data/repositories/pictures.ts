import { and, asc, eq, inArray, isNull, lt, notInArray } from 'drizzle-orm';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';
import { nextId } from './next-id';

type Row = typeof t.pictures.$inferSelect;
/** A picture without its bytes. */
export type PictureLine = Pick<Row, 'id' | 'order' | 'words' | 'width' | 'height'>;

const { id, order, words, width, height } = t.pictures;
const line = { id, order, words, width, height };

/** The pictures of an order, in the order in which they came, without their bytes. */
export const readPictures = (db: KitchenDb, of: number): Promise<PictureLine[]> =>
  db.rows
    .select(line)
    .from(t.pictures)
    .where(and(eq(t.pictures.kitchen, db.kitchen), eq(order, of)))
    .orderBy(asc(id));

/** One picture as it is. */
export async function readPicture(db: KitchenDb, number: number): Promise<Pick<Row, 'type' | 'bytes'> | null> {
  const [row] = await db.rows
    .select({ type: t.pictures.type, bytes: t.pictures.bytes })
    .from(t.pictures)
    .where(and(eq(t.pictures.kitchen, db.kitchen), eq(id, number)));
  return row ?? null;
}

export async function insertPicture(
  db: KitchenDb,
  picture: Pick<Row, 'order' | 'words' | 'type' | 'width' | 'height' | 'bytes' | 'addedAt'>,
): Promise<number> {
  const number = await nextId(db, t.pictures);
  await db.rows.insert(t.pictures).values({ kitchen: db.kitchen, id: number, ...picture });
  return number;
}

/**
 * An order has these pictures from now on: those that are of none yet come to it, and those of its own that are not named are of none any more. They
 * can be given back as long as loose ones are kept.
 */
export async function setPictures(db: KitchenDb, of: number, numbers: readonly number[]): Promise<void> {
  const own = and(eq(t.pictures.kitchen, db.kitchen), eq(order, of));
  await db.rows
    .update(t.pictures)
    // From now on they are kept for a while, however old they are.
    .set({ order: null, addedAt: db.now() })
    .where(numbers.length > 0 ? and(own, notInArray(id, [...numbers])) : own);
  if (numbers.length === 0) return;
  await db.rows
    .update(t.pictures)
    .set({ order: of })
    .where(and(eq(t.pictures.kitchen, db.kitchen), inArray(id, [...numbers]), isNull(order)));
}

/** How many pictures are of no order. */
export const countLoosePictures = (db: KitchenDb): Promise<number> =>
  db.rows.$count(t.pictures, and(eq(t.pictures.kitchen, db.kitchen), isNull(order)));

/** Pictures that came before this instant and never came to an order go. */
export async function forgetLoosePictures(db: KitchenDb, before: Date): Promise<void> {
  await db.rows
    .delete(t.pictures)
    .where(and(eq(t.pictures.kitchen, db.kitchen), isNull(order), lt(t.pictures.addedAt, before)));
}
