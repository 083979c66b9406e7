import { allergensOf, scaleToYield } from '../../formula/scale';
import { chosen, belongs, type Choices } from '../../formula/schools';
import type { Formula } from '../../formula/formula';
import { setAmount, splitAmount, withLeastBatch, type Amount } from './amount';
import type { AmountContext } from './amount-context';
import { amountOf } from './amounts';
import type { BuildComponent } from '../build';
import { cakeOf, type Cake } from './cake';
import type { Component } from './component';
import { withDrawnAllergens } from './left-overs';
import type { Kitchen } from '../kitchen';
import { rulesOf } from '../strata/placed-rules';
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
  const placed = chosenComponents.map((c) => ({ role: c.role, formula: formulas.get(c.role)!, amount: c.amount }));
  const { coefficients, moulds } = kitchen;
  const trim = trimmed([...formulas.values()], kitchen, choices);
  const cake = cakeOf(build, placed, order.tiers, coefficients, trim);
  const others = new Map<string, Amount>();
  const geometry = { cake, rules: rulesOf(placed), coefficients, choices, moulds, others };
  const components = chosenComponents.map((c) => {
    const formula = formulas.get(c.role)!;
    const made = componentOf(c, { ...geometry, formula }, kitchen, order.overrides?.[c.role]);
    others.set(c.role, made.amount);
    return made;
  });
  return { cake, components: withDrawnAllergens(components, kitchen.ingredients) };
}

/** What share levelling takes of the layers as they are baked: nothing where they rise flat, or cool upside down. */
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
  context: AmountContext,
  kitchen: Kitchen,
  byHand: number | undefined,
): Component {
  const { formula } = context;
  const whole = amountOf(component.amount, context);
  const split = component.split ? splitAmount(whole, component.split) : whole;
  const computed = withLeastBatch(split, formula.batch?.least);
  const amount = byHand === undefined ? computed : setAmount(computed, byHand);
  return {
    role: component.role,
    label: formula.id === component.formula ? component.label : formula.name,
    formula,
    optional: component.optional ?? false,
    amount,
    // Batter and dough are weighed raw; everything else is wanted after its loss.
    lines: scaleToYield(amount.raw ? { ...formula, loss: 0 } : formula, amount.grams),
    allergens: allergensOf(formula, kitchen.ingredients),
  };
}

/** Can one formula take the place of another? It serves the same purpose, and is baked in the same kind of thing. */
export function canReplace(now: Formula, by: Formula): boolean {
  return now.purpose === by.purpose && (now.batter === 'sheet') === (by.batter === 'sheet') && now.id !== by.id;
}
