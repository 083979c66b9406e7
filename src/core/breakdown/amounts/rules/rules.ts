import type { UseRule } from '../../../design/work';
import type { Amount } from '../amount';
import type { AmountContext, AmountOf } from '../amount-context';
import { border } from './border';
import { coat } from './coat';
import { pieces, rosettes } from './counted-pieces';
import { dam } from './dam';
import { drip } from './drip';
import { filling } from './filling';
import { glaze } from './glaze';
import { glue } from './glue';
import { insert, rest } from './in-the-ring';
import { layers } from './layers';
import { ofTheBatch } from './of-the-batch';
import { panels } from './panels';
import { pasteCover } from './paste-cover';
import { share } from './share';
import { soak } from './soak';
import { spreadOnTop } from './spread-on-top';
import { strewn } from './strewn';

/** Every way to say how much a use takes, by the name of its rule. */
const RULES: { readonly [R in UseRule['rule']]: AmountOf<R> } = {
  ...{ layers, soak, filling, dam, insert, rest, coat, 'paste cover': pasteCover, glaze, drip },
  ...{ 'spread on top': spreadOnTop, pieces, border, rosettes, strewn, panels, glue, share },
  'of the batch': ofTheBatch,
};

/** What one use of a part takes, with what is lost and left over. g as it has to be made. */
export function amountOf<R extends UseRule['rule']>(
  rule: Extract<UseRule, { rule: R }>,
  context: AmountContext,
): Amount {
  return (RULES[rule.rule as R] as AmountOf<R>)(rule, context);
}
