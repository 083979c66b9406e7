import { canReplace } from '../breakdown/amounts/components';
import type { Design } from '../design/design';
import { formulaOf } from '../design/design';
import { allergensOf } from '../formula/within';
import type { Allergen, Formula, Ingredient } from '../formula/formula';
import { roleAt, type Place } from './place';

/** A formula that could be in a place, with what of it its eaters must not get. */
export interface CouldBe {
  id: string;
  name: string;
  family: string;
  colour: string | null;
  /** Minutes that it keeps. */
  keeps: number;
  allergens: Allergen[];
  clashes: Allergen[];
  /** It is what is there now. */
  is: boolean;
}

/** What may lie in a gap, beside what lies there: all that is spread, set or scattered. */
const IN_A_GAP: readonly Formula['purpose'][] = ['filling', 'frosting', 'fruit', 'crumbs'];

/** Formulas for a place, by name, those that harm nobody first; retired ones are not offered. */
export function couldBe(
  place: Place,
  design: Design,
  { formulas, ingredients }: { formulas: ReadonlyMap<string, Formula>; ingredients: ReadonlyMap<string, Ingredient> },
  avoid: readonly Allergen[],
): CouldBe[] {
  const role = roleAt(place, design);
  const part = design.parts.find((p) => p.role === role);
  const now = part && formulas.get(formulaOf(part) ?? '');
  if (!now) return [];
  const inGap = place.on === 'inside' && itemAt(place, design)?.is === 'filling';
  const fits = (f: Formula) => f.id === now.id || canReplace(now, f) || (inGap && IN_A_GAP.includes(f.purpose));
  return offersOf([...formulas.values()].filter(fits), { formulas, ingredients }, avoid, now.id);
}

type Library = { formulas: ReadonlyMap<string, Formula>; ingredients: ReadonlyMap<string, Ingredient> };

/** Formulas for one of these purposes: for something that is added. */
export const forPurposes = (
  purposes: readonly Formula['purpose'][],
  kitchen: Library,
  avoid: readonly Allergen[],
): CouldBe[] =>
  offersOf(
    [...kitchen.formulas.values()].filter((f) => purposes.includes(f.purpose)),
    kitchen,
    avoid,
    null,
  );

/** What is there now first, then what harms nobody, by name; retired ones are not offered. */
function offersOf(
  list: readonly Formula[],
  { formulas, ingredients }: Library,
  avoid: readonly Allergen[],
  now: string | null,
): CouldBe[] {
  return list
    .filter((f) => !f.retired)
    .map((f): CouldBe => {
      const allergens = allergensOf(f, ingredients, formulas).map((a) => a.allergen);
      return {
        ...{ id: f.id, name: f.name, family: f.family, colour: f.colour ?? null, keeps: f.keeping.max, allergens },
        clashes: allergens.filter((a) => avoid.includes(a)),
        is: f.id === now,
      };
    })
    .sort((a, b) => Number(b.is) - Number(a.is) || a.clashes.length - b.clashes.length || (a.name < b.name ? -1 : 1));
}

const itemAt = ({ piece, at }: Extract<Place, { on: 'inside' }>, design: Design) =>
  design.pieces.find((p) => p.key === piece)?.inside[at];
