import type { Piece } from '../../design/design';
import type { Work } from '../../design/work';
import type { Form } from '../../shape/form';
import type { Coefficients } from '../figures/coefficients';
import { thicknessOf, type Thicknesses } from './thickness';
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

/** The sheet that a roll is wound from; null where none of its parts makes one. */
export function sheetOf(piece: Piece, { design }: Work) {
  const layer = piece.inside.find((i) => i.is === 'layer');
  const layers = design.parts.find((p) => p.role === layer?.role)?.layers;
  return layers?.from === 'rolled sheet' ? layers.sheet : null;
}

/** A roll lies on its side: its strata are wound, and it is as high as it is thick. */
export function layOutRoll(piece: Piece, at: number, work: Work, figures: Coefficients, mm: Thicknesses): Tier {
  const roll = piece.form as Roll;
  const sheet = sheetOf(piece, work);
  if (!sheet) return { form: roll, body: roll.diameter, height: roll.diameter, strata: [], coats: [] };
  const { wound } = windingOf(sheet, roll);
  const strata: Stratum[] = [];
  let from = 0;
  piece.inside.forEach((item, i) => {
    if (item.is !== 'layer' && item.is !== 'filling') return;
    const { use } = work.inside[at]![i]!;
    const thickness = item.is === 'layer' ? item.mm : thicknessOf(use, work, figures.fillingThickness, mm);
    const ml = (wound * roll.length * thickness) / 1000;
    strata.push({ role: item.role, rule: use, kind: item.is, from, thickness, inset: 0, ml });
    from += thickness;
  });
  const diameter = rollDiameter(wound, from);
  return { form: { ...roll, diameter }, body: diameter, height: diameter, strata, coats: [] };
}
