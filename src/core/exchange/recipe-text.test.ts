import { readRecipe } from './recipe';
import { recipeInText } from './recipe-text';

const butter = { id: 'butter', name: 'Butter', allergens: ['milk' as const], density: null };
const read = (text: string) => readRecipe(recipeInText(text, 'typed')!, new Map([['butter', butter]]));

it('reads a name, lines and steps as they are typed', () => {
  const { formula, report } = read('Weir crumble\n200 g butter\n300 g oats\nMix 12 min. Bake 30 min at 170. Cool 1 h.');
  expect(formula.name).toBe('Weir crumble');
  expect(formula.lines.map((l) => [l.ingredient, l.grams])).toEqual([
    ['butter', 200],
    ['oats', 300],
  ]);
  expect(formula.steps.map((s) => [s.name, s.work, s.minutes.likely, s.oven?.celsius])).toEqual([
    ['Mix', 'hands', 12, undefined],
    ['Bake', 'oven', 30, 170],
  ]);
  expect(formula.keeping.min).toBe(60);
  expect(report).toContainEqual(expect.objectContaining({ message: expect.stringContaining('wait of 1 h') }));
});

it('takes numbered lines as steps, headings as nothing, and sentences without a time to the step before', () => {
  const recipe = recipeInText(
    'Ingredients:\n- 100 g butter\nMethod\n1. Melt 5 min. Do not brown it.\n2) Chill 2 h in the fridge.',
    'x',
  )!;
  expect(recipe.name).toBe('x');
  expect(recipe.ingredients).toEqual(['100 g butter']);
  expect(recipe.instructions).toEqual([
    { name: 'Melt', text: 'Melt 5 min. Do not brown it.', minutes: null },
    { name: 'Chill in the fridge', text: 'Chill 2 h in the fridge.', minutes: null },
  ]);
});

it('is nothing where it says nothing', () => {
  expect(recipeInText('  \n Ingredients \n', 'x')).toBeNull();
  expect(recipeInText('neither,nor\n1,2', 'x')!.ingredients).toEqual([]);
});
