import { say } from '../../../words/say';
import { perimeter } from '../../../shape/form';
import { borderGrams } from '../../../shape/piping';
import { spread } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';

/** A piped border: g for each cm, by the nozzle. */
export const border: AmountOf<'border'> = (rule, { tiers, coefficients }) => {
  const length = sumOf(tiers, perimeter) * (rule.where === 'both' ? 2 : 1);
  const perCm = coefficients.nozzles[rule.nozzle] ?? 0;
  return spread(
    [{ use: 'border', grams: borderGrams(length, perCm, 0) }],
    coefficients.bowlLoss,
    say`${Math.round(length / 10)} cm of border × ${perCm} g per cm (${rule.nozzle})`,
  );
};
