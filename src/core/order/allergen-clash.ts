import type { Allergen } from '../formula/formula';

/** Something in a cake that its eaters must not get, and the parts that bring it. */
export interface Clash {
  allergen: Allergen;
  from: string[];
}

/** What of a cake's allergens is on the order's list of what to avoid. The one rule of all doors. */
export function clashesOf(contains: Clash[], avoid: readonly Allergen[]): Clash[] {
  return contains.filter((a) => avoid.includes(a.allergen));
}

/** "nuts (praline cream, crumbs); egg (sponge)" */
export function clashWords(clashes: Clash[]): string {
  return clashes.map((c) => `${c.allergen} (${c.from.join(', ')})`).join('; ');
}
