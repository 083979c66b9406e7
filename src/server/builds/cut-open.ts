import { breakDown } from '../../core/breakdown/break-down';
import { drawnPieces, type DrawnPiece } from '../../core/compose/drawn';
import type { Design } from '../../core/design/design';
import { orderId } from '../../core/ids/ids';
import type { LoadedKitchen } from '../situation/load-kitchen';

/** A cake that nobody has ordered yet. */
const BARE = { id: orderId(0), inscription: '', without: [], choices: {} };

/** A cake cut open, to be drawn to scale, and for how many it is. */
export function cutOpen(
  design: Design,
  { library }: Pick<LoadedKitchen, 'library'>,
): { portions: number; pieces: DrawnPiece[] } {
  const broken = breakDown({ ...BARE, design }, library);
  return { portions: broken.cake.portions, pieces: drawnPieces(design, broken, library.blocks) };
}
