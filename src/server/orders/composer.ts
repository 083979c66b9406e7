import { cakeCalled } from '../../core/compose/cake-called';
import type { Block } from '../../core/design/block';
import { openUntil } from '../../core/compose/edits/undecided';
import type { Build } from '../../core/design/build';
import type { Design } from '../../core/design/design';
import { designIn } from '../../core/design/design-in';
import type { Kitchen } from '../../core/breakdown/kitchen';
import type { Formula, Ingredient } from '../../core/formula/formula';
import type { OrderForm } from '../../core/input/order-input';
import { wordsByKey } from '../../core/input/words-by-key';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { agreeBy } from '../../core/order/agree-by';
import { readTiers } from '../../core/order/tiers';
import { pickupText } from './pickup-text';
import { designOfOrder, olderAt } from '../../core/situation/break-down-orders';
import type { Form } from '../../core/shape/form';
import type { KitchenDb } from '../../data/kitchen-db';
import { readHandedOver, readOpenOrders, readOrder, type OrderRow } from '../../data/repositories/orders';
import { beginningsFor, withSwaps, type Beginning } from '../builds/beginnings';
import { buildsInUse } from '../builds/in-use';
import { documentOf } from '../builds/read-design';
import { sizesFor } from '../builds/sizes';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { avoidedIn, loadOrderForm, type OrderDraft, type OrderFormView } from './order-form';

/** What the composer needs of a kitchen to reckon a cake by itself: the same that the breakdown is asked with. */
export interface ComposerKitchen extends Omit<Kitchen, 'formulas' | 'ingredients' | 'blocks'> {
  formulas: Formula[];
  ingredients: Ingredient[];
  blocks: Block[];
}

/** An order as it is composed. */
export interface ComposerView {
  /** Null for a new order. */
  id: number | null;
  version: number;
  title: string;
  values: OrderForm;
  design: Design;
  /** Format and version of a design that is sent back. */
  document: { format: string; version: number };
  /** Formulas that the order was taken with and that have changed since: it stays with them. */
  older: Formula[];
  /** What the order is called that it is one with; null of one that stands alone. */
  together: string | null;
  /** Nobody has said yet which cake it shall be. */
  isOpen: boolean;
  builds: { id: string; name: string; story: string }[];
  zone: OrderFormView['zone'];
  earliest: string;
  latest: string;
}

/** A new order's composer, perhaps begun with what is known of it, or that of the one with this number. Null where there is none. */
export async function loadComposer(
  db: KitchenDb,
  id: number | null,
  draft: OrderDraft = {},
): Promise<ComposerView | 'no builds' | null> {
  const loaded = await loadOrderForm(db, id, draft);
  const kitchen = await loadKitchen(db);
  if (!loaded || !kitchen) return null;
  const order = id === null ? null : await readOrder(db, id);
  const builds = buildsInUse(kitchen);
  if (order === null && builds.length === 0) return 'no builds';
  const { form, version, title } = loaded;
  const own = order && designOfOrder(order, kitchen);
  const copy = draft.copy === undefined ? null : await beginCopy(db, draft.copy);
  const values = { ...form.values, ...copy?.values };
  const found =
    copy?.design ?? (own ? withSwaps(own, values.swaps, kitchen.library) : beginning(values, draft, kitchen));
  if (!found) return null;
  // What was open in the cake that it begins from is to be agreed for this one.
  const begun = order ? found : openUntil(found, agreeBy(values.pickup, form.earliest));
  return {
    ...{ id, version, title, design: begun, document: documentOf(begun) },
    values: { ...values, swaps: {}, byHand: { ...order?.overrides } },
    older: order ? olderAt(order.versions, kitchen) : [],
    together: values.together ? ((await readOrder(db, values.together))?.title ?? null) : null,
    isOpen: order === null && !draft.build && !copy,
    builds: [...kitchen.builds.values()].map((b) => ({ id: b.id, name: b.name, story: b.story })),
    ...{ zone: form.zone, earliest: form.earliest, latest: form.latest },
  };
}

/** What a build is for so many, or in a size, to begin from; null where it cannot be so large. */
export async function beginFrom(
  db: KitchenDb,
  {
    build,
    portions,
    size,
    swaps,
  }: { build: string; portions: number; size?: string | undefined; swaps?: string | undefined },
): Promise<{ design: Design } | null> {
  const kitchen = await loadKitchen(db);
  const known = kitchen?.builds.get(build);
  if (!kitchen || !known) return null;
  const tiers = size === undefined ? null : readTiers(size, known, kitchen);
  const [first] = tiers ? [] : sizesFor(build, portions, kitchen);
  const design = tiers ? designIn(known, tiers) : first ? inSize(known, first.value) : known.design;
  return { design: withSwaps(design, swapsIn(swaps), kitchen.library) };
}

/** What an address names as exchanged, by role; what cannot be read is nothing. */
function swapsIn(text: string | undefined): Record<string, string> {
  try {
    const read: unknown = JSON.parse(text ?? '{}');
    return wordsByKey().isValidSync(read) ? (read as Record<string, string>) : {};
  } catch {
    return {};
  }
}

/** An older order as another begins from it: its cake as it was, and what was said of it. */
export interface Copied {
  design: Design;
  values: Pick<OrderForm, 'portions' | 'build' | 'avoid' | 'choices' | 'without'>;
}

export async function beginCopy(db: KitchenDb, id: number): Promise<Copied | null> {
  const kitchen = await loadKitchen(db);
  const order = await readOrder(db, id);
  const design = kitchen && order && designOfOrder(order, kitchen);
  if (!design) return null;
  const { portions, build, avoid, choices, without, swaps } = order;
  return {
    design: withSwaps(design, swaps, kitchen.library),
    values: { portions, build, avoid, choices: { ...choices }, without },
  };
}

/** Orders of before, the newest first, by what one remembers of them. */
export async function loadOlderOrders(
  db: KitchenDb,
): Promise<{ id: number; title: string; customer: string; pickup: string; cake: string }[]> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return [];
  const all = [...(await readOpenOrders(db)).reverse(), ...(await readHandedOver(db, MOST_OLDER))];
  return all.map((o) => ({
    ...{ id: o.id, title: o.title, customer: o.customer, pickup: pickupText(o.pickup, kitchen.clock) },
    cake: `${called(o, kitchen)}, ${cakeName(o.tiers)}`,
  }));
}

function called(order: OrderRow, kitchen: LoadedKitchen): string {
  const design = designOfOrder(order, kitchen);
  const build = kitchen.builds.get(order.build);
  return design ? cakeCalled(design, build) : (build?.name ?? order.build);
}

/** Further back nobody remembers. */
const MOST_OLDER = 300;

/** Cakes to begin from, of several kinds, drawn to scale. `avoid` is a list with commas. */
export async function loadBeginnings(
  db: KitchenDb,
  portions: number,
  words: string,
  avoid: string,
): Promise<Beginning[]> {
  const kitchen = await loadKitchen(db);
  return kitchen ? beginningsFor({ portions, words, avoid: avoidedIn(avoid) }, kitchen) : [];
}

/** The kitchen as a composer reckons with it. */
export async function composerKitchen(db: KitchenDb): Promise<ComposerKitchen | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const { formulas, ingredients, blocks, ...figures } = kitchen.library;
  return {
    ...figures,
    formulas: [...formulas.values()],
    ingredients: [...ingredients.values()].map(asIngredient),
    blocks: [...blocks.values()],
  };
}

const inSize = (build: Build, size: string): Design => designIn(build, JSON.parse(size) as Form[]);

function beginning({ build, size }: OrderForm, { swaps }: OrderDraft, kitchen: LoadedKitchen): Design | null {
  const known = kitchen.builds.get(build);
  return known ? withSwaps(size ? inSize(known, size) : known.design, swapsIn(swaps), kitchen.library) : null;
}

/** Of an ingredient only what a breakdown asks: no prices, packs or stock. */
function asIngredient(i: Ingredient): Ingredient {
  const { id, name, allergens, density, flour, egg, gelatine, supplier, leastStock, leftOver } = i;
  const { takeOut, keepCold, unconfirmed } = i;
  const traits = { flour, egg, gelatine, supplier, leastStock, leftOver, takeOut, keepCold, unconfirmed };
  const known = Object.fromEntries(Object.entries(traits).filter(([, v]) => v !== undefined));
  return { id, name, allergens, density, ...known };
}
