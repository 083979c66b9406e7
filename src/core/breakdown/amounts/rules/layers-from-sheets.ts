import { say } from '../../../words/say';
import type { Layers } from '../../../design/design';
import { counted } from '../../../measure/counted';
import { percent } from '../../../measure/percent';
import { formName, volume, type Form } from '../../../shape/form';
import { pieceArea } from '../../../shape/piece';
import { sheetPieceOf, sheetsFor, type SheetsFor } from '../../../shape/sheets-for';
import { amount, type Amount } from '../amount';
import { laidIn, mlOf, times, type AmountContext } from '../amount-context';
import { mm } from '../amount-words';
import { rawGrams } from './raw-grams';

type FromSheets = Extract<Layers, { from: 'sheets' }>;

/** Layers cut from sheets that are as thick as a layer; what is left over becomes crumbs. */
export function layersFromSheets(from: FromSheets, context: AmountContext): Amount {
  const { tiers, formula } = context;
  const form: Form = { form: 'rectangle', ...from.sheet };
  const thick = Math.max(...tiers.flatMap((t) => laidIn(t, context).map((s) => s.thickness)), 0);
  const layersOf = (t: (typeof tiers)[number]) => laidIn(t, context).length * times(t);
  const plan = cutLayers(
    from,
    tiers.map((t) => ({ form: t.form, count: layersOf(t) })),
  );
  const gramsEach = rawGrams(volume(form, thick), formula);
  const all = plan.sheets * gramsEach;
  const layers = rawGrams(mlOf(context), formula);
  const discs = tiers.map((t) => say`${counted(layersOf(t), 'layer')} of ${formName(t.form)}`).join(' + ');
  const halved = plan.halved > 0 ? say`, ${plan.halved === 1 ? 'one' : plan.halved} of them of two halves` : '';
  const patched = plan.patched ? say`, one between others pieced together from what is cut off` : '';
  return amount(
    [
      { use: 'layers', grams: layers },
      { use: say`cut off the sheets`, grams: Math.max(0, all - layers), leftOver: 'trimmings' },
    ],
    say`${discs}${halved}${patched}: ${counted(plan.sheets, 'sheet')} of ${formName(form)}, ${mm(thick)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { loads: [{ tier: 0, form, tins: plan.sheets, gramsEach }], raw: true },
  );
}

/** Share of what is cut off a sheet that lies in pieces large enough for a patched layer: strips along the edges are not. */
const LARGE_ENOUGH = 0.6;
/** A patched layer lies between two whole ones. */
const LEAST_LAYERS = 3;

/** How the layers are cut; one of the largest is patched where the design lets it, that saves a sheet, and enough is cut off. */
function cutLayers(
  { sheet, halves = false, patched = false }: FromSheets,
  layers: { form: Form; count: number }[],
): SheetsFor & { patched: boolean } {
  const wanted = layers.map(({ form, count }) => ({ ...sheetPieceOf(form), count }));
  const whole = sheetsFor(sheet, wanted, halves);
  const largest = [...wanted].sort((a, b) => pieceArea(b) - pieceArea(a))[0];
  if (!patched || !largest || largest.count < LEAST_LAYERS) return { ...whole, patched: false };
  const fewer = wanted.map((w) => (w === largest ? { ...w, count: w.count - 1 } : w));
  const less = sheetsFor(sheet, fewer, halves);
  const cutOff = less.sheets * sheet.length * sheet.width - fewer.reduce((sum, w) => sum + w.count * pieceArea(w), 0);
  const saves = less.sheets < whole.sheets && cutOff * LARGE_ENOUGH >= pieceArea(largest);
  return saves ? { ...less, patched: true } : { ...whole, patched: false };
}
