import { say } from '../../words/say';
import type { Formula, Ingredient } from '../../formula/formula';

/** What is bought keeps as long as nobody says otherwise. Minutes. */
const KEEPS = 30 * 1440;

/** An ingredient that goes into a cake as it is bought, as a formula of one line, which is only weighed out. */
export function boughtAs(ingredient: Ingredient): Formula {
  return {
    ...{ id: `bought~${ingredient.id}`, name: ingredient.name, family: say`Bought`, story: '', purpose: 'filling' },
    ...{ lines: [{ ingredient: ingredient.id, grams: 100 }], loss: 0, density: ingredient.density ?? 1 },
    steps: [
      {
        ...{ key: 'weigh', name: say`Weigh out ${ingredient.name.toLowerCase()}`, work: 'hands' },
        ...{ minutes: { low: 1, likely: 2, high: 4 }, how: say`As it is bought; look at its date.` },
      },
    ],
    waits: [],
    keeping: { place: null, min: 0, max: KEEPS, units: 0, ageing: 0, why: say`bought as it is` },
  };
}
