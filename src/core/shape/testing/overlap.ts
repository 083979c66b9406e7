import { Lying, meet, type PlacedPiece } from '../piece';

/** Do two pieces share more than an edge? */
export const overlap = (a: PlacedPiece, b: PlacedPiece): boolean => meet(new Lying(a), new Lying(b));
