import { say } from '../../core/words/say';
import { noOfferWords } from '../../core/calculators/shapes';
import { cakeName } from '../../core/breakdown/amounts/cake';
import { componentsOf } from '../../core/breakdown/amounts/components';
import { compile } from '../../core/design/compile';
import type { Build } from '../../core/design/build';
import { cuttingForms, formsOfBuild } from '../../core/breakdown/forms-of-build';
import { formName, type Form } from '../../core/shape/form';
import {
  proposeSizes,
  whyNoOffer,
  type OfferKind,
  type OfferLimits,
  type SizeOffer,
} from '../../core/shape/size-offers';
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
      inRings(build, library)
        ? (library.moulds.find((m) => m.use === 'ring' && formName(m.form) === formName(form))?.owned ?? 0)
        : Infinity,
  };
}

/** Is it built in rings or moulds, which are held until it is set? */
const inRings = ({ design }: Build, { blocks }: LoadedKitchen['library']) => compile(design, blocks).holds.length > 0;

/** Portions that a build gives in these tiers. */
export const portionsOf = (build: Build, tiers: Form[], { library }: LoadedKitchen): number =>
  componentsOf({ build, tiers }, library).cake.portions;

/** Why a build cannot be made for so many, and what would help. */
export function whyNoSize(build: Build, portions: number, kitchen: LoadedKitchen): string {
  const forms = formsOfBuild(build, kitchen.library.moulds);
  if (forms.length === 0) return say`The kitchen has no ${build.mould ?? 'size'} for ${build.name}.`;
  return noOfferWords(whyNoOffer(forms, portions, limitsOf(build, kitchen)), portions);
}
