import type { StoreDraw } from '../breakdown/amounts/store-draw';
import type { Lot } from './lot';

/** An order with what it is promised out of the store. */
export interface Drawing {
  id: number;
  fromStore?: StoreDraw[];
}

/** Has an order taken out already what it was promised of a lot for one of its parts? */
export const isTaken = ({ role }: StoreDraw, order: number, lot: Lot): boolean =>
  lot.drawn.some((d) => d.order === order && d.role === role);

/** What an order is promised of a lot and has not taken out yet. */
const promisedTo = ({ id, fromStore = [] }: Drawing, lot: Lot): number =>
  fromStore.filter((d) => d.lot === lot.id && !isTaken(d, id, lot)).reduce((sum, d) => sum + d.amount, 0);

/** What of a lot is promised to these orders and not taken out yet. */
const promised = (lot: Lot, orders: readonly Drawing[]): number =>
  orders.reduce((sum, o) => sum + promisedTo(o, lot), 0);

/** What of a lot nobody is promised: nothing of one that is kept for somebody. Never below nothing, though it was counted short. */
export const freeOf = (lot: Lot, orders: readonly Drawing[]): number =>
  lot.reservedFor !== null ? 0 : Math.max(0, lot.amount - promised(lot, orders));

/** Orders that are promised some of a lot, where that is more than is there: it was counted short, or thrown away. */
export const shortOf = (lot: Lot, orders: readonly Drawing[]): number[] =>
  promised(lot, orders) > lot.amount + 1e-9 ? orders.filter((o) => promisedTo(o, lot) > 0).map((o) => o.id) : [];
