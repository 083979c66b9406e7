import { say } from '../../../words/say';
import { percent } from '../../../measure/percent';
import { spread } from '../amount';
import type { AmountOf } from '../amount-context';

/** A share of the batch that is divided by weight: what it comes to is told by `thicknesses`, in g, once the batch is known. */
export const ofTheBatch: AmountOf<'of the batch'> = ({ amount }, { thicknesses, at, coefficients }) => {
  const grams = thicknesses.get(at) ?? 0;
  const said =
    amount === 'rest'
      ? say`the rest of the batch`
      : 'share' in amount
        ? say`${percent(amount.share)} of the batch`
        : say`as weighed`;
  return spread([{ use: said, grams }], coefficients.bowlLoss, say`${said}: ${Math.round(grams)} g`);
};
