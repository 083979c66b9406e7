import type { Allergen } from '../../formula/formula';
import type { Form } from '../../shape/form';

/** What one part of an order takes out of a lot of the store: so many pieces of what is counted, else g. It knows the lot as it was then. */
export interface StoreDraw {
  role: string;
  /** What lies in the lot: where the part is made by another formula meanwhile, it draws on nothing. */
  formula: string;
  lot: string;
  amount: number;
  /** Of layers: for which piece of the cake, counted from the board. */
  tier?: number;
  size?: PieceSize;
  place: string;
  shelf: string;
  /** Days, "2026-03-14". */
  madeOn: string;
  useBy: string;
  allergens: Allergen[];
}

/** What a piece in the store measures, mm. */
export interface PieceSize {
  form: Form;
  height: number;
}
