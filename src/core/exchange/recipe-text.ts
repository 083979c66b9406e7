import type { ForeignRecipe } from './foreign-recipe';

/** A line that begins with how much of something. */
const QUANTITY = /^(?:[-•*]\s*)?(?:about\s+)?[\d¼-¾⅐-⅞][\d\s.,/¼-¾⅐-⅞]*\s*\p{L}/u;
/** Headings that only say what follows. */
const HEADING = /^(?:ingredients?|method|steps?|instructions?|directions?|you need|how)\s*:?\s*$/i;
/** What a step says of its time and heat, which its name need not say again. */
const TIMES =
  /\b(?:for\s+)?(?:about\s+)?\d+(?:[.,]\d+)?(?:\s*(?:-|–|to)\s*\d+(?:[.,]\d+)?)?\s*(?:min(?:utes?)?|h(?:ours?|rs?)?|days?)\b\.?/gi;
const HEAT = /\b(?:at|to)\s+(?:gas(?: mark)?\s*\d|\d{2,3}\s*(?:°|º|degrees)?\s*[CF]?)(?=\s|[.,;]|$)/gi;

/**
 * A recipe that was typed or pasted as text: its name on the first line, a line for each ingredient that begins with how much of it, and sentences for
 * its steps, in any order and on any lines. Null where it says neither an ingredient nor a step.
 *
 * @param name what it is called where the text does not say it
 */
export function recipeInText(text: string, name: string): ForeignRecipe | null {
  const lines = text
    .split(/\r?\n/)
    .map((l) => l.trim())
    .filter((l) => l !== '' && !HEADING.test(l));
  const recipe: ForeignRecipe = { name, description: '', ingredients: [], instructions: [] };
  lines.forEach((line, i) => {
    const isTitle = i === 0 && !QUANTITY.test(line) && !/[.!;:]$/.test(line) && !hasTime(line) && line.length <= 60;
    if (isTitle) recipe.name = line.replace(/^#+\s*/, '');
    else if (QUANTITY.test(line) && !/^\d+[.)]\s/.test(line)) recipe.ingredients.push(line.replace(/^[-•*]\s*/, ''));
    else recipe.instructions.push(...stepsIn(line.replace(/^\d+[.)]\s*/, '')));
  });
  return recipe.ingredients.length + recipe.instructions.length > 0 ? recipe : null;
}

const hasTime = (text: string) => new RegExp(TIMES.source, 'i').test(text);

/** Each sentence is a step, or a wait; one that says neither time nor work belongs to the step before it. */
function stepsIn(line: string): ForeignRecipe['instructions'] {
  const steps: ForeignRecipe['instructions'] = [];
  for (const sentence of line.split(/(?<=[.!;])\s+/).filter(Boolean)) {
    const before = steps.at(-1);
    if (before && !hasTime(sentence)) before.text = `${before.text} ${sentence}`;
    else steps.push({ name: nameOf(sentence), text: withDegrees(sentence), minutes: null });
  }
  return steps;
}

/** "Bake" of "Bake 30 min at 170." */
function nameOf(sentence: string): string {
  const bare = sentence
    .replace(TIMES, '')
    .replace(HEAT, '')
    .split(/[.;,!:]/)[0]!
    .replace(/\s+/g, ' ')
    .trim();
  return bare.length > 0 && bare.length <= 40 ? bare : '';
}

/** A heat without its unit is °C where bakers weigh in grams: “at 170” of something that bakes. */
const withDegrees = (sentence: string) =>
  /\b(?:bake|oven|dry)/i.test(sentence)
    ? sentence.replace(/\bat\s+(\d{3})(?=\s*(?:[.,;!]|$|for\b))/i, 'at $1 °C')
    : sentence;
