import { cakeName } from '../core/breakdown/cake';
import { componentsOf } from '../core/breakdown/breakdown';
import { formsOfBuild } from '../core/breakdown/forms-of-build';
import type { Form } from '../core/shape/form';
import { proposeTiers } from '../core/shape/propose-tiers';
import type { LoadedKitchen } from './kitchen';

/** Sizes of a build that the kitchen's own moulds can make. */
export function formsFor(buildId: string, kitchen: LoadedKitchen): Form[] {
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
    (form) => componentsOf({ id: '', build, tiers: [form] }, kitchen.library).cake.portions,
  )
    .slice(0, 6)
    .map((offer) => ({ value: JSON.stringify(offer.tiers), name: cakeName(offer.tiers), portions: offer.portions }));
}
