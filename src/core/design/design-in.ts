import type { Form } from '../shape/form';
import { stacksOf } from '../shape/stacks';
import type { Build } from './build';
import type { Design, DesignBlock, Piece } from './design';

/** Is a build only what it is designed as, in no other form? */
export const isFixed = ({ design, mould, sizes }: Build): boolean =>
  design.pieces.some((p) => p.madeOf) || (mould === null && sizes === undefined);

/**
 * The design of a build in these forms, from the bottom up: each has a piece after the pattern of its place in its stack. One that is only what it
 * is designed as is made as many times as there are forms.
 */
export function designIn(build: Build, forms: readonly Form[]): Design {
  const { design } = build;
  const patterns = design.pieces;
  if (isFixed(build)) return timesOver(design, forms.length);
  const placed = stacksOf(forms, (f) => f).flatMap((stack) =>
    stack.map((form, high) => ({ form, pattern: patterns[Math.min(high, patterns.length - 1)]! })),
  );
  const pieces = placed.map(({ form, pattern }, i) => inForm(pattern, form, `t${i + 1}`));
  const keysOf = (key: string) => placed.flatMap((p, i) => (p.pattern.key === key ? [`t${i + 1}`] : []));
  const blocks = design.blocks.flatMap((b): DesignBlock[] => {
    if (!b.pieces) return [b];
    const own = b.pieces.flatMap(keysOf);
    return own.length > 0 ? [{ ...b, pieces: own }] : [];
  });
  return onlyUsed({ ...design, pieces, blocks });
}

/** A piece after its pattern, in another form; a half-sphere is as high as its mould. */
function inForm(pattern: Piece, form: Form, key: string): Piece {
  const ringHeight = form.form === 'half-sphere' ? form.diameter / 2 : pattern.ringHeight;
  const piece: Piece = { ...pattern, key, form, ...(ringHeight !== undefined && { ringHeight }) };
  // A tin of another size belonged to the size that it was designed in.
  delete piece.tin;
  return piece;
}

function timesOver(design: Design, times: number): Design {
  if (times < 2) return design;
  return { ...design, pieces: design.pieces.map((p) => ({ ...p, count: (p.count ?? 1) * times })) };
}

/** Without the parts that nothing takes: those of a pattern that has no piece. */
function onlyUsed(design: Design): Design {
  const used = new Set([
    ...design.pieces.flatMap((p) => p.inside.flatMap((i) => ('dam' in i && i.dam ? [i.role, i.dam] : [i.role]))),
    ...design.blocks.flatMap((b) => b.takes.map((t) => t.role)),
  ]);
  const parts = design.parts.filter((p) => used.has(p.role));
  return parts.length === design.parts.length ? design : { ...design, parts };
}
