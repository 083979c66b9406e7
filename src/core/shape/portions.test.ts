import { startingCoefficients } from '../breakdown/figures/starting-figures';
import type { Form } from './form';
import { cuttingSchemes } from './cutting-scheme';
import { cutShare } from './testing/cut-share';
import { checkPortions, heightFactor, portions, portionsByWeight, type PortionKind } from './portions';

const { portions: settings } = startingCoefficients;
const round = (diameter: number): Form => ({ form: 'round', diameter });
const count = (form: Form, height: number, kind: PortionKind) => portions(form, height, kind, settings);

describe('portions of a tier', () => {
  it.each([
    [200, 'party', 25],
    [200, 'dessert', 12],
    [200, 'finger', 50],
    [250, 'party', 39],
    [300, 'party', 56],
    [150, 'party', 14],
  ] as const)('round %s mm, %s: %s', (d, kind, wanted) => expect(count(round(d), 110, kind)).toBe(wanted));

  it('count once from 80 to 160 mm, in proportion to 100 mm below, twice from 160 on', () => {
    expect([40, 79.9, 80, 100, 140, 159.9, 160, 240].map(heightFactor)).toEqual([0.4, 0.799, 1, 1, 1, 1, 2, 2]);
    expect(count(round(200), 60, 'party')).toBe(15);
    expect(count(round(200), 79, 'party')).toBe(19);
    expect(count(round(200), 80, 'party')).toBe(25);
    expect(count(round(200), 160, 'party')).toBe(50);
  });

  it('whole counts are not lost to the rounding of doubles', () =>
    expect(count({ form: 'rectangle', length: 250, width: 50 }, 70, 'party')).toBe(7));

  it('a roll and a loaf are cut into slices, of a loaf by its shorter face', () => {
    expect(count({ form: 'roll', length: 380, diameter: 110 }, 110, 'party')).toBe(12);
    const loaf: Form = { form: 'loaf', topLength: 260, topWidth: 110, bottomLength: 230, bottomWidth: 90 };
    expect(count(loaf, 70, 'party')).toBe(7);
  });

  it('a dome is portioned by weight, each in the middle of its band', () => {
    expect(portionsByWeight(1350, 'party', settings)).toBe(10);
    expect(portionsByWeight(1349, 'party', settings)).toBe(9);
    expect(portionsByWeight(225, 'dessert', settings)).toBe(1);
  });
});

describe('the check of plausibility', () => {
  it('weighs a portion against its band, whose ends are plausible', () => {
    expect(checkPortions(2500, 25, 'party', settings)).toEqual({
      ...{ grams: 100, band: { low: 100, high: 170 }, plausible: true },
    });
    expect(checkPortions(1700, 10, 'party', settings)!.plausible).toBe(true);
    expect(checkPortions(1701, 10, 'party', settings)!.plausible).toBe(false);
    expect(checkPortions(999, 10, 'party', settings)!.plausible).toBe(false);
    expect(checkPortions(700, 10, 'finger', settings)!.plausible).toBe(true);
  });
  it('of no portions says nothing', () => expect(checkPortions(2500, 0, 'party', settings)).toBeNull());
});

describe('cutting schemes', () => {
  const schemes = (form: Form, height: number, kind: PortionKind) =>
    Object.fromEntries(cuttingSchemes(form, height, kind).map((s) => [s.scheme, s.count]));

  it('a square is cut in rows without waste, and has no wedges', () => {
    expect(schemes({ form: 'square', side: 200 }, 100, 'party')).toEqual({ strips: 32 });
    expect(schemes({ form: 'rectangle', length: 300, width: 200 }, 100, 'finger')).toEqual({ strips: 96 });
    const [rows] = cuttingSchemes({ form: 'square', side: 250 }, 100, 'party');
    expect([rows!.count, cutShare({ form: 'square', side: 250 }, rows!)]).toEqual([50, 1]);
  });
  it('wedges of a round by their rim, which follows the kind', () => {
    const of = (kind: PortionKind) => schemes(round(200), 100, kind).wedges;
    expect([of('finger'), of('party'), of('dessert')]).toEqual([31, 20, 12]);
    expect(schemes({ form: 'ring', outer: 240, inner: 80 }, 100, 'dessert').wedges).toBe(15);
  });
  it('a piece at the rim counts if at least 60 % of it is there', () => {
    for (const d of [150, 200, 240, 300])
      for (const kind of ['finger', 'party', 'dessert'] as const) {
        const rows = cuttingSchemes(round(d), 100, kind).find((s) => s.scheme === 'strips')!;
        if (rows.scheme !== 'strips') throw new Error('no rows');
        expect(rows.pieces.filter((p) => !(p.share >= 0.6 - 1e-9 && p.share <= 1 + 1e-9))).toEqual([]);
        expect(cutShare(round(d), rows)).toBeLessThanOrEqual(1 + 1e-9);
        expect(cutShare(round(d), rows)).toBeGreaterThan(0.7);
      }
  });
  it('no piece lies in the hole of a ring, nor beyond a heart', () => {
    const ring = cuttingSchemes({ form: 'ring', outer: 260, inner: 120 }, 100, 'finger')[0]!;
    if (ring.scheme !== 'strips') throw new Error('rows give more of small pieces');
    for (const p of ring.pieces) expect(Math.hypot(p.x + p.length / 2, p.y + p.width / 2)).toBeGreaterThan(50);
    const heart = cuttingSchemes({ form: 'heart', side: 200 }, 100, 'party');
    expect(heart.map((s) => s.scheme)).toEqual(['strips']);
    expect(heart[0]!.count).toBeGreaterThan(45);
    expect(heart[0]!.count).toBeLessThanOrEqual(61);
  });
  it('what gives more comes first; tall cakes count twice', () => {
    const [first, second] = cuttingSchemes(round(300), 100, 'party');
    expect(first!.count).toBeGreaterThanOrEqual(second!.count);
    expect(first!.scheme).toBe('strips');
    expect(schemes(round(200), 170, 'dessert').wedges).toBe(24);
  });
  it('slices and domes have none', () => {
    expect(cuttingSchemes({ form: 'roll', length: 300, diameter: 90 }, 90, 'party')).toEqual([]);
    expect(cuttingSchemes({ form: 'half-sphere', diameter: 180 }, 90, 'party')).toEqual([]);
  });
});
