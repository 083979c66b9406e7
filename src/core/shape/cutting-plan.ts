import { fill } from './bottom-left-fill';
import { pieceArea, type PieceShape, type PlacedPiece } from './piece';
import { blocksAround, rowsOfDiscs } from './rows-and-blocks';
import type { Counted, Placed, Sheet, WantedPiece } from './wanted-piece';

export interface CuttingPlan {
  placed: PlacedPiece[];
  /** Pieces of each wanted kind that found no place, in the order in which they were asked for. */
  missing: number[];
  /** mm², and as a share of the sheet. */
  waste: number;
  wasteShare: number;
}

/** Above so many pieces one order is tried: small ones find their places in any. */
const MANY = 40;

/**
 * A plan for cutting pieces from one sheet, sound by construction: every piece lies on the sheet and `meet` says of
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

/** Share of a sheet that round pieces cover at best. */
export const MOST_COVERED = 0.92;

/**
 * Sheets needed for what is wanted, each cut by a plan of its own; what one leaves out goes onto the next. Null if a piece is
 * larger than the sheet, or if more than `most` sheets would be needed.
 */
export function cutFromSheets(
  sheet: Sheet,
  wanted: (PieceShape & { count: number })[],
  most = Infinity,
): CuttingPlan[] | null {
  const plans: CuttingPlan[] = [];
  let open = wanted;
  while (open.some((w) => w.count > 0)) {
    if (plans.length >= most) return null;
    const plan = cuttingPlan(sheet, open);
    if (plan.placed.length === 0) return null;
    plans.push(plan);
    open = open.map((w, i) => ({ ...w, count: plan.missing[i]! }));
    const area = open.reduce((sum, w) => sum + w.count * pieceArea(w), 0);
    // What is left does not go onto so few sheets, however it is laid.
    if (area > (most - plans.length) * sheet.length * sheet.width) return null;
  }
  return plans;
}
