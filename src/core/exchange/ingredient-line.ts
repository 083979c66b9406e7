import { say } from '../words/say';
import type { Ingredient } from '../formula/formula';
import { toGrams } from '../measure/density';
import { parseQuantity, TYPING, type Typing } from '../measure/parse-quantity';
import { findIngredient } from './find-ingredient';
import { slug } from './slug';

/** An ingredient line of a foreign recipe, read; or what could not be read of it. What was taken for granted stands in `guessed`. */
export type ReadLine =
  | { ok: true; ingredient: string; grams: number; note?: string; guessed: string[]; fresh?: Ingredient }
  | { ok: false; text: string; message: string };

const VULGAR = '\\u00bc-\\u00be\\u2150-\\u215e';
const QUANTITY = new RegExp(
  String.raw`^((?:about\s+)?[\d${VULGAR}.,](?:[\d\s.,/+⁄’'\u2009\u202f\u00a0${VULGAR}]*[\d${VULGAR}])?)\s*(.*)$`,
  'i',
);
/** What one of it weighs, where people count instead of weighing. g, without shell. */
const COUNTED: readonly [RegExp, string, number][] = [
  [/^egg yolks?\b/i, 'egg-yolks', 17.4],
  [/^egg whites?\b/i, 'egg-whites', 34.2],
  [/^(?:large |medium |whole )?eggs?\b/i, 'whole-eggs', 51.6],
];

/**
 * Reads "1 1/2 cups plain flour, sifted": quantity, unit, name. Volumes become grams by the ingredient's own density; eggs are counted. What
 * follows a comma is a note. What the library does not have becomes an ingredient of its own whose allergens nobody has told yet.
 */
export function readIngredientLine(
  text: string,
  ingredients: ReadonlyMap<string, Ingredient>,
  typing: Typing = TYPING,
): ReadLine {
  const fail = (message: string): ReadLine => ({ ok: false, text, message });
  const plain = text.trim().replace(/\s+/g, ' ');
  const match = QUANTITY.exec(plain);
  if (!match) return fail(say`It begins with no quantity.`);
  const number = match[1]!.replace(/^about\s+/i, '').trim();
  const rest = match[2]!;
  for (const [pattern, id, each] of COUNTED) {
    if (!pattern.test(rest) || !ingredients.has(id)) continue;
    const count = parseQuantity(number, typing);
    return count.ok
      ? { ok: true, ingredient: id, grams: count.quantity.value * each, guessed: [] }
      : fail(count.message);
  }
  const words = rest.split(' ');
  for (const take of [4, 3, 2, 1]) {
    const unit = words.slice(0, take).join(' ');
    const parsed = parseQuantity(`${number} ${unit}`, typing);
    if (!parsed.ok) {
      if (parsed.asks) return fail(parsed.message);
      continue;
    }
    const { dimension, value } = parsed.quantity;
    if (dimension !== 'mass' && dimension !== 'volume') continue;
    return weighed(words.slice(take).join(' ').replace(/^of /i, ''), { dimension, value }, ingredients, fail);
  }
  return fail(say`Its unit is not a weight or a volume.`);
}

function weighed(
  said: string,
  { dimension, value }: { dimension: 'mass' | 'volume'; value: number },
  ingredients: ReadonlyMap<string, Ingredient>,
  fail: (message: string) => ReadLine,
): ReadLine {
  const [name = '', ...notes] = said.split(',');
  if (name.trim() === '') return fail(say`It names no ingredient.`);
  const note = notes.join(',').trim();
  const found = findIngredient(name, ingredients);
  const ingredient = found?.ingredient ?? newIngredient(name.trim());
  const guessed: string[] = [];
  if (!found) guessed.push(say`New to the library: “${ingredient.name}”. Its allergens are to be confirmed.`);
  else if (!found.same) guessed.push(say`Taken for ${ingredient.name}.`);
  if (dimension === 'volume' && ingredient.density === null)
    guessed.push(say`Nobody has said what a millilitre of ${ingredient.name} weighs: 1 g was taken.`);
  return {
    ok: true,
    ingredient: ingredient.id,
    grams: dimension === 'mass' ? value : toGrams(value, ingredient.density ?? 1),
    ...(note ? { note } : {}),
    guessed,
    ...(found ? {} : { fresh: ingredient }),
  };
}

function newIngredient(name: string): Ingredient {
  return {
    id: slug(name) || 'ingredient',
    name: name.charAt(0).toUpperCase() + name.slice(1),
    allergens: [],
    density: null,
    unconfirmed: true,
  };
}
