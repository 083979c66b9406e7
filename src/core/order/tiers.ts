import type { Build } from '../breakdown/build';
import { formsOfBuild } from '../breakdown/forms-of-build';
import { formName, type Form } from '../shape/form';
import type { PlanningKitchen } from '../situation/situation';

/** The tiers that the form named, if the kitchen can make each of them and the build as many. */
export function readTiers(size: string, build: Build, kitchen: PlanningKitchen): Form[] | null {
  const known = new Map(formsOfBuild(build, kitchen.library.moulds).map((f) => [formName(f), f]));
  try {
    const named = (JSON.parse(size) as Form[]).map((f) => known.get(formName(f)));
    if (named.length === 0 || named.length > build.mostTiers || named.some((f) => f === undefined)) return null;
    return named as Form[];
  } catch {
    return null;
  }
}
