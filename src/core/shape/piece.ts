/** What is cut from a sheet. mm. */
export type PieceShape =
  | { shape: 'disc'; diameter: number }
  | { shape: 'half-disc'; diameter: number }
  | { shape: 'rectangle'; length: number; width: number };

/**
 * A piece on the sheet: the lower left corner of its bounding box, and how it is turned, in quarters anti-clockwise. A
 * half-disc unturned lies on its flat side.
 */
export type PlacedPiece = PieceShape & { x: number; y: number; turn: 0 | 1 | 2 | 3 };

/** Touching is allowed; this much overlap is rounding. mm. */
const EPSILON = 1e-6;

/** Width and height of the bounding box. */
export function pieceBox(piece: PieceShape & { turn: number }): { width: number; height: number } {
  const upright = piece.turn % 2 === 1;
  const [width, height] =
    piece.shape === 'disc'
      ? [piece.diameter, piece.diameter]
      : piece.shape === 'half-disc'
        ? [piece.diameter, piece.diameter / 2]
        : [piece.length, piece.width];
  return upright ? { width: height, height: width } : { width, height };
}

/** mm². */
export function pieceArea(piece: PieceShape): number {
  if (piece.shape === 'rectangle') return piece.length * piece.width;
  return (Math.PI * piece.diameter ** 2) / (piece.shape === 'disc' ? 4 : 8);
}

/** Do two pieces share more than an edge? Exact for all pairs of forms. */
export function overlap(a: PlacedPiece, b: PlacedPiece): boolean {
  const [p, q] = [boxOf(a), boxOf(b)];
  if (p.right <= q.left + EPSILON || q.right <= p.left + EPSILON) return false;
  if (p.high <= q.low + EPSILON || q.high <= p.low + EPSILON) return false;
  if (a.shape === 'rectangle') return b.shape === 'rectangle' || roundMeetsBox(b, p);
  if (b.shape === 'rectangle') return roundMeetsBox(a, q);
  return roundsMeet(a, b);
}

type Vector = readonly [number, number];
type Round = Exclude<PlacedPiece, { shape: 'rectangle' }>;

/** An upright rectangle by its edges; those of a half-plane lie at infinity. */
interface Box {
  left: number;
  right: number;
  low: number;
  high: number;
}

function boxOf(piece: PlacedPiece): Box {
  const { width, height } = pieceBox(piece);
  return { left: piece.x, right: piece.x + width, low: piece.y, high: piece.y + height };
}

/** Where a half-disc bulges to. */
const BULGE: readonly Vector[] = [
  [0, 1],
  [-1, 0],
  [0, -1],
  [1, 0],
];

/** The circle that a disc or half-disc is (half) of. */
function circleOf(piece: Round): { x: number; y: number; radius: number } {
  const { width, height } = pieceBox(piece);
  const [bx, by] = piece.shape === 'disc' ? [0, 0] : BULGE[piece.turn]!;
  return {
    x: piece.x + (width / 2) * (1 - bx!),
    y: piece.y + (height / 2) * (1 - by!),
    radius: piece.diameter / 2,
  };
}

/** The half of the plane on the round side of a half-disc; the whole of it for a disc. */
function sideOf(piece: Round): Box {
  const { x, y } = circleOf(piece);
  const half = piece.shape === 'half-disc';
  return {
    left: half && piece.turn === 3 ? x : -Infinity,
    right: half && piece.turn === 1 ? x : Infinity,
    low: half && piece.turn === 0 ? y : -Infinity,
    high: half && piece.turn === 2 ? y : Infinity,
  };
}

const common = (p: Box, q: Box): Box => ({
  left: Math.max(p.left, q.left),
  right: Math.min(p.right, q.right),
  low: Math.max(p.low, q.low),
  high: Math.min(p.high, q.high),
});

/** A circle reaches into what of the rectangle lies on the piece's own side, or it does not. */
function roundMeetsBox(piece: Round, box: Box): boolean {
  const own = common(box, sideOf(piece));
  if (own.right <= own.left + EPSILON || own.high <= own.low + EPSILON) return false;
  const { x, y, radius } = circleOf(piece);
  const dx = Math.max(own.left - x, 0, x - own.right);
  const dy = Math.max(own.low - y, 0, y - own.high);
  return Math.hypot(dx, dy) < radius - EPSILON;
}

/**
 * The lens of two circles lies within both sides, or an edge of the sides runs through it, or they are apart. On an edge each circle cuts out
 * an interval: the lens is met where the intervals and the edge have something in common.
 */
function roundsMeet(a: Round, b: Round): boolean {
  const [p, q] = [circleOf(a), circleOf(b)];
  const distance = Math.hypot(q.x - p.x, q.y - p.y);
  if (distance >= p.radius + q.radius - EPSILON) return false;
  if (a.shape === 'disc' && b.shape === 'disc') return true;
  const sides = common(sideOf(a), sideOf(b));
  if (sides.right <= sides.left + EPSILON || sides.high <= sides.low + EPSILON) return false;
  // The deepest point of the lens, on the line of centres.
  const along = distance === 0 ? 0 : Math.max(0, Math.min(1, (distance + p.radius - q.radius) / (2 * distance)));
  const [x, y] = [p.x + (q.x - p.x) * along, p.y + (q.y - p.y) * along];
  if (x > sides.left && x < sides.right && y > sides.low && y < sides.high) return true;
  const through = (at: number, from: number, to: number, upright: boolean) => {
    if (!Number.isFinite(at)) return false;
    const [one, other] = [cutOut(p, at, upright), cutOut(q, at, upright)];
    return (
      one !== null && other !== null && Math.min(one[1], other[1], to) > Math.max(one[0], other[0], from) + EPSILON
    );
  };
  return (
    through(sides.left, sides.low, sides.high, true) ||
    through(sides.right, sides.low, sides.high, true) ||
    through(sides.low, sides.left, sides.right, false) ||
    through(sides.high, sides.left, sides.right, false)
  );
}

/** From where to where a circle lies on the line at x (upright) or y. */
function cutOut(
  { x, y, radius }: { x: number; y: number; radius: number },
  at: number,
  upright: boolean,
): Vector | null {
  const [off, middle] = upright ? [at - x, y] : [at - y, x];
  const half = radius ** 2 - off ** 2;
  return half <= 0 ? null : [middle - Math.sqrt(half), middle + Math.sqrt(half)];
}
