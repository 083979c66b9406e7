import { portions } from '../../shape/portions';
import { formName, type Form } from '../../shape/form';
import type { Build } from '../build';
import type { Coefficients } from '../figures/coefficients';

/** The cake that an order asks for, in its geometry. mm. */
export interface Cake {
  /** From the bottom up. */
  tiers: Tier[];
  portions: number;
  layers: number;
  /** As it goes into the cake: what was trimmed off is gone. */
  layerHeight: number;
  fillingThickness: number;
  finish: number;
  /** What levelling takes off each layer, as a share of it. */
  trimmed: number;
}

interface Tier {
  form: Form;
  height: number;
}

/**
 * Height = layers × layer height + (layers − 1) × filling + coat on top, mm. Trimming takes its share off each layer;
 * a layer that was cooled upside down keeps its height.
 * Example: 4 layers of 25 mm, trimmed by 8 %, 3 fillings of 6 mm, 5 mm on top: 4 × 23 + 18 + 5 = 115.
 */
export function cakeHeight(layers: number, layerHeight: number, filling: number, finish: number, trimmed = 0): number {
  return layers * layerHeight * (1 - trimmed) + (layers - 1) * filling + finish;
}

/** The cake of a build in these forms; `trimmed` is what levelling takes off its layers. A roll is as high as thick. */
export function cakeOf(build: Build, forms: Form[], coefficients: Coefficients, trimmed = 0): Cake {
  const fillingThickness = build.fillingThickness ?? coefficients.fillingThickness;
  const tiers = forms.map((form) => ({
    form,
    height:
      form.form === 'roll'
        ? form.diameter
        : form.form === 'half-sphere'
          ? form.diameter / 2 + build.finish
          : cakeHeight(build.layers, build.layerHeight, fillingThickness, build.finish, trimmed),
  }));
  return {
    tiers,
    portions: tiers.reduce((sum, t) => sum + portions(t.form, t.height, build.portion, coefficients.portions), 0),
    layers: build.layers,
    layerHeight: build.layerHeight * (1 - trimmed),
    fillingThickness,
    finish: build.finish,
    trimmed,
  };
}

/** "2 tiers: round 24 cm, round 15 cm" */
export function cakeName(tiers: Form[]): string {
  const names = tiers.map(formName);
  const first = names[0] ?? '';
  if (tiers.length < 2) return first;
  if (names.every((n) => n === first)) return `${tiers.length} × ${first}`;
  return `${tiers.length} tiers: ${names.join(', ')}`;
}
