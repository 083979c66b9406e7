import type { Formula, FormulaLine, FormulaStep, FormulaWait, Ingredient } from '../formula/formula';
import { fromFahrenheit, fromGasMark } from '../measure/temperature';
import type { Country } from '../measure/units';
import { readIngredientLine } from './ingredient-line';
import { slug } from './slug';

/** What a foreign recipe says, in its own words. */
export interface ForeignRecipe {
  name: string;
  description: string;
  ingredients: string[];
  instructions: { name: string; text: string; minutes: number | null }[];
}

/** What could not be read, or was guessed. */
export interface ReportLine {
  text: string;
  message: string;
}

export interface ReadRecipe {
  formula: Formula;
  report: ReportLine[];
}

/** Minutes of a step that says nothing of time. */
const GUESSED_MINUTES = 10;
/** How far likely minutes may be off, where only one number is known. */
const SPREAD = { low: 0.85, high: 1.3 };

/**
 * A formula from a foreign recipe. Everything that was not understood, and every time that was guessed, stands in the
 * report: nothing is dropped in silence. Loss, keeping and purpose are starting values for the kitchen to set.
 */
export function readRecipe(
  recipe: ForeignRecipe,
  ingredients: ReadonlyMap<string, Ingredient>,
  country: Country = 'metric',
): ReadRecipe {
  const report: ReportLine[] = [];
  const lines: FormulaLine[] = [];
  for (const text of recipe.ingredients) {
    const read = readIngredientLine(text, ingredients, country);
    if (!read.ok) {
      report.push({ text: read.text, message: read.message });
      continue;
    }
    const same = lines.find((l) => l.ingredient === read.ingredient);
    if (same) same.grams += read.grams;
    else lines.push({ ingredient: read.ingredient, grams: read.grams, ...(read.note ? { note: read.note } : {}) });
  }
  const taken = new Set<string>();
  const steps = recipe.instructions.map((i) => readStep(i, taken, report));
  if (steps.length === 0) {
    report.push({ text: recipe.name, message: 'It tells no steps: one of 10 min was put in.' });
    steps.push(readStep({ name: 'Make it', text: '', minutes: GUESSED_MINUTES }, taken, []));
  }
  const waits = steps
    .slice(1)
    .map((s, i): FormulaWait => ({ from: steps[i]!.key, to: s.key, min: 0, max: null, place: null, why: '' }));
  report.push({
    text: 'Loss, density, keeping',
    message: 'Not told by a recipe: starting values, to be set by the kitchen.',
  });
  return {
    report,
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
      keeping: { place: 'fridge', min: 60, max: 2 * 1440, units: 1, ageing: 0.01, why: 'as a starting value' },
    },
  };
}

function readStep(
  { name, text, minutes }: ForeignRecipe['instructions'][number],
  taken: Set<string>,
  report: ReportLine[],
): FormulaStep {
  const said = `${name} ${text}`;
  const celsius = ovenHeat(said);
  const told = minutes ?? minutesIn(said);
  if (told === null)
    report.push({ text: name || text, message: `No time is told: ${GUESSED_MINUTES} min were put in.` });
  const likely = told ?? GUESSED_MINUTES;
  const bakes = celsius !== null && /\b(bake|oven|dry)/i.test(said);
  const short = (name || text.split(/[.;]/)[0]!).trim().slice(0, 40) || 'Step';
  let key = slug(short).slice(0, 24) || 'step';
  for (let n = 2; taken.has(key); n++) key = `${slug(short).slice(0, 20)}-${n}`;
  taken.add(key);
  return {
    key,
    name: short,
    work: bakes ? 'oven' : 'hands',
    minutes: { low: Math.max(1, Math.round(likely * SPREAD.low)), likely, high: Math.round(likely * SPREAD.high) },
    ...(bakes ? { oven: { celsius, slots: 1 } } : { skill: null }),
    how: text.trim() || name.trim(),
  };
}

/** "at 350 °F", "180C", "gas 4": °C, to the full 5. */
function ovenHeat(text: string): number | null {
  const degrees = /(\d{2,3})\s*(?:°|º|degrees)?\s*([CF])\b/i.exec(text);
  const gas = /gas(?: mark)?\s*(\d)/i.exec(text);
  const celsius = degrees
    ? degrees[2]!.toUpperCase() === 'F'
      ? fromFahrenheit(Number(degrees[1]))
      : Number(degrees[1])
    : gas
      ? fromGasMark(Number(gas[1]))
      : null;
  return celsius === null ? null : Math.round(celsius / 5) * 5;
}

/** "25–30 minutes", "1 hour": the later number of a range. */
function minutesIn(text: string): number | null {
  const range = /(\d+)(?:\s*(?:-|–|to)\s*(\d+))?\s*(min|hour|hr|h\b)/i.exec(text);
  if (!range) return null;
  const number = Number(range[2] ?? range[1]);
  return /^h/i.test(range[3]!) ? number * 60 : number;
}
