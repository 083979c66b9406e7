import { fitsLayer, layersNeeded } from '../breakdown/amounts/layers-needed';
import type { Cake } from '../breakdown/amounts/cake';
import type { Component } from '../breakdown/amounts/component';
import type { StoreDraw } from '../breakdown/amounts/store-draw';
import type { Allergen } from '../formula/formula';
import { freeOf, type Drawing } from './free';
import type { Lot, Store } from './lot';

/** An order that may draw: its parts as they would all be made, the day by which they are used, and what its eaters must not get. */
export interface Asking {
  components: readonly Component[];
  cake: Cake;
  /** "2026-03-14": the day of the pickup. */
  usedBy: string;
  avoid: readonly Allergen[];
}

/** Of what is weighed less than so much is not worth taking out. g. */
const WORTH = 20;

/**
 * What an order draws on: of each part that is kept in store the oldest lots first, those that keep until its pickup, fit in size and hold nothing
 * that its eaters must not get. Layers are taken for a piece of the cake as a whole or not at all, since a tin is baked for the rest otherwise.
 */
export function offerFromStore(asking: Asking, store: Store, others: readonly Drawing[]): StoreDraw[] {
  const free = new Map(store.lots.map((l) => [l.id, freeOf(l, others)]));
  const usable = [...store.lots]
    .filter((l) => l.useBy >= asking.usedBy && !l.allergens.some((a) => asking.avoid.includes(a)))
    .sort((a, b) => (a.madeOn === b.madeOn ? (a.id < b.id ? -1 : 1) : a.madeOn < b.madeOn ? -1 : 1));
  return asking.components.flatMap((c): StoreDraw[] => {
    const lots = c.formula.inStore ? usable.filter((l) => l.formula === c.formula.id) : [];
    if (lots.length === 0) return [];
    if (c.amount.loads.length > 0) return layersOf(c, asking.cake, lots, free);
    const counted = c.formula.inStore!.by === 'piece';
    const wanted = counted ? (c.amount.pieces ?? 0) : c.amount.grams;
    return take(
      c.role,
      wanted,
      lots.filter((l) => (l.by === 'piece') === counted),
      free,
      counted ? 1 : WORTH,
    );
  });
}

function layersOf(c: Component, cake: Cake, lots: readonly Lot[], free: Map<string, number>): StoreDraw[] {
  const tiers = new Map<number, ReturnType<typeof layersNeeded>>();
  for (const n of layersNeeded(cake, c.role)) tiers.set(n.tier, [...(tiers.get(n.tier) ?? []), n]);
  return [...tiers.values()].flatMap((needed): StoreDraw[] => {
    const before = new Map(free);
    const draws = needed.flatMap((n) => {
      const fitting = lots.filter((l) => l.size !== undefined && fitsLayer(l.size, n));
      return take(c.role, n.count, fitting, free, 1).map((d) => ({ ...d, tier: n.tier }));
    });
    const taken = draws.reduce((sum, d) => sum + d.amount, 0);
    if (taken === needed.reduce((sum, n) => sum + n.count, 0)) return draws;
    for (const [id, amount] of before) free.set(id, amount);
    return [];
  });
}

/** So much out of these lots, one after the other; `free` is told what is left. */
function take(
  role: string,
  wanted: number,
  lots: readonly Lot[],
  free: Map<string, number>,
  least: number,
): StoreDraw[] {
  let open = wanted;
  return lots.flatMap((lot): StoreDraw[] => {
    const there = free.get(lot.id) ?? 0;
    const amount = lot.by === 'piece' ? Math.min(Math.floor(there), Math.ceil(open - 1e-9)) : Math.min(there, open);
    if (amount < Math.min(least, wanted) || amount <= 0) return [];
    open -= amount;
    free.set(lot.id, there - amount);
    const { id, formula, size, place, shelf, madeOn, useBy, allergens } = lot;
    return [{ role, formula, lot: id, amount, ...(size && { size }), place, shelf, madeOn, useBy, allergens }];
  });
}
