import { formulaOf } from '../../core/design/design';
import { designOfOrder } from '../../core/situation/break-down-orders';
import { orderId, stageStepId } from '../../core/ids/ids';
import { valueAt } from '../../core/ids/value-at';
import { say } from '../../core/words/say';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { partsTaking } from '../../core/breakdown/amounts/component';
import { grams } from '../../core/breakdown/steps/words';
import type { Allergen } from '../../core/formula/formula';
import { onTheScale } from '../../core/measure/show-quantity';
import type { OrderRow } from '../../data/repositories/orders';
import { type Situation } from '../situation/situation';
import { othersFor } from '../builds/others-for';
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
  portions: { use: string; grams: number; leftOver: boolean; at: string | null }[];
  /** "180 g of it from the trimmings of Walnut sponge" */
  drawn: string[];
  optional: boolean;
  lines: { name: string; grams: number }[];
  allergens: Allergen[];
  /** What could take its place; the build's own formula among them. */
  others: { id: string; name: string; allergens: Allergen[] }[];
  /** Set to another formula than the build's. */
  exchanged: boolean;
  /** The part that it goes into; null for what goes into the cake itself. */
  into: string | null;
  /** Other parts that go into it. */
  takes: { name: string; grams: number }[];
  /** It is made in one batch with these orders. */
  batchWith: string[];
}

export function partsOf(
  breakdown: Breakdown,
  kitchen: LoadedKitchen,
  order: Pick<OrderRow, 'id' | 'build' | 'tiers' | 'design' | 'swaps'>,
  situation: Pick<Situation, 'batches' | 'orders'> = { batches: [], orders: [] },
): PartView[] {
  const design = designOfOrder(order, kitchen);
  return breakdown.components.map((c) => {
    const own = design?.parts.find((x) => x.role === c.role);
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
      portions: c.amount.portions.map((p) => ({
        ...{ use: p.use, grams: p.grams, leftOver: p.leftOver !== undefined },
        at:
          breakdown.steps.find((s) => p.stage !== undefined && s.id === stageStepId(orderId(order.id), p.stage))
            ?.name ?? null,
      })),
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
      // What goes into another part is exchanged and set by hand in that one’s formula.
      others: own ? othersFor(own, kitchen) : [],
      into: partsTaking(c).map(label).join(', ') || null,
      takes: (c.takes ?? []).map((t) => ({ name: t.name, grams: onTheScale(t.grams) })),
      exchanged: valueAt(order.swaps, c.role) !== undefined && valueAt(order.swaps, c.role) !== (own && formulaOf(own)),
      batchWith: (batch?.members ?? [])
        .filter((m) => m.order !== order.id)
        .flatMap((m) => situation.orders.find((o) => o.id === m.order)?.title ?? []),
    };
  });
}
