import { discsPerSheet } from './testing/discs-per-sheet';
import { fc } from '../testing/chance';
import { perimeter, sideArea, topArea, volume, type Form } from './form';

const round = (diameter: number): Form => ({ form: 'round', diameter });

describe('forms', () => {
  it('measures a round of 200 × 50 mm at 1 570.8 ml', () => {
    expect(volume(round(200), 50)).toBeCloseTo(1570.8, 1);
  });
  it('scales a round of 180 mm to a square of 200 mm by 1.5719', () => {
    expect(topArea({ form: 'square', side: 200 }) / topArea(round(180))).toBeCloseTo(1.5719, 4);
  });
  it('gives the sides of every form', () => {
    expect(sideArea(round(200), 120)).toBeCloseTo(75398, 0);
    expect(perimeter({ form: 'rectangle', length: 300, width: 200 })).toBe(1000);
    expect(volume({ form: 'roll', length: 400, diameter: 100 }, 0)).toBeCloseTo(3141.6, 1);
  });
});

describe('discs on a sheet', () => {
  it('cuts six of 180 mm from 600 × 400', () => expect(discsPerSheet({ length: 600, width: 400 }, 180)).toBe(6));
  it('cuts none that is wider than the sheet', () => expect(discsPerSheet({ length: 600, width: 400 }, 410)).toBe(0));
  it('never takes more area than there is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 500 }), (d) => {
        expect(discsPerSheet({ length: 600, width: 400 }, d) * topArea(round(d))).toBeLessThanOrEqual(600 * 400);
      }),
    );
  });
});
