import { say } from '../words/say';
import { cutFromSheets, MOST_COVERED, type CuttingPlan } from './cutting-plan';
import type { Sheet } from './wanted-piece';
import type { Form } from './form';
import { pieceArea, type PieceShape } from './piece';
import { coveringDisc } from './rim';

/** The piece of a sheet that a layer of a form is cut from: its own shape, or the disc that covers it. */
export function sheetPieceOf(form: Form): PieceShape {
  switch (form.form) {
    case 'square':
      return { shape: 'rectangle', length: form.side, width: form.side };
    case 'rectangle':
      return { shape: 'rectangle', length: form.length, width: form.width };
    default:
      return { shape: 'disc', diameter: coveringDisc(form) };
  }
}

/** How pieces are cut from sheets. */
export interface SheetsFor {
  sheets: number;
  /** Discs that are made of two halves. */
  halved: number;
  plans: CuttingPlan[];
}

/** A piece that does not go onto its sheet, in words. */
export class TooLargeForSheet extends Error {}

type Wanted = PieceShape & { count: number };

/** What was worked out before: the same question comes with every look at an order. */
const known = new Map<string, SheetsFor>();
const MOST_KNOWN = 500;
/**
 * The fewest sheets from which all pieces can be cut, by the one cutting plan of the house; where halves are allowed, the largest discs may be
 * made of two, as few of them as help. Throws `TooLargeForSheet`.
 * Example: six discs of 220 mm from 600 × 400: three sheets of whole ones, two if one or two of them are halved.
 */
export function sheetsFor(sheet: Sheet, wanted: Wanted[], halves: boolean): SheetsFor {
  const key = JSON.stringify([sheet, wanted, halves]);
  const before = known.get(key);
  if (before) return before;
  const found = cut(sheet, wanted, halves);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, found);
  return found;
}

function cut(sheet: Sheet, wanted: Wanted[], halves: boolean): SheetsFor {
  const whole = cutFromSheets(sheet, wanted);
  let best: SheetsFor | null = whole && { sheets: whole.length, halved: 0, plans: whole };
  const area = wanted.reduce((sum, w) => sum + w.count * pieceArea(w), 0);
  // Round pieces never cover more of a sheet than this.
  const least = Math.ceil(area / (sheet.length * sheet.width * MOST_COVERED));
  const discs = wanted.filter((w) => w.shape === 'disc').sort((a, b) => pieceArea(b) - pieceArea(a));
  const largest = discs[0];
  for (let halved = 1; halves && largest?.shape === 'disc' && halved <= largest.count; halved++) {
    if (best && best.sheets <= least) break;
    const pieces = [
      ...wanted.map((w) => (w === largest ? { ...w, count: w.count - halved } : w)),
      { shape: 'half-disc' as const, diameter: largest.diameter, count: 2 * halved },
    ];
    const plans = cutFromSheets(sheet, pieces, best ? best.sheets - 1 : Infinity);
    if (plans && (!best || plans.length < best.sheets)) best = { sheets: plans.length, halved, plans };
  }
  if (!best) throw new TooLargeForSheet(tooLarge(sheet, wanted));
  return best;
}

function tooLarge(sheet: Sheet, wanted: Wanted[]): string {
  const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;
  const piece = wanted.find((w) => w.count > 0 && cutFromSheets(sheet, [{ ...w, count: 1 }]) === null)!;
  const said =
    piece.shape === 'rectangle'
      ? say`${cm(piece.length)} × ${cm(piece.width)} cm`
      : say`a disc of ${cm(piece.diameter)} cm`;
  return say`The sheet of ${cm(sheet.length)} × ${cm(sheet.width)} cm is too small for ${said}.`;
}
