import { say } from '../../../words/say';
import { sideArea, topArea } from '../../../shape/form';
import { spread } from '../amount';
import { eachOf, laidIn, mlOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';

const NAMES = { crumb: say`crumb coat`, final: say`final coat`, other: say`coat` } as const;

/** A coat = the surface that it covers × its thickness × density. */
export const coat: AmountOf<'coat'> = ({ coat: which, on }, context) => {
  const { tiers, formula, coefficients } = context;
  const thickness = tiers.flatMap((t) => laidIn(t, context))[0]?.thickness ?? 0;
  const surface = eachOf(tiers, (form, t) => {
    const [laid] = laidIn(t, context);
    if (on === 'top') return say`top ${cm2(topArea(form))}`;
    if (on === 'all' && laid && 'side' in laid)
      return say`side ${cm2(sideArea(form, laid.side))} + top ${cm2(topArea(form))}`;
    return say`side ${cm2(laid && laid.thickness > 0 ? (laid.ml * 1000) / laid.thickness : 0)}`;
  });
  return spread(
    [{ use: NAMES[which], grams: mlOf(context) * formula.density }],
    coefficients.bowlLoss,
    say`${surface} at ${mm(thickness)} × ${formula.density} g/ml`,
  );
};
