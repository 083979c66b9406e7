import { fc } from '../testing/chance';
import { demoTestIngredients as ingredients } from './testing/ingredients';
import { eggLedger, eggParts } from './eggs';
import { CHOCOLATE_FACTORS, GANACHE_HEAT, GANACHE_RATIOS, ganache, type Chocolate, type GanacheUse } from './ganache';
import { convertGelatine, gelatineSheets, POWDER_WATER, SHEET_GRADES } from './gelatine';
import { bakersPercentages } from './percentages';
import { roundLines } from './rounding';
import { scaleToScarce, totalGrams } from './scale';
import { SUBSTITUTIONS, substitute, withSubstitution } from './substitutions';
import { alcoholByVolume, syrup, syrupDensity } from './syrup';
import { convertYeast, type Yeast } from './yeast';
import { ROLLED_UP } from './formula';
import { starterIngredients } from '../../data/kitchens/starter';

const dough = [
  { ingredient: 'plain-flour', grams: 500 },
  { ingredient: 'milk', grams: 310 },
  { ingredient: 'butter', grams: 90 },
  { ingredient: 'whole-eggs', grams: 103 },
  { ingredient: 'gelatine', grams: 9 },
];

describe('eggs', () => {
  it('7 of 58 g hold 361.3 g, 239.5 g white, 121.8 g yolk', () => {
    const parts = eggParts(7, 58);
    expect(parts.contents).toBeCloseTo(361.34, 2);
    expect(parts.whites).toBeCloseTo(239.54, 2);
    expect(parts.yolks).toBeCloseTo(121.8, 2);
  });
  it('the ledger adds the needs up, and the scarcer part decides', () => {
    const need = (whole: number, whites: number, yolks: number) => ({ whole, whites, yolks });
    expect(eggLedger([need(100, 0, 0), need(158.1, 0, 0)], 58).crack).toBe(5);
    expect(eggLedger([need(0, 300, 0), need(0, 8, 20)], 58)).toMatchObject({ crack: 10, whites: 308, yolks: 20 });
    expect(eggLedger([need(0, 30, 100), need(0, 8, 400)], 58)).toMatchObject({ crack: 29, whites: 38, yolks: 500 });
  });
  it('the ledger cracks enough and not one too many, and its parts add up', () => {
    const grams = fc.double({ min: 0, max: 5000, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.record({ whole: grams, whites: grams, yolks: grams }), { maxLength: 5 }), (needs) => {
        const ledger = eggLedger(needs, 58);
        const all = eggParts(ledger.crack, 58);
        expect(ledger.left.whites).toBeGreaterThanOrEqual(-1e-6);
        expect(ledger.left.yolks).toBeGreaterThanOrEqual(-1e-6);
        expect(ledger.whole + ledger.whites + ledger.yolks + ledger.left.whites + ledger.left.yolks).toBeCloseTo(
          all.contents,
          5,
        );
        const one = eggParts(1, 58);
        expect(Math.min(ledger.left.whites - one.whites, ledger.left.yolks - one.yolks)).toBeLessThan(1e-6);
      }),
    );
  });
});

describe('baker’s percentages', () => {
  it('are of the flour, and go back to weights', () => {
    const { base, lines } = bakersPercentages({ lines: dough }, ingredients, new Map());
    expect(base).toBe('flour');
    expect(lines.map((l) => Number((l.percent * 100).toFixed(1)))).toEqual([100, 62, 18, 20.6, 1.8]);
    expect(lines.map((l) => l.percent * 500)).toEqual(dough.map((l) => expect.closeTo(l.grams, 9)));
  });
  it('of nothing are none', () => {
    expect(bakersPercentages({ lines: [{ ingredient: 'milk', grams: 0 }] }, ingredients, new Map())).toEqual({
      base: 'total',
      lines: [{ ingredient: 'milk', grams: 0, percent: 0 }],
      parts: [],
    });
  });
  it('are of the total where there is no flour', () => {
    const { base, lines } = bakersPercentages({ lines: dough.slice(1) }, ingredients, new Map());
    expect(base).toBe('total');
    expect(lines.reduce((sum, l) => sum + l.percent, 0)).toBeCloseTo(1, 12);
  });
});

describe('rounding', () => {
  it('eggs to whole ones, gelatine to sheets, the rest to the scale, and says what it does to them', () => {
    const rounded = roundLines(dough, ingredients, { eggs: 'whole', eggWeight: 58, sheetGrams: 2 });
    expect(rounded.lines.map((l) => l.count)).toEqual([null, null, null, '2 eggs', '4½ sheets']);
    expect(rounded.lines[3]!.grams).toBeCloseTo(103.24, 2);
    expect(rounded.warns).toBe(false);
    const warned = roundLines([{ ingredient: 'whole-eggs', grams: 75 }], ingredients, {
      eggs: 'whole',
      eggWeight: 58,
      sheetGrams: 2,
    });
    expect(warned).toMatchObject({ warns: true });
    expect(warned.lines[0]!.distortion).toBeCloseTo(-0.3117, 3);
  });
  it('scales to the scarce one', () => {
    const scaled = scaleToScarce({ lines: dough }, 'butter', 60)!;
    expect(scaled.factor).toBeCloseTo(2 / 3, 12);
    expect(totalGrams({ lines: scaled.lines })).toBeCloseTo((totalGrams({ lines: dough }) * 2) / 3, 9);
    expect(scaleToScarce({ lines: dough }, 'cream', 60)).toBeNull();
  });
});

describe('conversions', () => {
  it('12 g of 200 bloom are 13.42 g of 160', () => {
    expect(convertGelatine(12, 200, 160)).toBeCloseTo(13.416, 3);
    expect(gelatineSheets(12, 200, 'silver')).toEqual({ grams: expect.closeTo(13.416, 3), sheets: 5.5 });
  });
  it('sheets are halved, and any that is wanted is at least a half', () => {
    expect([0, 0.1, 1.2, 2, 2.6, 3].map((g) => gelatineSheets(g, 200, 'gold').sheets)).toEqual([
      0, 0.5, 0.5, 1, 1.5, 1.5,
    ]);
    const own = { ...SHEET_GRADES, gold: { bloom: 200, grams: 4 } };
    expect(gelatineSheets(4, 200, 'gold', own)).toEqual({ grams: 4, sheets: 1 });
    expect(POWDER_WATER).toBe(5);
  });
  it('every use of ganache is worked warmer than it is kept, and within what chocolate bears', () => {
    for (const [low, high] of Object.values(GANACHE_HEAT)) {
      expect(low).toBeLessThan(high);
      expect(low).toBeGreaterThanOrEqual(4);
      expect(high).toBeLessThanOrEqual(45);
    }
    expect(Object.keys(GANACHE_HEAT).sort()).toEqual(Object.keys(GANACHE_RATIOS).sort());
  });
  it('yeast 1 : 0.5 : 0.4, and back', () => {
    expect([convertYeast(20, 'fresh', 'active dry'), convertYeast(20, 'fresh', 'instant')]).toEqual([10, 8]);
    const kind = fc.constantFrom<Yeast>('fresh', 'active dry', 'instant');
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 500, noNaN: true }), kind, kind, (g, a, b) =>
        expect(convertYeast(convertYeast(g, a, b), b, a)).toBeCloseTo(g, 9),
      ),
    );
  });
  it('ganache adds up in every use and chocolate', () => {
    expect(ganache(1000, 'spread', 'dark')).toMatchObject({ chocolate: 600, cream: 400 });
    expect(ganache(1000, 'spread', 'white').chocolate).toBeCloseTo(724.14, 2);
    for (const use of Object.keys(GANACHE_RATIOS) as GanacheUse[])
      for (const chocolate of Object.keys(CHOCOLATE_FACTORS) as Chocolate[]) {
        const made = ganache(730, use, chocolate);
        expect(made.chocolate + made.cream).toBeCloseTo(730, 9);
        expect(made.chocolate / made.cream).toBeCloseTo(made.ratio, 9);
      }
  });
  it('syrup boils down to its concentration, a soak holds its alcohol', () => {
    expect(syrup(500, 65, 1)).toEqual({ sugar: 325, water: 325, boilOff: 150 });
    expect(syrup(500, 60, 2)).toEqual({ sugar: 300, water: 150, boilOff: -50 });
    expect(syrupDensity(65)).toBeCloseTo(1 + 0.2512965 + 0.0569868 + 0.0118292, 6);
    expect(syrupDensity(50)).toBeCloseTo(1.23, 2);
    expect(alcoholByVolume(100, 40, 400 * 1.15, 1.15)).toBeCloseTo(8, 9);
  });
});

describe('substitutions', () => {
  it('keep their parts together: shares of dry and liquid are plausible', () => {
    for (const s of SUBSTITUTIONS) {
      const sum = s.parts.reduce((total, p) => total + p.share, 0);
      expect(sum).toBeGreaterThan(0.3);
      expect(sum).toBeLessThanOrEqual(1.0001);
      expect(substitute(100, s).reduce((total, p) => total + p.grams, 0)).toBeCloseTo(sum * 100, 9);
      expect(s.changes.length).toBeGreaterThan(10);
    }
  });
  it('name what is replaced, what by and how, and each has a key of its own', () => {
    expect(new Set(SUBSTITUTIONS.map((s) => s.key)).size).toBe(SUBSTITUTIONS.length);
    for (const s of SUBSTITUTIONS) {
      const known = new Set<string>(starterIngredients.map((i) => i.id));
      expect([s.key, s.parts.map((p) => p.ingredient).filter((i) => !known.has(i))]).toEqual([s.key, []]);
      expect(s.name).toMatch(/ for /);
      expect([s.key, s.not === undefined || s.not.length > 10]).toEqual([s.key, true]);
      expect([...s.without, ...s.adds].filter((a) => !ROLLED_UP.includes(a))).toEqual([]);
      expect(s.without.filter((a) => s.adds.includes(a))).toEqual([]);
    }
    // What is replaced is a thing that the library has, or one that other kitchens have.
    const library = new Set<string>(starterIngredients.map((i) => i.id));
    const elsewhere = SUBSTITUTIONS.map((s) => s.replaces).filter((i) => !library.has(i));
    expect(elsewhere).toEqual(['custard-powder']);
    const adding = SUBSTITUTIONS.filter((s) => s.adds.length > 0).map((s) => [s.key, s.adds]);
    expect(adding).toEqual([
      ['oats-walnut', ['gluten']],
      ['oat-milk', ['gluten']],
    ]);
    const taking = Object.fromEntries(SUBSTITUTIONS.map((s) => [s.key, s.without.join()]));
    expect(taking).toMatchObject({
      ...{ flax: 'egg,raw egg', aquafaba: 'egg,raw egg', 'cornflour-yolk': 'egg,raw egg', buttermilk: '' },
      ...{ 'seed-meal': 'nuts', 'seed-meal-hazelnut': 'nuts', 'oats-walnut': 'nuts', agar: 'gelatine' },
      ...{ margarine: 'milk', 'oat-cream': 'milk', 'oat-milk': 'milk', 'cake-flour': '', 'custard-powder': '' },
    });
  });
  it('join what is there already', () => {
    const flax = SUBSTITUTIONS.find((s) => s.key === 'flax')!;
    const lines = withSubstitution([...dough, { ingredient: 'water', grams: 20 }], flax);
    expect(lines.find((l) => l.ingredient === 'whole-eggs')).toBeUndefined();
    expect(lines.find((l) => l.ingredient === 'water')!.grams).toBeCloseTo(20 + 103 * 0.8, 9);
    expect(totalGrams({ lines })).toBeCloseTo(totalGrams({ lines: dough }) + 20, 9);
    const first = withSubstitution([{ ingredient: 'water', grams: 20 }, ...dough], flax);
    expect(first[0]).toEqual({ ingredient: 'water', grams: expect.closeTo(20 + 103 * 0.8, 9) });
    expect(first.filter((l) => l.ingredient === 'water')).toHaveLength(1);
  });
});
