import type { Block } from '../../design/block';
import type { Design, Piece } from '../../design/design';
import type { Form } from '../../shape/form';
import { sideTrimmed } from '../../shape/side-trim';
import { KINDS } from '../../design/kinds/kinds';
import { asBlocksSay } from './blocks';
import { freeKey, onlyUsed } from './only-used';

type Library = ReadonlyMap<string, Block>;

/** The block by which tiers are stood on one another, of the shipped library. */
const STAND = 'stand-tiers';

/** A piece in another form. A tin of its own was for the form before. */
export const withForm = (design: Design, key: string, form: Form): Design => ({
  ...design,
  pieces: design.pieces.map((p) => (p.key === key ? inForm(p, form) : p)),
});

function inForm(piece: Piece, form: Form): Piece {
  const changed: Piece = { ...piece, form };
  delete changed.tin;
  return changed;
}

/** A piece of whose side so many mm are cut off after it is baked: it is smaller than its tin by that. */
export const withSideTrim = (design: Design, key: string, mm: number): Design => ({
  ...design,
  pieces: design.pieces.map((p) => {
    const tin = p.tin ?? p.form;
    const form = mm > 0 ? sideTrimmed(tin, mm) : tin;
    if (p.key !== key || !form) return p;
    return mm > 0 ? { ...p, form, tin } : inForm(p, form);
  }),
});

/** Can something be cut off the side of a piece? Of one whose layers are baked in tins of its form. */
export const canTrimSide = ({ parts }: Pick<Design, 'parts'>, { form, inside, madeOf, ringHeight }: Piece): boolean =>
  !madeOf &&
  ringHeight === undefined &&
  sideTrimmed(form, 1) !== null &&
  inside.some((i) => i.is === 'layer' && (parts.find((p) => p.role === i.role)?.layers?.from ?? 'tins') === 'tins');

/** A tier on top, as the uppermost is, in another form; where there was one alone, they are stood on one another. */
export function withTierOnTop(design: Design, form: Form, library: Library): Design {
  const top = design.pieces.at(-1);
  if (!top || design.pieces.some((p) => p.madeOf)) return design;
  const key = freeKey(
    't1',
    design.pieces.map((p) => p.key),
  );
  const blocks = design.blocks.map((b) => (b.pieces?.includes(top.key) ? { ...b, pieces: [...b.pieces, key] } : b));
  const more = { ...design, pieces: [...design.pieces, { ...inForm(top, form), key }], blocks };
  const stands = more.blocks.some((b) => library.get(b.block)?.kind === 'stand');
  if (stands || !library.has(STAND)) return more;
  const at = standsAt(more.blocks, library);
  const stand = {
    key: freeKey(
      'stand',
      more.blocks.map((b) => b.key),
    ),
    block: STAND,
    takes: [],
  };
  return asBlocksSay({ ...more, blocks: [...more.blocks.slice(0, at), stand, ...more.blocks.slice(at)] }, library);
}

/** Where tiers are stood on one another among other work: before what comes on standing tiers, never before what comes on single ones. */
function standsAt(blocks: Design['blocks'], library: Library): number {
  const kinds = blocks.map((b) => library.get(b.block)?.kind);
  const last = kinds.findLastIndex((k) => k !== undefined && k in KINDS.stand.follows) + 1;
  const next = kinds.findIndex((k) => k === 'box' || (k !== undefined && 'stand' in KINDS[k].follows));
  return Math.max(last, next < 0 ? blocks.length : next);
}

/** Without a piece, and without work that was on it alone; the last one stays. */
export function withoutPiece(design: Design, key: string, library: Library): Design {
  const used = design.pieces.some((p) => p.madeOf?.pieces.includes(key));
  if (design.pieces.length < 2 || used) return design;
  const pieces = design.pieces.filter((p) => p.key !== key);
  const alone = pieces.length === 1;
  const blocks = design.blocks.flatMap((b) => {
    if (alone && library.get(b.block)?.kind === 'stand') return [];
    if (!b.pieces) return [b];
    const left = b.pieces.filter((p) => p !== key);
    return left.length > 0 ? [{ ...b, pieces: left }] : [];
  });
  const changed = onlyUsed({ ...design, pieces, blocks });
  return blocks.length === design.blocks.length ? changed : asBlocksSay(changed, library);
}

/** The inside of one piece in another one too. */
export function withInsideOf(design: Design, from: string, to: string): Design {
  const inside = design.pieces.find((p) => p.key === from)?.inside;
  if (!inside) return design;
  return onlyUsed({ ...design, pieces: design.pieces.map((p) => (p.key === to ? { ...p, inside } : p)) });
}

/** So many of a piece, all alike. */
export const withCount = (design: Design, key: string, count: number): Design => ({
  ...design,
  pieces: design.pieces.map((p) => {
    if (p.key !== key) return p;
    const { count: before, ...one } = p;
    void before;
    return count > 1 ? { ...one, count } : one;
  }),
});
