import { portions } from '../shape/portions';
import { formName, type Form } from '../shape/form';
import type { Build } from './build';
import type { Coefficients } from './coefficients';

/** The cake that an order asks for, in its geometry. mm. */
export interface Cake {
  /** From the bottom up. */
  tiers: Tier[];
  portions: number;
  layers: number;
  layerHeight: number;
  fillingThickness: number;
  finish: number;
}

export interface Tier {
  form: Form;
  height: number;
}

/** Height = layers × layer height + (layers − 1) × filling + what lies on top. A roll is as high as it is thick. */
export function cakeOf(build: Build, forms: Form[], coefficients: Coefficients): Cake {
  const fillingThickness = build.fillingThickness ?? coefficients.fillingThickness;
  const tiers = forms.map((form) => ({ form, height: tierHeight(build, form, fillingThickness) }));
  return {
    tiers,
    portions: tiers.reduce((sum, t) => sum + portions(t.form, t.height, build.portion, coefficients.portions), 0),
    layers: build.layers,
    layerHeight: build.layerHeight,
    fillingThickness,
    finish: build.finish,
  };
}

/** Portions that one tier of a build gives. */
export function tierPortions(build: Build, form: Form, coefficients: Coefficients): number {
  return cakeOf(build, [form], coefficients).portions;
}

function tierHeight(build: Build, form: Form, filling: number): number {
  if (form.form === 'roll') return form.diameter;
  return build.layers * build.layerHeight + (build.layers - 1) * filling + build.finish;
}

/** "2 tiers: round 24 cm, round 15 cm" */
export function cakeName(tiers: Form[]): string {
  const names = tiers.map(formName);
  const first = names[0] ?? '';
  if (tiers.length < 2) return first;
  if (names.every((n) => n === first)) return `${tiers.length} × ${first}`;
  return `${tiers.length} tiers: ${names.join(', ')}`;
}
