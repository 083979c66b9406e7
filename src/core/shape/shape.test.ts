import fc from 'fast-check';
import { discsPerSheet } from './cutting-plan';
import { perimeter, sideArea, topArea, volume, type Form } from './form';
import { portions } from './portions';
import { proposeTiers } from './propose-tiers';

const settings = { partyArea: 40, dessertArea: 25, sliceWidth: 30 };
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

describe('portions', () => {
  it('counts by area and height, and a roll by slices', () => {
    expect(portions(round(240), 100, 'party', settings)).toBe(11);
    expect(portions(round(240), 100, 'dessert', settings)).toBe(18);
    expect(portions({ form: 'roll', length: 380, diameter: 90 }, 90, 'party', settings)).toBe(12);
  });
});

describe('proposed tiers', () => {
  const tins = [round(150), round(200), round(240), round(280)];
  const count = (f: Form) => portions(f, 110, 'party', settings);
  it('always give enough, stand on one another, and come smallest surplus first', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 4 }), (wanted, most) => {
        const offers = proposeTiers(tins, wanted, most, count);
        const surplus = offers.map((o) => o.portions);
        expect(surplus).toEqual([...surplus].sort((a, b) => a - b));
        for (const { tiers, portions: given } of offers) {
          expect(given).toBeGreaterThanOrEqual(wanted);
          expect(tiers.length).toBeLessThanOrEqual(most);
          const widths = tiers.map((t) => (t.form === 'round' ? t.diameter : 0));
          for (let i = 1; i < widths.length; i++) expect(widths[i - 1]! - widths[i]!).toBeGreaterThanOrEqual(40);
        }
      }),
    );
  });
  it('offer nothing that cannot be', () => {
    expect(proposeTiers(tins, 500, 3, count)).toEqual([]);
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
