import type { Design } from '../design/design';

/**
 * What of a cake can be touched: something inside a piece, counted from the board; a block of work, or one thing that it takes; a piece; the free
 * space above the cake or around its foot.
 */
export type Place =
  | { on: 'inside'; piece: string; at: number }
  | { on: 'block'; block: string; take: number | null }
  | { on: 'piece'; piece: string }
  | { on: 'space'; where: Space };

/** Where something can still go on. */
export type Space = 'top' | 'foot';

export const samePlace = (a: Place | null, b: Place | null): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Is it still there in a design? */
export function isThere(place: Place, design: Design): boolean {
  if (place.on === 'space') return true;
  if (place.on === 'block') {
    const block = design.blocks.find((b) => b.key === place.block);
    return block !== undefined && (place.take === null || place.take < block.takes.length);
  }
  const piece = design.pieces.find((p) => p.key === place.piece);
  return piece !== undefined && (place.on === 'piece' || place.at < piece.inside.length);
}

/** The role of the part that is in a place; null where there is none. */
export function roleAt(place: Place, design: Design): string | null {
  if (place.on === 'inside') return design.pieces.find((p) => p.key === place.piece)?.inside[place.at]?.role ?? null;
  if (place.on === 'block' && place.take !== null)
    return design.blocks.find((b) => b.key === place.block)?.takes[place.take]?.role ?? null;
  return null;
}
