import { REGISTER_SECTIONS } from './documents';
import type { KitchenFile, Section } from './shape';

/**
 * What a record of a file would be in a kitchen: not there yet, as it is there, changed since, or, of orders, another one that has its number by
 * chance.
 */
export interface FoundRecord {
  section: string;
  id: string;
  name: string;
  is: 'new' | 'same' | 'changed' | 'clash';
}

const COMPARED = [...REGISTER_SECTIONS, 'formulas', 'builds', 'orders', 'batches'] as const;
type Compared = (typeof COMPARED)[number];
type Record_ = { id: string | number };

/** What a record is called: its title, or the name in its document. */
function nameOf(section: Compared, record: Record_): string {
  if (section === 'orders') return (record as unknown as { title: string }).title;
  const { body, versions } = record as unknown as {
    body?: { name?: string };
    versions?: { body: { name?: string } }[];
  };
  return body?.name ?? versions?.[0]?.body.name ?? `${record.id}`;
}

/** What decides whether two records are the same: not how often either was saved, nor when. */
function essence(section: Compared, record: Record_): string {
  const { version, retired, versions, ...rest } = record as unknown as Record<string, unknown> & {
    versions?: { body: unknown }[];
  };
  void [version, retired];
  return JSON.stringify(section === 'formulas' ? versions?.[0]?.body : sorted(rest));
}

/** The same fields in whatever order they were written. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, sorted(v)]),
  );
}

type Order = Section<'orders'>[number];

/**
 * Which orders of a file are in a kitchen already, by their numbers in the file. Numbers are given by each kitchen for itself: an order is known by
 * when it was taken, and of several by its number, or by its title where it got another number as it came in.
 */
export function ordersHere(file: KitchenFile, kitchen: KitchenFile): Map<number, Order> {
  const taken = ({ createdAt }: Order) => Date.parse(createdAt);
  const free = new Set(kitchen.orders ?? []);
  const here = new Map<number, Order>();
  const match = (is: (own: Order, order: Order) => boolean) => {
    for (const order of file.orders ?? []) {
      if (here.has(order.id)) continue;
      const own = [...free].find((o) => taken(o) === taken(order) && is(o, order));
      if (!own) continue;
      here.set(order.id, own);
      free.delete(own);
    }
  };
  match((own, order) => own.id === order.id);
  match((own, order) => own.title === order.title);
  return here;
}

/** What of an order is given by each kitchen for itself. */
function withoutNumbers({ id, together, answers, ...order }: Order) {
  const { fromStore, ...own } = answers as typeof answers & { fromStore?: unknown };
  void [id, together, fromStore];
  return { ...order, answers: own };
}

/**
 * Every record of a file against those of a kitchen; both must have been read, so that their documents are of one version and their times
 * are instants.
 */
export function compareFiles(file: KitchenFile, kitchen: KitchenFile): FoundRecord[] {
  const here = ordersHere(file, kitchen);
  const stands = (section: Compared, record: Record_, own: Record_ | undefined): FoundRecord['is'] => {
    const same = (a: Record_, b: Record_) => essence(section, a) === essence(section, b);
    if (section !== 'orders') return !own ? 'new' : same(own, record) ? 'same' : 'changed';
    const known = here.get(record.id as number);
    if (!known) return own ? 'clash' : 'new';
    const [mine, theirs] = [known, record as Order].map((o) => ({ ...withoutNumbers(o), id: 0 }));
    return same(mine!, theirs!) ? 'same' : 'changed';
  };
  return COMPARED.flatMap((section) => {
    const there = new Map(((kitchen[section] ?? []) as Record_[]).map((r) => [r.id, r]));
    return ((file[section] ?? []) as Record_[]).map((record): FoundRecord => {
      const own = there.get(record.id);
      return { section, id: `${record.id}`, name: nameOf(section, record), is: stands(section, record, own) };
    });
  });
}
