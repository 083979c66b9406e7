import { say } from '../../core/words/say';
import { deliveryFor } from '../../core/kitchen/supplier';
import type { PullList } from '../../core/pull-list/pull-list';
import { timeOf, DAY_AND_TIME } from '../../core/time/clock';
import type { Situation } from './situation';

/** Until when something can be ordered, and when it comes. */
export interface OrderBy {
  text: string;
  /** It cannot be there when it is needed. */
  late: boolean;
}

/** For each supplier of whom something is to be bought and whose deliveries are known: the last moment to order for the first use. */
export function orderTimes(list: PullList, situation: Pick<Situation, 'kitchen' | 'minute'>): Record<string, OrderBy> {
  const { clock, rows } = situation.kitchen;
  const now = timeOf(situation.minute, clock);
  const times = list.shopping.flatMap(({ supplier, neededAt, lines }): [string, OrderBy][] => {
    const known = rows.suppliers.find((s) => s.name === supplier);
    if (!known || !lines.some((l) => l.buy > 0)) return [];
    const delivery = deliveryFor(known, now, timeOf(neededAt ?? situation.minute, clock));
    const at = (time: { toFormat: (f: string) => string }) => time.toFormat(DAY_AND_TIME);
    if (delivery.is === 'any') return [];
    if (delivery.is === 'in time')
      return [
        [supplier, { late: false, text: say`Order by ${at(delivery.by.orderBy)}; comes ${at(delivery.by.arrives)}.` }],
      ];
    // What only fills the shelf is late for nothing.
    const first = delivery.first;
    if (!first) return [];
    return neededAt === null
      ? [[supplier, { late: false, text: say`Order by ${at(first.orderBy)}; comes ${at(first.arrives)}.` }]]
      : [
          [
            supplier,
            {
              late: true,
              text: say`Cannot be there by ${at(timeOf(neededAt, clock))}: the next delivery is ${at(first.arrives)}. Fetch it.`,
            },
          ],
        ];
  });
  return Object.fromEntries(times);
}
