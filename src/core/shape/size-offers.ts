import { formName, span, topArea, type Form } from './form';
import { standsOn } from './stacks';

export const OFFER_KINDS = ['one cake', 'tiers', 'cakes side by side', 'with cutting cakes'] as const;
export type OfferKind = (typeof OFFER_KINDS)[number];

/** A way to make enough of a cake. */
export interface SizeOffer {
  kind: OfferKind;
  /** From the bottom up; what cannot stand on the one before it stands beside it. */
  tiers: Form[];
  portions: number;
}

/** What the kitchen and the build allow. */
export interface OfferLimits {
  mostTiers: number;
  /** Portions of one cake of a form. */
  count: (form: Form) => number;
  /** How many of a form can be made at once, where they are held until they are set. */
  atOnce?: (form: Form) => number;
  /** Forms for cakes that are cut in the kitchen and not shown. */
  cutting?: Form[];
}

/** More cakes than this are no longer one order’s. */
const MOST_CAKES = 30;

/**
 * Ways to give at least the wanted portions: one cake, tiers, equal cakes side by side, and a shown cake with others that are cut in the
 * kitchen. Of each kind the smallest surplus and the fewest cakes first; different kinds before variants of one.
 */
export function proposeSizes(sizes: Form[], wanted: number, limits: OfferLimits): SizeOffer[] {
  const { mostTiers, count, atOnce = () => Infinity, cutting = [] } = limits;
  const towers = towersOf(sizes, mostTiers).map((tiers) => ({ tiers, portions: sum(tiers.map(count)) }));
  const offers: SizeOffer[] = towers
    .filter((t) => t.portions >= wanted)
    .map((t) => ({ kind: t.tiers.length === 1 ? 'one cake' : 'tiers', ...t }));
  for (const form of sizes) {
    const cakes = Math.ceil(wanted / Math.max(1, count(form)));
    if (cakes > 1 && count(form) > 0 && cakes <= Math.min(MOST_CAKES, atOnce(form)))
      offers.push({ kind: 'cakes side by side', tiers: times(form, cakes), portions: cakes * count(form) });
  }
  for (const { tiers, portions } of towers)
    for (const form of cutting) {
      const each = count(form);
      const cakes = Math.ceil((wanted - portions) / Math.max(1, each));
      // The shown cake is a cake for the party, not a sample: it gives a quarter at least.
      if (portions >= wanted || portions < wanted / 4 || each === 0 || cakes > MOST_CAKES) continue;
      const alike = tiers.length === 1 && formName(form) === formName(tiers[0]!);
      if (alike || standsOn(form, tiers.at(-1)!)) continue;
      offers.push({
        kind: 'with cutting cakes',
        tiers: [...tiers, ...times(form, cakes)],
        portions: portions + cakes * each,
      });
    }
  return inTurns(OFFER_KINDS.map((kind) => sensible(offers.filter((o) => o.kind === kind))));
}

/** Sets of sizes of which each can stand on the one before, the largest at the bottom. */
function towersOf(sizes: Form[], mostTiers: number): Form[][] {
  const sorted = [...sizes].sort((a, b) => span(b) - span(a));
  const towers: Form[][] = [];
  const extend = (tiers: Form[], from: number) => {
    for (let i = from; i < sorted.length; i++) {
      const next = sorted[i]!;
      if (tiers.length > 0 && !standsOn(next, tiers.at(-1)!)) continue;
      towers.push([...tiers, next]);
      if (tiers.length + 1 < mostTiers) extend([...tiers, next], i + 1);
    }
  };
  if (mostTiers > 0) extend([], 0);
  return towers;
}

/** Smallest surplus first; what takes many more cakes than need be is left out. */
function sensible(offers: SizeOffer[]): SizeOffer[] {
  const fewest = Math.min(...offers.map((o) => o.tiers.length));
  return offers
    .filter((o) => o.tiers.length <= Math.max(fewest + 2, fewest * 1.5))
    .sort((a, b) => a.portions - b.portions || a.tiers.length - b.tiers.length || area(b) - area(a));
}

/** The first of each kind, the one with the smallest surplus before the others, then the second of each, and so on. */
function inTurns(kinds: SizeOffer[][]): SizeOffer[] {
  const ranked = kinds.flatMap((list) => list.map((offer, rank) => ({ offer, rank })));
  return ranked
    .sort(
      (a, b) => a.rank - b.rank || a.offer.portions - b.offer.portions || a.offer.tiers.length - b.offer.tiers.length,
    )
    .map((r) => r.offer);
}

const times = (form: Form, count: number): Form[] => Array.from({ length: count }, () => form);
const sum = (numbers: number[]) => numbers.reduce((total, n) => total + n, 0);
const area = (offer: SizeOffer) => sum(offer.tiers.map(topArea));

/** Why there is no offer, and what would help. */
export type NoOffer = { because: 'no sizes' } | { because: 'too few at once'; form: Form; has: number; needs: number };

/** What stands in the way of the wanted portions, by the size that comes nearest. */
export function whyNoOffer(sizes: Form[], wanted: number, { count, atOnce = () => Infinity }: OfferLimits): NoOffer {
  const made = sizes
    .filter((f) => count(f) > 0)
    .map((form) => ({ form, has: Math.min(MOST_CAKES, atOnce(form)), needs: Math.ceil(wanted / count(form)) }))
    .sort((a, b) => a.needs - a.has - (b.needs - b.has))[0];
  return made ? { because: 'too few at once', ...made } : { because: 'no sizes' };
}
