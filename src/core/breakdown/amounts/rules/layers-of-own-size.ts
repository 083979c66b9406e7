import { say } from '../../../words/say';
import type { Layers } from '../../../design/design';
import { percent } from '../../../measure/percent';
import { topArea, type Form } from '../../../shape/form';
import { sheetPieceOf, sheetsFor } from '../../../shape/sheets-for';
import { amount, type Amount } from '../amount';
import { laidIn, mlOf, sumOf, times, type AmountContext } from '../amount-context';
import { cm2, mm } from '../amount-words';
import { rawGrams } from './raw-grams';

/** What is spread, piped or rolled to the cake’s own size: its area × thickness, never a whole sheet. */
export function layersOfOwnSize(from: Extract<Layers, { from: 'own size' }>, context: AmountContext): Amount {
  const { tiers, formula } = context;
  const form: Form = { form: 'rectangle', ...from.sheet };
  const grams = rawGrams(mlOf(context), formula);
  const { sheets } = sheetsFor(
    from.sheet,
    tiers.map((t) => ({ ...sheetPieceOf(t.form), count: laidIn(t, context).length * times(t) })),
    false,
  );
  const area = sumOf(tiers, (f, t) => topArea(f) * laidIn(t, context).length);
  const thick = [...new Set(tiers.flatMap((t) => laidIn(t, context).map((s) => mm(s.thickness))))].join(', ');
  return amount(
    [{ use: 'base', grams }],
    say`${cm2(area)} × ${thick} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { loads: [{ tier: 0, form, tins: sheets, gramsEach: grams / sheets }], raw: true },
  );
}
