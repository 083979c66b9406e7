import { NOT_CONFIRMED, ROLLED_UP, type Allergen, type Formula, type FormulaLine, type Ingredient } from './formula';
import { yieldGrams, type Filling } from './scale';

/** A formula that goes into others: what goes into it, and what of it is lost. */
export type Inside = Filling & Pick<Formula, 'loss'>;

/**
 * All ingredients in a formula, at every level, in its order and then in that of the formulas that go in: g of each line, as much as went into the
 * mixes. What goes in finished was more before its own loss: mix = finished ÷ (1 − loss). A formula that is met again on its own way is not entered.
 */
export function ingredientsWithin(
  formula: Filling,
  formulas: ReadonlyMap<string, Inside>,
  above: readonly string[] = [],
): FormulaLine[] {
  const within = (formula.parts ?? []).flatMap(({ formula: id, grams }) => {
    const part = above.includes(id) ? undefined : formulas.get(id);
    if (!part) return [];
    const gives = yieldGrams(part);
    const factor = gives > 0 ? grams / gives : 0;
    return ingredientsWithin(part, formulas, [...above, id]).map((l) => ({ ...l, grams: l.grams * factor }));
  });
  return [...formula.lines, ...within];
}

/** The formulas that go into one, at every level, each once; by id, with what is asked of them here. */
export function insideOf(
  formula: Filling,
  formulas: ReadonlyMap<string, Inside>,
  found = new Map<string, Inside>(),
): ReadonlyMap<string, Inside> {
  for (const { formula: id } of formula.parts ?? []) {
    const part = formulas.get(id);
    if (!part || found.has(id)) continue;
    const { lines, parts, loss } = part;
    found.set(id, { lines, ...(parts && { parts }), loss });
    insideOf(part, formulas, found);
  }
  return found;
}

/**
 * Allergens and flags of a formula, in the order of the list, each with the ingredients that bring it; what comes with the formulas that go
 * in is among them, at every level.
 */
export function allergensOf(
  formula: Filling,
  ingredients: ReadonlyMap<string, Ingredient>,
  formulas: ReadonlyMap<string, Inside>,
): { allergen: Allergen; from: string[] }[] {
  const all = [...new Set(ingredientsWithin(formula, formulas).map((l) => l.ingredient))];
  return ROLLED_UP.flatMap((allergen) => {
    const from = all
      .map((id) => ingredients.get(id))
      .filter((x): x is Ingredient => x !== undefined && brings(x, allergen))
      .map((x) => x.name);
    return from.length > 0 ? [{ allergen, from }] : [];
  });
}

const brings = (i: Ingredient, allergen: Allergen) =>
  allergen === NOT_CONFIRMED ? (i.unconfirmed ?? false) : i.allergens.includes(allergen);
