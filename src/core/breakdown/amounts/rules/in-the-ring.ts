import { say } from '../../../words/say';
import { spread } from '../amount';
import { mlOf, type AmountContext, type AmountOf } from '../amount-context';
import { mm } from '../amount-words';

/** A disc inside a ring or mould, narrower than it. */
export const insert: AmountOf<'insert'> = (rule, context) =>
  filled(say`insert`, say`a disc of ${mm(rule.mm)}, ${mm(rule.inset)} from the rim`, context);

/** What everything else in a ring or mould leaves free. */
export const rest: AmountOf<'rest'> = (_, context) =>
  filled(say`into the ring`, say`what is free of the ring`, context);

function filled(use: string, what: string, context: AmountContext) {
  const { formula, coefficients } = context;
  const ml = mlOf(context);
  return spread(
    [{ use, grams: ml * formula.density }],
    coefficients.bowlLoss,
    say`${what}: ${Math.round(ml)} ml × ${formula.density} g/ml`,
  );
}
