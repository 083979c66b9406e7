import type { Form } from '../../shape/form';
import type { Build } from '../build';
import type { Coefficients } from '../figures/coefficients';
import { rulesOfKind, type PlacedRule } from './placed-rules';
import type { Stratum, Tier } from './stratum';

type Roll = Extract<Form, { form: 'roll' }>;

/** How a sheet is rolled up: what is wound, and how long the roll is before its ends are trimmed. mm. */
export interface Winding {
  wound: number;
  across: number;
}

/** A sheet is rolled so that the roll is long enough, about its shorter side where both are. */
export function windingOf(sheet: { length: number; width: number }, roll: Roll): Winding {
  const [short, long] = [Math.min(sheet.length, sheet.width), Math.max(sheet.length, sheet.width)];
  return short >= roll.length ? { wound: long, across: short } : { wound: short, across: long };
}

/** Diameter of a roll, mm: its section is as large as the sheet and fillings seen from their edge. wound × (sheet + fillings) = π d² ÷ 4. */
export const rollDiameter = (wound: number, thickness: number): number => Math.sqrt((4 * wound * thickness) / Math.PI);

/** A roll lies on its side: its strata are wound, and it is as high as it is thick. */
export function layOutRoll(build: Build, rules: readonly PlacedRule[], roll: Roll, figures: Coefficients): Tier {
  const sheet = rulesOfKind(rules, 'roll sheet')[0];
  if (!sheet) return { form: roll, body: roll.diameter, height: roll.diameter, strata: [], coats: [] };
  const { wound } = windingOf(sheet.rule.sheet, roll);
  const ml = (thickness: number) => (wound * roll.length * thickness) / 1000;
  const strata: Stratum[] = [
    {
      ...{ role: sheet.role, rule: sheet.at, kind: 'layer', from: 0, thickness: build.layerHeight, inset: 0 },
      ml: ml(build.layerHeight),
    },
  ];
  let at = build.layerHeight;
  for (const { role, rule, at: place } of rulesOfKind(rules, 'filling')) {
    const thickness = rule.thickness ?? build.fillingThickness ?? figures.fillingThickness;
    strata.push({ role, rule: place, kind: 'filling', from: at, thickness, inset: 0, ml: ml(thickness) });
    at += thickness;
  }
  const diameter = rollDiameter(wound, at);
  return { form: { ...roll, diameter }, body: diameter, height: diameter, strata, coats: [] };
}
