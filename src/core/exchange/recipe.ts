import { say } from '../words/say';
import type { Formula, FormulaLine, Ingredient } from '../formula/formula';
import { TYPING, type Typing } from '../measure/parse-quantity';
import { readIngredientLine } from './ingredient-line';
import type { ForeignRecipe, ReportLine } from './foreign-recipe';
import { oneStep, readSteps } from './recipe-steps';
import { slug } from './slug';

/** A formula has no more. */
const MOST_LINES = 80;

export interface ReadRecipe {
  formula: Formula;
  report: ReportLine[];
  /** Ingredients that the library did not have. */
  fresh: Ingredient[];
}

/**
 * A formula from a foreign recipe. Everything that was not understood, and every time that was guessed, stands in the
 * report: nothing is dropped in silence. Loss, keeping and purpose are starting values for the kitchen to set.
 */
export function readRecipe(
  recipe: ForeignRecipe,
  ingredients: ReadonlyMap<string, Ingredient>,
  typing: Typing = TYPING,
): ReadRecipe {
  const report: ReportLine[] = [];
  const lines: FormulaLine[] = [];
  const fresh: Ingredient[] = [];
  const known = new Map(ingredients);
  const byIngredient = new Map<string, FormulaLine>();
  for (const [i, text] of recipe.ingredients.entries()) {
    if (lines.length === MOST_LINES) {
      const more = recipe.ingredients.length - i - 1;
      report.push({
        text,
        message: say`A formula has at most ${MOST_LINES} ingredients: this and ${more} more were not read. Divide it.`,
      });
      break;
    }
    const read = readIngredientLine(text, known, typing);
    if (!read.ok) {
      report.push({ text: read.text, message: read.message });
      continue;
    }
    for (const message of read.guessed) report.push({ text, message });
    const ingredient = read.fresh && { ...read.fresh, id: freeId(read.fresh.id, known) };
    if (ingredient) {
      fresh.push(ingredient);
      known.set(ingredient.id, ingredient);
    }
    const id = ingredient?.id ?? read.ingredient;
    const same = byIngredient.get(id);
    if (same) {
      report.push({ text, message: say`Named twice: put together with the ${Math.round(same.grams)} g before it.` });
      same.grams += read.grams;
    } else {
      const line = { ingredient: id, grams: read.grams, ...(read.note ? { note: read.note } : {}) };
      lines.push(line);
      byIngredient.set(id, line);
    }
  }
  const { steps, waits, after } = readSteps(recipe.instructions, report);
  if (steps.length === 0) {
    report.push({ text: recipe.name, message: say`It tells no steps: one of 10 min was put in.` });
    steps.push(oneStep());
  }
  report.push({
    text: say`Loss, density, keeping`,
    message: say`Not told by a recipe: starting values, to be set by the kitchen.`,
  });
  return {
    report,
    fresh,
    formula: {
      id: slug(recipe.name) || 'imported',
      name: recipe.name.trim() || 'Imported formula',
      family: 'Imported',
      story: recipe.description.trim(),
      purpose: steps.some((s) => s.oven) ? 'layers' : 'filling',
      ...(steps.some((s) => s.oven) ? { batter: 'butter' as const } : {}),
      lines,
      loss: steps.some((s) => s.oven) ? 0.11 : 0.03,
      density: 1,
      steps,
      waits,
      keeping: {
        ...{ place: after?.place ?? 'fridge', min: after?.minutes ?? 60, units: 1, ageing: 0.01 },
        max: Math.max(2 * 1440, 2 * (after?.minutes ?? 0)),
        why: after?.why ?? 'as a starting value',
      },
    },
  };
}

function freeId(id: string, taken: ReadonlyMap<string, unknown>): string {
  for (let n = 1; ; n++) {
    const tried = n === 1 ? id : `${id}-${n}`;
    if (!taken.has(tried)) return tried;
  }
}
