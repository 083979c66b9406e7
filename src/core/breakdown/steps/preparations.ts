import { say } from '../../words/say';
import type { Formula, FormulaStep, Ingredient } from '../../formula/formula';
import { formName } from '../../shape/form';
import type { Coefficients } from '../figures/coefficients';
import type { Round } from './rounds';

export type PreparationKind = 'take out' | 'chill' | 'line' | 'soak' | 'heat' | 'other';

/** Something small that must have been seen to before a step. It needs no hands worth planning, but a time. */
export interface Preparation {
  kind: PreparationKind;
  text: string;
  /** Minutes before the step begins. */
  before: number;
}

/** Lists names as one says them: "butter, egg and milk". */
function listed(names: string[]): string {
  return names.length < 2 ? (names[0] ?? '') : say`${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
}

/** A name inside a sentence: "unsalted butter". */
const inside = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);

/**
 * What a step of a formula wants prepared: cold things taken out in time, bowl chilled, tins lined, gelatine soaked, the
 * oven heated. Ingredients count for the step they go into, else for the first for hands.
 */
export function preparationsOf(
  formula: Formula,
  step: FormulaStep,
  rounds: Round[],
  ingredients: ReadonlyMap<string, Ingredient>,
  { leads }: Coefficients,
): Preparation[] {
  const first = formula.steps.find((s) => s.work === 'hands')?.key;
  const own = formula.lines
    .filter((l) => (l.step ?? first) === step.key)
    .flatMap((l) => ingredients.get(l.ingredient) ?? []);
  const list: Preparation[] = [];
  for (const before of [...new Set(own.flatMap((i) => i.takeOut ?? []))])
    list.push({
      kind: 'take out',
      text: say`Take ${listed(own.filter((i) => i.takeOut === before).map((i) => inside(i.name)))} out of the cold`,
      before,
    });
  const cold = own.filter((i) => i.keepCold).map((i) => inside(i.name));
  if (step.chill)
    list.push({
      kind: 'chill',
      text: say`Chill bowl and whisk${cold.length > 0 ? say`; leave ${listed(cold)} in the cold` : ''}`,
      before: leads.chillBowl,
    });
  if (own.some((i) => i.gelatine))
    list.push({ kind: 'soak', text: say`Soak the gelatine in cold water`, before: leads.soakGelatine });
  const tins = rounds.flatMap((r) => (r.form ? `${r.tins} × ${formName(r.form)}` : []));
  if (step.tinsUntil && tins.length > 0)
    list.push({
      kind: 'line',
      text: say`Line ${listed(tins)}`,
      before: leads.lineTins,
    });
  for (const { text, before } of step.prepare ?? []) list.push({ kind: 'other', text, before });
  if (step.oven)
    list.push({ kind: 'heat', text: say`Heat the oven to ${step.oven.celsius} °C`, before: leads.heatOven });
  return list;
}

/** The same once it is known in which oven it bakes: each may take a temperature of its own. */
export const inOven = (list: Preparation[], oven: { name: string; celsius: number } | null): Preparation[] =>
  list.map((p) => (p.kind === 'heat' && oven ? { ...p, text: say`Heat ${oven.name} to ${oven.celsius} °C` } : p));
