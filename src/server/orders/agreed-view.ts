import type { Breakdown } from '../../core/breakdown/breakdown';
import type { Design } from '../../core/design/design';
import { durationText } from '../../core/time/duration-text';
import { notBorne } from '../../core/order/standing';
import { toAgree } from '../../core/order/to-agree';
import { dayText } from '../../core/time/day-text';
import { minuteOf, timeOf } from '../../core/time/clock';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import type { OrderRow } from '../../data/repositories/orders';
import { readPictures } from '../../data/repositories/pictures';
import type { Situation } from '../situation/situation';
import { lastDayOf } from './last-day';

/** What was agreed for an order, in words, and what is to be agreed. */
export interface AgreedView {
  heldUntil: string | null;
  colours: string;
  inscriptionAt: string;
  goesTo: string;
  box: string;
  /** Where it stands until it is eaten; empty where nobody has said it. */
  stands: string;
  /** What of it does not bear that. */
  notBorne: string | null;
  undecided: { what: string; by: string; over: boolean }[];
  pictures: { id: number; words: string }[];
  /** Other cakes of the same order, and the number of the first of them. */
  together: { id: number; title: string }[];
  first: number;
}

const DAY = 'ccc d LLL';

export async function agreedView(
  db: KitchenDb,
  order: OrderRow,
  design: Design,
  { components }: Pick<Breakdown, 'components'>,
  { kitchen, orders }: Pick<Situation, 'kitchen' | 'orders'>,
): Promise<AgreedView> {
  const { stands, colours = '', inscriptionAt = '', goesTo = '', box = '' } = order.details;
  const today = timeOf(minuteOf(db.now(), kitchen.clock), kitchen.clock).toISODate()!;
  const first = order.together ?? order.id;
  const others = orders.filter((o) => o.id !== order.id && (o.together ?? o.id) === first);
  return {
    ...{ colours, inscriptionAt, goesTo, box, first },
    heldUntil: order.holdsUntil && lastDayOf(order.holdsUntil, kitchen.clock).toFormat(DAY),
    stands: stands
      ? [
          say`${durationText(stands.hours * 60)} at ${stands.celsius} °C`,
          ...(stands.outdoors ? [say`outdoors`] : []),
        ].join(', ')
      : '',
    notBorne: stands ? (notBorne(components, stands, kitchen.library.coefficients)?.why ?? null) : null,
    undecided: toAgree([{ ...order, design }], today).map(({ what, by, over }) => ({ what, by: dayText(by), over })),
    pictures: (await readPictures(db, order.id)).map(({ id, words }) => ({ id, words })),
    together: others.map(({ id, title }) => ({ id, title })),
  };
}
