import { LONG_DAY_AND_TIME, minuteOf, timeOf } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { draftKey, EMPTY_STEP, formOf, type FormulaForm } from '../../core/input/formula-input';
import { ALLERGENS, type Allergen, type Formula, type Ingredient } from '../../core/formula/formula';
import { allergensOf, totalGrams, yieldGrams } from '../../core/formula/scale';
import type { Form } from '../../core/shape/form';
import { readOpenOrders } from '../../data/repositories/orders';
import { readFormulaVersions } from '../../data/repositories/formulas';
import { loadKitchen, type LoadedKitchen } from '../situation/load-kitchen';

export interface FormulaLineView {
  id: string;
  name: string;
  family: string;
  story: string;
  allergens: Allergen[];
  keeps: { place: string | null; max: number };
  usedBy: string[];
  /** Names of its ingredients, to be found by. */
  ingredients: string[];
}

/** All formulas by family; null without a kitchen. */
export async function loadFormulas(db: KitchenDb): Promise<FormulaLineView[] | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  return kitchen.rows.formulas.map(({ body }) => ({
    ...{ id: body.id, name: body.name, family: body.family, story: body.story },
    allergens: allergensOf(body, kitchen.library.ingredients).map((a) => a.allergen),
    keeps: { place: body.keeping.place, max: body.keeping.max },
    usedBy: buildsWith(body.id, kitchen),
    ingredients: body.lines.map((l) => kitchen.library.ingredients.get(l.ingredient)?.name ?? l.ingredient),
  }));
}

export interface FormulaView {
  formula: Formula;
  /** Of the one shown, and the newest there is. */
  version: number;
  newest: number;
  /** `savedAt` as the kitchen’s clock shows it. */
  versions: { version: number; savedAt: string; note: string }[];
  /** Open orders that were planned with another version than the newest. */
  older: { id: number; title: string; version: number }[];
  total: number;
  yield: number;
  /** Every ingredient that it or a substitution of it names. */
  ingredients: Ingredient[];
  allergens: { allergen: Allergen; from: string[] }[];
  free: Allergen[];
  usedBy: string[];
  moulds: { name: string; form: Form }[];
  figures: { eggWeight: number; sheetGrams: number; batter: { fill: number; density: number; depth: number } | null };
}

/** One formula, at its newest version or at an older one; null where there is none. */
export async function loadFormula(
  db: KitchenDb,
  id: string,
  version: number | null = null,
): Promise<FormulaView | null> {
  const kitchen = await loadKitchen(db);
  const row = kitchen?.rows.formulas.find((f) => f.id === id);
  if (!kitchen || !row) return null;
  const kept = await readFormulaVersions(db, id);
  const wanted = version === null || version === row.version ? null : kept.find((v) => v.version === version);
  if (wanted === undefined) return null;
  const formula = wanted?.body ?? row.body;
  const { clock } = kitchen;
  const { ingredients, coefficients: figures } = kitchen.library;
  const allergens = allergensOf(formula, ingredients);
  return {
    formula,
    version: wanted?.version ?? row.version,
    newest: row.version,
    versions: kept.map((v) => ({
      version: v.version,
      savedAt: timeOf(minuteOf(v.savedAt, clock), clock).toFormat(LONG_DAY_AND_TIME),
      note: v.note,
    })),
    older: (await readOpenOrders(db))
      .filter((o) => (o.versions[id] ?? row.version) !== row.version)
      .map((o) => ({ id: o.id, title: o.title, version: o.versions[id]! })),
    total: totalGrams(formula),
    yield: yieldGrams(formula),
    ingredients: [...ingredients.values()],
    allergens,
    free: ALLERGENS.filter((a) => !allergens.some((x) => x.allergen === a)),
    usedBy: buildsWith(id, kitchen),
    moulds: kitchen.rows.equipment.flatMap((e) =>
      e.mould && (e.mould.use === 'sheet') === (formula.batter === 'sheet')
        ? [{ name: e.name, form: e.mould.form }]
        : [],
    ),
    figures: {
      eggWeight: figures.egg.weight,
      sheetGrams: figures.sheetGrades[figures.sheetGrade].grams,
      batter: formula.batter
        ? { ...figures.batter[formula.batter], depth: formula.batter === 'sheet' ? figures.sheetDepth : 50 }
        : null,
    },
  };
}

/** What the editor of a formula needs. */
export interface FormulaEditView {
  id: string | null;
  version: number;
  form: FormulaForm;
  ingredients: { id: string; name: string }[];
  families: string[];
  skills: string[];
}

/** The form for a formula, or for a new one (id null); null where there is none. */
export async function loadFormulaForm(db: KitchenDb, id: string | null): Promise<FormulaEditView | null> {
  const kitchen = await loadKitchen(db);
  const row = kitchen?.rows.formulas.find((f) => f.id === id);
  if (!kitchen || (id !== null && !row)) return null;
  return {
    id,
    version: row?.version ?? 0,
    form: row ? formOf(row.body) : newForm(),
    ingredients: kitchen.rows.ingredients
      .map((i) => ({ id: i.id, name: i.name }))
      .sort((a, b) => a.name.localeCompare(b.name, 'en')),
    families: [...new Set(kitchen.rows.formulas.map((f) => f.body.family))].sort((a, b) => a.localeCompare(b, 'en')),
    skills: [...new Set(kitchen.team.flatMap((p) => p.skills))].sort(),
  };
}

function newForm(): FormulaForm {
  return {
    ...{
      name: '',
      family: '',
      story: '',
      purpose: 'filling',
      batter: '',
      loss: 3,
      density: 1,
      domes: false,
      stands: null,
    },
    lines: [{ ingredient: '', grams: 100, into: '' }],
    steps: [{ ...EMPTY_STEP, key: draftKey(0) }],
    ...{
      keepPlace: 'fridge',
      keepMin: 0,
      keepMax: 2 * 1440,
      keepBest: 'fresh',
      keepBetterAfter: null,
      rescue: '',
      fresh: [],
      note: '',
    },
  };
}

function buildsWith(formula: string, kitchen: LoadedKitchen): string[] {
  return kitchen.rows.builds
    .filter((b) =>
      b.body.components.some((c) => c.formula === formula || c.instead?.some((i) => i.formula === formula)),
    )
    .map((b) => b.name);
}
