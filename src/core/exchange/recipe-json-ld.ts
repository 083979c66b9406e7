import { say } from '../words/say';
import type { Formula, Ingredient } from '../formula/formula';
import { yieldGrams } from '../formula/scale';
import { showQuantity } from '../measure/show-quantity';
import type { ForeignRecipe } from './foreign-recipe';

/** A formula as a schema.org `Recipe` in JSON-LD. Durations are ISO 8601. */
export function recipeToJsonLd(
  formula: Formula,
  ingredients: ReadonlyMap<string, Ingredient>,
): Record<string, unknown> {
  const total =
    formula.steps.reduce((sum, s) => sum + s.minutes.likely, 0) + formula.waits.reduce((sum, w) => sum + w.min, 0);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: formula.name,
    description: formula.story,
    recipeCategory: formula.family,
    keywords: formula.purpose,
    recipeYield: showQuantity(yieldGrams(formula), 'mass').replaceAll('\u2009', ''),
    totalTime: duration(total),
    recipeIngredient: formula.lines.map((l) => {
      const name = ingredients.get(l.ingredient)?.name ?? l.ingredient;
      return `${Number(l.grams.toFixed(3))} g ${name}${l.note ? `, ${l.note}` : ''}`;
    }),
    recipeInstructions: formula.steps.map((s) => ({
      '@type': 'HowToStep',
      name: s.name,
      text: [
        s.how,
        s.oven ? say`Oven at ${s.oven.celsius} °C.` : '',
        s.sign ? say`Until: ${s.sign}.` : '',
        s.caution ?? '',
      ]
        .filter(Boolean)
        .join(' '),
      performTime: duration(s.minutes.likely),
    })),
  };
}

const duration = (minutes: number) => `PT${Math.round(minutes)}M`;

/**
 * Finds the recipes in a JSON-LD document: a `Recipe`, a list, or an `@graph`. Steps may be text, a list, `HowToStep` or
 * `HowToSection`. Throws nothing: a document without a recipe gives none.
 */
export function recipesInJsonLd(document: unknown): ForeignRecipe[] {
  if (Array.isArray(document)) return document.flatMap(recipesInJsonLd);
  if (!isRecord(document)) return [];
  if (document['@graph'] !== undefined) return recipesInJsonLd(document['@graph']);
  const types = [document['@type']].flat();
  if (!types.includes('Recipe')) return [];
  return [
    {
      name: text(document.name),
      description: text(document.description),
      ingredients: [document.recipeIngredient ?? document.ingredients ?? []].flat().map(text).filter(Boolean),
      instructions: instructionsOf(document.recipeInstructions),
    },
  ];
}

function instructionsOf(value: unknown): ForeignRecipe['instructions'] {
  if (typeof value === 'string')
    return value
      .split(/\r?\n+/)
      .map((line) => line.trim())
      .filter(Boolean)
      .map((line) => ({ name: '', text: line, minutes: null }));
  if (Array.isArray(value)) return value.flatMap(instructionsOf);
  if (!isRecord(value)) return [];
  if (value.itemListElement !== undefined) return instructionsOf(value.itemListElement);
  return [{ name: text(value.name), text: text(value.text), minutes: minutesOf(value.performTime ?? value.totalTime) }];
}

/** "PT1H20M" in minutes. */
function minutesOf(value: unknown): number | null {
  const match = typeof value === 'string' ? /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?)?/.exec(value) : null;
  if (!match) return null;
  const [days, hours, minutes] = [match[1], match[2], match[3]].map((x) => Number(x ?? 0));
  return days! * 1440 + hours! * 60 + minutes! || null;
}

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null;
const text = (x: unknown): string => (typeof x === 'string' ? x : typeof x === 'number' ? String(x) : '');
