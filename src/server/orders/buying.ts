import { say } from '../../core/words/say';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { boughtGrams } from '../../core/formula/scale';
import { ingredientCost } from '../../core/kitchen/ingredient-cost';
import { pullList } from '../../core/pull-list/pull-list';
import type { PlacedWork } from '../../core/pull-list/weigh-out';
import type { readingOf } from '../../core/plan-reading/plan-reading';
import type { LoadedKitchen } from '../situation/load-kitchen';
import { orderTimes } from '../situation/order-times';
import { placedWorks } from '../situation/placed-works';
import { presenceIn } from '../situation/presence';
import type { Situation } from '../situation/situation';

/** What an order’s ingredients cost, in words; null where the kitchen tells no prices. */
export function costText(breakdown: Breakdown, { rows }: LoadedKitchen): string | null {
  const cost = ingredientCost(
    breakdown.components.flatMap((c) => c.lines),
    rows.ingredients,
  );
  if (!cost) return null;
  const total = cost.total.toFixed(2);
  const { unpriced } = cost;
  if (unpriced.length === 0) return say`Its ingredients cost ${total}.`;
  const named = unpriced.slice(0, 3).join(', ');
  return unpriced.length > 3
    ? say`Its ingredients cost ${total}, without ${named} and ${unpriced.length - 3} more, whose prices are not known.`
    : say`Its ingredients cost ${total}, without ${named}, of which no price is known.`;
}

/**
 * What an order needs that no supplier brings in time, a line for each supplier. What is in the house counts for it as far as no other order takes
 * it before.
 */
export function notInTime(order: number, situation: Situation, plan: Parameters<typeof readingOf>[0]): string[] {
  const { rows, library } = situation.kitchen;
  if (rows.suppliers.length === 0) return [];
  const from = situation.minute;
  const coming = (only: (id: number) => boolean) => placedWorks(situation, plan, only).filter((w) => w.start >= from);
  const own = coming((id) => id === order);
  const to = Math.max(from, ...own.map((w) => w.start)) + 1;
  const presence = presenceIn(situation, from, to);
  const listOf = (works: PlacedWork[], stock: ReadonlyMap<string, number>) =>
    pullList(works, from, to, library, stock, presence);
  const mine = new Set(own.map((w) => w.step.id));
  const before = listOf(
    coming(() => true).filter((w) => !mine.has(w.step.id)),
    new Map(),
  );
  const firstAt = new Map<string, number>();
  for (const w of listOf(own, new Map()).weighOuts)
    for (const { ingredient } of w.lines) firstAt.set(ingredient, Math.min(w.at, firstAt.get(ingredient) ?? Infinity));
  const takenBefore = (ingredient: string) =>
    before.weighOuts
      .filter((w) => w.at < (firstAt.get(ingredient) ?? 0))
      .flatMap((w) => w.lines.filter((l) => l.ingredient === ingredient))
      .reduce((sum, l) => sum + boughtGrams(l), 0);
  const left = new Map(rows.ingredients.map((i) => [i.id, Math.max(0, i.stock - takenBefore(i.id))]));
  const list = listOf(own, left);
  const times = orderTimes(list, situation);
  return list.shopping.flatMap(({ supplier, lines }) => {
    const by = times[supplier];
    if (!by?.late) return [];
    const wanted = lines.filter((l) => l.buy > 0).map((l) => l.name);
    return [say`${wanted.join(', ')}: ${by.text}`];
  });
}
