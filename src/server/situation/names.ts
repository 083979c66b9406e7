import { orderId } from '../../core/ids/ids';
import type { Situation } from './situation';

/** What people, things and orders are called, by their ids in the plan. An id that nobody knows any more is said as it is. */
export class Names {
  private readonly people: ReadonlyMap<string, { name: string; initials: string }>;
  private readonly items: ReadonlyMap<string, string>;
  private readonly orders: ReadonlyMap<string, string>;

  constructor({ kitchen: { rows }, orders }: Pick<Situation, 'kitchen' | 'orders'>) {
    this.people = new Map(rows.entries.people.map((p) => [p.id, p]));
    this.items = new Map(rows.entries.items.map((e) => [e.id, e.name]));
    this.orders = new Map(orders.map((o) => [orderId(o.id), o.title]));
  }

  person(id: string): string {
    return this.people.get(id)?.name ?? id;
  }

  initials(id: string): string {
    return this.people.get(id)?.initials ?? '?';
  }

  item(id: string): string {
    return this.items.get(id) ?? id;
  }

  /** The title of an order of the plan; undefined where it is open no more. */
  order(id: string): string | undefined {
    return this.orders.get(id);
  }
}

const known = new WeakMap<object, Names>();

/** The names of a situation, looked up once for each. */
export function namesOf(situation: Situation): Names {
  const names = known.get(situation) ?? new Names(situation);
  known.set(situation, names);
  return names;
}
