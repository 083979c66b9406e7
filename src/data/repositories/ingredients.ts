import type { Ingredient } from '../../core/formula/formula';
import type { KitchenDb } from '../kitchen-db';
import * as t from '../schema';

/** Saves ingredients that are not there yet; nothing of them is in the house. */
export async function insertIngredients({ kitchen, rows }: KitchenDb, ingredients: Ingredient[]): Promise<void> {
  await rows.insert(t.ingredients).values(
    ingredients.map(({ id, name, allergens, density, ...traits }) => ({
      ...{ kitchen, id, name, allergens, density, traits },
    })),
  );
}
