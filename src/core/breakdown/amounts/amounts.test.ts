import type { Formula } from '../../formula/formula';
import type { AmountRule, Build } from '../build';
import { batterGrams } from '../../shape/batter';
import { amountOf } from './amounts';
import { cakeName, cakeOf } from './cake';
import { startingCoefficients as coefficients } from '../figures/starting-figures';

const formula = { density: 0.95, loss: 0.1, batter: 'butter' } as Formula;
const plain = { layers: 4, layerHeight: 24, finish: 6, portion: 'party' } as Build;
const round = (diameter: number) => ({ form: 'round' as const, diameter });
/** One tier of 200 × 120 mm: 4 × 24 + 3 × 6 + 6. */
const cake = cakeOf(plain, [round(200)], coefficients);
const amount = (rule: AmountRule, of = cake) => amountOf(rule, { cake: of, formula, coefficients, others: new Map() });

describe('amounts', () => {
  it('stacks layers, fillings and what lies on top', () => {
    expect(cake.tiers[0]!.height).toBe(120);
    expect(cake.portions).toBe(Math.floor((Math.floor(314.159 / 40) * 120) / 100));
  });

  it('fills a round tin of 200 × 50 mm with 848.2 g of butter batter', () => {
    expect(batterGrams(round(200), 50, coefficients.batter.butter)).toBeCloseTo(848.2, 1);
    const batter = amount({ rule: 'batter', tinDepth: 50, layersPerTin: 2 });
    expect(batter.loads).toHaveLength(1);
    expect(batter.loads[0]).toMatchObject({ tins: 2, tier: 0 });
    expect(batter.grams).toBeCloseTo(2 * 848.23, 1);
    expect(batter.because).toContain('1571 ml');
  });

  it('coats a round of 200 × 120 mm at 5 mm with 558.1 g of buttercream', () => {
    const coat = amount({ rule: 'dam and coats', crumb: 0, final: 5 });
    expect(coat.grams).toBeCloseTo(558.1, 1);
    expect(coat.because).toContain('side 754 cm² + top 314 cm² at 5 mm');
  });

  it('takes the dam out of the filling, and puts it into the frosting', () => {
    const open = amount({ rule: 'filling' }).grams;
    const dammed = amount({ rule: 'filling', dammed: true }).grams;
    const ring = Math.PI * 200 * 10 * 6 * 3;
    expect(open - dammed).toBeCloseTo((ring / 1000) * 0.95 * 1.1, 6);
    const without = amount({ rule: 'dam and coats' }).grams;
    expect(amount({ rule: 'dam and coats', dam: true }).grams - without).toBeCloseTo(open - dammed, 6);
  });

  it('rolls a cover of d + 2h + 50 mm', () => {
    const cover = amount({ rule: 'paste cover' });
    expect(cover.grams).toBeCloseTo(((Math.PI * 490 ** 2) / 4) * 4 * 1.35 * 0.001, 6);
    expect(cover.because).toContain('49 cm');
  });

  it('soaks every cut face, pours with run-off, counts pieces', () => {
    expect(amount({ rule: 'soak', kind: 'butter' }).grams).toBeCloseTo(314.159 * 4 * 0.12, 1);
    expect(amount({ rule: 'glaze' }).grams).toBeCloseTo(((31416 + 75398) / 1000) * 3 * 1.25 * 1.4, 0);
    const pieces = amount(
      { rule: 'pieces', per: 'tier', count: 9, grams: 6 },
      cakeOf(plain, [round(240), round(150)], coefficients),
    );
    expect(pieces).toMatchObject({ pieces: 18, grams: 108 });
  });

  it('cuts discs from as many sheets as they need', () => {
    const discs = amount({ rule: 'discs', sheet: { length: 600, width: 400 } });
    // Six of 200 mm fit a sheet.
    expect(discs.loads).toEqual([expect.objectContaining({ tins: 1, gramsEach: 600 * 400 * 0.01 * 0.45 })]);
  });

  it('names a cake as a baker would', () => {
    expect(cakeName([round(200)])).toBe('round 20 cm');
    expect(cakeName([round(240), round(150)])).toBe('2 tiers: round 24 cm, round 15 cm');
    expect(
      cakeName([
        { form: 'roll', length: 380, diameter: 90 },
        { form: 'roll', length: 380, diameter: 90 },
      ]),
    ).toBe('2 × roll of 38 cm');
  });
});
