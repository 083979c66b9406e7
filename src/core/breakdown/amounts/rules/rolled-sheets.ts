import { say } from '../../../words/say';
import type { Layers } from '../../../design/design';
import { counted } from '../../../measure/counted';
import { percent } from '../../../measure/percent';
import { formName, volume, type Form } from '../../../shape/form';
import { amount, type Amount } from '../amount';
import { laidIn, mlOf, sumOf, type AmountContext } from '../amount-context';
import { cm, mm } from '../amount-words';
import { rawGrams } from './raw-grams';

/** A whole sheet for each roll; its ends are trimmed off. */
export function rolledSheets(from: Extract<Layers, { from: 'rolled sheet' }>, context: AmountContext): Amount {
  const { tiers, formula } = context;
  const form: Form = { form: 'rectangle', ...from.sheet };
  const rolls = sumOf(tiers, () => 1);
  const thick = tiers.flatMap((t) => laidIn(t, context))[0]?.thickness ?? 0;
  const gramsEach = rawGrams(volume(form, thick), formula);
  const all = rolls * gramsEach;
  const rolled = rawGrams(mlOf(context), formula);
  const diameters = [...new Set(tiers.map((t) => cm(t.height)))].join(', ');
  return amount(
    [
      { use: 'rolled', grams: rolled },
      { use: say`ends trimmed off`, grams: Math.max(0, all - rolled), leftOver: 'trimmings' },
    ],
    say`${counted(rolls, 'roll')} of one sheet each (${formName(form)}, ${mm(thick)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking), rolled up ${diameters} thick`,
    { loads: [{ tier: 0, form, tins: rolls, gramsEach }], raw: true },
  );
}
