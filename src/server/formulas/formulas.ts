import { skillNames } from '../../core/kitchen/person';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { formulaOf, freshIngredients, type FormulaForm } from '../../core/input/formula-input';
import { harmlessRow } from '../../core/exchange/csv-cells';
import { recipeToRows } from '../../core/exchange/recipe-csv';
import { recipeToJsonLd } from '../../core/exchange/recipe-json-ld';
import { cycleOf } from '../../core/formula/cycle';
import { slug } from '../../core/exchange/slug';
import { COUNTRIES, type Country } from '../../core/measure/units';
import type { Ingredient } from '../../core/formula/formula';
import Papa from 'papaparse';
import { appendEvents } from '../../data/repositories/events';
import { insertFormulas, updateFormula } from '../../data/repositories/formulas';
import { insertEntries } from '../../data/repositories/entries';
import { newIngredient } from '../../core/kitchen/kept-ingredient';
import { loadKitchen } from '../situation/load-kitchen';
import { clashProblem } from '../../core/order/cake-clashes';
import { breakDownAll } from '../../core/situation/break-down-orders';
import { askFirst, refuse, type Result } from '../shared/result';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { FileAnswer } from '../shared/file-answer';
import { loadSituation } from '../situation/load-situation';
import type { ImportedRecipe } from '../../workers/read-recipes';
import { readRecipesInThread } from './recipes-thread';

const STALE = say`Somebody else has saved this formula since you opened it. Yours is kept here: open it again to see theirs.`;

/**
 * Saves a formula, new (id null) or as the next version of a known one. Orders that are planned keep the version they
 * were planned with.
 */
export function saveFormula(
  db: KitchenDb,
  id: string | null,
  version: number,
  form: FormulaForm,
  sure = false,
): Promise<Result<{ id: string; version: number }>> {
  return commit(
    db,
    async (tx): Promise<Result<{ id: string; version: number }>> => {
      const situation = await loadSituation(tx);
      if (!situation) return refuse(say`There is no kitchen yet.`);
      const { kitchen } = situation;
      const fresh = freshIngredients(form).filter((i) => !kitchen.library.ingredients.has(i.id));
      const ingredients = new Map([
        ...kitchen.library.ingredients,
        ...fresh.map((i): [string, Ingredient] => [i.id, i]),
      ]);
      const known = (l: FormulaForm['lines'][number]) =>
        l.formula === '' ? ingredients.has(l.ingredient) : kitchen.library.formulas.has(l.formula);
      const unknown = form.lines.findIndex((l) => !known(l));
      if (unknown >= 0)
        return refuse(LOOK_AGAIN, { [`lines.${unknown}.ingredient`]: say`The library does not know it.` });
      const skills = new Set(kitchen.team.flatMap(skillNames));
      const unskilled = form.steps.findIndex((s) => s.skill !== '' && !skills.has(s.skill));
      if (unskilled >= 0)
        return refuse(LOOK_AGAIN, { [`steps.${unskilled}.skill`]: say`Nobody on the team has this skill.` });
      const before = id === null ? null : (kitchen.rows.formulas.find((f) => f.id === id) ?? null);
      if (id !== null && !before) return refuse(say`This formula is not there any more.`);
      if (before && before.version !== version) return refuse(STALE);
      const own = id ?? freshId(form.name, new Set(kitchen.library.formulas.keys()));
      const body = formulaOf(form, before?.body ?? null, own);
      const formulas = new Map(kitchen.library.formulas).set(own, body);
      const cycle = cycleOf(own, formulas);
      if (cycle) {
        const at = form.lines.findIndex((l) => l.formula === cycle[1]);
        const way = cycle.map((f) => formulas.get(f)?.name ?? f).join(' → ');
        return refuse(LOOK_AGAIN, { [`lines.${at}.ingredient`]: say`It would go into itself: ${way}.` });
      }
      const namesake = sure
        ? null
        : [...kitchen.library.formulas.values()].find((f) => f.id !== own && sameName(f, body));
      if (namesake && !before)
        return askFirst('sure', say`There is a formula called “${namesake.name}” already. Keep both?`);
      // Orders that keep the version that is left behind are not touched.
      const olderFormulas = new Map(kitchen.olderFormulas);
      if (before) olderFormulas.set(`${own}@${before.version}`, before.body);
      const changed = { ...kitchen, olderFormulas, library: { ...kitchen.library, ingredients, formulas } };
      const { orders, batches } = situation;
      const clash = clashProblem(situation, {
        ...{ orders, batches },
        ...breakDownAll(orders, { batches, kitchen: changed }),
      });
      if (clash) return refuse(clash);
      if (fresh.length > 0) await insertEntries(tx, 'ingredients', fresh.map(newIngredient));
      const next = (before?.version ?? 0) + 1;
      const at = db.now();
      const why = { savedAt: at, note: form.note };
      if (!before) await insertFormulas(tx, [body], why);
      else if (!(await updateFormula(tx, before, body, why))) return refuse(STALE);
      await appendEvents(tx, [{ at, kind: 'formula saved', order: null, body: { formula: own, saved: next } }]);
      return { ok: true, id: own, version: next };
    },
    { library: true },
  );
}

/** Takes a formula out of use, or into it again, as its next version: what is made with it stays as it is. */
export function retireFormula(
  db: KitchenDb,
  id: string,
  version: number,
  retired: boolean,
): Promise<Result<{ id: string; version: number }>> {
  return commit(
    db,
    async (tx): Promise<Result<{ id: string; version: number }>> => {
      const kitchen = await loadKitchen(tx);
      const before = kitchen?.rows.formulas.find((f) => f.id === id);
      if (!before) return refuse(say`This formula is not there any more.`);
      if (before.version !== version) return refuse(STALE);
      const { retired: was, ...rest } = before.body;
      if ((was ?? false) === retired) return { ok: true, id, version };
      const at = tx.now();
      const note = retired ? say`taken out of use` : say`in use again`;
      const body = retired ? { ...rest, retired } : rest;
      if (!(await updateFormula(tx, before, body, { savedAt: at, note }))) return refuse(STALE);
      const told = { formula: id, saved: version + 1 };
      await appendEvents(tx, [{ at, kind: 'formula saved', order: null, body: told }]);
      return { ok: true, id, version: version + 1 };
    },
    { library: true },
  );
}

const sameName = (a: { name: string }, b: { name: string }) =>
  a.name.trim().toLowerCase() === b.name.trim().toLowerCase();

function freshId(name: string, taken: Set<string>): string {
  const stem = slug(name) || 'formula';
  let id = stem;
  for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`;
  return id;
}

/** Larger files are no recipes. Letters. */
export const LARGEST_RECIPES = 400_000;

/** Reads the recipes of a JSON-LD or CSV file. Nothing is saved: the lead looks at the report first. */
export async function readRecipeFile(
  db: KitchenDb,
  name: string,
  content: string,
  country: string,
): Promise<Result<{ recipes: ImportedRecipe[] }>> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return refuse(say`There is no kitchen yet.`);
  if (content.length > LARGEST_RECIPES) return refuse(say`This file is too large for recipes.`);
  const cups = COUNTRIES.includes(country as Country) ? (country as Country) : 'metric';
  const ingredients = [...kitchen.library.ingredients.values()];
  const read = await readRecipesInThread({ name, content, ingredients, typing: { ...kitchen.typing, country: cups } });
  return typeof read === 'string' ? refuse(read) : { ok: true, recipes: read };
}

/** A formula as a file: JSON-LD or CSV; null where there is none. */
export async function exportFormula(db: KitchenDb, id: string, as: 'json' | 'csv'): Promise<FileAnswer | null> {
  const kitchen = await loadKitchen(db);
  const formula = kitchen?.library.formulas.get(id);
  if (!kitchen || !formula) return null;
  const { ingredients } = kitchen.library;
  if (as === 'json') {
    const text = `${JSON.stringify(recipeToJsonLd(formula, ingredients), null, 2)}\n`;
    return new FileAnswer(`${id}.jsonld`, 'application/ld+json; charset=utf-8', text, 'attachment');
  }
  const text = `${Papa.unparse(recipeToRows(formula, ingredients).map(harmlessRow))}\r\n`;
  return new FileAnswer(`${id}.csv`, 'text/csv; charset=utf-8', text, 'attachment');
}
