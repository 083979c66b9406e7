import { canReplace } from '../../core/breakdown/amounts/components';
import { formulaOf, type DesignPart } from '../../core/design/design';
import type { Allergen } from '../../core/formula/formula';
import { allergensOf } from '../../core/formula/within';
import type { LoadedKitchen } from '../situation/load-kitchen';

/** A formula that could make a part. */
export interface PartOther {
  id: string;
  name: string;
  allergens: Allergen[];
}

/** A part's own formula and all that could take its place. */
export function othersFor(component: DesignPart, { library }: LoadedKitchen): PartOther[] {
  const { formulas, ingredients } = library;
  const own = formulas.get(formulaOf(component) ?? '');
  return [...formulas.values()]
    .filter((f) => own && (f.id === own.id || (!f.retired && canReplace(own, f))))
    .map(({ id, name }) => ({
      ...{ id, name },
      allergens: allergensOf(formulas.get(id)!, ingredients, formulas).map((a) => a.allergen),
    }));
}
