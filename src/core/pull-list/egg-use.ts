import type { Kitchen } from '../breakdown/kitchen';
import { eggLedger, type EggNeed } from '../formula/eggs';
import type { Ingredient } from '../formula/formula';
import type { PlacedWork, WeighOut } from './weigh-out';
import type { EggUse, EggBalance } from './egg-balance';

/** Separated parts keep this long in the fridge. Minutes. */
const PART_KEEPS = { white: 3 * 1440, yolk: 2 * 1440 } as const;

/** The egg ledger of what is weighed out, with later batches of the plan that can take what is left over. */
export function eggUse(weighOuts: WeighOut[], works: PlacedWork[], to: number, kitchen: Kitchen): EggBalance {
  const { weight, shares } = kitchen.coefficients.egg;
  const needs = weighOuts.map((w): EggNeed => ({
    whole: grams(w.lines, 'whole', kitchen.ingredients),
    whites: grams(w.lines, 'white', kitchen.ingredients),
    yolks: grams(w.lines, 'yolk', kitchen.ingredients),
  }));
  const ledger = eggLedger(needs, weight, shares);
  const canUse: EggUse[] = [];
  const seen = new Set<string>();
  for (const work of [...works].sort((a, b) => a.start - b.start)) {
    const { component, start } = work;
    if (!component || start < to || work.step.work !== 'hands') continue;
    const whose = `${work.forWhom} ${component.role}`;
    if (seen.has(whose)) continue;
    seen.add(whose);
    for (const part of ['white', 'yolk'] as const) {
      const left = part === 'white' ? ledger.left.whites : ledger.left.yolks;
      const wanted = grams(component.lines, part, kitchen.ingredients);
      if (left < 1 || wanted < 1 || start - to > PART_KEEPS[part]) continue;
      canUse.push({ part, grams: wanted, by: `${component.formula.name}, ${work.forWhom}`, at: start });
    }
  }
  return { ...ledger, eggWeight: weight, canUse };
}

function grams(
  lines: { ingredient: string; grams: number }[],
  part: Ingredient['egg'],
  ingredients: ReadonlyMap<string, Ingredient>,
): number {
  return lines.filter((l) => ingredients.get(l.ingredient)?.egg === part).reduce((sum, l) => sum + l.grams, 0);
}
