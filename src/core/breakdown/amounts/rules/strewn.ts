import { say } from '../../../words/say';
import { perimeter, topArea } from '../../../shape/form';
import { amount } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';

/** Crumbs, nuts, powder: g per cm² over the top, or in a band around the foot. */
export const strewn: AmountOf<'strewn'> = ({ height, gramsPerCm2 }, { tiers }) => {
  const area = sumOf(tiers, (form) => (height === undefined ? topArea(form) : perimeter(form) * height));
  const use = height === undefined ? say`over the top` : say`around the foot`;
  return amount(
    [{ use, grams: (area / 100) * gramsPerCm2 }],
    say`${cm2(area)}${height === undefined ? '' : say` (a band of ${mm(height)})`} × ${gramsPerCm2} g per cm²`,
  );
};
