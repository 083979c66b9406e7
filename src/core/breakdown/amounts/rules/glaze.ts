import { say } from '../../../words/say';
import { percent } from '../../../measure/percent';
import { amount } from '../amount';
import { mlOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';

/** Poured glaze: what stays on top and side, and what runs off; most of that comes back. */
export const glaze: AmountOf<'glaze'> = (_, context) => {
  const { formula } = context;
  const { thickness, runOff, returns } = context.coefficients.glaze;
  const ml = mlOf(context);
  const stays = ml * formula.density;
  const off = stays * runOff;
  return amount(
    [
      { use: say`stays on the cake`, grams: stays },
      { use: say`run-off that is caught`, grams: off * returns, leftOver: 'run-off' },
      { use: say`run-off that is lost`, grams: off * (1 - returns), lost: true },
    ],
    say`top and side ${cm2((ml * 1000) / thickness)} at ${mm(thickness)} × ${formula.density} g/ml, + ${percent(runOff)} that runs off, ${percent(returns)} of it caught`,
  );
};
