import { ALLERGENS, type Allergen, type Formula } from '../core/formula/formula';
import { allergensOf, totalGrams, yieldGrams } from '../core/formula/scale';
import { database } from '../data/database';
import { loadKitchen } from './kitchen';

export interface FormulaLineView {
  id: string;
  name: string;
  family: string;
  story: string;
  allergens: Allergen[];
  keeps: { place: string | null; max: number };
  usedBy: string[];
}

/** All formulas by family; null without a kitchen. */
export async function loadFormulas(): Promise<FormulaLineView[] | null> {
  const kitchen = await loadKitchen(await database());
  if (!kitchen) return null;
  return kitchen.rows.formulas.map(({ body }) => ({
    ...{ id: body.id, name: body.name, family: body.family, story: body.story },
    allergens: allergensOf(body, kitchen.library.ingredients).map((a) => a.allergen),
    keeps: { place: body.keeping.place, max: body.keeping.max },
    usedBy: buildsWith(body.id, kitchen),
  }));
}

export interface FormulaView {
  formula: Formula;
  version: number;
  total: number;
  yield: number;
  ingredients: Record<string, { name: string; allergens: Allergen[] }>;
  allergens: { allergen: Allergen; from: string[] }[];
  free: Allergen[];
  usedBy: string[];
}

export async function loadFormula(id: string): Promise<FormulaView | null> {
  const kitchen = await loadKitchen(await database());
  const row = kitchen?.rows.formulas.find((f) => f.id === id);
  if (!kitchen || !row) return null;
  const formula = row.body;
  const allergens = allergensOf(formula, kitchen.library.ingredients);
  return {
    formula,
    version: row.version,
    total: totalGrams(formula),
    yield: yieldGrams(formula),
    ingredients: Object.fromEntries(
      formula.lines.map((l) => {
        const known = kitchen.library.ingredients.get(l.ingredient);
        return [l.ingredient, { name: known?.name ?? l.ingredient, allergens: known?.allergens ?? [] }];
      }),
    ),
    allergens,
    free: ALLERGENS.filter((a) => !allergens.some((x) => x.allergen === a)),
    usedBy: buildsWith(id, kitchen),
  };
}

function buildsWith(formula: string, kitchen: NonNullable<Awaited<ReturnType<typeof loadKitchen>>>): string[] {
  return kitchen.rows.builds.filter((b) => b.body.components.some((c) => c.formula === formula)).map((b) => b.name);
}
