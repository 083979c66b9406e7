import { ingredientsWithin } from '../../core/formula/within';
import { skillNames } from '../../core/kitchen/person';
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
  {
    label: say`Take an order`,
    detail: say`composed on its cake`,
    href: '/orders/new',
    words: say`new cake customer write`,
  },
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
    href: '/kitchen/how',
    words: say`settings figures units schools`,
  },
  {
    ...{ label: say`People and hours`, detail: say`shifts, days off, skills`, href: '/kitchen/people' },
    words: say`team staff holiday swap away overtime`,
  },
  {
    label: say`Ovens`,
    detail: say`slots, corrections, service`,
    href: '/kitchen/ovens',
    words: say`oven deck rack fan`,
  },
  { label: say`Tins and rings`, detail: say`sizes, how many`, href: '/kitchen/tins', words: say`moulds sheets frames` },
  {
    ...{ label: say`Cold and dry places`, detail: say`shelves`, href: '/kitchen/places' },
    words: say`fridge freezer box room`,
  },
  {
    ...{ label: say`Ingredients`, detail: say`what they hold, packs, stock`, href: '/kitchen/ingredients' },
    words: say`allergens price supplier buy`,
  },
  {
    ...{ label: say`Pickup hours`, detail: say`closed days`, href: '/kitchen/opening' },
    words: say`open shop holiday`,
  },
  {
    ...{ label: say`Builds`, detail: say`cakes that orders begin from`, href: '/kitchen/builds' },
    words: say`cakes recipes designs compose`,
  },
  {
    ...{
      label: say`Work on cakes`,
      detail: say`coats, fillings, decoration: minutes and hands`,
      href: '/kitchen/work',
    },
    words: say`stages decorate coat pipe`,
  },
  {
    ...{ label: say`Standing work`, detail: say`daily baking, cleaning`, href: '/kitchen/standing-work' },
    words: say`routine bread goods meeting`,
  },
  {
    ...{ label: say`Kitchen file`, detail: say`back up, bring in`, href: '/kitchen/file' },
    words: say`export import save restore json`,
  },
  {
    ...{ label: say`What was changed`, detail: say`about the kitchen`, href: '/kitchen/changes' },
    words: say`history who undo back`,
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
  const { ingredients, formulas } = kitchen.library;
  const bodies = kitchen.rows.formulas.map((f) => f.body);
  const within = new Map(
    bodies.map((b) => [b.id, [...new Set(ingredientsWithin(b, formulas).map((l) => l.ingredient))]]),
  );
  const uses = (id: string) => [...within.values()].filter((list) => list.includes(id)).length;
  return [
    ...commands().map((c): Found => ({ group: say`Do`, ...c })),
    ...(await readOpenOrders(db)).map((o): Found => ({
      ...{ group: say`Orders`, label: o.title, href: `/orders/${o.id}` },
      detail: timeOf(minuteOf(o.pickup, kitchen.clock), kitchen.clock).toFormat('ccc d LLL, HH:mm'),
      words: `${o.customer} ${o.inscription} ${kitchen.builds.get(o.build)?.name ?? ''}`,
    })),
    ...kitchen.rows.people.map((p): Found => ({
      ...{ group: say`People`, label: p.name, detail: say`bench`, href: `/bench/${p.id}` },
      words: `${p.initials} ${terms(skillNames(p))}`,
    })),
    ...bodies.map((body): Found => ({
      ...{ group: say`Formulas`, label: body.name, detail: body.family, href: `/formulas/${body.id}` },
      words: within
        .get(body.id)!
        .map((id) => ingredients.get(id)?.name ?? '')
        .join(' '),
    })),
    ...[...ingredients.values()].map((i): Found => ({
      ...{ group: say`Ingredients`, label: i.name, href: `/kitchen/ingredients/${i.id}` },
      ...{ detail: say`in ${counted(uses(i.id), 'formula')}`, words: terms(i.allergens) },
    })),
    ...CALCULATORS.filter((c) => c.group !== ORDER_GROUP).map((c): Found => ({
      ...{ group: say`Calculators`, label: c.title, detail: c.group, href: `/workbench?calc=${c.name}` },
      words: `${c.name} ${c.about} ${c.also ?? ''}`,
    })),
  ];
}
