import { orderNumberOf } from '../../core/ids/ids';
import type { PlanRow } from '../../data/repositories/plans';
import type { Situation } from '../situation/situation';

/** How many open orders the newest plan uses a person or thing for, and how many formulas an ingredient is in; by id. */
export interface Touched {
  people: Record<string, number>;
  items: Record<string, number>;
  ingredients: Record<string, { orders: number; formulas: number }>;
}

/** What would be touched by a change of an entry. */
export function touchedBy(situation: Situation, plan: PlanRow | null): Touched {
  const people = new Counted();
  const items = new Counted();
  for (const s of plan?.plan.steps ?? []) {
    const order = orderNumberOf(s.id);
    if (order === null) continue;
    for (const id of s.people) people.add(id, order);
    for (const id of s.equipment) items.add(id, order);
  }
  const owner = new Map(
    [...(plan?.problem.waits ?? []), ...(plan?.problem.holds ?? [])].map((x) => [x.id, orderNumberOf(x.id)]),
  );
  for (const used of [...(plan?.plan.waits ?? []), ...(plan?.plan.holds ?? [])]) {
    const order = owner.get(used.id) ?? null;
    if (order !== null) items.add(used.equipment, order);
  }
  const inOrders = new Counted();
  for (const [order, { components }] of situation.breakdowns)
    for (const c of components) for (const l of c.formula.lines) inOrders.add(l.ingredient, order);
  const inFormulas = new Counted();
  for (const f of situation.kitchen.library.formulas.values())
    for (const l of f.lines) inFormulas.add(l.ingredient, f.id);
  const [orders, formulas] = [inOrders.counts(), inFormulas.counts()];
  const ids = [...new Set([...Object.keys(orders), ...Object.keys(formulas)])];
  return {
    people: people.counts(),
    items: items.counts(),
    ingredients: Object.fromEntries(ids.map((id) => [id, { orders: orders[id] ?? 0, formulas: formulas[id] ?? 0 }])),
  };
}

/** How many different things each id goes with. */
class Counted {
  private readonly sets = new Map<string, Set<unknown>>();

  add(id: string, thing: unknown): void {
    this.sets.set(id, (this.sets.get(id) ?? new Set()).add(thing));
  }

  counts(): Record<string, number> {
    return Object.fromEntries([...this.sets].map(([id, set]) => [id, set.size]));
  }
}
