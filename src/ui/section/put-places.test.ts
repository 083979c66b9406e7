import type { CutPiece, CutPut } from './cut-piece';
import { aboveOf, besideOf, placesOf } from './put-places';

const piece: CutPiece = {
  ...{ form: { form: 'round', diameter: 200 }, width: 200, body: 100, height: 104, strata: [] },
  coats: [{ kind: 'final coat', thickness: 4, side: 100 }],
};
const put = (more: Partial<CutPut>): CutPut => ({
  ...{ as: 'items', where: 'rim', count: 8, size: 20, tall: 20 },
  ...more,
});

describe('where what is put on a cake is seen', () => {
  it('around the rim only behind the cut, within the coat, on top', () => {
    const places = placesOf(put({}), piece);
    expect(places).toHaveLength(5);
    expect(Math.max(...places.map((p) => p.x))).toBeCloseTo(94);
    expect(new Set(places.map((p) => p.y))).toEqual(new Set([-104]));
  });
  it('over the top a few side by side, many scattered', () => {
    const few = placesOf(put({ where: 'top', count: 9 }), piece).map((p) => Math.round(p.x));
    expect(few).toEqual([-80, -40, 0, 40, 80]);
    expect(placesOf(put({ where: 'top', count: 1 }), piece).map((p) => p.x)).toEqual([0]);
    const many = placesOf(put({ where: 'top', count: 50 }), piece).map((p) => p.x);
    expect(many.length).toBeGreaterThan(15);
    expect(Math.max(...many.map(Math.abs))).toBeLessThanOrEqual(94);
  });
  it('in turn with others between those', () => {
    const own = placesOf(put({ turn: { nth: 1, of: 2 } }), piece).map((p) => Math.round(p.x));
    const others = placesOf(put({ turn: { nth: 0, of: 2 } }), piece).map((p) => Math.round(p.x));
    expect(own.filter((x) => others.includes(x))).toEqual([]);
  });
  it('in the middle, at a spot of the clock, beside the foot', () => {
    expect(placesOf(put({ where: 'middle', count: 1 }), piece)).toEqual([{ x: 0, y: -104 }]);
    const [three] = placesOf(put({ where: 'spot', hour: 3, count: 1 }), piece);
    const [nine] = placesOf(put({ where: 'spot', hour: 9, count: 1 }), piece);
    expect(three!.x).toBeGreaterThan(50);
    expect(nine!.x).toBeCloseTo(-three!.x);
    expect(placesOf(put({ where: 'foot' }), piece)).toEqual([
      { x: 114, y: 0 },
      { x: -114, y: 0 },
    ]);
    expect(placesOf(put({ where: 'side', count: 4 }), piece).map((p) => p.y)).toEqual([-26, -26, -78, -78]);
  });
  it('never more of it than can be told apart, and on a dome only at its height', () => {
    expect(placesOf(put({ where: 'top', count: 4000 }), piece).length).toBeLessThanOrEqual(60);
    const dome: CutPiece = { ...piece, form: { form: 'half-sphere', diameter: 70 }, width: 70, height: 35 };
    for (const { x } of placesOf(put({ where: 'top', size: 4 }), dome)) expect(Math.abs(x)).toBeLessThan(10);
  });
  it('stands above and beside the piece by as much as it is large', () => {
    const with2 = { ...piece, put: [put({}), put({ where: 'foot', size: 12 })] };
    expect([aboveOf(with2), besideOf(with2)]).toEqual([20, 12]);
    expect([aboveOf(piece), besideOf(piece)]).toEqual([0, 0]);
  });
});
