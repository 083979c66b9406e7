import { fc } from '../testing/chance';
import { onTheScale } from '../measure/show-quantity';
import { scaleToTotal, scaleToYield, totalGrams, yieldGrams } from './scale';
import { allergensOf } from './within';
import type { Ingredient } from './formula';

const curd = {
  loss: 0.08,
  lines: [
    { ingredient: 'quince', grams: 300 },
    { ingredient: 'yolk', grams: 120 },
    { ingredient: 'butter', grams: 180 },
  ],
};

describe('scaling', () => {
  it('gives back what it was asked for, linearly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 50_000, noNaN: true }),
        fc.double({ min: 0.1, max: 9, noNaN: true }),
        (wanted, factor) => {
          const once = scaleToTotal(curd, wanted);
          expect(totalGrams({ lines: once })).toBeCloseTo(wanted, 6);
          const more = scaleToTotal(curd, wanted * factor);
          once.forEach((l, i) => expect(more[i]!.grams).toBeCloseTo(l.grams * factor, 5));
        },
      ),
    );
  });
  it('makes up for the loss', () => {
    expect(yieldGrams(curd)).toBeCloseTo(552, 9);
    expect(totalGrams({ lines: scaleToYield(curd, 1000) }) * 0.92).toBeCloseTo(1000, 9);
    expect(scaleToTotal(curd, 600).reduce((sum, l) => sum + l.share, 0)).toBeCloseTo(1, 12);
  });
  it('of nothing makes nothing', () => {
    const nothing = { lines: [{ ingredient: 'quince', grams: 0 }], loss: 0.1 };
    expect(scaleToTotal(nothing, 500)).toEqual([{ ingredient: 'quince', grams: 0, share: 0 }]);
    expect(scaleToYield(nothing, 500)).toEqual([{ ingredient: 'quince', grams: 0, share: 0 }]);
  });
  it('shows tenths below 10 g', () => {
    expect([3.14159, 9.96, 10.4, 847.6].map(onTheScale)).toEqual([3.1, 10, 10, 848]);
  });
});

it('allergens come with the ingredients that bring them', () => {
  const known = new Map<string, Ingredient>([
    ['yolk', { id: 'yolk', name: 'Egg yolk', allergens: ['egg'], density: null }],
    ['butter', { id: 'butter', name: 'Butter', allergens: ['milk'], density: null }],
  ]);
  expect(allergensOf(curd, known, new Map())).toEqual([
    { allergen: 'egg', from: ['Egg yolk'] },
    { allergen: 'milk', from: ['Butter'] },
  ]);
  // What nobody has confirmed may bring anything, and is told for what it is.
  const doubtful = new Map(known).set('quince', {
    ...known.get('yolk')!,
    name: 'Quince',
    allergens: [],
    unconfirmed: true,
  });
  expect(allergensOf(curd, doubtful, new Map())).toContainEqual({ allergen: 'not confirmed', from: ['Quince'] });
});
