import { say } from '../../words/say';
import { clothArea, clothFor, clothName } from '../../shape/cloth';
import { perimeter, sideArea, topArea } from '../../shape/form';
import type { AmountRule } from '../build';
import { rulesOfKind } from '../strata/placed-rules';
import type { Stratum } from '../strata/stratum';
import { amount, spread, type Amount } from './amount';
import { eachOf, laidBy, mlOf, sumOf, type AmountContext } from './amount-context';
import { counted } from '../../measure/counted';
import { percent } from '../../measure/percent';
import { cm, cm2, mm } from './amount-words';
import { trimmedEnds } from './baked-amounts';

type Rule<R extends AmountRule['rule']> = Extract<AmountRule, { rule: R }>;

/** Filling = area × thickness × density for each gap, inside the dam where there is one; of a roll over its whole sheet. */
export function fillingAmount(rule: Rule<'filling'>, context: AmountContext): Amount {
  const { cake, formula, coefficients, rules } = context;
  const laid = laidBy(rule, context) as Stratum[];
  const gaps = laid.length / Math.max(1, cake.tiers.length);
  const thickness = laid[0]?.thickness ?? 0;
  const areas = cake.tiers.map((t) => {
    const own = t.strata.find((s) => laid.includes(s));
    return own && thickness > 0 ? cm2((own.ml * 1000) / thickness) : cm2(0);
  });
  const because = `(${areas.join(' + ')}) × ${mm(thickness)} × ${counted(gaps, 'gap')} × ${formula.density} g/ml`;
  const grams = mlOf(laid) * formula.density;
  const sheet = rulesOfKind(rules, 'roll sheet')[0];
  const roll = cake.tiers[0]?.form;
  const ends = sheet && roll?.form === 'roll' ? grams * (trimmedEnds(sheet.rule, roll) - 1) : 0;
  return spread(
    [
      { use: 'filling', grams },
      ...(ends > 0 ? [{ use: say`in the ends that are trimmed off`, grams: ends, lost: true }] : []),
    ],
    coefficients.bowlLoss,
    because,
  );
}

/** Coats on side and top, with the dams of the fillings where they come from the same frosting. */
export function coatAmount(rule: Rule<'dam and coats'>, context: AmountContext): Amount {
  const { cake, formula, coefficients } = context;
  const laid = laidBy(rule, context);
  const [crumb, final] = [rule.crumb ?? coefficients.crumbCoat, rule.final ?? coefficients.finalCoat];
  const parts = rule.topOnly
    ? eachOf(cake, (form) => say`top ${cm2(topArea(form))}`)
    : eachOf(cake, (form, { body }) => say`side ${cm2(sideArea(form, body))} + top ${cm2(topArea(form))}`);
  const damMl = mlOf(laid, 'dam');
  return spread(
    [
      { use: 'dams', grams: damMl * formula.density },
      { use: say`crumb coat`, grams: mlOf(laid, 'crumb coat') * formula.density },
      { use: say`final coat`, grams: mlOf(laid, 'final coat') * formula.density },
    ],
    coefficients.bowlLoss,
    say`${parts} at ${mm(crumb + final)}${damMl > 0 ? say`, dams ${Math.round(damMl)} ml` : ''}, ${formula.density} g/ml`,
  );
}

/** Soak = area × cut faces × g per cm²; every layer has one soaked face. */
export function soakAmount(rule: Rule<'soak'>, { cake, coefficients }: AmountContext): Amount {
  const perCm2 = coefficients.soak[rule.kind];
  const faces = cake.tiers.flatMap((t) => t.strata.filter((s) => s.kind === 'layer'));
  const area = faces.reduce((sum, s) => sum + (s.ml * 1000) / s.thickness, 0);
  return amount(
    [{ use: 'soak', grams: (area / 100) * perCm2 }],
    say`${perCm2} g per cm² × ${counted(faces.length, 'face')}, ${cm2(area)} in all`,
  );
}

/** A cover hangs to the foot; what of its cloth is trimmed off comes back. */
export function coverAmount(rule: Rule<'paste cover'>, context: AmountContext): Amount {
  const { cake, formula, coefficients } = context;
  const { thickness, margin } = coefficients.paste;
  const cloths = cake.tiers.map((t) => {
    const cover = t.coats.find((c) => c.kind === 'cover')!;
    return clothFor(t.form, cover.side, margin);
  });
  const rolled = cloths.reduce((sum, c) => sum + clothArea(c), 0) * thickness * 0.001 * formula.density;
  const stays = mlOf(laidBy(rule, context)) * formula.density;
  return amount(
    [
      { use: say`on the cake`, grams: stays },
      { use: say`trimmed off the foot`, grams: rolled - stays, leftOver: 'paste' },
    ],
    say`${cloths.map(clothName).join(' + ')} (size + 2 × height + ${cm(margin)}) at ${mm(thickness)} × ${formula.density} g/ml`,
  );
}

/** Poured glaze: what stays on top and side, and what runs off; most of that comes back. */
export function glazeAmount(rule: Rule<'glaze'>, context: AmountContext): Amount {
  const { formula } = context;
  const { thickness, runOff, returns } = context.coefficients.glaze;
  const ml = mlOf(laidBy(rule, context));
  const stays = ml * formula.density;
  const off = stays * runOff;
  return amount(
    [
      { use: say`stays on the cake`, grams: stays },
      { use: say`run-off that is caught`, grams: off * returns, leftOver: 'run-off' },
      { use: say`run-off that is lost`, grams: off * (1 - returns), lost: true },
    ],
    say`top and side ${cm2((ml * 1000) / thickness)} at ${mm(thickness)} × ${formula.density} g/ml, + ${percent(runOff)} that runs off, ${percent(returns)} of it caught`,
  );
}

/** Drops by the perimeter and their length, and what floods the top. */
export function dripAmount(rule: Rule<'drip'>, context: AmountContext): Amount {
  const { cake, formula, coefficients } = context;
  const length = rule.meanLength ?? coefficients.drip.meanLength;
  const around = sumOf(cake, perimeter) / 10;
  const { gramsPerCm2 } = coefficients.drip;
  const flood = mlOf(laidBy(rule, context), 'flooded top') * formula.density;
  return spread(
    [
      { use: 'drip', grams: around * (length / 10) * gramsPerCm2 },
      { use: say`flooded top`, grams: flood },
    ],
    coefficients.bowlLoss,
    say`${Math.round(around)} cm around × ${cm(length)} mean length × ${gramsPerCm2} g${flood > 0 ? say`, top ${mm(rule.flood!)} × ${formula.density} g/ml` : ''}`,
  );
}

/** What lies inside a ring or mould. */
export function insideAmount(rule: Rule<'insert' | 'rest of the ring'>, context: AmountContext): Amount {
  const ml = mlOf(laidBy(rule, context));
  const { formula, coefficients } = context;
  const what =
    rule.rule === 'insert'
      ? say`a disc of ${mm(rule.thickness)}, ${mm(rule.inset)} from the rim`
      : say`what is free of the ring`;
  return spread(
    [{ use: rule.rule === 'insert' ? say`insert` : say`into the ring`, grams: ml * formula.density }],
    coefficients.bowlLoss,
    say`${what}: ${Math.round(ml)} ml × ${formula.density} g/ml`,
  );
}
