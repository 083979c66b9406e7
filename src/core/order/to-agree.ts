import type { Design } from '../design/design';
import { undecidedOf } from '../design/undecided';

/** Something that a customer has yet to decide, of an order. */
export interface ToAgree {
  order: number;
  title: string;
  what: string;
  /** ISO date. */
  by: string;
  /** That day is over. */
  over: boolean;
}

/** All that is to be agreed of these orders by the end of a day, or should have been, what is due first before the rest. ISO dates. */
export const toAgree = (
  orders: readonly { id: number; title: string; design?: Design | undefined }[],
  today: string,
  until = '9999-12-31',
): ToAgree[] =>
  orders
    .flatMap(({ id, title, design }) =>
      (design ? undecidedOf(design) : []).map((u) => ({ order: id, title, ...u, over: u.by < today })),
    )
    .filter((u) => u.by <= until)
    .sort((a, b) => (a.by < b.by ? -1 : a.by > b.by ? 1 : a.order - b.order));
