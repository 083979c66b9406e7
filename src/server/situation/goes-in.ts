import { say } from '../../core/words/say';
import type { CakeStep } from '../../core/breakdown/steps/cake-step';
import { grams } from '../../core/breakdown/steps/words';
import { lineTimes } from '../../core/formula/scale';
import { keyOf } from '../../core/ids/ids';
import { componentOf } from '../../core/situation/whose-step';
import type { Situation } from './situation';

/**
 * What goes into a step beside what is weighed out for it: parts that were made before, and what is added to texture or to taste, with between what
 * and until what sign. Of several mixes each has its share.
 */
export function goesIn(step: CakeStep, situation: Situation): string[] {
  const component = componentOf(step, situation);
  if (!component) return [];
  const { formula, amount, takes = [], lines } = component;
  const first = (formula.steps.find((s) => s.work === 'hands') ?? formula.steps[0])?.key;
  const here = (into: string | undefined) => (into ?? first) === keyOf(step.id);
  const share = step.grams === null || amount.grams === 0 ? 1 : step.grams / amount.grams;
  const name = (id: string) => situation.kitchen.library.ingredients.get(id)?.name ?? id;
  return [
    ...takes.filter((t) => here(t.step)).map((t) => say`${grams(t.grams * share)} of ${t.name}, made before`),
    ...lines
      .filter((l) => l.range && here(l.step))
      .map((l) => {
        const { low, high, sign } = lineTimes(l, share).range!;
        return say`${name(l.ingredient)}: ${grams(low)} to ${grams(high)}, until ${sign}`;
      }),
  ];
}

/** What helps where a step's part goes wrong, failure by failure. */
export function rescuesOf(step: CakeStep, situation: Situation): string[] {
  const formula = componentOf(step, situation)?.formula;
  if (!formula) return [];
  return [
    ...(formula.rescues ?? []).map((r) => say`If it ${r.failure}: ${r.help}`),
    ...(formula.rescue ? [formula.rescue] : []),
  ];
}
