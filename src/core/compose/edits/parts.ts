import type { Design, DesignPart, Inside } from '../../design/design';
import type { Formula } from '../../formula/formula';
import type { Place } from '../place';
import { roleAt } from '../place';
import { freeRole, onlyUsed } from './only-used';

/** What of a formula a design needs to know to take it. */
export type Taken = Pick<Formula, 'id' | 'name'>;

/** The same part made by another formula, wherever it is in the cake. */
export const withFormulaEverywhere = (design: Design, role: string, by: Taken): Design => ({
  ...design,
  parts: design.parts.map((p) => (p.role === role ? madeBy(p, by) : p)),
});

/** Another formula in one place alone; a part that is made by it already gives it. */
export function withFormulaAt(design: Design, place: Place, by: Taken): Design {
  const role = roleAt(place, design);
  const part = design.parts.find((p) => p.role === role);
  if (!part || role === null) return design;
  const known = design.parts.find((p) => 'formula' in p.made && p.made.formula === by.id && samePurpose(p, part));
  const to =
    known?.role ??
    freeRole(
      part.role,
      design.parts.map((p) => p.role),
    );
  const parts = known ? design.parts : [...design.parts, { ...madeBy(part, by), role: to }];
  return onlyUsed(inPlace({ ...design, parts }, place, to));
}

/** Another formula wherever this part is inside the same piece. */
export function withFormulaInPiece(design: Design, place: Extract<Place, { on: 'inside' }>, by: Taken): Design {
  const role = roleAt(place, design);
  const inside = design.pieces.find((p) => p.key === place.piece)?.inside ?? [];
  return inside.reduce((d, item, at) => (item.role === role ? withFormulaAt(d, { ...place, at }, by) : d), design);
}

/** Layers come from tins or sheets, all else from bowls: a part is taken over only where that is the same. */
const samePurpose = (a: DesignPart, b: DesignPart) => JSON.stringify(a.layers) === JSON.stringify(b.layers);

function madeBy(part: DesignPart, by: Taken): DesignPart {
  const made: DesignPart = { ...part, label: by.name, made: { formula: by.id } };
  delete made.instead;
  return made;
}

/** One place takes another part. */
function inPlace(design: Design, place: Place, role: string): Design {
  if (place.on === 'inside')
    return withInside(design, place.piece, (inside) => inside.map((i, at) => (at === place.at ? { ...i, role } : i)));
  if (place.on === 'block')
    return {
      ...design,
      blocks: design.blocks.map((b) =>
        b.key === place.block ? { ...b, takes: b.takes.map((t, at) => (at === place.take ? { ...t, role } : t)) } : b,
      ),
    };
  return design;
}

/** The inside of a piece, changed. */
export const withInside = (design: Design, piece: string, change: (inside: Inside[]) => Inside[]): Design => ({
  ...design,
  pieces: design.pieces.map((p) => (p.key === piece ? { ...p, inside: change(p.inside) } : p)),
});

/** A part for a formula, as it is or new: a part of this purpose that something else can take besides. */
export function withPart(
  design: Design,
  role: string,
  by: Taken,
  layers?: DesignPart['layers'],
): { design: Design; role: string } {
  const known = design.parts.find((p) => 'formula' in p.made && p.made.formula === by.id && !p.layers === !layers);
  if (known) return { design, role: known.role };
  const free = freeRole(
    role,
    design.parts.map((p) => p.role),
  );
  const part: DesignPart = { role: free, label: by.name, made: { formula: by.id }, ...(layers && { layers }) };
  return { design: { ...design, parts: [...design.parts, part] }, role: free };
}
