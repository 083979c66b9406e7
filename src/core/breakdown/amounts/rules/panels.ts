import { say } from '../../../words/say';
import { belongs, CUT_BY_PLAN } from '../../../formula/schools';
import { percent } from '../../../measure/percent';
import { perimeter, sideArea, topArea, type Form } from '../../../shape/form';
import type { Tier } from '../../strata/stratum';
import { amount } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';
import { rawGrams } from './raw-grams';

/** Panels around each tier, or over all of it; cut by the plan, one wall of the largest tier more, as the coated cake may be larger than it. */
export const panels: AmountOf<'panels'> = (rule, { tiers, formula, choices }) => {
  const gramsOf = (mm2: number) => rawGrams((mm2 * rule.thickness) / 1000, formula);
  const high = (t: Tier) => rule.height ?? t.height;
  const area = sumOf(tiers, (form, t) =>
    rule.height === undefined ? sideArea(form, t.height) + topArea(form) : perimeter(form) * rule.height,
  );
  const spare = Math.max(...tiers.map((t) => longestWall(t.form) * high(t)));
  const byPlan = belongs(CUT_BY_PLAN, choices);
  return amount(
    [
      { use: 'panels', grams: gramsOf(area) },
      ...(byPlan ? [{ use: say`one to spare`, grams: gramsOf(spare), lost: true as const }] : []),
    ],
    say`panels ${cm2(area)}${byPlan ? say` and one to spare, ${cm2(spare)},` : ''} × ${mm(rule.thickness)} × ${formula.density} g/ml with ${percent(formula.loss)} lost in baking`,
    { raw: true },
  );
};

/** mm of the longest wall of a form; of one without corners a quarter of its rim. */
function longestWall(form: Form): number {
  if (form.form === 'square') return form.side;
  if (form.form === 'rectangle' || form.form === 'house') return Math.max(form.length, form.width);
  return perimeter(form) / (form.form === 'hexagon' ? 6 : 4);
}
