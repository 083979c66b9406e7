import { pieceArea } from './piece';
import { sheetPieceOf, sheetsFor, TooLargeForSheet } from './sheets-for';

const sheet = { length: 600, width: 400 };
const disc = (diameter: number, count: number) => ({ shape: 'disc' as const, diameter, count });

describe('sheets for what is cut', () => {
  it('as few as the cutting plan needs', () => {
    expect(sheetsFor(sheet, [disc(180, 6)], false).sheets).toBe(1);
    expect(sheetsFor(sheet, [disc(220, 6)], false)).toMatchObject({ sheets: 2, halved: 0 });
  });
  it('fewer where discs may be halved, as few of them as help; every piece is cut', () => {
    const whole = sheetsFor(sheet, [disc(250, 5)], false);
    const halved = sheetsFor(sheet, [disc(250, 5)], true);
    expect(halved.sheets).toBeLessThan(whole.sheets);
    expect(halved.halved).toBeGreaterThan(0);
    const cut = halved.plans.flatMap((p) => p.placed);
    expect(cut.filter((p) => p.shape === 'disc')).toHaveLength(5 - halved.halved);
    expect(cut.filter((p) => p.shape === 'half-disc')).toHaveLength(2 * halved.halved);
    expect(cut.reduce((sum, p) => sum + pieceArea(p), 0)).toBeCloseTo(5 * Math.PI * 125 ** 2, 3);
    expect(sheetsFor(sheet, [disc(180, 6)], true).halved).toBe(0);
  });
  it('the same question has the same answer', () => {
    expect(sheetsFor(sheet, [disc(220, 6)], false)).toBe(sheetsFor(sheet, [disc(220, 6)], false));
  });
  it('refuses what is larger than its sheet, in words', () => {
    expect(() => sheetsFor(sheet, [disc(410, 1)], false)).toThrow(TooLargeForSheet);
    expect(() => sheetsFor(sheet, [disc(410.06, 1)], false)).toThrow(
      'The sheet of 60 × 40 cm is too small for a disc of 41 cm.',
    );
    const square = { shape: 'rectangle' as const, length: 450, width: 450, count: 2 };
    expect(() => sheetsFor(sheet, [disc(100, 3), square], true)).toThrow('too small for 45 × 45 cm');
    expect(sheetsFor(sheet, [disc(410, 2)], true)).toMatchObject({ halved: 2 });
  });
  it('a layer is cut in its own shape, or under the disc that covers it', () => {
    expect(sheetPieceOf({ form: 'round', diameter: 220 })).toEqual({ shape: 'disc', diameter: 220 });
    expect(sheetPieceOf({ form: 'square', side: 200 })).toEqual({ shape: 'rectangle', length: 200, width: 200 });
    expect(sheetPieceOf({ form: 'rectangle', length: 300, width: 200 })).toEqual({
      ...{ shape: 'rectangle', length: 300, width: 200 },
    });
    const heart = sheetPieceOf({ form: 'heart', side: 160 });
    expect(heart.shape === 'disc' && heart.diameter).toBeCloseTo(285.38, 1);
  });
});
