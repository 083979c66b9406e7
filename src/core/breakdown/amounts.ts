import type { Batter, Formula } from '../formula/formula';
import { batterGrams } from '../shape/batter';
import { discsPerSheet } from '../shape/cutting-plan';
import { formName, perimeter, sideArea, span, topArea, volume, type Form } from '../shape/form';
import type { AmountRule } from './build';
import type { Cake } from './cake';
import type { Coefficients } from './coefficients';

/** Tins of one size that bake together. */
export interface Load {
  tier: number;
  form: Form;
  tins: number;
  gramsEach: number;
}

/** How much to make, and the sum behind it in words. */
export interface Amount {
  grams: number;
  pieces: number | null;
  /** Tins to fill, for what is baked in tins or on sheets. */
  loads: Load[];
  because: string;
}

const cm2 = (mm2: number) => `${Math.round(mm2 / 100)} cm²`;
const percent = (share: number) => `${Math.round(share * 100)} %`;
const each = (cake: Cake, text: (form: Form, height: number) => string) =>
  cake.tiers.map((t) => text(t.form, t.height)).join(' + ');
const sum = (cake: Cake, of: (form: Form, height: number) => number) =>
  cake.tiers.reduce((total, t) => total + of(t.form, t.height), 0);

/** Amount of one component for a cake. Grams are what has to be made, with what stays in the bowl. */
export function amountOf(rule: AmountRule, cake: Cake, formula: Formula, coefficients: Coefficients): Amount {
  switch (rule.rule) {
    case 'batter':
      return batterAmount(rule, cake, formula.batter ?? 'butter', coefficients);
    case 'discs':
      return discAmount(rule.sheet, cake, coefficients);
    case 'roll sheet':
      return sheets(rule.sheet, cake.tiers.length, `${cake.tiers.length} rolls of one sheet each`, coefficients);
    case 'filling':
      return fillingAmount(rule, cake, formula.density, coefficients);
    case 'dam and coats':
      return coatAmount(rule, cake, formula.density, coefficients);
    case 'soak':
      return soakAmount(coefficients.soak[rule.kind], cake);
    case 'paste cover':
      return pasteAmount(cake, coefficients);
    case 'glaze':
      return glazeAmount(cake, coefficients);
    case 'mould': {
      const ml = sum(cake, volume) * rule.share;
      return plain(ml * formula.density * (1 + coefficients.bowlLoss), [
        `${percent(rule.share)} of the ring, ${Math.round(ml)} ml`,
        `× ${formula.density} g/ml, + ${percent(coefficients.bowlLoss)} bowl loss`,
      ]);
    }
    case 'panels': {
      const area = sum(cake, (form) => perimeter(form) * rule.height);
      const grams = (area * rule.thickness * formula.density) / 1000 / (1 - formula.loss);
      return plain(grams, [
        `panels ${cm2(area)} × ${rule.thickness} mm × ${formula.density} g/ml`,
        `with ${percent(formula.loss)} lost in baking`,
      ]);
    }
    case 'pieces': {
      const times = { cake: 1, tier: cake.tiers.length, portion: cake.portions }[rule.per];
      const pieces = Math.ceil(times * rule.count);
      const per = rule.per === 'cake' ? 'for the cake' : `${rule.count} for each ${rule.per}`;
      return { ...plain(pieces * rule.grams, [`${pieces} pieces (${per}) × ${rule.grams} g`]), pieces };
    }
  }
}

function plain(grams: number, because: string[]): Amount {
  return { grams, pieces: null, loads: [], because: because.join(' ') };
}

function batterAmount(
  rule: { tinDepth: number; layersPerTin: number },
  cake: Cake,
  batter: Batter,
  coefficients: Coefficients,
): Amount {
  const figures = coefficients.batter[batter];
  const tins = Math.ceil(cake.layers / rule.layersPerTin);
  const loads = cake.tiers.map((t, tier) => ({
    tier,
    form: t.form,
    tins,
    gramsEach: batterGrams(t.form, rule.tinDepth, figures),
  }));
  return {
    grams: loads.reduce((total, l) => total + l.tins * l.gramsEach, 0),
    pieces: null,
    loads,
    because: loads
      .map(
        (l) =>
          `${l.tins} × ${Math.round(l.gramsEach)} g (${formName(l.form)}, ${Math.round(volume(l.form, rule.tinDepth))} ml × ${figures.fill} full × ${figures.density} g/ml)`,
      )
      .join(' + '),
  };
}

function sheets(
  sheet: { length: number; width: number },
  count: number,
  why: string,
  coefficients: Coefficients,
): Amount {
  const form: Form = { form: 'rectangle', ...sheet };
  const gramsEach = volume(form, coefficients.sheetDepth) * coefficients.batter.sheet.density;
  return {
    grams: count * gramsEach,
    pieces: null,
    loads: [{ tier: 0, form, tins: count, gramsEach }],
    because: `${why}: ${count} × ${Math.round(gramsEach)} g (${formName(form)}, spread ${coefficients.sheetDepth} mm × ${coefficients.batter.sheet.density} g/ml)`,
  };
}

function discAmount(sheet: { length: number; width: number }, cake: Cake, coefficients: Coefficients): Amount {
  // Each tier is cut from sheets of its own: what is left over becomes crumbs.
  const perTier = cake.tiers.map((t) => {
    const fits = Math.max(1, discsPerSheet(sheet, span(t.form)));
    return { fits, count: Math.ceil(cake.layers / fits), diameter: span(t.form) };
  });
  const count = perTier.reduce((total, t) => total + t.count, 0);
  const why = perTier.map((t) => `${cake.layers} discs of ${t.diameter / 10} cm, ${t.fits} from a sheet`).join('; ');
  return sheets(sheet, count, why, coefficients);
}

/** Filling = top area × thickness × density for each gap, inside the dam where there is one. */
function fillingAmount(
  rule: { thickness?: number; dammed?: boolean },
  cake: Cake,
  density: number,
  coefficients: Coefficients,
): Amount {
  const thickness = rule.thickness ?? cake.fillingThickness;
  const gaps = Math.max(1, cake.layers - 1);
  const inside = (form: Form) => {
    // A roll is spread over its whole sheet: the sheet's area is the skin of the roll, wound about twice.
    if (form.form === 'roll') return 2 * sideArea(form, form.diameter);
    return topArea(form) - (rule.dammed ? perimeter(form) * coefficients.damWidth : 0);
  };
  const area = sum(cake, inside);
  const ml = (area * thickness * gaps) / 1000;
  return plain(ml * density * (1 + coefficients.bowlLoss), [
    `(${each(cake, (form) => cm2(inside(form)))}) × ${thickness} mm × ${gaps} ${gaps === 1 ? 'gap' : 'gaps'}`,
    `× ${density} g/ml, + ${percent(coefficients.bowlLoss)} bowl loss`,
  ]);
}

/** Coats on side and top, with the dams of the fillings where they come from the same frosting. */
function coatAmount(
  rule: { crumb?: number; final?: number; dam?: boolean; topOnly?: boolean },
  cake: Cake,
  density: number,
  coefficients: Coefficients,
): Amount {
  const thickness = (rule.crumb ?? coefficients.crumbCoat) + (rule.final ?? coefficients.finalCoat);
  const area = sum(cake, (form, height) => topArea(form) + (rule.topOnly ? 0 : sideArea(form, height)));
  const gaps = Math.max(0, cake.layers - 1);
  const damMl = rule.dam
    ? sum(cake, (form) => perimeter(form) * coefficients.damWidth * cake.fillingThickness * gaps) / 1000
    : 0;
  const ml = (area * thickness) / 1000 + damMl;
  const parts = rule.topOnly
    ? each(cake, (form) => `top ${cm2(topArea(form))}`)
    : each(cake, (form, height) => `side ${cm2(sideArea(form, height))} + top ${cm2(topArea(form))}`);
  return plain(ml * density * (1 + coefficients.bowlLoss), [
    `${parts} at ${thickness} mm${damMl > 0 ? `, dams ${Math.round(damMl)} ml` : ''},`,
    `${density} g/ml, + ${percent(coefficients.bowlLoss)} bowl loss`,
  ]);
}

function soakAmount(gramsPerCm2: number, cake: Cake): Amount {
  const faces = cake.layers;
  const area = sum(cake, (form) => (form.form === 'roll' ? 2 * sideArea(form, form.diameter) : topArea(form)));
  return plain((area / 100) * faces * gramsPerCm2, [`${gramsPerCm2} g per cm² × ${faces} faces × ${cm2(area)}`]);
}

/** A cover is rolled to a disc of d + 2h + margin, and trimmed. */
function pasteAmount(cake: Cake, { paste }: Coefficients): Amount {
  const disc = (form: Form, height: number) => span(form) + 2 * height + paste.margin;
  const ml = sum(cake, (form, height) => ((Math.PI * disc(form, height) ** 2) / 4) * paste.thickness) / 1000;
  return plain(ml * paste.density, [
    `discs of ${each(cake, (form, height) => `${Math.round(disc(form, height) / 10)} cm`)} (d + 2h + ${paste.margin / 10} cm)`,
    `at ${paste.thickness} mm × ${paste.density} g/ml`,
  ]);
}

function glazeAmount(cake: Cake, { glaze }: Coefficients): Amount {
  const area = sum(cake, (form, height) => topArea(form) + sideArea(form, height));
  const grams = ((area * glaze.thickness) / 1000) * glaze.density * (1 + glaze.runOff);
  return plain(grams, [
    `top and side ${cm2(area)} at ${glaze.thickness} mm × ${glaze.density} g/ml,`,
    `+ ${percent(glaze.runOff)} that runs off`,
  ]);
}
