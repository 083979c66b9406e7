import type { PieceShape, PlacedPiece } from './piece';

export interface Sheet {
  length: number;
  width: number;
}

/** Pieces wanted; `count` null takes as many as still fit once all counted ones lie. */
export type WantedPiece = PieceShape & { count: number | null };

/** One piece that is wanted, of the kind with this place in the list. */
export interface Counted {
  kind: number;
  shape: PieceShape;
}

/** A wanted piece that has its place. */
export interface Placed {
  kind: number;
  piece: PlacedPiece;
}
