import type { Formula } from './formula';

/**
 * The way on which a formula goes into itself, from it to it: `['a', 'b', 'a']`; null where it does not.
 *
 * @param formulas by id; those that are not there go into nothing
 */
export function cycleOf(
  id: string,
  formulas: ReadonlyMap<string, Pick<Formula, 'parts'>>,
  way: readonly string[] = [id],
): string[] | null {
  for (const { formula } of formulas.get(way.at(-1)!)?.parts ?? []) {
    if (formula === id) return [...way, id];
    if (way.includes(formula)) continue;
    const found = cycleOf(id, formulas, [...way, formula]);
    if (found) return found;
  }
  return null;
}
