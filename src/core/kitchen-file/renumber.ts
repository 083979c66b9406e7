import { batchId, orderId } from '../ids/ids';
import { STORE_KINDS } from '../kinds/events';
import type { Stored } from '../stored/codec';
import type { KitchenFile, Section } from './shape';

/** What is taken in a kitchen that orders come into. */
export interface Taken {
  orders: ReadonlySet<number>;
  batches: ReadonlySet<number>;
  pictures: ReadonlySet<number>;
  /** Number of its newest event. */
  lastEvent: number;
}

/** Fields that hold the id of a step, a wait, an order or a batch. Texts that people typed stand in others. */
const ID_FIELDS = new Set([
  'id',
  'order',
  'from',
  'to',
  'until',
  'step',
  'after',
  'route',
  'owner',
  'sameItemAs',
  'with',
]);
const OWNED = /^([ob])(\d+)(?=$|\.)/;

/** What lies in a store stays in the kitchen that it lies in: an order that drew on it there has its parts made here. */
const OF_ITS_STORE: readonly string[] = STORE_KINDS;
function withoutStore({ fromStore, ...answers }: Stored): Stored {
  void fromStore;
  return answers as Stored;
}

/** A number that is free, the same where it can be. */
function numbers(wanted: readonly number[], taken: ReadonlySet<number>): Map<number, number> {
  let next = Math.max(0, ...taken, ...wanted) + 1;
  return new Map(wanted.map((n) => [n, taken.has(n) ? next++ : n]));
}

/**
 * Orders of a file as they come into a kitchen that has some already: each keeps its number where that is free and gets the next free one where it is not,
 * through everything that names it. What was told goes behind what was told there, in its order; edits of a plan, plans and ticks are of the
 * kitchen that they were made in, and stay behind, and so does what lies in its store.
 */
export function renumbered(
  file: KitchenFile,
  taken: Taken,
): Pick<Required<KitchenFile>, 'orders' | 'pictures' | 'batches' | 'events' | 'work'> {
  const orders = numbers(
    (file.orders ?? []).map((o) => o.id),
    taken.orders,
  );
  const batches = numbers(
    (file.batches ?? []).map((b) => b.id),
    taken.batches,
  );
  const pictures = numbers(
    (file.pictures ?? []).map((p) => p.id),
    taken.pictures,
  );
  const owner = (text: string) =>
    text.replace(OWNED, (whole, kind: string, n: string) => {
      const to = (kind === 'o' ? orders : batches).get(Number(n));
      return to === undefined ? whole : kind === 'o' ? orderId(to) : batchId(to);
    });
  const within = (value: unknown, field = ''): unknown => {
    if (typeof value === 'string') return ID_FIELDS.has(field) ? owner(value) : value;
    if (Array.isArray(value)) return value.map((v) => within(v, field));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, within(v, k)]));
  };
  const told = (file.events ?? []).filter(
    (e) => e.kind !== 'plan edit' && !OF_ITS_STORE.includes(e.kind) && (e.owner !== null || e.order !== null),
  );
  const events = new Map(told.map((e, i) => [e.id, taken.lastEvent + 1 + i]));
  const aboutEvent = (body: Section<'events'>[number]['body']) =>
    typeof body.event === 'number' ? { ...body, event: events.get(body.event) ?? body.event } : body;
  return {
    orders: (file.orders ?? []).map(({ together, ...o }) => ({
      ...o,
      id: orders.get(o.id)!,
      // The cake that it was one order with may have stayed behind.
      ...(together && { together: orders.get(together) ?? null }),
      answers: withoutStore(o.answers),
    })),
    pictures: (file.pictures ?? []).map((p) => ({ ...p, id: pictures.get(p.id)!, order: orders.get(p.order)! })),
    batches: (file.batches ?? []).map((b) => ({
      ...b,
      id: batches.get(b.id)!,
      members: b.members.map((m) => ({ ...m, order: orders.get(m.order) ?? m.order })),
    })),
    events: told.map((e) => ({
      ...e,
      id: events.get(e.id)!,
      order: e.order === null ? null : (orders.get(e.order) ?? e.order),
      owner: e.owner === null ? null : (owner(e.owner) as typeof e.owner),
      body: aboutEvent(within(e.body) as typeof e.body),
    })),
    work: (file.work ?? []).map((w) => ({
      ...w,
      owner: owner(w.owner) as typeof w.owner,
      body: within(w.body) as typeof w.body,
    })),
  };
}
