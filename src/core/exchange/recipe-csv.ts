import { say } from '../words/say';
import type { Formula, Ingredient } from '../formula/formula';
import type { ForeignRecipe } from './foreign-recipe';

/** Columns of a formula as a table. `kind` is formula, ingredient or step. */
export type RecipeRow = Record<'kind' | 'name' | 'amount' | 'unit' | 'celsius' | 'text', string>;

const row = (kind: string, name: string, more: Partial<RecipeRow> = {}): RecipeRow => ({
  ...{ kind, name, amount: '', unit: '', celsius: '', text: '' },
  ...more,
});

/** A formula as rows: one of kind formula, then its ingredients in g, then its steps in min. */
export function recipeToRows(formula: Formula, ingredients: ReadonlyMap<string, Ingredient>): RecipeRow[] {
  return [
    row('formula', formula.name, { text: formula.story }),
    ...formula.lines.map((l) =>
      row('ingredient', ingredients.get(l.ingredient)?.name ?? l.ingredient, {
        amount: String(Number(l.grams.toFixed(3))),
        unit: 'g',
        text: l.note ?? '',
      }),
    ),
    ...formula.steps.map((s) =>
      row('step', s.name, {
        amount: String(s.minutes.likely),
        unit: 'min',
        celsius: s.oven ? String(s.oven.celsius) : '',
        text: s.how,
      }),
    ),
  ];
}

/**
 * Recipes in a table. A row of kind formula begins one; without such rows the whole table is one recipe. Rows without a
 * kind are ingredients.
 */
export function recipesInRows(rows: Partial<Record<string, string>>[], name: string): ForeignRecipe[] {
  const recipes: ForeignRecipe[] = [];
  const open = () => {
    if (recipes.length === 0) recipes.push({ name, description: '', ingredients: [], instructions: [] });
    return recipes.at(-1)!;
  };
  for (const r of rows) {
    const get = (column: string) => (r[column] ?? '').trim();
    const called = get('name') || get('ingredient');
    const kind = get('kind').toLowerCase() || 'ingredient';
    if (kind === 'formula' || kind === 'recipe')
      recipes.push({ name: called, description: get('text'), ingredients: [], instructions: [] });
    else if (kind === 'step')
      open().instructions.push({
        name: called,
        text: [get('text'), get('celsius') ? say`Bake in the oven at ${get('celsius')} °C.` : '']
          .filter(Boolean)
          .join(' '),
        minutes: Number(get('amount')) || null,
      });
    else if (called || get('amount'))
      open().ingredients.push(
        `${get('amount')} ${get('unit') || 'g'} ${called}${get('text') ? `, ${get('text')}` : ''}`,
      );
  }
  return recipes;
}
