import { formulasOfPart } from '../../core/design/design';
import { madeAlike } from '../../core/formula/made-alike';
import { valueAt } from '../../core/ids/value-at';
import { skillNames } from '../../core/kitchen/person';
import { LONG_DAY_AND_TIME, minuteOf, timeOf } from '../../core/time/clock';
import type { KitchenDb } from '../../data/kitchen-db';
import { formOf, type FormulaForm } from '../../core/input/formula-input';
import { EMPTY_LINE } from '../../core/input/formula-line-input';
import { draftKey, EMPTY_STEP } from '../../core/input/formula-step-input';
import { ALLERGENS, type Allergen, type Formula, type Ingredient } from '../../core/formula/formula';
import { compareFormulas, type FormulaDifference } from '../../core/formula/compare-formulas';
import { totalGrams, yieldGrams } from '../../core/formula/scale';
import { allergensOf, ingredientsWithin, insideOf, type Inside } from '../../core/formula/within';
import { usualByFamily, type UsualOfFamily } from '../../core/formula/usual';
import { groupOf } from '../../core/kitchen/item';
import { STORE_PLACES } from '../../core/kinds/places';
import { METRIC } from '../../core/measure/show-quantity';
import type { Country } from '../../core/measure/units';
import { say } from '../../core/words/say';
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
  /** Out of use. */
  retired: boolean;
  /** Names of its ingredients, to be found by. */
  ingredients: string[];
}

/** All formulas by family; null without a kitchen. */
export async function loadFormulas(db: KitchenDb): Promise<FormulaLineView[] | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  return kitchen.rows.formulas.map(({ body }) => ({
    ...{ id: body.id, name: body.name, family: body.family, story: body.story },
    allergens: allergensOf(body, kitchen.library.ingredients, kitchen.library.formulas).map((a) => a.allergen),
    keeps: { place: body.keeping.place, max: body.keeping.max },
    usedBy: buildsWith(body.id, kitchen),
    retired: body.retired ?? false,
    ingredients: ingredientsWithin(body, kitchen.library.formulas).map(
      (l) => kitchen.library.ingredients.get(l.ingredient)?.name ?? l.ingredient,
    ),
  }));
}

export interface FormulaView {
  formula: Formula;
  /** Of the one shown, and the newest there is. */
  version: number;
  newest: number;
  /** `savedAt` as the kitchen’s clock shows it. */
  versions: { version: number; savedAt: string; note: string }[];
  /** What the newest version says otherwise than the one shown. */
  differences: FormulaDifference[];
  /** Formulas that go into it, by id. */
  formulas: Record<string, string>;
  /** What is in those, and in what goes into them, at every level, by id. */
  within: Record<string, Inside>;
  /** Formulas that it goes into. */
  goesInto: { id: string; name: string }[];
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
  const allergens = allergensOf(formula, ingredients, kitchen.library.formulas);
  const isAsNewest = (has: number) => {
    const body = kept.find((v) => v.version === has)?.body;
    return has === row.version || (body !== undefined && madeAlike(body, row.body));
  };
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
      .filter((o) => !isAsNewest(valueAt(o.versions, id) ?? row.version))
      .map((o) => ({ id: o.id, title: o.title, version: o.versions[id]! })),
    differences: wanted ? compareFormulas(formula, row.body, (x) => named(x, kitchen)) : [],
    formulas: Object.fromEntries((formula.parts ?? []).map((p) => [p.formula, named(p.formula, kitchen)])),
    within: Object.fromEntries(insideOf(formula, kitchen.library.formulas)),
    goesInto: kitchen.rows.formulas
      .filter((f) => f.body.parts?.some((p) => p.formula === id))
      .map((f) => ({ id: f.id, name: f.body.name })),
    total: totalGrams(formula),
    yield: yieldGrams(formula),
    ingredients: [...ingredients.values()],
    allergens,
    free: ALLERGENS.filter((a) => !allergens.some((x) => x.allergen === a)),
    usedBy: buildsWith(id, kitchen),
    moulds: kitchen.rows.items.flatMap((e) =>
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

/** An ingredient’s or a formula’s name. */
const named = (id: string, { library }: LoadedKitchen) =>
  library.formulas.get(id)?.name ?? library.ingredients.get(id)?.name ?? id;

/** What the editor of a formula needs. */
export interface FormulaEditView {
  id: string | null;
  version: number;
  form: FormulaForm;
  ingredients: { id: string; name: string }[];
  /** Other formulas that can go into it. */
  formulas: { id: string; name: string }[];
  families: string[];
  skills: string[];
  /** Kinds of machines that the kitchen has, and those that formulas ask for. */
  machines: string[];
  /** Kinds of places where something can wait, beside the bench. */
  places: string[];
  /** Tins of the kitchen, as the field of what was measured names them. */
  tins: { value: string; name: string }[];
  /** What formulas of a family usually say here. */
  usual: Record<string, UsualOfFamily>;
  /** Whose cups the kitchen has. */
  cups: Country;
  /** It begins as another one is. */
  copied: boolean;
}

/** The form for a formula, for a copy of one, or for a new one (id null); null where there is none. */
export async function loadFormulaForm(
  db: KitchenDb,
  id: string | null,
  copyOf: string | null = null,
): Promise<FormulaEditView | null> {
  const kitchen = await loadKitchen(db);
  const row = kitchen?.rows.formulas.find((f) => f.id === (id ?? copyOf));
  if (!kitchen || (id !== null && !row)) return null;
  const { rows } = kitchen;
  const bodies = rows.formulas.map((f) => f.body);
  const form = row ? formOf(row.body) : newForm();
  return {
    id,
    version: id === null ? 0 : (row?.version ?? 0),
    form: id === null && row ? { ...form, name: say`${form.name}, copy` } : form,
    ingredients: byName(rows.ingredients.map((i) => ({ id: i.id, name: i.name }))),
    formulas: byName(bodies.filter((f) => f.id !== id && !f.retired).map((f) => ({ id: f.id, name: f.name }))),
    families: sorted(bodies.map((f) => f.family)),
    skills: sorted(kitchen.team.flatMap(skillNames)),
    machines: sorted([
      ...rows.items.filter((i) => groupOf(i) === 'machines').map((i) => i.kind),
      ...bodies.flatMap((f) => f.steps.flatMap((s) => (s.uses ?? []).map((u) => u.kind))),
    ]),
    places: [
      ...STORE_PLACES,
      ...sorted(rows.items.filter((i) => groupOf(i) === 'machines' && KEEPS_WARM.test(i.kind)).map((i) => i.kind)),
    ],
    tins: rows.items.flatMap((i) => (i.mould ? [{ value: JSON.stringify(i.mould.form), name: i.name }] : [])),
    usual: usualByFamily(bodies),
    copied: id === null && row !== undefined,
    cups: rows.kitchen.reading?.country ?? METRIC.country,
  };
}

/** Machines in which something stands and waits. */
const KEEPS_WARM = /proof|warm|chill|cabinet/i;

const sorted = (names: readonly string[]) => [...new Set(names)].sort((a, b) => a.localeCompare(b, 'en'));
const byName = <T extends { name: string }>(list: T[]) => list.sort((a, b) => a.name.localeCompare(b.name, 'en'));

/** A formula of which nothing is known yet. */
const EMPTY: Formula = {
  ...{ id: '', name: '', family: '', story: '', lines: [], loss: 0.03, density: 1, purpose: 'filling', steps: [] },
  waits: [],
  keeping: { place: 'fridge', min: 0, max: 2 * 1440, units: 1, ageing: 0.01, why: '' },
};

const newForm = (): FormulaForm => ({
  ...formOf(EMPTY),
  lines: [EMPTY_LINE],
  steps: [{ ...EMPTY_STEP, key: draftKey(0) }],
});

function buildsWith(formula: string, kitchen: LoadedKitchen): string[] {
  return kitchen.rows.builds
    .filter((b) => b.body.design.parts.some((p) => formulasOfPart(p).includes(formula)))
    .map((b) => b.name);
}
