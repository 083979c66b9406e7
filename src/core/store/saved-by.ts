import type { Breakdown } from '../breakdown/breakdown';
import type { Component } from '../breakdown/amounts/component';
import { layersNeeded } from '../breakdown/amounts/layers-needed';
import type { PieceSize } from '../breakdown/amounts/store-draw';
import { isOf, partId, type OrderId } from '../ids/ids';

/** What making a part for the store would spare orders that are not begun. */
export interface Saving {
  /** Of layers the size that most of them ask for. */
  size?: PieceSize;
  amount: number;
  /** Minutes of hands on their own days. */
  minutes: number;
  orders: OrderId[];
}

interface Demand {
  order: OrderId;
  amount: number;
  minutes: number;
}

/**
 * What so much of a part in the store would spare: the orders whose whole part it makes, in their order, as long as it lasts. Layers of one size
 * serve each piece of a cake that asks for that size. Null where nobody asks for it.
 */
export function savedBy(formula: string, most: number, orders: ReadonlyMap<OrderId, Breakdown>): Saving | null {
  const bySize = new Map<string, { size?: PieceSize; demands: Demand[] }>();
  for (const [order, breakdown] of orders)
    for (const c of breakdown.components.filter((x) => x.formula.id === formula && x.formula.inStore)) {
      const minutes = handsOf(order, c, breakdown);
      const asked = asks(c, breakdown);
      const all = asked.reduce((sum, a) => sum + a.amount, 0);
      for (const { size, amount } of asked) {
        const key = JSON.stringify(size ?? null);
        const known = bySize.get(key) ?? { ...(size && { size }), demands: [] };
        bySize.set(key, {
          ...known,
          demands: [...known.demands, { order, amount, minutes: (minutes * amount) / all }],
        });
      }
    }
  const savings = [...bySize.values()].map(({ size, demands }): Saving => {
    const saving: Saving = { ...(size && { size }), amount: 0, minutes: 0, orders: [] };
    for (const d of demands) {
      if (saving.amount + d.amount > most + 1e-9) continue;
      saving.amount += d.amount;
      saving.minutes += d.minutes;
      if (!saving.orders.includes(d.order)) saving.orders.push(d.order);
    }
    return saving;
  });
  const best = savings.reduce<Saving | null>((a, b) => (a === null || b.minutes > a.minutes ? b : a), null);
  return best && best.minutes > 0 ? best : null;
}

function asks(c: Component, { cake }: Breakdown): { size?: PieceSize; amount: number }[] {
  if (c.amount.loads.length > 0)
    return layersNeeded(cake, c.role).map(({ form, height, count }) => ({ size: { form, height }, amount: count }));
  return [{ amount: c.formula.inStore!.by === 'piece' ? (c.amount.pieces ?? 0) : c.amount.grams }];
}

const handsOf = (order: OrderId, { role }: Component, { steps }: Breakdown): number =>
  steps
    .filter((s) => s.work === 'hands' && isOf(s.id, partId(order, role)))
    .reduce((sum, s) => sum + s.minutes.likely, 0);
