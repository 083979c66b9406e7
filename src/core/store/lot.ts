import type { PieceSize } from '../breakdown/amounts/store-draw';
import type { Allergen } from '../formula/formula';

/** How a lot came into the store. */
export const LOT_ORIGINS = ['made', 'left over', 'taken back', 'counted'] as const;

/** What was made at once of a part and lies in one place. `amount` is what is there still: pieces of what is counted, else g. */
export interface Lot {
  id: string;
  formula: string;
  name: string;
  by: 'piece' | 'weight';
  amount: number;
  size?: PieceSize;
  /** The kind of place, and where in it. */
  place: string;
  shelf: string;
  /** Days, "2026-03-14". On the day of `useBy` it may be used still. */
  madeOn: string;
  useBy: string;
  allergens: Allergen[];
  from: (typeof LOT_ORIGINS)[number];
  /** Kept for somebody, who is named: no order draws on it by itself. */
  reservedFor: string | null;
  /** What orders have taken out of it. */
  drawn: { order: number; role: string; amount: number }[];
}

export interface Store {
  /** Those of which something is there, or of which an order that may yet bring it back has taken. */
  lots: Lot[];
  /** Number of the next lot. */
  next: number;
}

export const lotId = (number: number): string => `l${number}`;
