import { NOT_CONFIRMED, type Allergen } from './formula';

/** Something in a cake that its eaters must not get, and the parts that bring it. */
export interface Clash {
  allergen: Allergen;
  from: string[];
}

/**
 * What of a cake's allergens is on the order's list of what to avoid. The one rule of all doors. Of what nobody has confirmed it may hold
 * anything: where something is avoided, it clashes.
 */
export function clashesOf(contains: Clash[], avoid: readonly Allergen[]): Clash[] {
  return contains.filter((a) => avoid.includes(a.allergen) || (a.allergen === NOT_CONFIRMED && avoid.length > 0));
}

/** "nuts (praline cream, crumbs); egg (sponge)" */
export function clashWords(clashes: Clash[]): string {
  return clashes.map((c) => `${c.allergen} (${c.from.join(', ')})`).join('; ');
}
