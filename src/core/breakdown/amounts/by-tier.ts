import type { Tier } from '../strata/stratum';
import { onTheCake, type Amount } from './amount';
import type { AmountContext } from './amount-context';

/** An amount whose portion says what of it is for each piece, where a cake has several. */
export function byTier(made: Amount, context: AmountContext, of: (tiers: readonly Tier[]) => Amount): Amount {
  const { tiers, cake } = context;
  const kept = made.portions.filter((p) => !p.leftOver && !p.lost);
  const whole = onTheCake(made);
  if (cake.tiers.length < 2 || whole <= 0) return made;
  const each = tiers.map((t) => ({
    tier: cake.tiers.indexOf(t),
    grams: tiers.length === 1 ? whole : onTheCake(of([t])),
  }));
  const sum = each.reduce((total, e) => total + e.grams, 0);
  // What is for the cake as a whole belongs to none of its pieces.
  if (Math.abs(sum - whole) > 0.5) return made;
  return {
    ...made,
    portions: made.portions.map((p) =>
      kept.includes(p) ? { ...p, tiers: each.map((e) => ({ ...e, grams: (e.grams * p.grams) / whole })) } : p,
    ),
  };
}
