import { say } from '../../words/say';
import type { Formula } from '../../formula/formula';
import { bakedGrams, bakedHeight, gramsPerBaked, layersFrom, layersToTins } from '../../shape/batter';
import { formName, perimeter, topArea, volume, type Form } from '../../shape/form';
import { belongs, CUT_BY_PLAN } from '../../formula/schools';
import { pieceArea } from '../../shape/piece';
import { sheetsFor, sheetPieceOf, type SheetsFor } from '../../shape/sheets-for';
import { windingOf } from '../strata/roll';
import type { AmountRule } from '../build';
import type { Coefficients } from '../figures/coefficients';
import { amount, type Amount, type Load } from './amount';
import { laidBy, mlOf, sumOf, type AmountContext } from './amount-context';
import { counted } from '../../measure/counted';
import { percent } from '../../measure/percent';
import { cm, cm2, mm } from './amount-words';

type Rule<R extends AmountRule['rule']> = Extract<AmountRule, { rule: R }>;

/** g of batter for each ml of baked layer: as the formula has been measured, else by its kind. */
function gramsPerMl(formula: Formula, { batter }: Coefficients): number {
  const { measured } = formula;
  if (measured) return measured.grams / volume(measured.form, measured.height);
  return gramsPerBaked(batter[formula.batter ?? 'butter']);
}

/** Batter = top area × baked height × g per ml of baked layer; the tin’s depth says how many layers come out of one. */
export function batterAmount(rule: Rule<'batter'>, { cake, formula, coefficients, moulds }: AmountContext): Amount {
  const { layers, layerHeight, trimmed } = cake;
  const { sawCut } = coefficients;
  const perMl = gramsPerMl(formula, coefficients);
  const filled = cake.tiers.flatMap(({ form }, tier) => {
    const depth = moulds.find((m) => formName(m.form) === formName(form))?.depth ?? rule.tinDepth;
    const perTin = Math.max(1, Math.min(rule.layersPerTin, layersFrom(depth, layerHeight, trimmed, sawCut)));
    return layersToTins(layers, perTin).map((t) => {
      const height = bakedHeight(t.layers, layerHeight, trimmed, sawCut);
      const load: Load = { tier, form, tins: t.tins, gramsEach: bakedGrams(form, height, perMl) };
      return { ...t, height, load, above: height > depth + 1e-9 ? depth : null };
    });
  });
  const total = (of: (f: (typeof filled)[number]) => number) => filled.reduce((sum, f) => sum + f.tins * of(f), 0);
  const finished = total((f) => bakedGrams(f.load.form, f.layers * layerHeight, perMl));
  const sawn = total((f) => bakedGrams(f.load.form, (f.layers - 1) * sawCut, perMl));
  const because = filled.map(
    ({ load: l, layers: n, height, above }) =>
      say`${l.tins} × ${Math.round(l.gramsEach)} g (${formName(l.form)}, ${counted(n, 'layer')} of ${mm(layerHeight)}, baked ${mm(height)} high × ${cm2(topArea(l.form))} × ${Number(perMl.toFixed(3))} g/ml${above === null ? '' : say`; it rises above a tin of ${mm(above)}`})`,
  );
  return amount(
    [
      { use: 'layers', grams: finished },
      { use: say`domes trimmed off`, grams: (finished * trimmed) / (1 - trimmed), leftOver: 'trimmings' },
      { use: say`crumbs of the saw`, grams: sawn, lost: true },
    ],
    because.join(' + '),
    { loads: filled.map((f) => f.load), raw: true },
  );
}

/** g of raw mix that gives a slab of this volume by the formula’s own density after its loss. */
const rawGrams = (ml: number, formula: Formula): number => (ml * formula.density) / (1 - formula.loss);

/** Layers cut from sheets that are as thick as a layer; what is left over becomes crumbs. */
export function discAmount(rule: Rule<'discs'>, { cake, formula }: AmountContext): Amount {
  const { sheet } = rule;
  const plan = cutLayers(rule, cake);
  const form: Form = { form: 'rectangle', ...sheet };
  const gramsEach = rawGrams(volume(form, cake.layerHeight), formula);
  const all = plan.sheets * gramsEach;
  const layers = rawGrams(mlOf(layersOf(cake)), formula);
  const discs = cake.tiers.map((t) => say`${counted(cake.layers, 'layer')} of ${formName(t.form)}`).join(' + ');
  const halved = plan.halved > 0 ? say`, ${plan.halved === 1 ? 'one' : plan.halved} of them of two halves` : '';
  const patched = plan.patched ? say`, one between others pieced together from what is cut off` : '';
  return amount(
    [
      { use: 'layers', grams: layers },
      { use: say`cut off the sheets`, grams: all - layers, leftOver: 'trimmings' },
    ],
    say`${discs}${halved}${patched}: ${counted(plan.sheets, 'sheet')} of ${formName(form)}, ${mm(cake.layerHeight)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { loads: [{ tier: 0, form, tins: plan.sheets, gramsEach }], raw: true },
  );
}

/** Share of what is cut off a sheet that lies in pieces large enough for a patched layer: strips along the edges are not. */
const LARGE_ENOUGH = 0.6;
/** A patched layer lies between two whole ones. */
const LEAST_LAYERS = 3;

/** How the layers are cut; one of the largest is patched where the build lets it, that saves a sheet, and enough is cut off. */
function cutLayers(rule: Rule<'discs'>, cake: AmountContext['cake']): SheetsFor & { patched: boolean } {
  const { sheet, halves = false } = rule;
  const wanted = cake.tiers.map((t) => ({ ...sheetPieceOf(t.form), count: cake.layers }));
  const whole = sheetsFor(sheet, wanted, halves);
  const largest = [...wanted].sort((a, b) => pieceArea(b) - pieceArea(a))[0]!;
  if (!rule.patched || cake.layers < LEAST_LAYERS) return { ...whole, patched: false };
  const fewer = wanted.map((w) => (w === largest ? { ...w, count: w.count - 1 } : w));
  const less = sheetsFor(sheet, fewer, halves);
  const cutOff = less.sheets * sheet.length * sheet.width - fewer.reduce((sum, w) => sum + w.count * pieceArea(w), 0);
  const saves = less.sheets < whole.sheets && cutOff * LARGE_ENOUGH >= pieceArea(largest);
  return saves ? { ...less, patched: true } : { ...whole, patched: false };
}

const layersOf = (cake: AmountContext['cake']) => cake.tiers.flatMap((t) => t.strata.filter((s) => s.kind === 'layer'));

/** A base is spread, piped or rolled to the cake’s own size: its area × thickness, never a whole sheet. */
export function baseAmount(rule: Rule<'base'>, context: AmountContext): Amount {
  const { cake, formula } = context;
  const form: Form = { form: 'rectangle', ...rule.sheet };
  const grams = rawGrams(mlOf(laidBy(rule, context)), formula);
  const { sheets } = sheetsFor(
    rule.sheet,
    cake.tiers.map((t) => ({ ...sheetPieceOf(t.form), count: 1 })),
    false,
  );
  const area = sumOf(cake, topArea);
  return amount(
    [{ use: 'base', grams }],
    say`${cm2(area)} × ${mm(rule.thickness)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { loads: [{ tier: 0, form, tins: sheets, gramsEach: grams / sheets }], raw: true },
  );
}

/** A whole sheet for each roll; its ends are trimmed off. */
export function rollAmount(rule: Rule<'roll sheet'>, context: AmountContext): Amount {
  const { cake, formula } = context;
  const form: Form = { form: 'rectangle', ...rule.sheet };
  const gramsEach = rawGrams(volume(form, cake.layerHeight), formula);
  const all = cake.tiers.length * gramsEach;
  const rolled = rawGrams(mlOf(laidBy(rule, context)), formula);
  const diameters = [...new Set(cake.tiers.map((t) => cm(t.height)))].join(', ');
  return amount(
    [
      { use: 'rolled', grams: rolled },
      { use: say`ends trimmed off`, grams: all - rolled, leftOver: 'trimmings' },
    ],
    say`${counted(cake.tiers.length, 'roll')} of one sheet each (${formName(form)}, ${mm(cake.layerHeight)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking), rolled up ${diameters} thick`,
    { loads: [{ tier: 0, form, tins: cake.tiers.length, gramsEach }], raw: true },
  );
}

/** How much longer what is spread on a sheet is than what stays of it once the ends are trimmed. */
export const trimmedEnds = (rule: Rule<'roll sheet'>, form: Extract<Form, { form: 'roll' }>): number =>
  windingOf(rule.sheet, form).across / form.length;

/** Panels around each tier; cut by the plan, one wall of the largest tier more, as the coated cake may be larger than it. */
export function panelAmount(rule: Rule<'panels'>, { cake, formula, choices }: AmountContext): Amount {
  const gramsOf = (mm2: number) => rawGrams((mm2 * rule.thickness) / 1000, formula);
  const area = sumOf(cake, (form) => perimeter(form) * rule.height);
  const spare = Math.max(...cake.tiers.map((t) => longestWall(t.form))) * rule.height;
  const byPlan = belongs(CUT_BY_PLAN, choices);
  return amount(
    [
      { use: 'panels', grams: gramsOf(area) },
      ...(byPlan ? [{ use: say`one to spare`, grams: gramsOf(spare), lost: true as const }] : []),
    ],
    say`panels ${cm2(area)}${byPlan ? say` and one to spare, ${cm2(spare)},` : ''} × ${mm(rule.thickness)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { raw: true },
  );
}

/** mm of the longest wall of a form; of one without corners a quarter of its rim. */
function longestWall(form: Form): number {
  if (form.form === 'square') return form.side;
  if (form.form === 'rectangle') return Math.max(form.length, form.width);
  return perimeter(form) / (form.form === 'hexagon' ? 6 : 4);
}
