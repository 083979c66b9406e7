import { say } from '../../core/words/say';
import { noOfferWords } from '../../core/calculators/shapes';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { componentsOf } from '../../core/breakdown/amounts/components';
import type { Build } from '../../core/breakdown/build';
import { cuttingForms, formsOfBuild } from '../../core/breakdown/forms-of-build';
import type { Tier } from '../../core/breakdown/strata/stratum';
import { formName, span, type Form } from '../../core/shape/form';
import {
  OFFER_KINDS,
  proposeSizes,
  whyNoOffer,
  type OfferKind,
  type OfferLimits,
  type SizeOffer,
} from '../../core/shape/size-offers';
import { alikeStacks } from '../../core/shape/stacks';
import type { LoadedKitchen } from '../situation/load-kitchen';

export interface SizeChoice {
  /** JSON of the tiers, as the form holds it. */
  value: string;
  name: string;
  kind: OfferKind;
  portions: number;
}

/** Up to six ways to make a build for the wanted portions: of every kind the smallest surplus first. */
export function sizesFor(buildId: string, portions: number, kitchen: LoadedKitchen): SizeChoice[] {
  const build = kitchen.builds.get(buildId);
  return build ? proposed(build, portions, kitchen).slice(0, 6).map(sizeChoice) : [];
}

const sizeChoice = (offer: SizeOffer): SizeChoice => ({
  value: JSON.stringify(offer.tiers),
  name: cakeName(offer.tiers),
  kind: offer.kind,
  portions: offer.portions,
});

function proposed(build: Build, portions: number, kitchen: LoadedKitchen): SizeOffer[] {
  const { moulds } = kitchen.library;
  return proposeSizes(formsOfBuild(build, moulds), portions, limitsOf(build, kitchen));
}

/** What the kitchen's things allow of a build; each form is broken down once. */
function limitsOf(build: Build, { library }: LoadedKitchen): OfferLimits {
  const counted = new Map<string, number>();
  return {
    mostTiers: build.mostTiers,
    cutting: cuttingForms(build, library.moulds),
    count: (form) => {
      const known = counted.get(formName(form));
      if (known !== undefined) return known;
      const { portions } = componentsOf({ build, tiers: [form] }, library).cake;
      counted.set(formName(form), portions);
      return portions;
    },
    // A ring is held until its cake is set: there are no rounds of rings.
    atOnce: (form) =>
      build.ringHold
        ? (library.moulds.find((m) => m.use === 'ring' && formName(m.form) === formName(form))?.owned ?? 0)
        : Infinity,
  };
}

/** Portions that a build gives in these tiers. */
export const portionsOf = (build: Build, tiers: Form[], { library }: LoadedKitchen): number =>
  componentsOf({ build, tiers }, library).cake.portions;

/** Why a build cannot be made for so many, and what would help. */
export function whyNoSize(build: Build, portions: number, kitchen: LoadedKitchen): string {
  const forms = formsOfBuild(build, kitchen.library.moulds);
  if (forms.length === 0) return say`The kitchen has no ${build.mould ?? 'size'} for ${build.name}.`;
  return noOfferWords(whyNoOffer(forms, portions, limitsOf(build, kitchen)), portions);
}

/** A set of tiers with the builds that can have it and give enough. */
export interface ShapeOffer {
  value: string;
  name: string;
  form: Form['form'];
  kind: OfferKind;
  /** From the side, mm; cakes that are alike once, with their number. */
  stacks: { tiers: { width: number; height: number }[]; count: number }[];
  builds: { id: string; portions: number }[];
}

/** Sets of tiers that give the wanted portions in at least one build, by kind; of each the smallest surplus first. */
export function shapeOffers(portions: number, kitchen: LoadedKitchen): ShapeOffer[] {
  const offers = new Map<string, ShapeOffer>();
  for (const { id, body } of kitchen.rows.builds)
    for (const size of sizesFor(id, portions, kitchen)) {
      const tiers = JSON.parse(size.value) as Form[];
      const offer = offers.get(size.value) ?? {
        ...{ value: size.value, name: size.name, kind: size.kind, form: tiers[0]!.form },
        stacks: silhouettes(componentsOf({ build: body, tiers }, kitchen.library).cake.tiers),
        builds: [],
      };
      offer.builds.push({ id, portions: size.portions });
      offers.set(size.value, offer);
    }
  const cakes = (o: ShapeOffer) => o.stacks.reduce((sum, s) => sum + s.count * s.tiers.length, 0);
  const surplus = (o: ShapeOffer) => Math.min(...o.builds.map((b) => b.portions)) - portions;
  const kind = (o: ShapeOffer) => OFFER_KINDS.indexOf(o.kind);
  return [...offers.values()].sort(
    (a, b) => kind(a) - kind(b) || surplus(a) - surplus(b) || b.builds.length - a.builds.length || cakes(a) - cakes(b),
  );
}

function silhouettes(tiers: Tier[]): ShapeOffer['stacks'] {
  return alikeStacks(tiers, (t) => t.form).map(({ tiers: own, count }) => ({
    tiers: own.map((t) => ({ width: t.form.form === 'roll' ? t.form.diameter : span(t.form), height: t.height })),
    count,
  }));
}
