import { ROLLED_UP, type Allergen, type ByProduct, type Formula, type Ingredient } from '../../formula/formula';
import type { Component } from './component';

/** A by-product of one component, and where it goes. `used` and `left` add up to `grams`. */
export interface LeftOver {
  from: string;
  kind: ByProduct;
  /** After baking where it is baked, g. */
  grams: number;
  uses: { by: string; grams: number }[];
  left: number;
}

/** What a component takes of a by-product, and what of it had to be made besides. */
export interface Drawn {
  role: string;
  ingredient: string;
  needed: number;
  from: { role: string; grams: number }[];
  /** No component leaves so much over: made or taken from the box. */
  short: number;
}

/**
 * Feeds by-products (trimmings, run-off) to the components whose formulas ask for them, in the order of the build; a
 * component never feeds itself. Mass is conserved: every by-product is used or left, every need drawn or short.
 */
export function feedLeftOvers(
  components: Component[],
  ingredients: ReadonlyMap<string, Ingredient>,
): { leftOvers: LeftOver[]; drawn: Drawn[] } {
  const leftOvers = components.flatMap((c) =>
    c.amount.portions
      .filter((p) => p.leftOver)
      .map((p): LeftOver => {
        const grams = p.grams * (c.amount.raw ? 1 - c.formula.loss : 1);
        return { from: c.role, kind: p.leftOver!, grams, uses: [], left: grams };
      }),
  );
  const drawn = components.flatMap((c) =>
    c.lines.flatMap((l): Drawn[] => {
      const kind = ingredients.get(l.ingredient)?.leftOver;
      if (!kind) return [];
      let short = l.grams;
      const from: Drawn['from'] = [];
      for (const source of leftOvers) {
        if (source.kind !== kind || source.from === c.role || short <= 0 || source.left <= 0) continue;
        const grams = Math.min(short, source.left);
        source.left -= grams;
        source.uses.push({ by: c.role, grams });
        from.push({ role: source.from, grams });
        short -= grams;
      }
      return [{ role: c.role, ingredient: l.ingredient, needed: l.grams, from, short: Math.max(0, short) }];
    }),
  );
  return { leftOvers, drawn };
}

/** Does the formula ask for something left over of others? */
function drawsOn(formula: Formula, ingredients: ReadonlyMap<string, Ingredient>): ByProduct[] {
  return formula.lines.flatMap((l) => ingredients.get(l.ingredient)?.leftOver ?? []);
}

/** Allergens that come with what is drawn: crumbs of an almond sponge hold its almonds. Sources are named by label. */
export function withDrawnAllergens(components: Component[], ingredients: ReadonlyMap<string, Ingredient>): Component[] {
  return components.map((c) => {
    const kinds = drawsOn(c.formula, ingredients);
    if (kinds.length === 0) return c;
    const sources = components.filter(
      (s) => s.role !== c.role && s.amount.portions.some((p) => p.leftOver && kinds.includes(p.leftOver)),
    );
    return { ...c, allergens: joinAllergens([c.allergens, ...sources.map((s) => relabel(s.allergens, s.label))]) };
  });
}

type Found = { allergen: Allergen; from: string[] }[];

const relabel = (list: Found, label: string): Found => list.map((a) => ({ allergen: a.allergen, from: [label] }));

/** Puts lists together, in the order of the allergens; nothing is lost and nothing named twice. */
export function joinAllergens(lists: Found[]): Found {
  return ROLLED_UP.flatMap((allergen) => {
    const from = [
      ...new Set(
        lists
          .flat()
          .filter((a) => a.allergen === allergen)
          .flatMap((a) => a.from),
      ),
    ];
    return from.length > 0 ? [{ allergen, from }] : [];
  });
}
