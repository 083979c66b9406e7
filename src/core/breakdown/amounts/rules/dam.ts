import { say } from '../../../words/say';
import { spread } from '../amount';
import { mlOf, type AmountOf } from '../amount-context';

/** Rings of firm frosting around soft fillings, as wide as the kitchen’s figure says. */
export const dam: AmountOf<'dam'> = (_, context) => {
  const { formula, coefficients } = context;
  const ml = mlOf(context);
  return spread(
    [{ use: 'dams', grams: ml * formula.density }],
    coefficients.bowlLoss,
    say`dams ${Math.round(ml)} ml × ${formula.density} g/ml`,
  );
};
