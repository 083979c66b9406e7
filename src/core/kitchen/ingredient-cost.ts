import { boughtGrams } from '../formula/scale';
import { pricePerGram, type KeptIngredient } from './kept-ingredient';

/** What amounts of ingredients cost, in the kitchen’s money. */
export interface IngredientCost {
  /** Of all whose price is known. */
  total: number;
  /** Names of those whose price nobody has told. */
  unpriced: string[];
}

/**
 * What ingredients cost, each by the gram of the pack in which it is cheapest; null where no price is known at all.
 *
 * @param lines g by ingredient as it goes in, with what is kept of it after peeling; the same one may stand there several times
 */
export function ingredientCost(
  lines: readonly { ingredient: string; grams: number; keeps?: number }[],
  ingredients: readonly (Pick<KeptIngredient, 'name' | 'packs'> & { id: string })[],
): IngredientCost | null {
  const known = new Map(ingredients.map((i) => [i.id, i]));
  const unpriced = new Set<string>();
  let total = 0;
  let priced = 0;
  for (const line of lines) {
    const { ingredient } = line;
    const found = known.get(ingredient);
    const price = found ? pricePerGram(found) : null;
    if (price === null) unpriced.add(found?.name ?? ingredient);
    else {
      total += price * boughtGrams(line);
      priced++;
    }
  }
  return priced === 0 ? null : { total, unpriced: [...unpriced] };
}
