import { coatOutline, outlineOf, shellsOf, type CutPiece } from './cut-piece';

const piece: CutPiece = {
  ...{ form: { form: 'round', diameter: 200 }, width: 200, body: 100, height: 104, strata: [] },
  coats: [
    { kind: 'crumb coat', thickness: 2, side: 100 },
    { kind: 'coat', thickness: 3, side: 40, beside: true },
    { kind: 'final coat', thickness: 4, side: 102 },
  ],
};

describe('coats that are cut open', () => {
  it('lie around what is under them; one that is on the wall alone stands beside it and adds no height', () => {
    const shells = shellsOf(piece);
    expect(shells.map((s) => [s.out, s.up])).toEqual([
      [2, 2],
      [5, 2],
      [9, 6],
    ]);
    expect(coatOutline(piece, shells[0]!)).toBe('M-102 0V-102H102V0Z');
    expect(coatOutline(piece, shells[1]!)).toBe('M-102 0V-40H-105L-105 0ZM102 0V-40H105L105 0Z');
  });
  it('show on their wall with what they were finished, within what they are thick', () => {
    const smooth = outlineOf(piece, 9, 6, 'smooth');
    expect(smooth).toBe(outlineOf(piece, 9, 6));
    const combed = outlineOf(piece, 9, 6, 'combed');
    const xs = [...combed.matchAll(/L(-?[\d.]+)/g)].map((m) => Math.abs(Number(m[1])));
    expect(xs.length).toBeGreaterThan(40);
    expect(Math.max(...xs)).toBe(109);
    expect(Math.min(...xs)).toBeCloseTo(107.6);
    expect(outlineOf(piece, 9, 6, 'swirled')).toContain('Q');
  });
});
