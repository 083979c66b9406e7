import type { Ingredient } from '../formula/formula';

/** An ingredient of the library; `same` where it is called so, otherwise it is the only one whose name has these words. */
export interface Found {
  ingredient: Ingredient;
  same: boolean;
}

/** What is said of an ingredient without making it another one. */
const STATES = new Set(
  'cold warm hot soft softened melted fresh large medium small ripe chopped grated sifted beaten diced sliced whole'.split(
    ' ',
  ),
);
const FILLERS = new Set(['of', 'the', 'fat', 'in', 'a', 'an']);

/**
 * The ingredient that a recipe calls so: by id or name; else the only one of whose name this is a part ("flour" where there is one flour).
 * A name that says more than the library's ("cream cheese" beside "Cream") is another ingredient: null.
 */
export function findIngredient(name: string, ingredients: ReadonlyMap<string, Ingredient>): Found | null {
  const wanted = words(name).filter((w) => !STATES.has(w));
  const all = [...ingredients.values()];
  const same = all.find((i) => i.id === name.trim().toLowerCase() || alike(words(i.name), words(name)));
  if (same) return { ingredient: same, same: true };
  if (wanted.length === 0) return null;
  const stated = all.find((i) => alike(words(i.name), wanted));
  if (stated) return { ingredient: stated, same: true };
  const within = all.filter((i) => wanted.every((w) => words(i.name).includes(w)));
  return within.length === 1 ? { ingredient: within[0]!, same: false } : null;
}

const alike = (a: string[], b: string[]) => a.length > 0 && [...a].sort().join(' ') === [...b].sort().join(' ');

function words(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/\(.*?\)/g, ' ')
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 1 && !FILLERS.has(w))
    .map((w) => w.replace(/(?<!s)s$/, ''));
}
