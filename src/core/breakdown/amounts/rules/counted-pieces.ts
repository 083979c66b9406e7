import { say } from '../../../words/say';
import { counted } from '../../../measure/counted';
import { perimeter } from '../../../shape/form';
import { rosetteCount } from '../../../shape/piping';
import { amount, spread } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';
import { cm } from '../amount-words';

/** Made-ahead pieces, fruit, blossoms: so many for the cake, each tier or each portion, or so far apart around each; and so many to spare. */
export const pieces: AmountOf<'pieces'> = ({ per, count, grams, every, spare = 0 }, { tiers, cake }) => {
  const times = { cake: 1, tier: sumOf(tiers, () => 1), portion: cake.portions }[per];
  const around = every === undefined ? null : sumOf(tiers, (form) => Math.max(1, rosetteCount(perimeter(form), every)));
  const wanted = around ?? Math.ceil(times * count);
  const why =
    every !== undefined
      ? say`every ${cm(every)} around`
      : per === 'cake'
        ? say`for the cake`
        : say`${count} for each ${per}`;
  const said = counted(wanted, 'piece');
  return amount(
    [
      { use: said, grams: wanted * grams, count: wanted },
      ...(spare > 0 ? [{ use: say`${spare} to spare`, grams: spare * grams, leftOver: 'rest' as const }] : []),
    ],
    spare > 0 ? say`${said} (${why}) and ${spare} to spare × ${grams} g` : `${said} (${why}) × ${grams} g`,
    { pieces: wanted + spare },
  );
};

/** Rosettes around the rim, so far apart. */
export const rosettes: AmountOf<'rosettes'> = (rule, { tiers, coefficients }) => {
  const count = sumOf(tiers, (form) => rosetteCount(perimeter(form), rule.spacing));
  return spread(
    [{ use: counted(count, 'rosette'), grams: count * rule.grams, count }],
    coefficients.bowlLoss,
    say`${counted(count, 'rosette')} (every ${cm(rule.spacing)} around) × ${rule.grams} g`,
  );
};
