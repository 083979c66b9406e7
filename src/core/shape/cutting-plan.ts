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

/** Positions are tried at this distance, and at the edges of what lies already; farther apart on sheets of more than 60 cm. mm. */
const STEP = 5;
const stepOn = (sheet: Sheet) => Math.max(STEP, Math.max(sheet.length, sheet.width) / 120);
/** Above so many pieces one order is tried: small ones find their places in any. */
const MANY = 40;

/**
 * A plan for cutting pieces from one sheet, sound by construction: every piece lies on the sheet and `overlap` says of
 * every other that it is apart. Several orders and both directions of a bottom-left fill are tried, with nothing on the sheet, with straight or
 * shifted rows of discs, or with four blocks of rectangles around a hole; the plan with the most pieces wins, then the one with the most area
 * used.
 * Example: 600 × 400 gives 6 discs of 180; or 2 discs and 3 half-discs of 220; 600 × 600 gives 4 of 350 × 250. Finding none better is no proof
 * that none is.
 */
export function cuttingPlan(sheet: Sheet, wanted: WantedPiece[]): CuttingPlan {
  const counted = wanted.flatMap((w, kind) => Array.from({ length: w.count ?? 0 }, () => ({ kind, shape: w })));
  const byArea = largestFirst(counted);
  const ways = counted.length > MANY ? [byArea] : [counted, byArea, [...byArea].reverse()];
  const orders = [...new Map(ways.map((o) => [o.map((x) => x.kind).join(), o])).values()];
  let best: Placed[] = [];
  for (const found of waysToBegin(sheet, wanted, orders)) {
    if (better(found, best, wanted)) best = found;
    // Everything has its place, and nothing more is wanted.
    if (best.length === counted.length && wanted.every((w) => w.count !== null)) break;
  }
  const used = best.reduce((sum, p) => sum + pieceArea(p.piece), 0);
  const area = sheet.length * sheet.width;
  return {
    placed: best.map((p) => p.piece),
    missing: wanted.map((w, kind) => Math.max(0, (w.count ?? 0) - best.filter((p) => p.kind === kind).length)),
    waste: area - used,
    wasteShare: area === 0 ? 0 : (area - used) / area,
  };
}

interface Counted {
  kind: number;
  shape: PieceShape;
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

/** What is tried, one after the other: every order from an empty sheet, then what begins with rows or blocks; both ways along the sheet. */
function* waysToBegin(sheet: Sheet, wanted: WantedPiece[], orders: Counted[][]): Generator<Placed[]> {
  for (const along of [true, false]) {
    for (const order of orders) yield fill(sheet, order, wanted, along, []);
    const begins = along
      ? [...rowsOfDiscs(sheet, wanted, true), ...blocksAround(sheet, wanted)]
      : rowsOfDiscs(sheet, wanted, false);
    for (const begun of begins) yield fill(sheet, without(largestFirst(orders[0]!), begun), wanted, along, begun);
  }
}

const largestFirst = (order: Counted[]) => [...order].sort((a, b) => pieceArea(b.shape) - pieceArea(a.shape));

/** What is still to be placed once some pieces lie. */
function without(order: Counted[], begun: Placed[]): Counted[] {
  const laid = new Map<number, number>();
  for (const p of begun) laid.set(p.kind, (laid.get(p.kind) ?? 0) + 1);
  return order.filter(({ kind }) => {
    const left = laid.get(kind) ?? 0;
    laid.set(kind, left - 1);
    return left <= 0;
  });
}

function fill(sheet: Sheet, order: Counted[], wanted: WantedPiece[], along: boolean, begun: Placed[]): Placed[] {
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
    return along
      ? { piece, near: x, far: x + width, low: y, high: y + height }
      : { piece, near: y, far: y + height, low: x, high: x + width };
  });
  for (const o of outer) {
    // Only what reaches into this strip can be in the way.
    const inStrip = edges.filter((e) => e.near < o + size && e.far > o);
    // What was in the way is mostly in the way of the next place too, and is asked first.
    let last = inStrip[0];
    const meets = (e: Edges | undefined, i: number, piece: PlacedPiece) =>
      e !== undefined && e.low < i + across && e.high > i && overlap(e.piece, piece);
    for (const i of inner) {
      const piece: PlacedPiece = { ...shape, x: along ? o : i, y: along ? i : o };
      if (meets(last, i, piece)) continue;
      const inTheWay = inStrip.find((e) => meets(e, i, piece));
      if (!inTheWay) return piece;
      last = inTheWay;
    }
  }
  return null;
}

/** A piece that lies, by its edges across and along the strip in which a place is sought. */
interface Edges {
  piece: PlacedPiece;
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

/** Straight and shifted rows of each kind of disc, as many as are wanted; what else is wanted fills up what they leave. */
function rowsOfDiscs(sheet: Sheet, wanted: WantedPiece[], along: boolean): Placed[][] {
  return wanted.flatMap((w, kind) =>
    w.shape === 'disc'
      ? discRows(sheet, w.diameter, w.count ?? Infinity, along).map((row) => row.map((piece) => ({ kind, piece })))
      : [],
  );
}

function discRows(sheet: Sheet, diameter: number, most: number, along: boolean): PlacedPiece[][] {
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
function blocksAround(sheet: Sheet, wanted: WantedPiece[]): Placed[][] {
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

/** How many discs of one diameter come from a sheet in rows, straight or shifted. Example: 600 × 400 gives 6 of 180. */
export function discsPerSheet(sheet: Sheet, diameter: number): number {
  return Math.max(...[true, false].flatMap((along) => discRows(sheet, diameter, Infinity, along).map((r) => r.length)));
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
