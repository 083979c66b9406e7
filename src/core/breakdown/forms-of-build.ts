import { formName, type Form } from '../shape/form';
import { cutFromSheets } from '../shape/cutting-plan';
import type { Sheet } from '../shape/wanted-piece';
import { sheetPieceOf } from '../shape/sheets-for';
import type { Build } from '../design/build';
import type { Layers } from '../design/design';
import { isFixed } from '../design/design-in';
import type { Mould } from './kitchen';

/** The forms that a build can have: sizes of its own, or those of the moulds that the kitchen owns; none that its sheets are too small for. */
export function formsOfBuild(build: Build, moulds: readonly Mould[]): Form[] {
  if (isFixed(build)) return build.design.pieces.slice(-1).map((p) => p.form);
  const forms = build.sizes ?? moulds.filter((m) => m.use === build.mould && m.owned > 0).map((m) => m.form);
  const layers = build.design.parts.flatMap((p) => p.layers ?? []);
  return distinct(forms).filter((f) => layers.every((l) => fitsSheet(f, l)));
}

/** Forms for cakes that are cut in the kitchen and not shown: those with right angles, for builds that bake in all the tins there are. */
export function cuttingForms(build: Build, moulds: readonly Mould[]): Form[] {
  if (build.sizes || (build.mould !== 'tin' && build.mould !== 'square tin')) return [];
  const square = ({ form }: Form) => form === 'square' || form === 'rectangle';
  const bakes = (m: Mould) => m.owned > 0 && m.use !== 'sheet' && m.use !== 'ring' && square(m.form);
  return distinct(moulds.filter(bakes).map((m) => m.form));
}

const distinct = (forms: Form[]) => [...new Map(forms.map((f) => [formName(f), f])).values()];

function fitsSheet(form: Form, layers: Layers): boolean {
  if (layers.from === 'own size') return fits(form, layers.sheet, false);
  return layers.from !== 'sheets' || fits(form, layers.sheet, layers.halves ?? false);
}

function fits(form: Form, sheet: Sheet, halves: boolean): boolean {
  const piece = sheetPieceOf(form);
  if (cutFromSheets(sheet, [{ ...piece, count: 1 }])) return true;
  return (
    halves &&
    piece.shape === 'disc' &&
    cutFromSheets(sheet, [{ shape: 'half-disc', diameter: piece.diameter, count: 1 }]) !== null
  );
}
