import type { Ingredient } from '../formula/formula';
import { ingredientKind, type IngredientKindName } from '../kinds/ingredients';

/** An ingredient as the kitchen keeps it: what formulas need to know of it, and what the house has and buys of it. */
export interface KeptIngredient extends Omit<Ingredient, 'id'> {
  /** What else it is called, in recipes that come from outside. */
  otherNames: string[];
  /** What it is; null where nobody has said it. */
  is: IngredientKindName | null;
  /** Fat, cacao or strength by what it is, in per cent; null where it does not matter. */
  percent: number | null;
  /** As it is bought. */
  packs: Pack[];
  /** g in the house. */
  stock: number;
  /** g below which it is to be bought; 0 where nobody watches it. */
  leastStock: number;
}

interface Pack {
  /** g. */
  grams: number;
  /** In the kitchen’s money; null where nobody has told it. */
  price: number | null;
}

/** What a kind of ingredient says of it by itself. */
export function traitsOfKind(is: IngredientKindName): Pick<Ingredient, 'flour' | 'egg' | 'gelatine'> {
  const { flour, egg, gelatine } = ingredientKind(is);
  return { ...(flour && { flour }), ...(egg && { egg }), ...(gelatine && { gelatine }) };
}

/** The kind that is meant by what earlier versions said of an ingredient; null where they said nothing. */
export function kindByTraits({
  flour,
  egg,
  gelatine,
}: Pick<Ingredient, 'flour' | 'egg' | 'gelatine'>): IngredientKindName | null {
  if (flour) return 'flour';
  if (egg) return ({ whole: 'whole egg', white: 'egg white', yolk: 'egg yolk' } as const)[egg];
  return gelatine ? 'gelatine' : null;
}

/** Price of a gram by the pack in which it is cheapest; null where no price is known. */
export function pricePerGram({ packs }: Pick<KeptIngredient, 'packs'>): number | null {
  const prices = packs.flatMap((p) => (p.price === null || p.grams <= 0 ? [] : [p.price / p.grams]));
  return prices.length > 0 ? Math.min(...prices) : null;
}

/** An ingredient of which nothing is known but what a formula needs: none of it is in the house. */
export const newIngredient = <I extends Omit<Ingredient, 'id'>>(known: I): I & KeptIngredient => ({
  ...{ otherNames: [], is: kindByTraits(known), percent: null, packs: [], stock: 0, leastStock: 0 },
  ...known,
});
