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

/** Where a half-disc bulges to, by its turn. */
const BULGE = [
  [0, 1],
  [-1, 0],
  [0, -1],
  [1, 0],
] as const;

/**
 * A piece as it lies, in plain numbers: its box, the circle that it is (half) of, and the half of the plane on its round side. Whoever seeks a place asks
 * a million times whether two of them meet, and moves one of them each time. mm.
 */
export class Lying {
  left = 0;
  right = 0;
  low = 0;
  high = 0;
  /** Centre of its circle. */
  x = 0;
  y = 0;
  /** Null for a rectangle, which has no circle. */
  readonly radius: number | null;
  /** Its own side of the plane: all of it for what is no half-disc. */
  sideLeft = -Infinity;
  sideRight = Infinity;
  sideLow = -Infinity;
  sideHigh = Infinity;
  private readonly width: number;
  private readonly height: number;
  private readonly toCentre: readonly [number, number];
  /** The turn of a half-disc; null for all else. */
  private readonly halved: 0 | 1 | 2 | 3 | null;

  constructor(piece: PlacedPiece) {
    const { width, height } = pieceBox(piece);
    this.width = width;
    this.height = height;
    this.radius = piece.shape === 'rectangle' ? null : piece.diameter / 2;
    this.halved = piece.shape === 'half-disc' ? piece.turn : null;
    const [bx, by] = this.halved === null ? [0, 0] : BULGE[this.halved];
    this.toCentre = [(width / 2) * (1 - bx), (height / 2) * (1 - by)];
    this.moveTo(piece.x, piece.y);
  }

  /** Its lower left corner comes to lie there. */
  moveTo(x: number, y: number): void {
    this.left = x;
    this.right = x + this.width;
    this.low = y;
    this.high = y + this.height;
    this.x = x + this.toCentre[0];
    this.y = y + this.toCentre[1];
    if (this.halved === 3) this.sideLeft = this.x;
    else if (this.halved === 1) this.sideRight = this.x;
    else if (this.halved === 0) this.sideLow = this.y;
    else if (this.halved === 2) this.sideHigh = this.y;
  }
}

/** Do two pieces share more than an edge? Exact for all pairs of forms. */
export function meet(a: Lying, b: Lying): boolean {
  if (a.right <= b.left + EPSILON || b.right <= a.left + EPSILON) return false;
  if (a.high <= b.low + EPSILON || b.high <= a.low + EPSILON) return false;
  if (a.radius === null) return b.radius === null || roundMeetsBox(b, b.radius, a);
  if (b.radius === null) return roundMeetsBox(a, a.radius, b);
  return roundsMeet(a, a.radius, b, b.radius);
}

/** A circle reaches into what of the rectangle lies on the piece's own side, or it does not. */
function roundMeetsBox(piece: Lying, radius: number, box: Lying): boolean {
  const left = Math.max(box.left, piece.sideLeft);
  const right = Math.min(box.right, piece.sideRight);
  const low = Math.max(box.low, piece.sideLow);
  const high = Math.min(box.high, piece.sideHigh);
  if (right <= left + EPSILON || high <= low + EPSILON) return false;
  const dx = Math.max(left - piece.x, 0, piece.x - right);
  const dy = Math.max(low - piece.y, 0, piece.y - high);
  return Math.sqrt(dx * dx + dy * dy) < radius - EPSILON;
}

/**
 * The lens of two circles lies within both sides, or an edge of the sides runs through it, or they are apart. On an edge each circle cuts out
 * an interval: the lens is met where the intervals and the edge have something in common.
 */
function roundsMeet(p: Lying, pr: number, q: Lying, qr: number): boolean {
  const distance = Math.sqrt((q.x - p.x) ** 2 + (q.y - p.y) ** 2);
  if (distance >= pr + qr - EPSILON) return false;
  const left = Math.max(p.sideLeft, q.sideLeft);
  const right = Math.min(p.sideRight, q.sideRight);
  const low = Math.max(p.sideLow, q.sideLow);
  const high = Math.min(p.sideHigh, q.sideHigh);
  if (right <= left + EPSILON || high <= low + EPSILON) return false;
  // The deepest point of the lens, on the line of centres.
  const along = distance === 0 ? 0 : Math.max(0, Math.min(1, (distance + pr - qr) / (2 * distance)));
  const x = p.x + (q.x - p.x) * along;
  const y = p.y + (q.y - p.y) * along;
  if (x > left && x < right && y > low && y < high) return true;
  /** On a line, whose distances from the centres are these, between two ends. */
  const through = (off: number, pm: number, other: number, qm: number, from: number, to: number) => {
    const half = pr * pr - off * off;
    const otherHalf = qr * qr - other * other;
    // A line at infinity cuts nothing out: the square of its distance is infinite.
    if (!(half > 0 && otherHalf > 0)) return false;
    const [one, two] = [Math.sqrt(half), Math.sqrt(otherHalf)];
    return Math.min(pm + one, qm + two, to) > Math.max(pm - one, qm - two, from) + EPSILON;
  };
  return (
    through(left - p.x, p.y, left - q.x, q.y, low, high) ||
    through(right - p.x, p.y, right - q.x, q.y, low, high) ||
    through(low - p.y, p.x, low - q.y, q.x, left, right) ||
    through(high - p.y, p.x, high - q.y, q.x, left, right)
  );
}
