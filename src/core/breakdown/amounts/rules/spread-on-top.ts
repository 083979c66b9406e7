import { say } from '../../../words/say';
import { spread } from '../amount';
import { laidIn, mlOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';

/** On the finished top, to the edge or to its border. */
export const spreadOnTop: AmountOf<'spread on top'> = (_, context) => {
  const { formula, coefficients, tiers } = context;
  const ml = mlOf(context);
  const thickness = tiers.flatMap((t) => laidIn(t, context))[0]?.thickness ?? 0;
  const area = thickness > 0 ? (ml * 1000) / thickness : 0;
  return spread(
    [{ use: say`on the top`, grams: ml * formula.density }],
    coefficients.bowlLoss,
    say`top ${cm2(area)} at ${mm(thickness)} × ${formula.density} g/ml`,
  );
};
