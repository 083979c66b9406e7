import { say } from '../../../words/say';
import { percent } from '../../../measure/percent';
import { amount } from '../amount';
import type { AmountOf } from '../amount-context';

/** So much for each g of another part. */
export const share: AmountOf<'share'> = (rule, { others }) => {
  const grams = (others.get(rule.of)?.grams ?? 0) * rule.share;
  return amount([{ use: say`for the ${rule.of}`, grams }], say`${percent(rule.share)} of the ${rule.of}`);
};
