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
  const said = words(name);
  const wanted = said.filter((w) => !STATES.has(w));
  const all = [...ingredients.values()];
  const called = name.trim().toLowerCase();
  const as = (list: string[]) => (list.length > 0 ? inOrder(list) : null);
  const [whole, bare] = [as(said), as(wanted)];
  const same = all.find((i) => i.id === called || (whole !== null && nameOf(i).sorted === whole));
  if (same) return { ingredient: same, same: true };
  if (bare === null) return null;
  const stated = all.find((i) => nameOf(i).sorted === bare);
  if (stated) return { ingredient: stated, same: true };
  const within = all.filter((i) => wanted.every((w) => nameOf(i).words.includes(w)));
  return within.length === 1 ? { ingredient: within[0]!, same: false } : null;
}

const inOrder = (list: string[]) => [...list].sort().join(' ');

/** The words of an ingredient's name, read once: a file asks for each of them at each of its lines. */
const names = new WeakMap<Ingredient, { words: string[]; sorted: string }>();

function nameOf(ingredient: Ingredient): { words: string[]; sorted: string } {
  const known = names.get(ingredient);
  if (known) return known;
  const own = words(ingredient.name);
  const made = { words: own, sorted: inOrder(own) };
  names.set(ingredient, made);
  return made;
}

function words(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/\(.*?\)/g, ' ')
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 1 && !FILLERS.has(w))
    .map((w) => w.replace(/(?<!s)s$/, ''));
}
