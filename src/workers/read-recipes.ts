import Papa from 'papaparse';
import { asWrittenRow } from '../core/exchange/csv-cells';
import type { ForeignRecipe, ReportLine } from '../core/exchange/foreign-recipe';
import { readRecipe } from '../core/exchange/recipe';
import { recipesInRows } from '../core/exchange/recipe-csv';
import { recipesInJsonLd } from '../core/exchange/recipe-json-ld';
import { recipeInText } from '../core/exchange/recipe-text';
import type { Ingredient } from '../core/formula/formula';
import { formOf, type FormulaForm } from '../core/input/formula-input';
import type { Typing } from '../core/measure/parse-quantity';
import { say } from '../core/words/say';

/** A file with recipes, and what they are read by. */
export interface RecipesRequest {
  name: string;
  content: string;
  ingredients: readonly Ingredient[];
  typing: Typing;
}

/** A recipe of a file, laid out for the formula form, with what could not be read of it. */
export interface ImportedRecipe {
  form: FormulaForm;
  report: ReportLine[];
}

const MOST_RECIPES = 500;

/** The recipes of a file; or why there are none, in words. */
export function readRecipes({ name, content, ingredients, typing }: RecipesRequest): ImportedRecipe[] | string {
  const foreign = foreignRecipes(name, content);
  if (typeof foreign === 'string') return foreign;
  if (foreign.length === 0) return say`There is no recipe in this file: schema.org JSON-LD or a CSV table is read.`;
  if (foreign.length > MOST_RECIPES)
    return say`There are ${foreign.length} recipes in this file; at most ${MOST_RECIPES} are read at once. Divide it.`;
  const known = new Map(ingredients.map((i) => [i.id, i]));
  return foreign.map((f) => {
    const { formula, report, fresh } = readRecipe(f, known, typing);
    const told = fresh.map((i) => ({ id: i.id, name: i.name, allergens: [], confirmed: false }));
    return { form: { ...formOf(formula), fresh: told }, report };
  });
}

/** JSON is tried first; web pages carry it inside a script. What is neither is a table. */
function foreignRecipes(name: string, content: string): ForeignRecipe[] | string {
  const scripts = [...content.matchAll(/<script[^>]*application\/ld\+json[^>]*>([\s\S]*?)<\/script>/gi)].map(
    (m) => m[1]!,
  );
  const documents = scripts.length > 0 ? scripts : /^\s*[[{]/.test(content) ? [content] : [];
  if (documents.length > 0) {
    try {
      return documents.flatMap((d) => recipesInJsonLd(JSON.parse(d)));
    } catch (error) {
      return say`This is not JSON that can be read: ${(error as Error).message}`;
    }
  }
  const table = Papa.parse<Record<string, string>>(content.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const columns = table.meta.fields ?? [];
  const called = name.replace(/\.\w+$/, '');
  if (columns.includes('amount') && (columns.includes('name') || columns.includes('ingredient')))
    return recipesInRows(table.data.map(asWrittenRow), called);
  const typed = recipeInText(content, called);
  return typed && typed.ingredients.length > 0
    ? [typed]
    : say`A table needs at least the columns “name” and “amount”; a text a line with an amount.`;
}
