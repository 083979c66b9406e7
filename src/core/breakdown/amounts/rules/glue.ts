import { say } from '../../../words/say';
import { counted } from '../../../measure/counted';
import { perimeter } from '../../../shape/form';
import { spread } from '../amount';
import { sumOf, type AmountOf } from '../amount-context';

/** What holds other things on: so much for each piece of another part, or for each cm around. */
export const glue: AmountOf<'glue'> = ({ grams, per }, { tiers, coefficients, others }) => {
  const around = Math.round(sumOf(tiers, perimeter) / 10);
  const count = per === 'cm around' ? around : (others.get(per.piecesOf)?.pieces ?? 0);
  const said = per === 'cm around' ? say`${around} cm around` : counted(count, 'piece');
  return spread([{ use: say`holds it on`, grams: count * grams }], coefficients.bowlLoss, `${said} × ${grams} g`);
};
