import { say } from '../../../words/say';
import { clothArea, clothFor, clothName } from '../../../shape/cloth';
import { amount } from '../amount';
import { laidIn, mlOf, times, type AmountOf } from '../amount-context';
import { cm, mm } from '../amount-words';

/** A cover hangs to the foot; what of its cloth is trimmed off comes back. */
export const pasteCover: AmountOf<'paste cover'> = (rule, context) => {
  const { tiers, formula, coefficients } = context;
  const { margin } = coefficients.paste;
  const thickness = rule.thickness ?? coefficients.paste.thickness;
  const cloths = tiers.flatMap((t) =>
    laidIn(t, context).map((cover) => ({
      cloth: clothFor(t.form, 'side' in cover ? cover.side : t.body, margin),
      count: times(t),
    })),
  );
  const rolled = cloths.reduce((sum, c) => sum + c.count * clothArea(c.cloth), 0) * thickness * 0.001 * formula.density;
  const stays = mlOf(context) * formula.density;
  const names = cloths.map(({ cloth, count }) => (count > 1 ? `${count} × ${clothName(cloth)}` : clothName(cloth)));
  return amount(
    [
      { use: say`on the cake`, grams: stays },
      { use: say`trimmed off the foot`, grams: Math.max(0, rolled - stays), leftOver: 'paste' },
    ],
    say`${names.join(' + ')} (size + 2 × height + ${cm(margin)}) at ${mm(thickness)} × ${formula.density} g/ml`,
  );
};
