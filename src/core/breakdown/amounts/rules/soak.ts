import { say } from '../../../words/say';
import { counted } from '../../../measure/counted';
import { amount } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';
import { cm2 } from '../amount-words';
import { ofTheBatch } from './of-the-batch';

/** Soak = area × soaked faces × g per cm²; every layer has one soaked face unless the design says more. */
export const soak: AmountOf<'soak'> = (rule, context) => {
  if (typeof rule.amount !== 'object' || !('kind' in rule.amount))
    return ofTheBatch({ rule: 'of the batch', amount: rule.amount }, context);
  const perCm2 = context.coefficients.soak[rule.amount.kind];
  const { work, at, cake } = context;
  // Each time that it is said in a piece, the layer under it drinks.
  const soaked = (tier: number) => work.inside[tier]!.filter((u) => u.use === at).length * (rule.faces ?? 1);
  const layer = (t: (typeof cake.tiers)[number]) => t.strata.find((s) => s.kind === 'layer' || s.kind === 'base');
  const faces = sumOf(context.tiers, (_, t) => soaked(cake.tiers.indexOf(t)));
  const area = sumOf(context.tiers, (_, t) => {
    const own = layer(t);
    return own ? soaked(cake.tiers.indexOf(t)) * ((own.ml * 1000) / own.thickness) : 0;
  });
  return amount(
    [{ use: 'soak', grams: (area / 100) * perCm2 }],
    say`${perCm2} g per cm² × ${counted(faces, 'face')}, ${cm2(area)} in all`,
  );
};
