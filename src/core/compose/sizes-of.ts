import type { Kitchen } from '../breakdown/kitchen';
import type { Piece } from '../design/design';
import { formName, span, type Form } from '../shape/form';

/** Sizes of a form that the kitchen has tins or rings for, and the one that it is, the smallest first. */
export function sizesOf(now: Form, { moulds }: Pick<Kitchen, 'moulds'>): Form[] {
  const own = moulds.filter((m) => m.owned > 0 && m.use !== 'sheet' && m.form.form === now.form).map((m) => m.form);
  const all = new Map([now, ...own].map((f) => [formName(f), f]));
  return [...all.values()].sort((a, b) => span(a) - span(b));
}

/** What is baked or set in moulds of these, by whether it is in a ring. */
const MOULDED: readonly Form['form'][] = ['round', 'square', 'rectangle', 'heart', 'petal', 'hexagon'];

/**
 * All forms that a piece can have here: those of its own shape first, then other shapes that the kitchen has tins for, or rings where it is built
 * in one. What is rolled, cut to shape or set in small moulds keeps its shape.
 */
export function formsFor(
  piece: Pick<Piece, 'form' | 'ringHeight' | 'madeOf'>,
  kitchen: Pick<Kitchen, 'moulds'>,
): Form[] {
  const same = sizesOf(piece.form, kitchen);
  if (piece.madeOf || !MOULDED.includes(piece.form.form)) return same;
  const inRing = piece.ringHeight !== undefined;
  const others = kitchen.moulds
    .filter((m) => m.owned > 0 && m.use !== 'sheet' && (m.use === 'ring') === inRing)
    .map((m) => m.form)
    .filter((f) => f.form !== piece.form.form && MOULDED.includes(f.form));
  const distinct = new Map(others.map((f) => [formName(f), f]));
  return [...same, ...[...distinct.values()].sort((a, b) => span(a) - span(b))];
}
