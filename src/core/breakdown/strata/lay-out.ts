import { sideArea, topArea, volume, type Form } from '../../shape/form';
import { rimArea } from '../../shape/rim';
import type { Build } from '../build';
import type { Coefficients } from '../figures/coefficients';
import { rulesOfKind, type PlacedRule } from './placed-rules';
import { layOutRoll } from './roll';
import type { Coat, Stratum, Tier } from './stratum';

/** Layers come from one of these. */
const LAYERS = ['batter', 'discs'] as const;

/**
 * A tier from the board up and from the inside out, by the rules of its components: bases, layers with what lies in their gaps, inserts, what
 * fills the ring, coats. The one geometry of a cake: heights, amounts and the drawing are all taken from it.
 */
export function layOut(build: Build, rules: readonly PlacedRule[], form: Form, figures: Coefficients): Tier {
  if (form.form === 'roll') return layOutRoll(build, rules, form, figures);
  const strata = layersAndGaps(build, rules, form, figures);
  const built = strata.reduce((top, s) => Math.max(top, s.from + s.thickness), 0);
  const ringHeight = form.form === 'half-sphere' ? form.diameter / 2 : build.ringHeight;
  if (ringHeight !== undefined) strata.push(...inTheRing(rules, form, built, ringHeight, strata));
  const body = ringHeight === undefined ? built : Math.max(built, ringHeight);
  const coats = coatsOf(rules, form, body, figures);
  const onTop = coats.reduce((sum, c) => sum + c.thickness, 0);
  return { form, body, height: body + onTop, strata, coats };
}

/** ml of a slab of a form. */
const slab = (mm2: number, thickness: number) => (mm2 * thickness) / 1000;

function layersAndGaps(build: Build, rules: readonly PlacedRule[], form: Form, figures: Coefficients): Stratum[] {
  const strata: Stratum[] = [];
  let at = 0;
  const lay = (stratum: Omit<Stratum, 'from'>) => strata.push({ ...stratum, from: at });
  for (const { role, rule, at: place } of rulesOfKind(rules, 'base')) {
    lay({
      role,
      rule: place,
      kind: 'base',
      thickness: rule.thickness,
      inset: 0,
      ml: slab(topArea(form), rule.thickness),
    });
    at += rule.thickness;
  }
  const layers = LAYERS.flatMap((kind) => rulesOfKind(rules, kind))[0];
  if (!layers) return strata;
  const fillings = rulesOfKind(rules, 'filling');
  const dam = rulesOfKind(rules, 'dam and coats').find((c) => c.rule.dam);
  for (let i = 0; i < build.layers; i++) {
    const ml = slab(topArea(form), build.layerHeight);
    lay({ role: layers.role, rule: layers.at, kind: 'layer', thickness: build.layerHeight, inset: 0, ml });
    at += build.layerHeight;
    const last = i === build.layers - 1;
    for (const { role, rule, at: place } of fillings) {
      if (last && !rule.onTop) continue;
      const thickness = rule.thickness ?? build.fillingThickness ?? figures.fillingThickness;
      const rim = rule.dammed && dam ? rimArea(form, figures.damWidth) : 0;
      const inset = rim > 0 ? figures.damWidth : 0;
      lay({ role, rule: place, kind: 'filling', thickness, inset, ml: slab(topArea(form) - rim, thickness) });
      if (rim > 0)
        lay({
          ...{ role: dam!.role, rule: dam!.at, kind: 'dam', thickness, inset: 0 },
          until: figures.damWidth,
          ml: slab(rim, thickness),
        });
      at += thickness;
    }
  }
  return strata;
}

/** Inserts in the middle of what is free, and what fills the rest up to the rim. */
function inTheRing(
  rules: readonly PlacedRule[],
  form: Form,
  built: number,
  ringHeight: number,
  below: readonly Stratum[],
): Stratum[] {
  const inserts = rulesOfKind(rules, 'insert').map(({ role, rule, at }): Stratum => {
    const from = built + Math.max(0, (ringHeight - built - rule.thickness) / 2);
    const ml = slab(topArea(form) - rimArea(form, rule.inset), rule.thickness);
    return { role, rule: at, kind: 'insert', from, thickness: rule.thickness, inset: rule.inset, ml };
  });
  const taken = [...below, ...inserts].reduce((sum, s) => sum + s.ml, 0);
  const rest = rulesOfKind(rules, 'rest of the ring');
  const free = Math.max(0, volume(form, ringHeight) - taken);
  const filling = rest.map(({ role, at }): Stratum => ({
    ...{ role, rule: at, kind: 'ring filling', from: built, thickness: Math.max(0, ringHeight - built), inset: 0 },
    ml: free / rest.length,
  }));
  return [...filling, ...inserts];
}

/** Coats, covers and glazes in their order; each stands on the wall as high as what is under it. */
function coatsOf(rules: readonly PlacedRule[], form: Form, body: number, figures: Coefficients): Coat[] {
  const coats: Coat[] = [];
  let height = body;
  const put = ({ role, at }: PlacedRule, kind: Coat['kind'], thickness: number, topOnly = false) => {
    if (thickness <= 0) return;
    const side = topOnly ? 0 : height;
    const ml = ((topArea(form) + (topOnly ? 0 : sideArea(form, height))) * thickness) / 1000;
    coats.push({ role, rule: at, kind, thickness, side, ml });
    height += thickness;
  };
  for (const placed of rules) {
    const { rule } = placed;
    if (rule.rule === 'dam and coats') {
      // Both coats are measured on the cake as it is built.
      const [crumb, final] = [rule.crumb ?? figures.crumbCoat, rule.final ?? figures.finalCoat];
      put(placed, 'crumb coat', crumb, rule.topOnly);
      height = body;
      put(placed, 'final coat', final, rule.topOnly);
      height = body + crumb + final;
    }
    if (rule.rule === 'paste cover') put(placed, 'cover', figures.paste.thickness);
    if (rule.rule === 'glaze') put(placed, 'glaze', figures.glaze.thickness);
    if (rule.rule === 'drip') put(placed, 'flooded top', rule.flood ?? 0, true);
  }
  return coats;
}
