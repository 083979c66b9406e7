import type { Design, Undecided } from '../../design/design';

/** Part or block of a design of which something is to be agreed. */
export type Open = { part: string } | { block: string };

/** What is still to be agreed of a part or a block; null: it is agreed. */
export function withUndecided(design: Design, of: Open, undecided: Undecided | null): Design {
  const set = <X extends { undecided?: Undecided }>(x: X): X => {
    const { undecided: before, ...rest } = x;
    void before;
    return (undecided ? { ...rest, undecided } : rest) as X;
  };
  return 'part' in of
    ? { ...design, parts: design.parts.map((p) => (p.role === of.part ? set(p) : p)) }
    : { ...design, blocks: design.blocks.map((b) => (b.key === of.block ? set(b) : b)) };
}

/** A cake that is begun from another: what was open there is open here too, and is to be agreed by this day. ISO date. */
export function openUntil(design: Design, by: string): Design {
  const anew = <X extends { undecided?: Undecided }>(x: X): X =>
    x.undecided ? { ...x, undecided: { ...x.undecided, by } } : x;
  return { ...design, parts: design.parts.map(anew), blocks: design.blocks.map(anew) };
}

/** What of a part or a block is still to be agreed; null where it is agreed. */
export const undecidedAt = ({ parts, blocks }: Design, of: Open): Undecided | null =>
  ('part' in of ? parts.find((p) => p.role === of.part) : blocks.find((b) => b.key === of.block))?.undecided ?? null;
