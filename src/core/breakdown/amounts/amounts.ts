import { say } from '../../words/say';
import { perimeter, topArea } from '../../shape/form';
import { borderGrams, rosetteCount } from '../../shape/piping';
import type { AmountRule } from '../build';
import { amount, spread, type Amount, type Portion } from './amount';
import { sumOf, type AmountContext } from './amount-context';
import { counted } from '../../measure/counted';
import { percent } from '../../measure/percent';
import { cm, cm2, mm } from './amount-words';
import { baseAmount, batterAmount, discAmount, panelAmount, rollAmount } from './baked-amounts';
import {
  coatAmount,
  coverAmount,
  dripAmount,
  fillingAmount,
  glazeAmount,
  insideAmount,
  soakAmount,
} from './spread-amounts';

/** Amount of one component for a cake. Grams are what has to be made, with what stays in the bowl. */
export function amountOf(rule: AmountRule, context: AmountContext): Amount {
  const { cake, coefficients } = context;
  switch (rule.rule) {
    case 'batter':
      return batterAmount(rule, context);
    case 'discs':
      return discAmount(rule, context);
    case 'base':
      return baseAmount(rule, context);
    case 'roll sheet':
      return rollAmount(rule, context);
    case 'filling':
      return fillingAmount(rule, context);
    case 'dam and coats':
      return coatAmount(rule, context);
    case 'soak':
      return soakAmount(rule, context);
    case 'paste cover':
      return coverAmount(rule, context);
    case 'glaze':
      return glazeAmount(rule, context);
    case 'insert':
    case 'rest of the ring':
      return insideAmount(rule, context);
    case 'panels':
      return panelAmount(rule, context);
    case 'drip':
      return dripAmount(rule, context);
    case 'pieces': {
      const times = { cake: 1, tier: cake.tiers.length, portion: cake.portions }[rule.per];
      const why = rule.per === 'cake' ? say`for the cake` : say`${rule.count} for each ${rule.per}`;
      return pieces(Math.ceil(times * rule.count), rule.grams, why);
    }
    case 'border': {
      const length = sumOf(cake, perimeter) * (rule.where === 'both' ? 2 : 1);
      const perCm = coefficients.nozzles[rule.nozzle] ?? 0;
      return spread(
        [{ use: 'border', grams: borderGrams(length, perCm, 0) }],
        coefficients.bowlLoss,
        say`${Math.round(length / 10)} cm of border × ${perCm} g per cm (${rule.nozzle})`,
      );
    }
    case 'rosettes': {
      const count = sumOf(cake, (form) => rosetteCount(perimeter(form), rule.spacing));
      return spread(
        [{ use: counted(count, 'rosette'), grams: count * rule.grams }],
        coefficients.bowlLoss,
        say`${counted(count, 'rosette')} (every ${cm(rule.spacing)} around) × ${rule.grams} g`,
      );
    }
    case 'strewn': {
      const { height } = rule;
      const area = sumOf(cake, (form) => (height === undefined ? topArea(form) : perimeter(form) * height));
      return amount(
        [
          {
            use: height === undefined ? say`over the top` : say`around the foot`,
            grams: (area / 100) * rule.gramsPerCm2,
          },
        ],
        say`${cm2(area)}${height === undefined ? '' : say` (a band of ${mm(height)})`} × ${rule.gramsPerCm2} g per cm²`,
      );
    }
    case 'share': {
      const grams = (context.others.get(rule.of)?.grams ?? 0) * rule.share;
      return amount([{ use: `for the ${rule.of}`, grams }], say`${percent(rule.share)} of the ${rule.of}`);
    }
    case 'divided':
      return divided(rule.uses, context);
  }
}

/** One batch for several uses: each use by its own rule, its inner portions put together, what is lost counted once. */
function divided(uses: { use: string; rule: AmountRule }[], context: AmountContext): Amount {
  const parts = uses.map((u) => ({ use: u.use, of: amountOf(u.rule, context) }));
  const grams = (list: Portion[]) => list.reduce((total, p) => total + p.grams, 0);
  const lost = new Map<string, number>();
  for (const p of parts.flatMap((x) => x.of.portions).filter((x) => x.lost))
    lost.set(p.use, (lost.get(p.use) ?? 0) + p.grams);
  return amount(
    [
      ...parts.map((p) => ({ use: p.use, grams: grams(p.of.portions.filter((x) => !x.leftOver && !x.lost)) })),
      ...parts.flatMap((p) => p.of.portions.filter((x) => x.leftOver)),
      ...[...lost].map(([use, g]): Portion => ({ use, grams: g, lost: true })),
    ],
    parts.map((p) => `${p.use}: ${p.of.because}`).join('; '),
    { loads: parts.flatMap((p) => p.of.loads), ...(parts.some((p) => p.of.raw) ? { raw: true } : {}) },
  );
}

function pieces(count: number, gramsEach: number, why: string): Amount {
  const said = counted(count, 'piece');
  return amount([{ use: said, grams: count * gramsEach }], `${said} (${why}) × ${gramsEach} g`, { pieces: count });
}
