import { say } from '../../core/words/say';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { grams } from '../../core/breakdown/steps/words';
import type { Allergen } from '../../core/formula/formula';
import { onTheScale } from '../../core/measure/show-quantity';
import type { OrderRow } from '../../data/repositories/orders';
import { type Situation } from '../situation/situation';
import { othersFor } from '../builds/build-choices';
import type { LoadedKitchen } from '../situation/load-kitchen';

export interface PartView {
  role: string;
  label: string;
  formula: { id: string; name: string };
  amount: string;
  grams: number;
  /** What the geometry says, where somebody has set another amount by hand. */
  computed: number | null;
  because: string;
  /** What of it is for what; the portions add up to the amount. */
  portions: { use: string; grams: number; leftOver: boolean }[];
  /** "180 g of it from the trimmings of Walnut sponge" */
  drawn: string[];
  optional: boolean;
  lines: { name: string; grams: number }[];
  allergens: Allergen[];
  /** What could take its place; the build's own formula among them. */
  others: { id: string; name: string; allergens: Allergen[] }[];
  /** Set to another formula than the build's. */
  exchanged: boolean;
  /** It is made in one batch with these orders. */
  batchWith: string[];
}

export function partsOf(
  breakdown: Breakdown,
  kitchen: LoadedKitchen,
  order: Pick<OrderRow, 'id' | 'build' | 'swaps'>,
  situation: Pick<Situation, 'batches' | 'orders'> = { batches: [], orders: [] },
): PartView[] {
  const build = kitchen.builds.get(order.build)!;
  return breakdown.components.map((c) => {
    const own = build.components.find((x) => x.role === c.role)!;
    const batch = situation.batches.find((b) => b.members.some((m) => m.order === order.id && m.role === c.role));
    const label = (role: string) => breakdown.components.find((x) => x.role === role)?.label ?? role;
    return {
      role: c.role,
      label: c.label,
      formula: { id: c.formula.id, name: c.formula.name },
      amount: c.amount.pieces === null ? grams(c.amount.grams) : say`${c.amount.pieces} pcs`,
      grams: c.amount.grams,
      computed: c.amount.computed,
      because: `${grams(c.amount.computed ?? c.amount.grams)} = ${c.amount.because}`,
      portions: c.amount.portions.map((p) => ({ use: p.use, grams: p.grams, leftOver: p.leftOver !== undefined })),
      drawn: breakdown.drawn
        .filter((d) => d.role === c.role)
        .flatMap((d) => [
          ...d.from.map((f) => say`${grams(f.grams)} of it is left over from ${label(f.role).toLowerCase()}`),
          ...(d.short >= 1 ? [say`${grams(d.short)} must come from the crumb box or be made`] : []),
        ]),
      optional: c.optional,
      lines: c.lines.map((l) => ({
        name: kitchen.library.ingredients.get(l.ingredient)?.name ?? l.ingredient,
        grams: onTheScale(l.grams),
      })),
      allergens: c.allergens.map((a) => a.allergen),
      others: othersFor(own, kitchen),
      exchanged: order.swaps[c.role] !== undefined && order.swaps[c.role] !== own.formula,
      batchWith: (batch?.members ?? [])
        .filter((m) => m.order !== order.id)
        .flatMap((m) => situation.orders.find((o) => o.id === m.order)?.title ?? []),
    };
  });
}
