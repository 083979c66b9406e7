import { overlap, pieceArea, pieceBox, type PieceShape, type PlacedPiece } from './piece';

export interface Sheet {
  length: number;
  width: number;
}

/** Pieces wanted; `count` null takes as many as still fit once all counted ones lie. */
export type WantedPiece = PieceShape & { count: number | null };

export interface CuttingPlan {
  placed: PlacedPiece[];
  /** Pieces of each wanted kind that found no place, in the order in which they were asked for. */
  missing: number[];
  /** mm², and as a share of the sheet. */
  waste: number;
  wasteShare: number;
}

/** Positions are tried at this distance, and at the edges of what lies already. mm. */
const STEP = 5;

/**
 * A plan for cutting pieces from one sheet, sound by construction: every piece lies on the sheet and `overlap` has proved
 * it apart from every other. Several orders and both directions of a bottom-left fill are tried, and for equal discs
 * straight and shifted rows; the plan with the most pieces wins, then the one with the most area used.
 * Example: 600 × 400 gives 6 discs of 180; or 2 discs and 3 half-discs of 220. Finding none better is no proof that none is.
 */
export function cuttingPlan(sheet: Sheet, wanted: WantedPiece[]): CuttingPlan {
  const counted = wanted.flatMap((w, kind) => Array.from({ length: w.count ?? 0 }, () => ({ kind, shape: w })));
  const byArea = [...counted].sort((a, b) => pieceArea(b.shape) - pieceArea(a.shape));
  const orders = [
    ...new Map([counted, byArea, [...byArea].reverse()].map((o) => [o.map((x) => x.kind).join(), o])).values(),
  ];
  const tries: Placed[][] = [];
  for (const along of [true, false]) {
    for (const order of orders) tries.push(fill(sheet, order, wanted, along, []));
    tries.push(...rowsOfDiscs(sheet, wanted, along).map((rows) => fill(sheet, rows.left, wanted, along, rows.placed)));
  }
  const best = tries.reduce((a, b) => (better(b, a, wanted) ? b : a));
  const used = best.reduce((sum, p) => sum + pieceArea(p.piece), 0);
  const area = sheet.length * sheet.width;
  return {
    placed: best.map((p) => p.piece),
    missing: wanted.map((w, kind) => Math.max(0, (w.count ?? 0) - best.filter((p) => p.kind === kind).length)),
    waste: area - used,
    wasteShare: area === 0 ? 0 : (area - used) / area,
  };
}

interface Placed {
  kind: number;
  piece: PlacedPiece;
}

/** Wanted pieces first: what is counted weighs more than what only fills up. */
function better(a: Placed[], b: Placed[], wanted: WantedPiece[]): boolean {
  const counted = (list: Placed[]) => list.filter((p) => wanted[p.kind]!.count !== null).length;
  const area = (list: Placed[]) => list.reduce((sum, p) => sum + pieceArea(p.piece), 0);
  return (counted(a) - counted(b) || a.length - b.length || area(a) - area(b)) > 1e-9;
}

function fill(
  sheet: Sheet,
  order: { kind: number; shape: PieceShape }[],
  wanted: WantedPiece[],
  along: boolean,
  begun: Placed[],
): Placed[] {
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
    const xs = spots(sheet.length - box.width, placed, 'x', box);
    const ys = spots(sheet.width - box.height, placed, 'y', box);
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
  for (const o of outer)
    for (const i of inner) {
      const piece: PlacedPiece = { ...shape, x: along ? o : i, y: along ? i : o };
      if (!placed.some((p) => overlap(p.piece, piece))) return piece;
    }
  return null;
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
function spots(most: number, placed: Placed[], axis: 'x' | 'y', box: { width: number; height: number }): number[] {
  if (most < -1e-9) return [];
  const top = Math.max(0, most);
  const own = axis === 'x' ? box.width : box.height;
  const values = new Set<number>([0, top]);
  const curved = placed.some((p) => p.piece.shape !== 'rectangle');
  if (curved) for (let v = STEP; v < top; v += STEP) values.add(v);
  for (const { piece } of placed) {
    const size = pieceBox(piece);
    const [from, to] = axis === 'x' ? [piece.x, piece.x + size.width] : [piece.y, piece.y + size.height];
    for (const v of [to, from - own, from]) if (v >= 0 && v <= top) values.add(v);
  }
  return [...values].sort((a, b) => a - b);
}

/** Straight and shifted rows where all that is wanted are discs of one size. */
function rowsOfDiscs(
  sheet: Sheet,
  wanted: WantedPiece[],
  along: boolean,
): { placed: Placed[]; left: { kind: number; shape: PieceShape }[] }[] {
  const [only] = wanted;
  if (wanted.length !== 1 || only?.shape !== 'disc') return [];
  const d = only.diameter;
  const [long, short] = along ? [sheet.length, sheet.width] : [sheet.width, sheet.length];
  const most = only.count ?? Infinity;
  return [0, d / 2].map((shift) => {
    const rise = shift === 0 ? d : (d * Math.sqrt(3)) / 2;
    const placed: Placed[] = [];
    for (let row = 0; row * rise + d <= short + 1e-9; row++)
      for (let x = row % 2 === 1 ? shift : 0; x + d <= long + 1e-9 && placed.length < most; x += d) {
        const y = row * rise;
        placed.push({ kind: 0, piece: { shape: 'disc', diameter: d, x: along ? x : y, y: along ? y : x, turn: 0 } });
      }
    const left = Array.from({ length: Math.max(0, (only.count ?? 0) - placed.length) }, () => ({
      kind: 0,
      shape: only,
    }));
    return { placed, left };
  });
}

/** How many discs of one diameter come from a sheet in rows, straight or shifted. Example: 600 × 400 gives 6 of 180. */
export function discsPerSheet(sheet: Sheet, diameter: number): number {
  const wanted: WantedPiece[] = [{ shape: 'disc', diameter, count: null }];
  return Math.max(...[true, false].flatMap((along) => rowsOfDiscs(sheet, wanted, along).map((r) => r.placed.length)));
}

/**
 * Sheets needed for what is wanted, each cut by a plan of its own; what one leaves out goes onto the next. Null if a piece is
 * larger than the sheet.
 */
export function cutFromSheets(sheet: Sheet, wanted: (PieceShape & { count: number })[]): CuttingPlan[] | null {
  const plans: CuttingPlan[] = [];
  let open = wanted;
  while (open.some((w) => w.count > 0)) {
    const plan = cuttingPlan(sheet, open);
    if (plan.placed.length === 0) return null;
    plans.push(plan);
    open = open.map((w, i) => ({ ...w, count: plan.missing[i]! }));
  }
  return plans;
}
