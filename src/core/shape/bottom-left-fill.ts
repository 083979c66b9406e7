import { Lying, meet, pieceBox, type PieceShape, type PlacedPiece } from './piece';
import type { Counted, Placed, Sheet, WantedPiece } from './wanted-piece';

/** Positions are tried at this distance, and at the edges of what lies already; farther apart on sheets of more than 60 cm. mm. */
const STEP = 5;
const stepOn = (sheet: Sheet) => Math.max(STEP, Math.max(sheet.length, sheet.width) / 120);
/** Lays pieces one after the other, each at the first free place, to what lies already; then what only fills up. `along`: from the short edge. */
export function fill(sheet: Sheet, order: Counted[], wanted: WantedPiece[], along: boolean, begun: Placed[]): Placed[] {
  const placed = [...begun];
  const reached: Reached = new Map();
  for (const { kind, shape } of order) {
    const piece = place(sheet, shape, placed, along, reached);
    if (piece) placed.push({ kind, piece });
  }
  wanted.forEach((w, kind) => {
    if (w.count !== null) return;
    for (let piece = place(sheet, w, placed, along, reached); piece; piece = place(sheet, w, placed, along, reached))
      placed.push({ kind, piece });
  });
  return placed;
}

/** How far the search has come for each shape and turn: what was taken before stays taken. */
type Reached = Map<string, number>;

/** The first free place, nearest to the short edge (or the long one), in any turn; null if there is none. */
function place(
  sheet: Sheet,
  shape: PieceShape,
  placed: Placed[],
  along: boolean,
  reached: Reached,
): PlacedPiece | null {
  let best: PlacedPiece | null = null;
  for (const turn of turnsOf(shape)) {
    const key = `${JSON.stringify(bare(shape))}${turn}`;
    const box = pieceBox({ ...shape, turn });
    const xs = spots(sheet.length - box.width, placed, 'x', box, stepOn(sheet));
    const ys = spots(sheet.width - box.height, placed, 'y', box, stepOn(sheet));
    const [outer, inner] = along ? [xs, ys] : [ys, xs];
    const from = reached.get(key) ?? 0;
    const piece = firstFree(
      outer.filter((o) => o >= from),
      inner,
      { ...bare(shape), turn },
      placed,
      along,
    );
    reached.set(key, piece ? (along ? piece.x : piece.y) : Infinity);
    if (piece && (!best || nearer(piece, best, along))) best = piece;
  }
  return best;
}

function firstFree(
  outer: number[],
  inner: number[],
  shape: PieceShape & { turn: 0 | 1 | 2 | 3 },
  placed: Placed[],
  along: boolean,
): PlacedPiece | null {
  const box = pieceBox(shape);
  const [size, across] = along ? [box.width, box.height] : [box.height, box.width];
  const edges = placed.map(({ piece }): Edges => {
    const { width, height } = pieceBox(piece);
    const [x, y] = [piece.x, piece.y];
    const lying = new Lying(piece);
    return along
      ? { lying, near: x, far: x + width, low: y, high: y + height }
      : { lying, near: y, far: y + height, low: x, high: x + width };
  });
  const probe = new Lying({ ...shape, x: 0, y: 0 });
  for (const o of outer) {
    // Only what reaches into this strip can be in the way.
    const inStrip = edges.filter((e) => e.near < o + size && e.far > o);
    const meets = (e: Edges, i: number) => {
      if (e.low >= i + across || e.high <= i) return false;
      if (along) probe.moveTo(o, i);
      else probe.moveTo(i, o);
      return meet(e.lying, probe);
    };
    for (let k = 0; k < inner.length;) {
      const inTheWay = inStrip.find((e) => meets(e, inner[k]!));
      if (!inTheWay) return { ...shape, x: along ? o : inner[k]!, y: along ? inner[k]! : o };
      k = firstPast(inner, k, (i) => meets(inTheWay, i));
    }
  }
  return null;
}

/**
 * The first place after one that is taken at which nothing is in the way any more. All pieces are convex: what is in the way of one place is so without a
 * gap until one is past it.
 */
function firstPast(places: number[], taken: number, isTaken: (at: number) => boolean): number {
  let [low, high] = [taken + 1, places.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (isTaken(places[middle]!)) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** A piece that lies, by its edges across and along the strip in which a place is sought. */
interface Edges {
  lying: Lying;
  near: number;
  far: number;
  low: number;
  high: number;
}

function nearer(a: PlacedPiece, b: PlacedPiece, along: boolean): boolean {
  // By the far edge, so that a turn that lies flatter wins.
  const far = (p: PlacedPiece) => (along ? p.x + pieceBox(p).width : p.y + pieceBox(p).height);
  const near = (p: PlacedPiece) => (along ? p.y : p.x);
  return far(a) < far(b) - 1e-9 || (Math.abs(far(a) - far(b)) <= 1e-9 && near(a) < near(b) - 1e-9);
}

function turnsOf(shape: PieceShape): (0 | 1 | 2 | 3)[] {
  if (shape.shape === 'disc') return [0];
  if (shape.shape === 'half-disc') return [0, 1, 2, 3];
  return shape.length === shape.width ? [0] : [0, 1];
}

function bare(shape: PieceShape): PieceShape {
  if (shape.shape === 'rectangle') return { shape: 'rectangle', length: shape.length, width: shape.width };
  return { shape: shape.shape, diameter: shape.diameter };
}

/** Coordinates to try up to `most`: a grid, the far edge, and flush with the edges of what lies. */
function spots(
  most: number,
  placed: Placed[],
  axis: 'x' | 'y',
  box: { width: number; height: number },
  step: number,
): number[] {
  if (most < -1e-9) return [];
  const top = Math.max(0, most);
  const own = axis === 'x' ? box.width : box.height;
  const values = new Set<number>([0, top]);
  const curved = placed.some((p) => p.piece.shape !== 'rectangle');
  if (curved) for (let v = step; v < top; v += step) values.add(v);
  for (const { piece } of placed) {
    const size = pieceBox(piece);
    const [from, to] = axis === 'x' ? [piece.x, piece.x + size.width] : [piece.y, piece.y + size.height];
    for (const v of [to, from - own, from]) if (v >= 0 && v <= top) values.add(v);
  }
  return [...values].sort((a, b) => a - b);
}
