import { demoTestIngredients as ingredients } from './testing/ingredients';
import { roundLines, type RoundingRule } from './rounding';

const rule: RoundingRule = { eggs: 'whole', eggWeight: 58, sheetGrams: 2 };
const one = (ingredient: string, grams: number, change: Partial<RoundingRule> = {}) =>
  roundLines([{ ingredient, grams }], ingredients, { ...rule, ...change });
const said = (ingredient: string, grams: number, change: Partial<RoundingRule> = {}) =>
  one(ingredient, grams, change).lines[0]!.count;

describe('rounding', () => {
  it('counts eggs, at least one where any is wanted', () => {
    const eggs = [0, 1, 51.62, 77, 78, 103.24, 155].map((g) => said('whole-eggs', g));
    expect(eggs).toEqual(['0 eggs', '1 egg', '1 egg', '1 egg', '2 eggs', '2 eggs', '3 eggs']);
    expect(one('whole-eggs', 103).lines[0]!.grams).toBeCloseTo(2 * 58 * 0.89, 9);
    expect(said('whole-eggs', 103, { eggs: 'beaten' })).toBeNull();
    expect(one('whole-eggs', 103.4, { eggs: 'beaten' }).lines[0]!.grams).toBe(103);
    expect(said('egg-yolks', 60)).toBeNull();
  });

  it('counts sheets by halves', () => {
    const sheets = [0, 0.3, 1, 2, 3, 4, 5].map((g) => said('gelatine', g));
    expect(sheets).toEqual(['0 sheets', '½ sheet', '½ sheet', '1 sheet', '1½ sheets', '2 sheets', '2½ sheets']);
    expect(said('gelatine', 3, { sheetGrams: null })).toBeNull();
    expect(one('gelatine', 3.04, { sheetGrams: null }).lines[0]!.grams).toBe(3);
  });

  it('says how far each line moved, and warns from over three per cent', () => {
    const { lines, worst, warns } = one('milk', 100.4);
    expect(lines[0]).toMatchObject({ grams: 100, exact: 100.4, count: null });
    expect(lines[0]!.distortion).toBeCloseTo(-0.4 / 100.4, 12);
    expect([worst, warns]).toEqual([Math.abs(lines[0]!.distortion), false]);
    expect(one('milk', 0)).toMatchObject({ worst: 0, warns: false });
    expect(one('milk', 0).lines[0]!.distortion).toBe(0);
    // 100 g of eggs of 50 g each without shell are just two; 103 are 2.9 % too little, 104 are 3.8 %.
    const eggs = { eggWeight: 50 / 0.89 };
    expect([one('whole-eggs', 103, eggs).warns, one('whole-eggs', 104, eggs).warns]).toEqual([false, true]);
    expect(one('whole-eggs', 100, eggs).worst).toBeCloseTo(0, 12);
    expect(roundLines([], ingredients, rule)).toEqual({ lines: [], worst: 0, warns: false });
  });

  it('takes the worst of several, in either direction, and knows what the library does not', () => {
    const mixed = roundLines(
      [
        { ingredient: 'milk', grams: 100.2 },
        { ingredient: 'whole-eggs', grams: 60 },
        { ingredient: 'nobody knows', grams: 12.6 },
      ],
      ingredients,
      rule,
    );
    expect(mixed.worst).toBeCloseTo((60 - 51.62) / 60, 9);
    expect(mixed.lines[2]).toMatchObject({ grams: 13, count: null });
  });
});
