import { say } from '../../words/say';
import { isPortionedByWeight, portions, portionsByWeight } from '../../shape/portions';
import type { Form } from '../../shape/form';
import { alikeStacks } from '../../shape/stacks';
import type { Build } from '../build';
import type { Coefficients } from '../figures/coefficients';
import { layOut } from '../strata/lay-out';
import { rulesOf, type PlacedComponent } from '../strata/placed-rules';
import type { Tier } from '../strata/stratum';

/** The cake that an order asks for, in its geometry. mm. */
export interface Cake {
  /** From the bottom up; what cannot stand on the one before it stands beside it. */
  tiers: Tier[];
  portions: number;
  layers: number;
  /** As it goes into the cake: what was trimmed off is gone. */
  layerHeight: number;
  /** What levelling takes off each layer, as a share of what is baked. */
  trimmed: number;
}

/**
 * Height = layers × layer height + (layers − 1) × filling + coat on top, mm. Trimming takes its share off each layer;
 * a layer that was cooled upside down keeps its height.
 * Example: 4 layers of 25 mm, trimmed by 8 %, 3 fillings of 6 mm, 5 mm on top: 4 × 23 + 18 + 5 = 115.
 */
export function cakeHeight(layers: number, layerHeight: number, filling: number, finish: number, trimmed = 0): number {
  return layers * layerHeight * (1 - trimmed) + (layers - 1) * filling + finish;
}

/** The cake of a build in these forms; `trimmed` is what levelling takes off what is baked. */
export function cakeOf(
  build: Build,
  components: readonly PlacedComponent[],
  forms: readonly Form[],
  coefficients: Coefficients,
  trimmed = 0,
): Cake {
  const rules = rulesOf(components);
  const tiers = forms.map((form) => layOut(build, rules, form, coefficients));
  const counted = (t: Tier) =>
    isPortionedByWeight(t.form)
      ? portionsOfDome(t, components, build, coefficients)
      : portions(t.form, t.height, build.portion, coefficients.portions);
  return {
    tiers,
    portions: tiers.reduce((sum, t) => sum + counted(t), 0),
    layers: build.layers,
    layerHeight: build.layerHeight,
    trimmed,
  };
}

/** A dome is cut by what it weighs: its strata and coats at the densities of their formulas. */
function portionsOfDome(
  { strata, coats }: Tier,
  components: readonly PlacedComponent[],
  { portion }: Build,
  { portions: settings }: Coefficients,
): number {
  const density = new Map(components.map((c) => [c.role, c.formula.density]));
  const grams = [...strata, ...coats].reduce((sum, s) => sum + s.ml * (density.get(s.role) ?? 0), 0);
  return portionsByWeight(grams, portion, settings);
}

/** "2 tiers: round 24 cm, round 15 cm"; "3 × round 20 cm"; "2 tiers: round 24 cm, round 15 cm + 2 × square 25 cm to cut" */
export function cakeName(tiers: readonly Form[]): string {
  const [shown, ...beside] = alikeStacks(tiers, (f) => f);
  if (!shown) return '';
  const times = (count: number, form: string) => (count > 1 ? `${count} × ${form}` : form);
  const name =
    shown.tiers.length > 1 ? say`${shown.tiers.length} tiers: ${shown.name}` : times(shown.count, shown.name);
  const cut = beside.map((s) => times(s.count, s.name));
  return cut.length > 0 ? say`${name} + ${cut.join(' + ')} to cut` : name;
}
