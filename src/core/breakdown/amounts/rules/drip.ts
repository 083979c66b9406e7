import { say } from '../../../words/say';
import { perimeter } from '../../../shape/form';
import { spread } from '../amount';
import { mlOf, sumOf, type AmountOf } from '../amount-context';
import { cm, mm } from '../amount-words';

/** Drops by the perimeter and their length, and what floods the top. */
export const drip: AmountOf<'drip'> = (rule, context) => {
  const { tiers, formula, coefficients } = context;
  const length = rule.meanLength ?? coefficients.drip.meanLength;
  const around = sumOf(tiers, perimeter) / 10;
  const { gramsPerCm2 } = coefficients.drip;
  const flood = mlOf(context) * formula.density;
  return spread(
    [
      { use: 'drip', grams: around * (length / 10) * gramsPerCm2 },
      { use: say`flooded top`, grams: flood },
    ],
    coefficients.bowlLoss,
    say`${Math.round(around)} cm around × ${cm(length)} mean length × ${gramsPerCm2} g${flood > 0 ? say`, top ${mm(rule.flood!)} × ${formula.density} g/ml` : ''}`,
  );
};
