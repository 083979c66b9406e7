import { usualPickup } from '../../core/order/usual-pickup';
import { ALLERGENS, type Allergen } from '../../core/formula/formula';
import type { OrderForm } from '../../core/input/order-input';
import { minuteOf, timeOf, WALL_CLOCK } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { readOrder, type OrderRow } from '../../data/repositories/orders';
import { readPictures } from '../../data/repositories/pictures';
import { buildsInUse } from '../builds/in-use';
import { sizesFor } from '../builds/sizes';
import { isRowId } from '../shared/row-id';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { lastDayOf } from './last-day';

/** What an order's form begins with, and between which times a pickup can be chosen. */
export interface OrderFormView {
  values: OrderForm;
  zone: string;
  /** Wall-clock times. */
  earliest: string;
  latest: string;
}

/** What a new order's form can begin with, as an address says it. */
export type OrderDraft = Partial<
  Record<'build' | 'portions' | 'pickup' | 'size' | 'swaps' | 'avoid', string | undefined>
> & {
  /** The order that it is one with: its customer and time are taken over. */
  together?: number | undefined;
  /** The order whose cake it begins as. */
  copy?: number | undefined;
};

const isWallClock = (text: string | undefined): text is string => /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(text ?? '');
const FIRST_PORTIONS = 12;

/** The form for a new order, perhaps begun with what is known of it, or for the one with this number. */
export async function loadOrderForm(
  db: KitchenDb,
  id: number | null,
  draft: OrderDraft = {},
): Promise<{ form: OrderFormView; version: number; title: string } | null> {
  if (id !== null && !isRowId(id)) return null;
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const order = id === null ? null : await readOrder(db, id);
  if (id !== null && (!order || order.state !== 'open')) return null;
  const today = timeOf(minuteOf(db.now(), kitchen.clock), kitchen.clock);
  const values = order
    ? { ...valuesOf(order, kitchen), pictures: (await readPictures(db, order.id)).map((p) => p.id) }
    : await newValues(db, draft, kitchen, firstPickup(today, kitchen).toFormat(WALL_CLOCK));
  return {
    form: {
      ...{ values, zone: kitchen.clock.zone, earliest: today.toFormat(WALL_CLOCK) },
      latest: today.plus({ days: kitchen.library.coefficients.daysAhead }).toFormat(WALL_CLOCK),
    },
    version: order?.version ?? 0,
    title: order?.title ?? '',
  };
}

/** The pickup that a new order begins with. */
function firstPickup(today: ReturnType<typeof timeOf>, { rows, clock, calendar, team }: LoadedKitchen) {
  return usualPickup(today, rows.kitchen.opening, (pickup) => {
    const [from, to] = [pickup.startOf('day'), pickup].map((t) => minuteOf(t.toJSDate(), clock));
    return team.some(({ id }) => calendar.shifts(id, from!, to!).some(([start, end]) => start < to! && end > from!));
  });
}

/** An order as its form holds it, but for its pictures. */
function valuesOf(order: OrderRow, { clock }: LoadedKitchen): OrderForm {
  const { title, customer, portions, build, inscription, avoid, note, swaps, choices, without, together } = order;
  const { stands, colours = '', inscriptionAt = '', goesTo = '', box = '' } = order.details;
  return {
    ...{ title, customer, portions, build, inscription, avoid, note, swaps, without, together },
    ...{ choices: { ...choices }, size: JSON.stringify(order.tiers) },
    pickup: timeOf(minuteOf(order.pickup, clock), clock).toFormat(WALL_CLOCK),
    ...{ colours, inscriptionAt, goesTo, box },
    ...{ standsHours: stands?.hours ?? null, standsCelsius: stands?.celsius ?? null },
    standsOutdoors: stands?.outdoors ?? false,
    holdsUntil: order.holdsUntil ? lastDayOf(order.holdsUntil, clock).toISODate()! : '',
  };
}

async function newValues(db: KitchenDb, draft: OrderDraft, kitchen: LoadedKitchen, noon: string): Promise<OrderForm> {
  const build = kitchen.builds.has(draft.build ?? '') ? draft.build! : (buildsInUse(kitchen)[0]?.id ?? '');
  const portions = Math.min(400, Math.max(0, Math.round(Number(draft.portions)))) || FIRST_PORTIONS;
  const sizes = sizesFor(build, portions, kitchen);
  const size = sizes.find((s) => s.value === draft.size) ?? sizes[0];
  const first = draft.together === undefined ? null : await readOrder(db, draft.together);
  const withFirst = first && valuesOf(first, kitchen);
  return {
    ...{ title: '', customer: withFirst?.customer ?? '', portions, build, size: size?.value ?? '' },
    pickup: isWallClock(draft.pickup) ? draft.pickup : (withFirst?.pickup ?? noon),
    avoid: withFirst?.avoid ?? avoidedIn(draft.avoid ?? ''),
    ...{ inscription: '', note: '', swaps: {}, choices: {}, without: [], pictures: [] },
    ...{ colours: '', inscriptionAt: '', box: '', standsHours: null, standsCelsius: null, standsOutdoors: false },
    ...{ goesTo: withFirst?.goesTo ?? '', holdsUntil: withFirst?.holdsUntil ?? '', together: first?.id ?? null },
  };
}

/** A list with commas, as an address has it; what is no allergen is left out. */
export const avoidedIn = (text: string): Allergen[] =>
  text.split(',').filter((a): a is Allergen => (ALLERGENS as readonly string[]).includes(a));
