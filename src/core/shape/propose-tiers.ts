import type { Form } from './form';
import { span } from './form';

export interface SizeOffer {
  /** From the bottom up. */
  tiers: Form[];
  portions: number;
}

/** Tiers step in by at least this much, so that each has a ledge to stand on. mm. */
const LEDGE = 40;

/**
 * Sets of tiers that give at least the wanted portions, smallest surplus first, fewer tiers before more.
 * `sizes` are the forms the kitchen can make; `count` tells a tier's portions; rolls come several side by side.
 */
export function proposeTiers(
  sizes: Form[],
  wanted: number,
  mostTiers: number,
  count: (form: Form) => number,
): SizeOffer[] {
  const sorted = [...sizes].sort((a, b) => span(b) - span(a));
  const offers: SizeOffer[] = [];
  const extend = (tiers: Form[], portions: number, from: number) => {
    if (tiers.length > 0 && portions >= wanted) {
      offers.push({ tiers, portions });
      return;
    }
    if (tiers.length === mostTiers) return;
    for (let i = from; i < sorted.length; i++) {
      const below = tiers[tiers.length - 1];
      const alike = sorted[i]!.form === 'roll';
      if (below && !alike && (below.form !== sorted[i]!.form || span(below) - span(sorted[i]!) < LEDGE)) continue;
      extend([...tiers, sorted[i]!], portions + count(sorted[i]!), alike ? i : i + 1);
    }
  };
  extend([], 0, 0);
  return offers.sort((a, b) => a.portions - b.portions || a.tiers.length - b.tiers.length);
}
