import { fc, runs } from '../testing/chance';
import { cutFromSheets, cuttingPlan } from './cutting-plan';
import { discsPerSheet } from './testing/discs-per-sheet';
import type { WantedPiece } from './wanted-piece';
import { pieceArea, pieceBox, type PlacedPiece } from './piece';
import { overlap } from './testing/overlap';

const sheet = { length: 600, width: 400 };

/** Points of a piece on a fine raster: an independent look at whether two pieces share ground. */
function covers(p: PlacedPiece, x: number, y: number): boolean {
  const { width, height } = pieceBox(p);
  if (x <= p.x || x >= p.x + width || y <= p.y || y >= p.y + height) return false;
  if (p.shape === 'rectangle') return true;
  const r = p.diameter / 2;
  const [cx, cy] =
    p.shape === 'disc'
      ? [p.x + r, p.y + r]
      : ([
          [p.x + r, p.y],
          [p.x + r, p.y + r],
          [p.x + r, p.y + r],
          [p.x, p.y + r],
        ][p.turn] as [number, number]);
  return Math.hypot(x - cx, y - cy) < r;
}

function expectSound(placed: PlacedPiece[], on = sheet) {
  for (const p of placed) {
    const { width, height } = pieceBox(p);
    expect(p.x).toBeGreaterThanOrEqual(-1e-6);
    expect(p.y).toBeGreaterThanOrEqual(-1e-6);
    expect(p.x + width).toBeLessThanOrEqual(on.length + 1e-6);
    expect(p.y + height).toBeLessThanOrEqual(on.width + 1e-6);
  }
  let shared = 0;
  for (let x = 1; x < on.length; x += 4)
    for (let y = 1; y < on.width; y += 4) if (placed.filter((p) => covers(p, x, y)).length > 1) shared++;
  expect(shared).toBe(0);
}

describe('cutting plans', () => {
  it('six discs of 180 mm from 600 × 400', () => {
    const plan = cuttingPlan(sheet, [{ shape: 'disc', diameter: 180, count: null }]);
    expect(plan.placed).toHaveLength(6);
    expectSound(plan.placed);
    expect(plan.waste).toBeCloseTo(240_000 - 6 * Math.PI * 8100, 3);
  });

  it('two discs and at least three half-discs of 220 mm', () => {
    const plan = cuttingPlan(sheet, [
      { shape: 'disc', diameter: 220, count: 2 },
      { shape: 'half-disc', diameter: 220, count: 3 },
    ]);
    expect(plan.missing).toEqual([0, 0]);
    expect(plan.placed).toHaveLength(5);
    expectSound(plan.placed);
  });

  it('four rectangles around a hole, and more of them in blocks', () => {
    const square = { length: 600, width: 600 };
    const four = cuttingPlan(square, [{ shape: 'rectangle', length: 350, width: 250, count: 4 }]);
    expect([four.placed.length, four.missing]).toEqual([4, [0]]);
    expectSound(four.placed, square);
    // Each block of two: lying ones side by side above one another, standing ones beside them.
    const eight = cuttingPlan(square, [{ shape: 'rectangle', length: 350, width: 125, count: null }]);
    expect(eight.placed.length).toBeGreaterThanOrEqual(8);
    expectSound(eight.placed, square);
    const some = cuttingPlan(square, [{ shape: 'rectangle', length: 350, width: 250, count: 3 }]);
    expect([some.placed.length, some.missing]).toEqual([3, [0]]);
    // Two of 320 × 290 one way and two the other would meet in the middle.
    expect(cuttingPlan(square, [{ shape: 'rectangle', length: 320, width: 290, count: 4 }]).placed.length).toBeLessThan(
      4,
    );
  });

  it('rows of discs, straight or shifted, with halves in what they leave', () => {
    const shifted = cuttingPlan({ length: 650, width: 280 }, [{ shape: 'disc', diameter: 150, count: null }]);
    expect(shifted.placed.length).toBeGreaterThanOrEqual(7);
    const mixed = cuttingPlan(sheet, [
      { shape: 'disc', diameter: 190, count: 6 },
      { shape: 'half-disc', diameter: 90, count: null },
    ]);
    expect(mixed.missing[0]).toBe(0);
    expect(mixed.placed.filter((p) => p.shape === 'half-disc').length).toBeGreaterThan(0);
    expectSound(mixed.placed);
  });

  it('a hundred and twenty pieces', () => {
    const wanted: WantedPiece[] = [
      { shape: 'disc', diameter: 40, count: 60 },
      { shape: 'rectangle', length: 40, width: 30, count: 60 },
    ];
    const plan = cuttingPlan(sheet, wanted);
    expect(plan.missing).toEqual([0, 0]);
    expectSound(plan.placed);
  });

  it('says what found no place, and takes another sheet for it', () => {
    const wanted: (WantedPiece & { count: number })[] = [{ shape: 'disc', diameter: 220, count: 5 }];
    expect(cuttingPlan(sheet, wanted).missing).toEqual([2]);
    const plans = cutFromSheets(sheet, wanted)!;
    expect(plans.map((p) => p.placed.length)).toEqual([3, 2]);
    expect(cutFromSheets(sheet, [{ shape: 'disc', diameter: 401, count: 1 }])).toBeNull();
    expect(discsPerSheet(sheet, 401)).toBe(0);
  });

  it('never lets two pieces overlap, nor one leave the sheet', () => {
    const piece: fc.Arbitrary<WantedPiece> = fc.oneof(
      fc.record({
        shape: fc.constant('disc' as const),
        diameter: fc.integer({ min: 60, max: 380 }),
        count: fc.integer({ min: 1, max: 4 }),
      }),
      fc.record({
        shape: fc.constant('half-disc' as const),
        diameter: fc.integer({ min: 60, max: 380 }),
        count: fc.integer({ min: 1, max: 3 }),
      }),
      fc.record({
        shape: fc.constant('rectangle' as const),
        length: fc.integer({ min: 40, max: 590 }),
        width: fc.integer({ min: 40, max: 390 }),
        count: fc.integer({ min: 1, max: 4 }),
      }),
    );
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 3 }), (wanted) => {
        const plan = cuttingPlan(sheet, wanted);
        expectSound(plan.placed);
        const used = plan.placed.reduce((sum, p) => sum + pieceArea(p), 0);
        expect(used + plan.waste).toBeCloseTo(240_000, 3);
        const counted = wanted.reduce((sum, w) => sum + w.count!, 0);
        expect(plan.placed.length + plan.missing.reduce((a, b) => a + b, 0)).toBe(counted);
      }),
      runs(6, 24),
    );
  }, 60_000);

  it('sees an overlap that only the curve avoids', () => {
    const half = (x: number, y: number, turn: 0 | 2): PlacedPiece => ({
      shape: 'half-disc',
      diameter: 200,
      x,
      y,
      turn,
    });
    expect(overlap(half(0, 0, 0), half(0, 100, 2))).toBe(false);
    expect(overlap(half(0, 0, 0), half(0, 90, 2))).toBe(true);
    const corner: PlacedPiece = { shape: 'rectangle', length: 60, width: 60, x: 175, y: 175, turn: 0 };
    expect(overlap({ shape: 'disc', diameter: 200, x: 0, y: 0, turn: 0 }, corner)).toBe(false);
  });
});
