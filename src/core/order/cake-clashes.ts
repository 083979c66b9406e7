import { say } from '../words/say';
import { clashesOf, clashWords, type Clash } from '../formula/allergen-clash';
import { batchId } from '../ids/ids';
import type { Situation } from '../situation/situation';

type Cakes = Pick<Situation, 'orders' | 'breakdowns' | 'batches' | 'shared'>;

/** What each open order contains, by its own parts and by batches that it shares, that its eaters must not get. */
export function clashes({ orders, breakdowns, batches, shared }: Cakes): Map<number, Clash[]> {
  const found = new Map<number, Clash[]>();
  for (const o of orders) {
    if (o.avoid.length === 0) continue;
    const contains = [...(breakdowns.get(o.id)?.allergens ?? [])];
    for (const b of batches.filter((x) => x.members.some((m) => m.order === o.id)))
      for (const { allergen } of shared.components.get(batchId(b.id))?.allergens ?? [])
        if (!contains.some((c) => c.allergen === allergen))
          contains.push({ allergen, from: [say`a batch of ${shared.components.get(batchId(b.id))!.formula.name}`] });
    const clash = clashesOf(contains, o.avoid);
    if (clash.length > 0) found.set(o.id, clash);
  }
  return found;
}

/**
 * What a change would bring to cakes whose eaters must not get it, in words; null if nothing. What was so before is not held against the
 * change: the wall shows it.
 */
export function clashProblem(before: Cakes, after: Cakes): string | null {
  const was = clashes(before);
  const brought = [...clashes(after)].flatMap(([id, list]) => {
    const fresh = list.filter((c) => !was.get(id)?.some((w) => w.allergen === c.allergen));
    if (fresh.length === 0) return [];
    return [`${after.orders.find((o) => o.id === id)!.title} ${clashWords(fresh)}`];
  });
  return brought.length > 0 ? say`That would bring ${brought.join(', and ')}, which the eaters must not get.` : null;
}
