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

/**
 * Do two pieces share more than an edge? Both are convex, so they are apart exactly if a line separates them; a line found
 * is a proof. Looked for along the axes, the line of centres, from corners to centres, and around the compass.
 */
export function overlap(a: PlacedPiece, b: PlacedPiece): boolean {
  const [p, q] = [pieceBox(a), pieceBox(b)];
  if (
    a.x + p.width <= b.x + EPSILON ||
    b.x + q.width <= a.x + EPSILON ||
    a.y + p.height <= b.y + EPSILON ||
    b.y + q.height <= a.y + EPSILON
  )
    return false;
  if (a.shape === 'rectangle' && b.shape === 'rectangle') return true;
  const [ca, cb] = [centre(a), centre(b)];
  if (a.shape === 'disc' && b.shape === 'disc')
    return Math.hypot(cb[0] - ca[0], cb[1] - ca[1]) < (a.diameter + b.diameter) / 2 - EPSILON;
  // Circles inside both that overlap decide it at once.
  const [ia, ib] = [inscribed(a, ca), inscribed(b, cb)];
  if (Math.hypot(ib.x - ia.x, ib.y - ia.y) < ia.radius + ib.radius - EPSILON) return true;
  const axes: Vector[] = [[cb[0] - ca[0], cb[1] - ca[1]]];
  for (const corner of corners(a)) axes.push([cb[0] - corner[0], cb[1] - corner[1]]);
  for (const corner of corners(b)) axes.push([corner[0] - ca[0], corner[1] - ca[1]]);
  axes.push(...COMPASS);
  return !axes.some((axis) => separates(axis, a, b));
}

type Vector = readonly [number, number];
const COMPASS: Vector[] = Array.from({ length: 64 }, (_, i) => [
  Math.cos((i * Math.PI) / 32),
  Math.sin((i * Math.PI) / 32),
]);

function separates([x, y]: Vector, a: PlacedPiece, b: PlacedPiece): boolean {
  const length = Math.hypot(x, y);
  if (length < EPSILON) return false;
  const n: Vector = [x / length, y / length];
  return reach(a, n) + reach(b, [-n[0], -n[1]]) <= EPSILON;
}

/** Middle of a disc, of the flat side of a half-disc, of a rectangle. */
function centre(piece: PlacedPiece): Vector {
  const { width, height } = pieceBox(piece);
  const { x, y } = piece;
  if (piece.shape !== 'half-disc') return [x + width / 2, y + height / 2];
  const bulge = BULGE[piece.turn]!;
  return [x + (width / 2) * (1 - bulge[0]), y + (height / 2) * (1 - bulge[1])];
}

/** The largest circle inside a piece. */
function inscribed(piece: PlacedPiece, [x, y]: Vector): { x: number; y: number; radius: number } {
  if (piece.shape === 'disc') return { x, y, radius: piece.diameter / 2 };
  if (piece.shape === 'rectangle') return { x, y, radius: Math.min(piece.length, piece.width) / 2 };
  const radius = piece.diameter / 4;
  const [bx, by] = BULGE[piece.turn]!;
  return { x: x + bx! * radius, y: y + by! * radius, radius };
}

/** Where a half-disc bulges to. */
const BULGE: readonly Vector[] = [
  [0, 1],
  [-1, 0],
  [0, -1],
  [1, 0],
];

function corners(piece: PlacedPiece): Vector[] {
  const { width, height } = pieceBox(piece);
  const { x, y } = piece;
  if (piece.shape === 'disc') return [];
  if (piece.shape === 'rectangle')
    return [
      [x, y],
      [x + width, y],
      [x, y + height],
      [x + width, y + height],
    ];
  const [cx, cy] = centre(piece);
  const radius = piece.diameter / 2;
  const [bx, by] = BULGE[piece.turn]!;
  return [
    [cx - by! * radius, cy + bx! * radius],
    [cx + by! * radius, cy - bx! * radius],
  ];
}

/** How far the piece reaches along a unit vector (its support function). */
function reach(piece: PlacedPiece, n: Vector): number {
  const [cx, cy] = centre(piece);
  const middle = cx * n[0] + cy * n[1];
  if (piece.shape === 'rectangle') {
    const { width, height } = pieceBox(piece);
    return middle + (Math.abs(n[0]) * width + Math.abs(n[1]) * height) / 2;
  }
  const radius = piece.diameter / 2;
  if (piece.shape === 'disc') return middle + radius;
  const [bx, by] = BULGE[piece.turn]!;
  const towards = n[0] * bx! + n[1] * by!;
  return middle + (towards >= 0 ? radius : radius * Math.abs(n[0] * by! - n[1] * bx!));
}
