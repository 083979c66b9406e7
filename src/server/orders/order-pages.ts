import { isRowId } from '../shared/row-id';
import type { KitchenDb } from '../../data/kitchen-db';
import type { Form } from '../../core/shape/form';
import { orderStatus, type OrderStatus } from '../../core/floor/order-status';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { timeOf, minuteOf, WALL_CLOCK } from '../../core/time/clock';
import type { OrderForm } from '../../core/input/order-input';
import { readHandedOver, readOrder } from '../../data/repositories/orders';
import { buildChoice, type BuildChoice } from '../builds/build-choices';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';
import { readTiers } from '../../core/order/tiers';
import { portionsOf, shapeOffers, sizesFor, type ShapeOffer, type SizeChoice } from '../builds/sizes';
import { orderWithKept } from '../situation/load-kept';
import { orderId } from '../../core/ids/ids';
import { orderView, type OrderView } from './order-view';
import { pickupText } from './pickup-text';
import { loadPlanned } from '../plan/load-planned';

export interface OrderLine {
  id: number;
  version: number;
  title: string;
  customer: string;
  pickup: string;
  cake: string;
  portions: number;
  status: OrderStatus | null;
}

/** All open orders by pickup, and the last that were handed over. Null without a kitchen. */
export async function loadOrders(db: KitchenDb): Promise<{
  open: OrderLine[];
  left: OrderLine[];
  /** A pickup to begin asking with, as a wall-clock time. */
  ask: string;
  zone: string;
} | null> {
  const planned = await loadPlanned(db);
  if (!planned) return null;
  const { situation, plan } = planned;
  const { kitchen } = situation;
  const line = (o: (typeof situation.orders)[number], status: OrderStatus | null): OrderLine => ({
    ...{ id: o.id, version: o.version, title: o.title, customer: o.customer, portions: o.portions, status },
    pickup: pickupText(o.pickup, kitchen.clock),
    cake: `${kitchen.builds.get(o.build)?.name ?? o.build}, ${cakeName(o.tiers)}`,
  });
  const { tightBelow } = kitchen.library.coefficients;
  const inPlan = new Set(plan.problem.orders.map((o) => o.id));
  return {
    ask: timeOf(situation.minute, kitchen.clock).plus({ days: 2 }).set({ hour: 12, minute: 0 }).toFormat(WALL_CLOCK),
    zone: kitchen.clock.zone,
    open: situation.orders.map((o) =>
      line(
        o,
        inPlan.has(orderId(o.id))
          ? orderStatus(plan, situation.states, orderId(o.id), { tightBelow, minute: situation.minute })
          : null,
      ),
    ),
    left: (await readHandedOver(db, 12)).map((o) => line(o, null)),
  };
}

/** One order; null if there is none with this number. */
export async function loadOrder(db: KitchenDb, id: number): Promise<OrderView | null> {
  if (!isRowId(id)) return null;
  const planned = await loadPlanned(db);
  const found = planned && (await readOrder(db, id));
  if (!planned || !found) return null;
  const order = planned.situation.orders.find((o) => o.id === id) ?? (await orderWithKept(db, found));
  return orderView(order, planned.situation.kitchen, planned.situation, planned.plan);
}

/** What the order form needs to offer its choices. */
export interface OrderFormView {
  builds: BuildChoice[];
  values: OrderForm;
  sizes: SizeChoice[];
  zone: string;
  /** Wall-clock times between which a pickup can be chosen. */
  earliest: string;
  latest: string;
}

const isWallClock = (text: string | undefined): text is string => /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(text ?? '');
const FIRST_PORTIONS = 12;

/** What a new order's form can begin with, as an address says it. */
export type OrderDraft = Partial<Record<'build' | 'portions' | 'pickup' | 'size', string | undefined>>;

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
  const [first] = kitchen.rows.builds;
  const begun = kitchen.builds.has(draft.build ?? '') ? draft.build : undefined;
  const build = order?.build ?? begun ?? first?.id ?? '';
  const portions =
    order?.portions ?? (Math.min(400, Math.max(0, Math.round(Number(draft.portions)))) || FIRST_PORTIONS);
  const sizes = sizesWith(build, portions, kitchen, order ? JSON.stringify(order.tiers) : null);
  const pickup = order
    ? timeOf(minuteOf(order.pickup, kitchen.clock), kitchen.clock)
    : today.plus({ days: 3 }).set({ hour: 12, minute: 0 });
  const values: OrderForm = {
    title: order?.title ?? '',
    customer: order?.customer ?? '',
    pickup: !order && isWallClock(draft.pickup) ? draft.pickup : pickup.toFormat(WALL_CLOCK),
    portions,
    build,
    size: order ? JSON.stringify(order.tiers) : ((sizes.find((s) => s.value === draft.size) ?? sizes[0])?.value ?? ''),
    inscription: order?.inscription ?? '',
    avoid: order?.avoid ?? [],
    note: order?.note ?? '',
    swaps: order?.swaps ?? {},
    choices: order?.choices ?? {},
    without: order?.without ?? [],
  };
  return {
    form: {
      builds: kitchen.rows.builds.map((b) => buildChoice(b.body, kitchen)),
      values,
      sizes,
      zone: kitchen.clock.zone,
      earliest: today.toFormat(WALL_CLOCK),
      latest: today.plus({ days: kitchen.library.coefficients.daysAhead }).toFormat(WALL_CLOCK),
    },
    version: order?.version ?? 0,
    title: order?.title ?? '',
  };
}

/** Sizes to offer; the one that an order has is always among them. */
function sizesWith(build: string, portions: number, kitchen: LoadedKitchen, own: string | null): SizeChoice[] {
  const sizes = sizesFor(build, portions, kitchen);
  if (own === null || sizes.some((s) => s.value === own)) return sizes;
  return [{ value: own, name: cakeName(JSON.parse(own) as Form[]), kind: 'one cake', portions }, ...sizes];
}

/** What a size is called and gives in a build; null where the kitchen cannot make it so. */
export async function sizeOf(
  db: KitchenDb,
  build: string,
  size: string,
): Promise<{ name: string; portions: number } | null> {
  const kitchen = await loadKitchen(db);
  const own = kitchen?.builds.get(build);
  const tiers = own && readTiers(size, own, kitchen!);
  return tiers ? { name: cakeName(tiers), portions: portionsOf(own, tiers, kitchen!) } : null;
}

/** Shapes and sizes for a number of portions, whatever the build. */
export async function shapeChoices(db: KitchenDb, portions: number): Promise<ShapeOffer[]> {
  const kitchen = await loadKitchen(db);
  if (!kitchen || !Number.isInteger(portions) || portions < 1 || portions > 400) return [];
  return shapeOffers(portions, kitchen);
}

export async function sizeChoices(db: KitchenDb, build: string, portions: number): Promise<SizeChoice[]> {
  const kitchen = await loadKitchen(db);
  if (!kitchen || !Number.isInteger(portions) || portions < 1 || portions > 400) return [];
  return sizesFor(build, portions, kitchen);
}
