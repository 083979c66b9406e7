import type { Build } from '../design/build';
import { cuttingForms, formsOfBuild } from '../breakdown/forms-of-build';
import { formName, type Form } from '../shape/form';
import { stacksOf } from '../shape/stacks';
import type { PlanningKitchen } from '../situation/situation';

/** More cakes than this are no longer one order’s. */
const MOST_TIERS = 40;

/** The tiers that the form named, if the kitchen can make each of them and the build stands so high. */
export function readTiers(size: string, build: Build, kitchen: PlanningKitchen): Form[] | null {
  const { moulds } = kitchen.library;
  const forms = [...formsOfBuild(build, moulds), ...cuttingForms(build, moulds)];
  const known = new Map(forms.map((f) => [formName(f), f]));
  try {
    const named = (JSON.parse(size) as Form[]).map((f) => known.get(formName(f)));
    if (named.length === 0 || named.length > MOST_TIERS || named.some((f) => f === undefined)) return null;
    const tiers = named as Form[];
    return stacksOf(tiers, (f) => f).every((stack) => stack.length <= build.mostTiers) ? tiers : null;
  } catch {
    return null;
  }
}
