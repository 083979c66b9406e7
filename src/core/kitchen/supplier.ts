import type { DateTime } from 'luxon';

/** Where ingredients come from. Ingredients name it by its name. */
export interface Supplier {
  name: string;
  /** When it delivers; none: it is fetched, at any time. */
  deliveries: Delivery[];
  note: string;
}

/** Goods that come on a weekday, where they were ordered so many days before by a time. */
interface Delivery {
  /** 1 (Monday) to 7. */
  weekday: number;
  /** When they are there. */
  at: string;
  daysBefore: number;
  /** "14:00". */
  orderBy: string;
}

/** A delivery with the last moment to order for it. */
export interface NextDelivery {
  orderBy: DateTime<true>;
  arrives: DateTime<true>;
}

/** Days that are looked back over for a delivery. */
const WEEKS_BACK = 15;

/**
 * The latest delivery that is there at `needed` and can still be ordered at `now`; “late” where the last one that would have been in time can be
 * ordered no more, with the first that can; “any” where nothing is known of deliveries.
 */
export function deliveryFor(
  { deliveries }: Pick<Supplier, 'deliveries'>,
  now: DateTime<true>,
  needed: DateTime<true>,
): { is: 'any' } | { is: 'in time'; by: NextDelivery } | { is: 'late'; first: NextDelivery | null } {
  if (deliveries.length === 0) return { is: 'any' };
  for (let back = 0; back < WEEKS_BACK; back++) {
    const day = needed.minus({ days: back });
    const found = arrivals(deliveries, day).filter((d) => d.arrives <= needed && d.orderBy >= now);
    if (found.length > 0) return { is: 'in time', by: found.at(-1)! };
    if (day < now) break;
  }
  for (let ahead = 0; ahead < WEEKS_BACK; ahead++) {
    const found = arrivals(deliveries, now.plus({ days: ahead })).filter((d) => d.orderBy >= now);
    if (found[0]) return { is: 'late', first: found[0] };
  }
  return { is: 'late', first: null };
}

/** What comes on a day, the earliest first. */
function arrivals(deliveries: readonly Delivery[], day: DateTime<true>): NextDelivery[] {
  const at = (date: DateTime<true>, wall: string) => {
    const [hour, minute] = wall.split(':').map(Number);
    return date.set({ hour, minute, second: 0, millisecond: 0 });
  };
  return deliveries
    .filter((d) => d.weekday === day.weekday)
    .map((d) => ({ arrives: at(day, d.at), orderBy: at(day.minus({ days: d.daysBefore }), d.orderBy) }))
    .sort((a, b) => a.arrives.toMillis() - b.arrives.toMillis());
}
