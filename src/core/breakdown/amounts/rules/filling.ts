import { say } from '../../../words/say';
import { counted } from '../../../measure/counted';
import { spread } from '../amount';
import { laidIn, mlOf, sumOf, type AmountOf } from '../amount-context';
import { cm2, mm } from '../amount-words';
import { sheetOf, windingOf } from '../../strata/roll';

/** Filling = area × thickness × density for each gap, inside the dam where there is one; of a roll over its whole sheet. */
export const filling: AmountOf<'filling'> = (_, context) => {
  const { tiers, cake, formula, coefficients, work } = context;
  const own = tiers.map((t) => laidIn(t, context));
  const thickness = own.flat()[0]?.thickness ?? 0;
  const areas = own.map(([first]) => cm2(first && thickness > 0 ? (first.ml * 1000) / thickness : 0));
  const gaps = own.map((laid) => laid.length);
  // Tiers that are built alike have their gaps told once.
  const alike = gaps.every((n) => n === gaps[0]);
  const each = areas.map((area, i) => (alike || gaps[i] === 1 ? area : `${area} × ${gaps[i]}`)).join(' + ');
  const times = alike ? ` × ${counted(gaps[0] ?? 0, 'gap')}` : '';
  const grams = mlOf(context) * formula.density;
  // What is spread on a sheet reaches into the ends of the roll that are trimmed off.
  const ends = sumOf(tiers, (form, t) => {
    const sheet = sheetOf(work.design.pieces[cake.tiers.indexOf(t)]!, work);
    if (!sheet || form.form !== 'roll') return 0;
    const ml = laidIn(t, context).reduce((sum, s) => sum + s.ml, 0);
    return ml * formula.density * (windingOf(sheet, form).across / form.length - 1);
  });
  return spread(
    [
      { use: 'filling', grams },
      ...(ends > 0 ? [{ use: say`in the ends that are trimmed off`, grams: ends, lost: true }] : []),
    ],
    coefficients.bowlLoss,
    `(${each}) × ${mm(thickness)}${times} × ${formula.density} g/ml`,
  );
};
