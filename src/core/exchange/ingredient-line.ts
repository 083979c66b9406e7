import type { Ingredient } from '../formula/formula';
import { toGrams } from '../measure/density';
import { parseQuantity } from '../measure/parse-quantity';
import type { Country } from '../measure/units';

/** An ingredient line of a foreign recipe, read; or what could not be read of it. */
export type ReadLine =
  { ok: true; ingredient: string; grams: number; note?: string } | { ok: false; text: string; message: string };

const QUANTITY = /^((?:about\s+)?[\d½⅓⅔¼¾⅛⅜⅝⅞][\d\s.,/½⅓⅔¼¾⅛⅜⅝⅞+⁄\u2009\u202f]*)\s*(.*)$/i;
/** What one of it weighs, where people count instead of weighing. g, without shell. */
const COUNTED: readonly [RegExp, string, number][] = [
  [/^egg yolks?\b/i, 'egg-yolks', 17.4],
  [/^egg whites?\b/i, 'egg-whites', 34.2],
  [/^(?:large |medium |whole )?eggs?\b/i, 'whole-eggs', 51.6],
];

/**
 * Reads "1 1/2 cups plain flour, sifted": quantity, unit, name. Volumes become grams by the ingredient's own density; eggs
 * are counted. What follows a comma is a note.
 */
export function readIngredientLine(
  text: string,
  ingredients: ReadonlyMap<string, Ingredient>,
  country: Country = 'metric',
): ReadLine {
  const fail = (message: string): ReadLine => ({ ok: false, text, message });
  const plain = text.trim().replace(/\s+/g, ' ');
  const match = QUANTITY.exec(plain);
  if (!match) return fail('It begins with no quantity.');
  const number = match[1]!.replace(/^about\s+/i, '').trim();
  const rest = match[2]!;
  for (const [pattern, id, each] of COUNTED) {
    if (!pattern.test(rest) || !ingredients.has(id)) continue;
    const count = parseQuantity(number, country);
    return count.ok ? { ok: true, ingredient: id, grams: count.quantity.value * each } : fail(count.message);
  }
  const words = rest.split(' ');
  for (const take of [4, 3, 2, 1]) {
    const unit = words.slice(0, take).join(' ');
    const parsed = parseQuantity(`${number} ${unit}`, country);
    if (!parsed.ok || parsed.quantity.dimension === 'count') continue;
    const { dimension, value } = parsed.quantity;
    if (dimension !== 'mass' && dimension !== 'volume') continue;
    const [name = '', ...notes] = words.slice(take).join(' ').replace(/^of /i, '').split(',');
    const known = findIngredient(name, ingredients);
    if (!known) return fail(`The library has no “${name.trim()}”.`);
    const note = notes.join(',').trim();
    if (dimension === 'mass') return { ok: true, ingredient: known.id, grams: value, ...(note ? { note } : {}) };
    if (known.density === null) return fail(`Nobody has said what a millilitre of ${known.name} weighs.`);
    return { ok: true, ingredient: known.id, grams: toGrams(value, known.density), ...(note ? { note } : {}) };
  }
  return fail('Its unit is not a weight or a volume.');
}

/** The ingredient that is called so: by id, by name, or the one whose name has most of the words. */
function findIngredient(name: string, ingredients: ReadonlyMap<string, Ingredient>): Ingredient | null {
  const wanted = words(name);
  if (wanted.length === 0) return null;
  const all = [...ingredients.values()];
  const exact = all.find((i) => i.id === name.trim().toLowerCase() || words(i.name).join(' ') === wanted.join(' '));
  if (exact) return exact;
  const scored = all
    .map((i) => {
      const own = words(i.name);
      const shared = wanted.filter((w) => own.includes(w)).length;
      return { i, shared, score: shared / Math.max(own.length, wanted.length) };
    })
    .filter((s) => s.shared === wanted.length || s.shared === words(s.i.name).length)
    .sort((a, b) => b.score - a.score);
  return scored[0]?.i ?? null;
}

function words(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/\(.*?\)/g, ' ')
    .split(/[^a-zà-ÿ]+/)
    .filter((w) => w.length > 1 && !['of', 'the', 'fat', 'in'].includes(w))
    .map((w) => w.replace(/s$/, ''));
}
