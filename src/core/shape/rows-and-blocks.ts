import type { PlacedPiece } from './piece';
import type { Placed, Sheet, WantedPiece } from './wanted-piece';

/** Straight and shifted rows of each kind of disc, as many as are wanted; what else is wanted fills up what they leave. */
export function rowsOfDiscs(sheet: Sheet, wanted: WantedPiece[], along: boolean): Placed[][] {
  return wanted.flatMap((w, kind) =>
    w.shape === 'disc'
      ? discRows(sheet, w.diameter, w.count ?? Infinity, along).map((row) => row.map((piece) => ({ kind, piece })))
      : [],
  );
}

/** Rows of discs as they lie on a sheet, straight or shifted. */
export function discRows(sheet: Sheet, diameter: number, most: number, along: boolean): PlacedPiece[][] {
  const [long, short] = along ? [sheet.length, sheet.width] : [sheet.width, sheet.length];
  return [0, diameter / 2].map((shift) => {
    const rise = shift === 0 ? diameter : (diameter * Math.sqrt(3)) / 2;
    const placed: PlacedPiece[] = [];
    for (let row = 0; row * rise + diameter <= short + 1e-9; row++)
      for (let x = row % 2 === 1 ? shift : 0; x + diameter <= long + 1e-9 && placed.length < most; x += diameter) {
        const y = row * rise;
        placed.push({ shape: 'disc', diameter, x: along ? x : y, y: along ? y : x, turn: 0 });
      }
    return placed;
  });
}

/** A block of equal rectangles: so many across and up, lying or standing, from a corner. */
interface Block {
  across: number;
  up: number;
  turn: 0 | 1;
}

/**
 * Four blocks of one kind of rectangle, each in a corner and turned against its neighbours, with a hole between them: the pattern that no row
 * finds. Opposite blocks are alike. All sizes of blocks are tried, the one with the most pieces is kept.
 */
export function blocksAround(sheet: Sheet, wanted: WantedPiece[]): Placed[][] {
  return wanted.flatMap((w, kind) => {
    if (w.shape !== 'rectangle' || w.length === w.width) return [];
    const most = w.count ?? Infinity;
    let best: PlacedPiece[] = [];
    const fits = (of: number, in_: number) => Math.floor((in_ + 1e-9) / of);
    for (let a = 1; a <= fits(w.length, sheet.length); a++)
      for (let b = 1; b <= fits(w.width, sheet.width); b++) {
        const c = fits(w.width, sheet.length - a * w.length);
        for (let d = 1; c > 0 && d <= fits(w.length, sheet.width - b * w.width); d++) {
          const pieces = pinwheel(sheet, w, { across: a, up: b, turn: 0 }, { across: c, up: d, turn: 1 });
          if (pieces && pieces.length > best.length) best = pieces;
        }
      }
    return best.length === 0 ? [] : [best.slice(0, most).map((piece) => ({ kind, piece }))];
  });
}

/** Lying blocks below left and above right, standing ones in the other corners; null where two of them meet. */
function pinwheel(
  sheet: Sheet,
  { length, width }: { length: number; width: number },
  lying: Block,
  standing: Block,
): PlacedPiece[] | null {
  const sizeOf = (b: Block) =>
    b.turn === 0 ? { w: b.across * length, h: b.up * width } : { w: b.across * width, h: b.up * length };
  const corners = [
    { block: lying, right: false, top: false },
    { block: standing, right: true, top: false },
    { block: lying, right: true, top: true },
    { block: standing, right: false, top: true },
  ].map(({ block, right, top }) => {
    const { w, h } = sizeOf(block);
    return { block, w, h, x: right ? sheet.length - w : 0, y: top ? sheet.width - h : 0 };
  });
  type Corner = (typeof corners)[number];
  const apart = (a: number, size: number, b: number) => a + size <= b + 1e-9;
  const meet = (p: Corner, q: Corner) =>
    !(apart(p.x, p.w, q.x) || apart(q.x, q.w, p.x) || apart(p.y, p.h, q.y) || apart(q.y, q.h, p.y));
  if (corners.some((p, i) => corners.slice(i + 1).some((q) => meet(p, q)))) return null;
  return corners.flatMap(({ block, x, y }) => {
    const [dx, dy] = block.turn === 0 ? [length, width] : [width, length];
    return Array.from({ length: block.across * block.up }, (_, i): PlacedPiece => ({
      ...{ shape: 'rectangle', length, width, turn: block.turn },
      ...{ x: x + (i % block.across) * dx, y: y + Math.floor(i / block.across) * dy },
    }));
  });
}
