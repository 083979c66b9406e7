import { cakeName } from '../../core/breakdown/amounts/cake';
import { componentsOf } from '../../core/breakdown/amounts/components';
import { formsOfBuild } from '../../core/breakdown/forms-of-build';
import { span, type Form } from '../../core/shape/form';
import { proposeTiers } from '../../core/shape/propose-tiers';
import type { LoadedKitchen } from '../situation/load-kitchen';

/** Sizes of a build that the kitchen's own moulds can make. */
function formsFor(buildId: string, kitchen: LoadedKitchen): Form[] {
  const build = kitchen.builds.get(buildId);
  return build ? formsOfBuild(build, kitchen.library.moulds) : [];
}

export interface SizeChoice {
  /** JSON of the tiers, as the form holds it. */
  value: string;
  name: string;
  portions: number;
}

/** Up to six sizes of a build that give the wanted portions, smallest surplus first. */
export function sizesFor(buildId: string, portions: number, kitchen: LoadedKitchen): SizeChoice[] {
  const build = kitchen.builds.get(buildId);
  if (!build) return [];
  return proposeTiers(
    formsFor(buildId, kitchen),
    portions,
    build.mostTiers,
    (form) => componentsOf({ build, tiers: [form] }, kitchen.library).cake.portions,
  )
    .slice(0, 6)
    .map((offer) => ({ value: JSON.stringify(offer.tiers), name: cakeName(offer.tiers), portions: offer.portions }));
}

/** A set of tiers with the builds that can have it and give enough. */
export interface ShapeOffer {
  value: string;
  name: string;
  form: Form['form'];
  tiers: { width: number; height: number }[];
  builds: { id: string; portions: number }[];
}

/** Sets of tiers that give the wanted portions in at least one build, by shape; what most builds can have comes first. */
export function shapeOffers(portions: number, kitchen: LoadedKitchen): ShapeOffer[] {
  const offers = new Map<string, ShapeOffer>();
  for (const { id, body } of kitchen.rows.builds)
    for (const size of sizesFor(id, portions, kitchen)) {
      const tiers = JSON.parse(size.value) as Form[];
      const offer = offers.get(size.value) ?? {
        ...{ value: size.value, name: size.name, form: tiers[0]!.form },
        tiers: componentsOf({ build: body, tiers }, kitchen.library).cake.tiers.map((t) => ({
          width: t.form.form === 'roll' ? t.form.diameter : span(t.form),
          height: t.height,
        })),
        builds: [],
      };
      offer.builds.push({ id, portions: size.portions });
      offers.set(size.value, offer);
    }
  const surplus = (o: ShapeOffer) => Math.min(...o.builds.map((b) => b.portions)) - portions;
  return [...offers.values()].sort(
    (a, b) => surplus(a) - surplus(b) || b.builds.length - a.builds.length || a.tiers.length - b.tiers.length,
  );
}
