import { discRows } from '../rows-and-blocks';
import type { Sheet } from '../wanted-piece';

/** How many discs of one diameter come from a sheet in rows, straight or shifted. Example: 600 × 400 gives 6 of 180. */
export function discsPerSheet(sheet: Sheet, diameter: number): number {
  return Math.max(...[true, false].flatMap((along) => discRows(sheet, diameter, Infinity, along).map((r) => r.length)));
}
