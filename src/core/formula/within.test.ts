import { fc, runs } from '../testing/chance';
import { NOT_CONFIRMED, ROLLED_UP, type Allergen, type Ingredient } from './formula';
import { bakersPercentages } from './percentages';
import { totalGrams } from './scale';
import { allergensOf, ingredientsWithin, insideOf, type Inside } from './within';

const IDS = ['milk', 'flour', 'egg', 'salt', 'nuts', 'sugar'];
const grams = fc.integer({ min: 1, max: 900 });
const allergens = fc.subarray(ROLLED_UP.filter((a) => a !== NOT_CONFIRMED));
const larder = fc.tuple(...IDS.map(() => fc.tuple(allergens, fc.boolean()))).map(
  (drawn) =>
    new Map(
      drawn.map(([of, flour], i): [string, Ingredient] => {
        const id = IDS[i]!;
        return [id, { id, name: id, allergens: of, density: null, ...(flour && { flour }) }];
      }),
    ),
);

/** Formulas f0 to f5, each of some ingredients and of some of those after it. */
const nested = fc
  .tuple(
    ...[0, 1, 2, 3, 4, 5].map((i) =>
      fc.record({
        lines: fc.array(fc.record({ ingredient: fc.constantFrom(...IDS), grams }), { maxLength: 3 }),
        parts: fc.array(fc.record({ formula: fc.constantFrom(...[1, 2, 3, 4, 5].map((k) => `f${i + k}`)), grams }), {
          maxLength: 3,
        }),
        loss: fc.constantFrom(0, 0.1, 0.25),
      }),
    ),
  )
  .map((list) => new Map(list.map((f, i): [string, Inside] => [`f${i}`, f])));

/** What is reached by hand, one formula after the other. */
function reached(id: string, formulas: ReadonlyMap<string, Inside>): Set<string> {
  const found = new Set<string>();
  const queue = [id];
  for (const next of queue) {
    const f = formulas.get(next);
    f?.lines.forEach((l) => found.add(l.ingredient));
    queue.push(...(f?.parts ?? []).map((p) => p.formula));
  }
  return found;
}

describe('what is in a formula, however deep', () => {
  it('brings its allergens from every level, and is without only what no level has', () => {
    let deep = 0;
    fc.assert(
      fc.property(larder, nested, (ingredients, formulas) => {
        const top = formulas.get('f0')!;
        const all = reached('f0', formulas);
        const wanted = ROLLED_UP.filter((a: Allergen) =>
          [...all].some((i) => ingredients.get(i)!.allergens.includes(a)),
        );
        expect(allergensOf(top, ingredients, formulas).map((a) => a.allergen)).toEqual(wanted);
        // The same from as much as a page of this formula is given.
        const within = insideOf(top, formulas);
        expect(allergensOf(top, ingredients, within).map((a) => a.allergen)).toEqual(wanted);
        if (all.size > new Set(top.lines.map((l) => l.ingredient)).size) deep++;
      }),
      runs(100, 1000),
    );
    expect(deep).toBeGreaterThan(30);
  });

  it('weighs what went into the mixes: what goes in finished was more before its loss', () => {
    const mixOf = (id: string, formulas: ReadonlyMap<string, Inside>, wanted: number): number => {
      const f = formulas.get(id);
      if (!f || totalGrams(f) === 0) return 0;
      const times = wanted / totalGrams(f);
      const own = f.lines.reduce((sum, l) => sum + l.grams * times, 0);
      return f.parts!.reduce((sum, p) => {
        const loss = formulas.get(p.formula)?.loss ?? 0;
        return sum + mixOf(p.formula, formulas, (p.grams * times) / (1 - loss));
      }, own);
    };
    fc.assert(
      fc.property(nested, (formulas) => {
        const top = formulas.get('f0')!;
        const found = ingredientsWithin(top, formulas).reduce((sum, l) => sum + l.grams, 0);
        expect(found).toBeCloseTo(mixOf('f0', formulas, totalGrams(top)), 6);
      }),
      runs(100, 1000),
    );
  });

  it('is shown in shares that add up, of all that goes in or of all flour', () => {
    const bases = new Set<string>();
    fc.assert(
      fc.property(larder, nested, (ingredients, formulas) => {
        const top = formulas.get('f0')!;
        const { base, lines, parts } = bakersPercentages(top, ingredients, formulas);
        bases.add(base);
        const all = [...lines, ...parts];
        const flour = ingredientsWithin(top, formulas)
          .filter((l) => ingredients.get(l.ingredient)!.flour)
          .reduce((sum, l) => sum + l.grams, 0);
        const whole = base === 'flour' ? flour : totalGrams(top);
        for (const x of all) expect(x.percent * whole).toBeCloseTo(x.grams, 6);
        if (base === 'total' && all.length > 0) expect(all.reduce((sum, x) => sum + x.percent, 0)).toBeCloseTo(1, 9);
      }),
      runs(100, 1000),
    );
    expect([...bases].sort()).toEqual(['flour', 'total']);
  });
});
