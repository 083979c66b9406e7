import { stacksOf } from '@/core/shape/stacks';
import type { DrawnPiece } from '@/core/compose/drawn';
import { sideOf } from './cut-piece';
import { aboveOf, besideOf } from './put-places';

/** A piece where it stands in the drawing: its middle, and its foot above the board. mm. */
export interface Placed {
  piece: DrawnPiece;
  x: number;
  bottom: number;
  /** Its name is written beside it: of what stands side by side only that of the first stack. */
  names: boolean;
}

/** mm between what stands side by side, and of the board beyond it. */
const BETWEEN = 34;
const BEYOND = 25;

/** What stands on one another and what stands side by side, from left to right. */
export function placedIn(pieces: readonly DrawnPiece[]): { placed: Placed[]; width: number; height: number } {
  let x = BEYOND;
  let height = 0;
  const stacks = stacksOf(pieces, (p) => p.form);
  const placed = stacks.flatMap((stack, n) => {
    const wide = Math.max(...stack.map(outer));
    const middle = x + wide / 2;
    let bottom = 0;
    const own = stack.map((piece): Placed => {
      const at = { piece, x: middle, bottom, names: n === 0 };
      bottom += piece.height;
      height = Math.max(height, bottom + aboveOf(piece));
      return at;
    });
    x += wide + BETWEEN;
    return own;
  });
  return { placed, width: x - BETWEEN + BEYOND, height };
}

const outer = (piece: DrawnPiece): number => piece.width + 2 * (sideOf(piece) + besideOf(piece));
