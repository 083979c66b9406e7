import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { ORDER_GROUP } from '../../core/calculators/calculator';
import { CALCULATORS } from '../../core/calculators/registry';
import { timeOf, minuteOf } from '../../core/time/clock';
import { readOpenOrders } from '../../data/repositories/orders';
import { loadKitchen } from '../situation/load-kitchen';

/** Something that can be found from anywhere. */
export interface Found {
  group: string;
  label: string;
  detail: string;
  href: string;
  /** Further words that find it. */
  words: string;
}

/** All orders, formulas and calculators by their words. */
export async function loadSearch(db: KitchenDb): Promise<Found[]> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return [];
  const { ingredients } = kitchen.library;
  return [
    {
      ...{ group: say`Do`, label: say`Can we take one more?`, detail: say`asks the plan`, href: '/orders#one-more' },
      words: say`capacity room telephone counter another order`,
    },
    ...(await readOpenOrders(db)).map((o): Found => ({
      ...{ group: say`Orders`, label: o.title, href: `/orders/${o.id}` },
      detail: timeOf(minuteOf(o.pickup, kitchen.clock), kitchen.clock).toFormat('ccc d LLL, HH:mm'),
      words: `${o.customer} ${o.inscription} ${kitchen.builds.get(o.build)?.name ?? ''}`,
    })),
    ...kitchen.rows.formulas.map(({ body }): Found => ({
      ...{ group: say`Formulas`, label: body.name, detail: body.family, href: `/formulas/${body.id}` },
      words: body.lines.map((l) => ingredients.get(l.ingredient)?.name ?? '').join(' '),
    })),
    ...CALCULATORS.filter((c) => c.group !== ORDER_GROUP).map((c): Found => ({
      ...{ group: say`Calculators`, label: c.title, detail: c.group, href: `/workbench?calc=${c.name}` },
      words: `${c.name} ${c.about} ${c.also ?? ''}`,
    })),
  ];
}
