import { and, eq } from 'drizzle-orm';
import { ValidationError } from 'yup';
import { formOf, formulaForm, formulaOf, type FormulaForm } from '../core/formats/formula-form';
import { readRecipe, type ForeignRecipe, type ReportLine } from '../core/formats/recipe';
import { recipesInRows, recipeToRows } from '../core/formats/recipe-csv';
import { recipesInJsonLd, recipeToJsonLd } from '../core/formats/recipe-json-ld';
import { slug } from '../core/formats/slug';
import { COUNTRIES, type Country } from '../core/measure/units';
import Papa from 'papaparse';
import { database, type Db } from '../data/database';
import { appendEvents } from '../data/repositories/events';
import * as t from '../data/schema';
import { now } from './clock';
import { loadKitchen } from './kitchen';
import { tellChanged } from './live';
import { refuse, type Result } from './result';

const STALE =
  'Somebody else has saved this formula since you opened it. Yours is kept here: open it again to see theirs.';

/**
 * Saves a formula, new (id null) or as the next version of a known one. Orders that are planned keep the version they
 * were planned with.
 */
export async function saveFormula(
  id: string | null,
  version: number,
  input: unknown,
): Promise<Result<{ id: string; version: number }>> {
  const db = await database();
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse('There is no kitchen yet.');
  let form: FormulaForm;
  try {
    form = await formulaForm.validate(input, { abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return refuse('Some fields need another look.', fieldsOf(error));
  }
  const unknown = form.lines.findIndex((l) => !kitchen.library.ingredients.has(l.ingredient));
  if (unknown >= 0)
    return refuse('Some fields need another look.', {
      [`lines.${unknown}.ingredient`]: 'The library does not know it.',
    });
  const before = id === null ? null : (kitchen.rows.formulas.find((f) => f.id === id) ?? null);
  if (id !== null && !before) return refuse('This formula is not there any more.');
  const own = id ?? freshId(form.name, new Set(kitchen.library.formulas.keys()));
  const body = formulaOf(form, before?.body ?? null, own);
  const at = now();
  const next = (before?.version ?? 0) + 1;
  const saved = await db.transaction(async (tx) => {
    if (before) {
      // Formulas from before versions were kept: the one that is left behind is written down first.
      await tx
        .insert(t.formulaVersions)
        .values({ formula: own, version: before.version, body: before.body, savedAt: at, note: '' })
        .onConflictDoNothing();
      const rows = await tx
        .update(t.formulas)
        .set({ name: body.name, body, version: next })
        .where(and(eq(t.formulas.id, own), eq(t.formulas.version, version)))
        .returning({ id: t.formulas.id });
      if (rows.length === 0) return false;
    } else await tx.insert(t.formulas).values({ id: own, name: body.name, body, version: 1 });
    await tx.insert(t.formulaVersions).values({ formula: own, version: next, body, savedAt: at, note: form.note });
    await appendEvents(tx as Db, [{ at, kind: 'formula saved', order: null, body: { formula: own, version: next } }]);
    return true;
  });
  if (!saved) return refuse(STALE);
  tellChanged();
  return { ok: true, id: own, version: next };
}

/** "lines[0].grams" of yup is "lines.0.grams" of the form. */
function fieldsOf(error: ValidationError): Record<string, string> {
  return Object.fromEntries(error.inner.map((e) => [(e.path ?? '').replace(/\[(\d+)\]/g, '.$1'), e.message]));
}

function freshId(name: string, taken: Set<string>): string {
  const stem = slug(name) || 'formula';
  let id = stem;
  for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`;
  return id;
}

/** A recipe of a file, laid out for the formula form, with what could not be read of it. */
export interface ImportedRecipe {
  form: FormulaForm;
  report: ReportLine[];
}

/** Larger files are no recipes. Letters. */
const LARGEST = 400_000;

/** Reads the recipes of a JSON-LD or CSV file. Nothing is saved: the lead looks at the report first. */
export async function readRecipeFile(
  name: string,
  content: string,
  country: string,
): Promise<Result<{ recipes: ImportedRecipe[] }>> {
  const kitchen = await loadKitchen(await database());
  if (!kitchen) return refuse('There is no kitchen yet.');
  if (content.length > LARGEST) return refuse('This file is too large for recipes.');
  const cups = COUNTRIES.includes(country as Country) ? (country as Country) : 'metric';
  const foreign = foreignRecipes(name, content);
  if (typeof foreign === 'string') return refuse(foreign);
  if (foreign.length === 0)
    return refuse('There is no recipe in this file: schema.org JSON-LD or a CSV table is read.');
  const { ingredients } = kitchen.library;
  const recipes = foreign.slice(0, 50).map((f) => {
    const { formula, report } = readRecipe(f, ingredients, cups);
    return { form: formOf(formula), report };
  });
  return { ok: true, recipes };
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
      return `This is not JSON that can be read: ${(error as Error).message}`;
    }
  }
  const table = Papa.parse<Record<string, string>>(content.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const columns = table.meta.fields ?? [];
  if (!columns.includes('amount') || !(columns.includes('name') || columns.includes('ingredient')))
    return 'A table needs at least the columns “name” and “amount”.';
  return recipesInRows(table.data, name.replace(/\.\w+$/, ''));
}

/** A formula as a file: JSON-LD or CSV; null where there is none. */
export async function exportFormula(id: string, as: 'json' | 'csv'): Promise<{ name: string; content: string } | null> {
  const kitchen = await loadKitchen(await database());
  const formula = kitchen?.library.formulas.get(id);
  if (!kitchen || !formula) return null;
  const { ingredients } = kitchen.library;
  return as === 'json'
    ? { name: `${id}.jsonld`, content: `${JSON.stringify(recipeToJsonLd(formula, ingredients), null, 2)}\n` }
    : { name: `${id}.csv`, content: `${Papa.unparse(recipeToRows(formula, ingredients))}\r\n` };
}
