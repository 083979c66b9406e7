import { allergensOf, scaleToYield } from '../../formula/scale';
import { chosen, belongs, type Choices } from '../../formula/schools';
import type { Formula } from '../../formula/formula';
import { setAmount, splitAmount, type Amount } from './amount';
import { amountOf } from './amounts';
import type { BuildComponent } from '../build';
import { cakeOf, type Cake } from './cake';
import type { Component } from './component';
import { withDrawnAllergens } from './left-overs';
import type { Kitchen } from '../kitchen';
import type { CakeOrder } from '../cake-order';

/** The cake and its components alone, without steps: amounts, lines and allergens. */
export function componentsOf(
  order: Omit<CakeOrder, 'id'>,
  kitchen: Kitchen,
  choices: Choices = { ...kitchen.choices, ...order.choices },
): { cake: Cake; components: Component[] } {
  const { build } = order;
  const chosenComponents = build.components.filter((c) => !(c.optional && order.without?.includes(c.role)));
  const formulas = new Map(chosenComponents.map((c) => [c.role, formulaFor(c, order, kitchen, choices)]));
  const cake = cakeOf(build, order.tiers, kitchen.coefficients, trimmed([...formulas.values()], kitchen, choices));
  const amounts = new Map<string, Amount>();
  const components = chosenComponents.map((c) => {
    const made = componentOf(c, formulas.get(c.role)!, cake, kitchen, amounts, order.overrides?.[c.role]);
    amounts.set(c.role, made.amount);
    return made;
  });
  return { cake, components: withDrawnAllergens(components, kitchen.ingredients) };
}

/** By what share levelling lowers the layers: nothing where they rise flat, or cool upside down. */
function trimmed(formulas: Formula[], kitchen: Kitchen, choices: Choices): number {
  const domed = formulas.some((f) => f.purpose === 'layers' && f.domes);
  return domed && chosen('level', choices) === 'trim' ? kitchen.coefficients.trim : 0;
}

function formulaFor(
  component: BuildComponent,
  order: Omit<CakeOrder, 'id'>,
  kitchen: Kitchen,
  choices: Choices,
): Formula {
  const instead = component.instead?.find((i) => belongs(i.when, choices))?.formula;
  const id = order.swaps?.[component.role] ?? instead ?? component.formula;
  const formula = kitchen.formulas.get(id);
  if (!formula) throw new Error(`There is no formula “${id}”.`);
  return formula;
}

function componentOf(
  component: BuildComponent,
  formula: Formula,
  cake: Cake,
  kitchen: Kitchen,
  others: ReadonlyMap<string, Amount>,
  byHand: number | undefined,
): Component {
  const { coefficients } = kitchen;
  const whole = amountOf(component.amount, { cake, formula, coefficients, others });
  const computed = component.split ? splitAmount(whole, component.split) : whole;
  const amount = byHand === undefined ? computed : setAmount(computed, byHand);
  // Batter and dough are weighed raw; everything else is wanted after its loss.
  const raw = amount.loads.length > 0 || component.amount.rule === 'panels';
  return {
    role: component.role,
    label: formula.id === component.formula ? component.label : formula.name,
    formula,
    optional: component.optional ?? false,
    amount,
    lines: scaleToYield(raw ? { ...formula, loss: 0 } : formula, amount.grams),
    allergens: allergensOf(formula, kitchen.ingredients),
  };
}

/** Can one formula take the place of another? It serves the same purpose, and is baked in the same kind of thing. */
export function canReplace(now: Formula, by: Formula): boolean {
  return now.purpose === by.purpose && (now.batter === 'sheet') === (by.batter === 'sheet') && now.id !== by.id;
}
