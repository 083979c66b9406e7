import { fc, runs } from '../testing/chance';
import { pieceArea, pieceBox, type PlacedPiece } from './piece';
import { overlap } from './testing/overlap';

const disc = (x: number, y: number, diameter: number): PlacedPiece => ({ shape: 'disc', diameter, x, y, turn: 0 });
const half = (x: number, y: number, diameter: number, turn: 0 | 1 | 2 | 3): PlacedPiece => ({
  ...{ shape: 'half-disc', diameter, x, y, turn },
});
const rect = (x: number, y: number, length: number, width: number, turn: 0 | 1 = 0): PlacedPiece => ({
  ...{ shape: 'rectangle', length, width, x, y, turn },
});

const at = fc.integer({ min: 0, max: 120 });
const size = fc.integer({ min: 20, max: 90 });
const anyPiece: fc.Arbitrary<PlacedPiece> = fc.oneof(
  fc.tuple(at, at, size).map(([x, y, d]) => disc(x, y, d)),
  fc.tuple(at, at, size, fc.constantFrom(0, 1, 2, 3)).map(([x, y, d, t]) => half(x, y, d, t as 0 | 1 | 2 | 3)),
  fc.tuple(at, at, size, size, fc.constantFrom(0, 1)).map(([x, y, l, w, t]) => rect(x, y, l, w, t as 0 | 1)),
);

/** Does a point lie inside a piece, as its words say: a half-disc unturned lies on its flat side, and turns anti-clockwise. */
function holds(p: PlacedPiece, x: number, y: number): boolean {
  const { width, height } = pieceBox(p);
  const [u, v] = [x - p.x, y - p.y];
  if (u <= 0 || v <= 0 || u >= width || v >= height) return false;
  if (p.shape === 'rectangle') return true;
  const r = p.diameter / 2;
  if (p.shape === 'disc') return Math.hypot(u - r, v - r) < r;
  const [cx, cy] = [
    [r, 0],
    [r, r],
    [r, r],
    [0, r],
  ][p.turn]!;
  return Math.hypot(u - cx!, v - cy!) < r;
}

/** A point that two pieces share, looked for on a grid of half a millimetre. */
function shares(a: PlacedPiece, b: PlacedPiece): boolean {
  const [p, q] = [pieceBox(a), pieceBox(b)];
  const step = 0.5;
  for (let x = Math.max(a.x, b.x) + step / 2; x < Math.min(a.x + p.width, b.x + q.width); x += step)
    for (let y = Math.max(a.y, b.y) + step / 2; y < Math.min(a.y + p.height, b.y + q.height); y += step)
      if (holds(a, x, y) && holds(b, x, y)) return true;
  return false;
}

describe('two pieces', () => {
  it('overlap where they share a point, and only there', () => {
    let met = 0;
    fc.assert(
      fc.property(anyPiece, anyPiece, (a, b) => {
        const said = overlap(a, b);
        expect(overlap(b, a)).toBe(said);
        if (shares(a, b)) {
          met++;
          expect({ a, b, said }).toEqual({ a, b, said: true });
        } else if (said) {
          // A sliver between the points of the grid: it is gone once one of them is a little smaller.
          const smaller =
            b.shape === 'rectangle'
              ? { ...b, length: b.length - 3, width: b.width - 3 }
              : { ...b, diameter: b.diameter - 3 };
          expect(overlap(a, { ...smaller, x: b.x + 1.5, y: b.y + 1.5 } as PlacedPiece)).toBe(false);
        }
      }),
      runs(600, 3000),
    );
    expect(met).toBeGreaterThan(100);
  });

  it('that touch are apart', () => {
    expect(overlap(rect(0, 0, 50, 30), rect(50, 0, 20, 30))).toBe(false);
    expect(overlap(rect(0, 0, 50, 30), rect(0, 30, 20, 30))).toBe(false);
    expect(overlap(rect(0, 0, 50, 30), rect(49.9, 29.9, 20, 30))).toBe(true);
    expect(overlap(disc(0, 0, 40), disc(40, 0, 40))).toBe(false);
    expect(overlap(disc(0, 0, 40), disc(39.9, 0, 40))).toBe(true);
    expect(overlap(half(0, 0, 40, 0), half(0, -20, 40, 2))).toBe(false);
    expect(overlap(half(0, 0, 40, 0), half(0, -19.9, 40, 2))).toBe(true);
    expect(overlap(half(0, 0, 40, 1), half(20, 0, 40, 3))).toBe(false);
    expect(overlap(half(0, 0, 40, 0), rect(0, -30, 40, 30))).toBe(false);
    // In the corner of its box a disc leaves room.
    expect(overlap(disc(0, 0, 100), rect(0, 0, 14, 14))).toBe(false);
    expect(overlap(disc(0, 0, 100), rect(0, 0, 15, 15))).toBe(true);
    expect(overlap(disc(0, 0, 100), disc(85, 85, 100))).toBe(false);
    expect(overlap(half(0, 0, 100, 0), half(0, 0, 100, 2))).toBe(true);
    expect(overlap(half(0, 0, 40, 0), half(0, 0, 40, 0))).toBe(true);
  });

  it('have the box and the area of their shape, turned or not', () => {
    expect(pieceBox(half(0, 0, 40, 0))).toEqual({ width: 40, height: 20 });
    expect(pieceBox(half(0, 0, 40, 3))).toEqual({ width: 20, height: 40 });
    expect(pieceBox(rect(0, 0, 50, 30, 1))).toEqual({ width: 30, height: 50 });
    expect(pieceBox(disc(0, 0, 40))).toEqual({ width: 40, height: 40 });
    expect([pieceArea(rect(0, 0, 50, 30)), pieceArea(disc(0, 0, 40))]).toEqual([1500, Math.PI * 400]);
    expect(pieceArea(half(0, 0, 40, 0))).toBeCloseTo(Math.PI * 200, 9);
  });
});
