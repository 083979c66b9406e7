import { say } from '../../../words/say';
import type { Layers } from '../../../design/design';
import type { Formula } from '../../../formula/formula';
import { chosen, type Choices } from '../../../formula/schools';
import { counted } from '../../../measure/counted';
import { bakedGrams, bakedHeight, gramsPerBaked, layersFrom, layersToTins } from '../../../shape/batter';
import { formName, topArea, volume } from '../../../shape/form';
import type { Coefficients } from '../../figures/coefficients';
import { amount, type Amount, type Load } from '../amount';
import { laidIn, times, type AmountContext } from '../amount-context';
import { cm2, mm } from '../amount-words';

/** g of batter for each ml of baked layer: as the formula has been measured, else by its kind. */
function gramsPerMl(formula: Formula, { batter }: Coefficients): number {
  const { measured } = formula;
  if (measured) return measured.grams / volume(measured.form, measured.height);
  return gramsPerBaked(batter[formula.batter ?? 'butter']);
}

/** What share levelling takes of layers as they are baked: nothing where they rise flat, or cool upside down. */
const trimmedOf = ({ domes }: Formula, choices: Choices, { trim }: Coefficients): number =>
  domes && chosen('level', choices) === 'trim' ? trim : 0;

/** Layers of one thickness, with how many there are of it. */
function byThickness(thicknesses: readonly number[]): [thickness: number, layers: number][] {
  const counts = new Map<number, number>();
  for (const t of thicknesses) counts.set(t, (counts.get(t) ?? 0) + 1);
  return [...counts];
}

/**
 * Batter = top area × baked height × g per ml of baked layer; the tin’s depth says how many layers come out of one. Where the tin is larger than
 * the finished piece, what is trimmed off the side comes back.
 */
export function layersFromTins(from: Extract<Layers, { from: 'tins' }>, context: AmountContext): Amount {
  const { cake, tiers, work, formula, coefficients, moulds } = context;
  const { sawCut } = coefficients;
  // Of this sponge alone: what stands beside it in the cake may rise otherwise.
  const trimmed = trimmedOf(formula, context.choices, coefficients);
  const perMl = gramsPerMl(formula, coefficients);
  const filled = tiers.flatMap((t) => {
    const tier = cake.tiers.indexOf(t);
    const form = work.design.pieces[tier]!.tin ?? t.form;
    const depth = moulds.find((m) => formName(m.form) === formName(form))?.depth ?? from.depth;
    return byThickness(laidIn(t, context).map((s) => s.thickness)).flatMap(([thick, layers]) => {
      const perTin = Math.max(1, Math.min(from.most, layersFrom(depth, thick, trimmed, sawCut)));
      return layersToTins(layers, perTin).map((share) => {
        const height = bakedHeight(share.layers, thick, trimmed, sawCut);
        const load: Load = { tier, form, tins: share.tins * times(t), gramsEach: bakedGrams(form, height, perMl) };
        const inside = bakedGrams(t.form, share.layers * thick, perMl);
        return { ...share, tins: load.tins, thick, height, load, inside, above: height > depth + 1e-9 ? depth : null };
      });
    });
  });
  const total = (of: (f: (typeof filled)[number]) => number) => filled.reduce((sum, f) => sum + f.tins * of(f), 0);
  const finished = total((f) => bakedGrams(f.load.form, f.layers * f.thick, perMl));
  const inside = total((f) => f.inside);
  const sawn = total((f) => bakedGrams(f.load.form, (f.layers - 1) * sawCut, perMl));
  const because = filled.map(
    ({ load: l, layers: n, thick, height, above }) =>
      say`${l.tins} × ${Math.round(l.gramsEach)} g (${formName(l.form)}, ${counted(n, 'layer')} of ${mm(thick)}, baked ${mm(height)} high × ${cm2(topArea(l.form))} × ${Number(perMl.toFixed(3))} g/ml${above === null ? '' : say`; it rises above a tin of ${mm(above)}`})`,
  );
  return amount(
    [
      { use: 'layers', grams: inside },
      { use: say`trimmed off the side`, grams: Math.max(0, finished - inside), leftOver: 'trimmings' },
      { use: say`domes trimmed off`, grams: (finished * trimmed) / (1 - trimmed), leftOver: 'trimmings' },
      { use: say`crumbs of the saw`, grams: sawn, lost: true },
    ],
    because.join(' + '),
    { loads: filled.map((f) => f.load), raw: true },
  );
}
