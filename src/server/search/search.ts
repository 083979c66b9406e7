import { counted } from '../../core/measure/counted';
import { say, terms } from '../../core/words/say';
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
  /** A place in the kitchen, or one outside of all. */
  href: string;
  outside?: true;
  /** Further words that find it. */
  words: string;
}

/** What can be done from anywhere. */
const commands = (): Omit<Found, 'group'>[] => [
  {
    ...{ label: say`Can we take one more?`, detail: say`asks the plan`, href: '/orders#one-more' },
    words: say`capacity room telephone counter another order`,
  },
  { label: say`Take an order`, detail: say`step by step`, href: '/orders/new', words: say`new cake customer write` },
  { label: say`See the whole week`, detail: say`as a picture`, href: '/?look=week', words: say`wall days overview` },
  { label: say`See today`, detail: say`on the wall`, href: '/', words: say`wall day now ladders` },
  { label: say`Write a formula`, detail: say`from nothing`, href: '/formulas/new', words: say`new recipe` },
  {
    label: say`Bring formulas in`,
    detail: say`from text or a file`,
    href: '/formulas/import',
    words: say`import load`,
  },
  { label: say`Print the pull list`, detail: say`what to weigh and chill`, href: '/pull-list', words: say`weigh buy` },
  {
    label: say`What was told today`,
    detail: say`with who told it`,
    href: '/told',
    words: say`record log undo mistake`,
  },
  {
    label: say`How we do it`,
    detail: say`slack, schools, figures`,
    href: '/kitchen',
    words: say`settings shifts ovens`,
  },
  {
    ...{ label: say`Another kitchen`, detail: say`all that are here`, href: '/kitchens', outside: true },
    words: say`change demo load`,
  },
];

/** Whatever can be found, by its words. */
export async function loadSearch(db: KitchenDb): Promise<Found[]> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return [];
  const { ingredients } = kitchen.library;
  const bodies = kitchen.rows.formulas.map((f) => f.body);
  const uses = (id: string) => bodies.filter((b) => b.lines.some((l) => l.ingredient === id)).length;
  return [
    ...commands().map((c): Found => ({ group: say`Do`, ...c })),
    ...(await readOpenOrders(db)).map((o): Found => ({
      ...{ group: say`Orders`, label: o.title, href: `/orders/${o.id}` },
      detail: timeOf(minuteOf(o.pickup, kitchen.clock), kitchen.clock).toFormat('ccc d LLL, HH:mm'),
      words: `${o.customer} ${o.inscription} ${kitchen.builds.get(o.build)?.name ?? ''}`,
    })),
    ...kitchen.rows.people.map((p): Found => ({
      ...{ group: say`People`, label: p.name, detail: say`bench`, href: `/bench/${p.id}` },
      words: `${p.initials} ${terms(p.skills)}`,
    })),
    ...bodies.map((body): Found => ({
      ...{ group: say`Formulas`, label: body.name, detail: body.family, href: `/formulas/${body.id}` },
      words: body.lines.map((l) => ingredients.get(l.ingredient)?.name ?? '').join(' '),
    })),
    ...[...ingredients.values()].map((i): Found => ({
      ...{ group: say`Ingredients`, label: i.name, href: `/formulas?find=${encodeURIComponent(i.name)}` },
      ...{ detail: say`in ${counted(uses(i.id), 'formula')}`, words: terms(i.allergens) },
    })),
    ...CALCULATORS.filter((c) => c.group !== ORDER_GROUP).map((c): Found => ({
      ...{ group: say`Calculators`, label: c.title, detail: c.group, href: `/workbench?calc=${c.name}` },
      words: `${c.name} ${c.about} ${c.also ?? ''}`,
    })),
  ];
}
