import type { Batter, Formula } from '../../formula/formula';
import { batterGrams } from '../../shape/batter';
import { discsPerSheet } from '../../shape/cutting-plan';
import { formName, perimeter, sideArea, span, topArea, volume, type Form } from '../../shape/form';
import { borderGrams, rosetteCount } from '../../shape/piping';
import { pasteDisc } from '../../shape/stand';
import { amount, IN_THE_BOWL, type Amount, type Load, type Portion } from './amount';
import type { AmountRule } from '../build';
import type { Cake } from './cake';
import type { Coefficients } from '../figures/coefficients';

const cm2 = (mm2: number) => `${Math.round(mm2 / 100)} cm²`;
const percent = (share: number) => `${Math.round(share * 100)} %`;
const each = (cake: Cake, text: (form: Form, height: number) => string) =>
  cake.tiers.map((t) => text(t.form, t.height)).join(' + ');
const sum = (cake: Cake, of: (form: Form, height: number) => number) =>
  cake.tiers.reduce((total, t) => total + of(t.form, t.height), 0);

/** What a rule may look at. */
export interface AmountContext {
  cake: Cake;
  formula: Formula;
  coefficients: Coefficients;
  /** Amounts of the components before it, by role. */
  others: ReadonlyMap<string, Amount>;
}

/** Amount of one component for a cake. Grams are what has to be made, with what stays in the bowl. */
export function amountOf(rule: AmountRule, context: AmountContext): Amount {
  const { cake, formula, coefficients } = context;
  switch (rule.rule) {
    case 'batter':
      return batterAmount(rule, cake, formula.batter ?? 'butter', coefficients);
    case 'discs':
      return discAmount(rule.sheet, cake, coefficients);
    case 'roll sheet':
      return sheets(rule.sheet, cake.tiers.length, `${cake.tiers.length} rolls of one sheet each`, coefficients);
    case 'filling':
      return fillingAmount(rule, context);
    case 'dam and coats':
      return coatAmount(rule, context);
    case 'soak':
      return soakAmount(coefficients.soak[rule.kind], cake);
    case 'paste cover':
      return pasteAmount(cake, coefficients);
    case 'glaze':
      return glazeAmount(context);
    case 'mould': {
      const ml = sum(cake, volume) * rule.share;
      return spread([{ use: 'into the ring', grams: ml * formula.density }], coefficients, [
        `${percent(rule.share)} of the ring, ${Math.round(ml)} ml`,
        `× ${formula.density} g/ml`,
      ]);
    }
    case 'panels': {
      const area = sum(cake, (form) => perimeter(form) * rule.height);
      const grams = (area * rule.thickness * formula.density) / 1000 / (1 - formula.loss);
      return amount(
        [{ use: 'panels', grams }],
        `panels ${cm2(area)} × ${rule.thickness} mm × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
      );
    }
    case 'pieces': {
      const times = { cake: 1, tier: cake.tiers.length, portion: cake.portions }[rule.per];
      return pieces(
        Math.ceil(times * rule.count),
        rule.grams,
        rule.per === 'cake' ? 'for the cake' : `${rule.count} for each ${rule.per}`,
      );
    }
    case 'border': {
      const lines = rule.where === 'both' ? 2 : 1;
      const length = sum(cake, perimeter) * lines;
      const perCm = coefficients.nozzles[rule.nozzle] ?? 0;
      return spread([{ use: 'border', grams: borderGrams(length, perCm, 0) }], coefficients, [
        `${Math.round(length / 10)} cm of border × ${perCm} g per cm (${rule.nozzle})`,
      ]);
    }
    case 'rosettes':
      return pieces(
        sum(cake, (form) => rosetteCount(perimeter(form), rule.spacing)),
        rule.grams,
        `every ${rule.spacing / 10} cm around`,
      );
    case 'drip': {
      const length = rule.meanLength ?? coefficients.drip.meanLength;
      const grams = (sum(cake, perimeter) / 10) * (length / 10) * coefficients.drip.gramsPerCm2;
      return spread([{ use: 'drip', grams }], coefficients, [
        `${Math.round(sum(cake, perimeter) / 10)} cm around × ${length / 10} cm mean length × ${coefficients.drip.gramsPerCm2} g`,
      ]);
    }
    case 'strewn': {
      const area = sum(cake, (form) => (rule.height === undefined ? topArea(form) : perimeter(form) * rule.height));
      return amount(
        [
          {
            use: rule.height === undefined ? 'over the top' : 'around the foot',
            grams: (area / 100) * rule.gramsPerCm2,
          },
        ],
        `${cm2(area)} × ${rule.gramsPerCm2} g per cm²`,
      );
    }
    case 'share': {
      const grams = (context.others.get(rule.of)?.grams ?? 0) * rule.share;
      return amount([{ use: `for the ${rule.of}`, grams }], `${rule.share} × the ${rule.of}`);
    }
    case 'divided':
      return divided(rule.uses, context);
  }
}

/** One batch for several uses: each use by its own rule, its inner portions put together, the loss of the bowl counted once. */
function divided(uses: { use: string; rule: AmountRule }[], context: AmountContext): Amount {
  const parts = uses.map((u) => ({ use: u.use, of: amountOf(u.rule, context) }));
  const kept = (a: Amount) => a.portions.filter((p) => !p.leftOver && p.use !== IN_THE_BOWL);
  const grams = (list: Portion[]) => list.reduce((total, p) => total + p.grams, 0);
  const bowl = grams(parts.flatMap((p) => p.of.portions.filter((x) => x.use === IN_THE_BOWL)));
  return amount(
    [
      ...parts.map((p) => ({ use: p.use, grams: grams(kept(p.of)) })),
      ...parts.flatMap((p) => p.of.portions.filter((x) => x.leftOver)),
      { use: IN_THE_BOWL, grams: bowl },
    ],
    parts.map((p) => `${p.use}: ${p.of.because}`).join('; '),
    { loads: parts.flatMap((p) => p.of.loads) },
  );
}

/** Everything spread or piped leaves its share in bowl and bag: made = used × (1 + loss). */
function spread(used: Portion[], { bowlLoss }: Coefficients, because: string[]): Amount {
  const grams = used.reduce((total, p) => total + p.grams, 0);
  return amount(
    [...used, { use: IN_THE_BOWL, grams: grams * bowlLoss }],
    `${because.join(' ')}, + ${percent(bowlLoss)} bowl loss`,
  );
}

function pieces(count: number, gramsEach: number, why: string): Amount {
  return amount([{ use: `${count} pieces`, grams: count * gramsEach }], `${count} pieces (${why}) × ${gramsEach} g`, {
    pieces: count,
  });
}

function batterAmount(
  rule: { tinDepth: number; layersPerTin: number },
  cake: Cake,
  batter: Batter,
  coefficients: Coefficients,
): Amount {
  const figures = coefficients.batter[batter];
  const tins = Math.ceil(cake.layers / rule.layersPerTin);
  const loads = cake.tiers.map((t, tier): Load => ({
    tier,
    form: t.form,
    tins,
    gramsEach: batterGrams(t.form, rule.tinDepth, figures),
  }));
  const grams = loads.reduce((total, l) => total + l.tins * l.gramsEach, 0);
  const because = loads.map(
    (l) =>
      `${l.tins} × ${Math.round(l.gramsEach)} g (${formName(l.form)}, ${Math.round(volume(l.form, rule.tinDepth))} ml × ${figures.fill} full × ${figures.density} g/ml)`,
  );
  return amount(
    [
      { use: 'layers', grams: grams * (1 - cake.trimmed) },
      { use: 'domes trimmed off', grams: grams * cake.trimmed, leftOver: 'trimmings' },
    ],
    because.join(' + '),
    { loads },
  );
}

interface SheetSize {
  length: number;
  width: number;
}

function sheets(sheet: SheetSize, count: number, why: string, coefficients: Coefficients, cutOff = 0): Amount {
  const form: Form = { form: 'rectangle', ...sheet };
  const gramsEach = volume(form, coefficients.sheetDepth) * coefficients.batter.sheet.density;
  return amount(
    [
      { use: 'layers', grams: count * gramsEach * (1 - cutOff) },
      { use: 'cut off the sheets', grams: count * gramsEach * cutOff, leftOver: 'trimmings' },
    ],
    `${why}: ${count} × ${Math.round(gramsEach)} g (${formName(form)}, spread ${coefficients.sheetDepth} mm × ${coefficients.batter.sheet.density} g/ml)`,
    { loads: [{ tier: 0, form, tins: count, gramsEach }] },
  );
}

function discAmount(sheet: SheetSize, cake: Cake, coefficients: Coefficients): Amount {
  // Each tier is cut from sheets of its own; what is left over becomes crumbs.
  const perTier = cake.tiers.map((t) => {
    const fits = Math.max(1, discsPerSheet(sheet, span(t.form)));
    return { fits, count: Math.ceil(cake.layers / fits), diameter: span(t.form) };
  });
  const count = perTier.reduce((total, t) => total + t.count, 0);
  const used = sum(cake, topArea) * cake.layers;
  const cutOff = Math.max(0, 1 - used / (count * sheet.length * sheet.width));
  const why = perTier.map((t) => `${cake.layers} discs of ${t.diameter / 10} cm, ${t.fits} from a sheet`).join('; ');
  return sheets(sheet, count, why, coefficients, cutOff);
}

/** Filling = top area × thickness × density for each gap, inside the dam where there is one. */
function fillingAmount(
  rule: { thickness?: number; dammed?: boolean },
  { cake, formula, coefficients }: AmountContext,
): Amount {
  const thickness = rule.thickness ?? cake.fillingThickness;
  const gaps = Math.max(1, cake.layers - 1);
  const inside = (form: Form) => {
    // A roll is spread over its whole sheet: the sheet's area is the skin of the roll, wound about twice.
    if (form.form === 'roll') return 2 * sideArea(form, form.diameter);
    return Math.max(0, topArea(form) - (rule.dammed ? perimeter(form) * coefficients.damWidth : 0));
  };
  const ml = (sum(cake, inside) * thickness * gaps) / 1000;
  return spread([{ use: 'filling', grams: ml * formula.density }], coefficients, [
    `(${each(cake, (form) => cm2(inside(form)))}) × ${thickness} mm × ${gaps} ${gaps === 1 ? 'gap' : 'gaps'}`,
    `× ${formula.density} g/ml`,
  ]);
}

/** Coats on side and top, with the dams of the fillings where they come from the same frosting. */
function coatAmount(
  rule: { crumb?: number; final?: number; dam?: boolean; topOnly?: boolean },
  { cake, formula, coefficients }: AmountContext,
): Amount {
  const [crumb, final] = [rule.crumb ?? coefficients.crumbCoat, rule.final ?? coefficients.finalCoat];
  const area = sum(cake, (form, height) => topArea(form) + (rule.topOnly ? 0 : sideArea(form, height)));
  const gaps = Math.max(0, cake.layers - 1);
  const damMl = rule.dam
    ? sum(cake, (form) => perimeter(form) * coefficients.damWidth * cake.fillingThickness * gaps) / 1000
    : 0;
  const parts = rule.topOnly
    ? each(cake, (form) => `top ${cm2(topArea(form))}`)
    : each(cake, (form, height) => `side ${cm2(sideArea(form, height))} + top ${cm2(topArea(form))}`);
  const grams = (ml: number) => ml * formula.density;
  return spread(
    [
      { use: 'dams', grams: grams(damMl) },
      { use: 'crumb coat', grams: grams((area * crumb) / 1000) },
      { use: 'final coat', grams: grams((area * final) / 1000) },
    ],
    coefficients,
    [`${parts} at ${crumb + final} mm${damMl > 0 ? `, dams ${Math.round(damMl)} ml` : ''},`, `${formula.density} g/ml`],
  );
}

/** Soak = area × cut faces × g per cm²; every layer has one soaked face. */
function soakAmount(gramsPerCm2: number, cake: Cake): Amount {
  const area = sum(cake, (form) => (form.form === 'roll' ? 2 * sideArea(form, form.diameter) : topArea(form)));
  return amount(
    [{ use: 'soak', grams: (area / 100) * cake.layers * gramsPerCm2 }],
    `${gramsPerCm2} g per cm² × ${cake.layers} faces × ${cm2(area)}`,
  );
}

/** A cover is rolled to a disc of d + 2h + margin, and trimmed. */
function pasteAmount(cake: Cake, { paste }: Coefficients): Amount {
  const disc = (form: Form, height: number) => pasteDisc(form, height, paste.margin);
  const ml = sum(cake, (form, height) => ((Math.PI * disc(form, height) ** 2) / 4) * paste.thickness) / 1000;
  return amount(
    [{ use: 'rolled covers', grams: ml * paste.density }],
    `discs of ${each(cake, (form, height) => `${Math.round(disc(form, height) / 10)} cm`)} (d + 2h + ${paste.margin / 10} cm) at ${paste.thickness} mm × ${paste.density} g/ml`,
  );
}

/** Poured glaze: what stays on top and side, and what runs off; most of that comes back. */
function glazeAmount({ cake, coefficients: { glaze } }: AmountContext): Amount {
  const area = sum(cake, (form, height) => topArea(form) + sideArea(form, height));
  const stays = ((area * glaze.thickness) / 1000) * glaze.density;
  const off = stays * glaze.runOff;
  return amount(
    [
      { use: 'stays on the cake', grams: stays },
      { use: 'run-off that is caught', grams: off * glaze.returns, leftOver: 'run-off' },
      { use: 'run-off that is lost', grams: off * (1 - glaze.returns) },
    ],
    `top and side ${cm2(area)} at ${glaze.thickness} mm × ${glaze.density} g/ml, + ${percent(glaze.runOff)} that runs off, ${percent(glaze.returns)} of it caught`,
  );
}
