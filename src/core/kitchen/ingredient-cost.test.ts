import { ingredientCost } from './ingredient-cost';

const pack = (grams: number, price: number | null) => ({ grams, price });
const ingredients = [
  { id: 'sugar', name: 'Sugar', packs: [pack(1000, 2), pack(25_000, 25)] },
  { id: 'gold', name: 'Gold leaf', packs: [] },
  { id: 'salt', name: 'Salt', packs: [pack(500, null)] },
];

it('is reckoned by the cheapest pack, and says what has no price', () => {
  const lines = [
    { ingredient: 'sugar', grams: 300 },
    { ingredient: 'gold', grams: 1 },
    { ingredient: 'sugar', grams: 200 },
    { ingredient: 'salt', grams: 2 },
    { ingredient: 'salt', grams: 3 },
  ];
  expect(ingredientCost(lines, ingredients)).toEqual({ total: 0.5, unpriced: ['Gold leaf', 'Salt'] });
});

it('is nothing where no price is known', () => {
  expect(ingredientCost([{ ingredient: 'salt', grams: 5 }], ingredients)).toBeNull();
  expect(ingredientCost([], ingredients)).toBeNull();
});
