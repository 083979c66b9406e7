import { allergensOf, scaleToYield } from '../formula/scale';
import { chosen, belongs, type Choices } from '../formula/schools';
import type { Allergen, Check, Formula, Ingredient, Reminder } from '../formula/formula';
import type { Hold, Route, Step, Wait } from '../planning-format/problem';
import type { Form } from '../shape/form';
import { setAmount, splitAmount, type Amount } from './amount';
import { amountOf } from './amounts';
import { HAND_OVER, type Build, type BuildComponent } from './build';
import { cakeOf, type Cake } from './cake';
import type { Coefficients } from './coefficients';
import type { Component } from './component';
import { componentSteps, keepingWaits } from './component-steps';
import { feedLeftOvers, joinAllergens, withDrawnAllergens, type Drawn, type LeftOver } from './left-overs';
import { leftOverWaits } from './left-over-waits';
import type { Preparation } from './preparations';
import { settleRoutes } from './settle-routes';
import { stageSteps } from './stage-steps';

/** What the breakdown knows of a kitchen. */
export interface Kitchen {
  coefficients: Coefficients;
  formulas: ReadonlyMap<string, Formula>;
  ingredients: ReadonlyMap<string, Ingredient>;
  moulds: Mould[];
  /** Deck slots of the largest oven. */
  ovenSlots: number;
  /** The kitchen's answers where bakers differ. */
  choices: Choices;
}

/** A set of tins, rings or sheets of one size: equipment with a form. */
export interface Mould {
  /** The kind of equipment in the planning problem. */
  kind: string;
  use: 'tin' | 'ring' | 'square tin' | 'shaped tin' | 'sheet';
  form: Form;
  owned: number;
}

/** An order as the breakdown reads it. */
export interface CakeOrder {
  id: string;
  build: Build;
  tiers: Form[];
  /** Roles of optional components that are left out. */
  without?: string[];
  /** Another formula for a role. */
  swaps?: Readonly<Record<string, string>>;
  /** Amounts set by hand, g by role. */
  overrides?: Readonly<Record<string, number>>;
  /** Schools and routes that this order has settled for itself. */
  choices?: Choices;
}

/** A planner's step with what the bench needs to know. */
export interface BrokenStep extends Step {
  /** Role of the component; null for work on the whole cake. */
  role: string | null;
  how: string;
  sign: string | null;
  caution: string | null;
  /** "848 g into 2 tins round 20 cm" */
  amount: string | null;
  /** What must hold before the next step begins. */
  check: Check | null;
  reminders: Reminder[];
  preparations: Preparation[];
}

export interface Breakdown {
  cake: Cake;
  components: Component[];
  leftOvers: LeftOver[];
  drawn: Drawn[];
  steps: BrokenStep[];
  waits: Wait[];
  holds: Hold[];
  routes: Route[];
  /** Allergens and flags of the whole cake, with the components that bring them. */
  allergens: { allergen: Allergen; from: string[] }[];
}

/** Id of an order's hand-over step. */
export function collectId(order: string): string {
  return `${order}.${HAND_OVER}`;
}

/**
 * Breaks an order down: components with their amounts from the geometry, what is left over and what draws on it, their
 * steps and waits from the formulas, the stages of the build, and how they hang together. Throws if the build names a
 * formula that the kitchen has not.
 */
export function breakDown(order: CakeOrder, kitchen: Kitchen): Breakdown {
  const { build } = order;
  const choices = { ...kitchen.choices, ...order.choices };
  const { cake, components } = componentsOf(order, kitchen, choices);
  const { leftOvers, drawn } = feedLeftOvers(components, kitchen.ingredients);
  const parts = components.map((c) => {
    const own = componentSteps(order.id, order.id, c, kitchen, choices);
    return { ...own, role: c.role, waits: [...own.waits, ...keepingWaits(order.id, c, build, own.ends)] };
  });
  const stages = stageSteps(order.id, build, cake, components, kitchen);
  return settleRoutes(order.id, build, choices, {
    cake,
    components,
    leftOvers,
    drawn,
    steps: [...stages.steps, ...parts.flatMap((p) => p.steps)],
    waits: [
      ...stages.waits,
      ...parts.flatMap((p) => p.waits),
      ...leftOverWaits(order.id, build, components, drawn, parts),
    ],
    holds: [...stages.holds, ...parts.flatMap((p) => p.holds)],
    routes: (build.routes ?? []).map((r) => ({ id: `${order.id}.${r.key}`, choices: r.choices.map((c) => c.key) })),
    allergens: joinAllergens(
      components.map((c) => c.allergens.map((a) => ({ allergen: a.allergen, from: [c.label] }))),
    ),
  });
}

/** The cake and its components alone, without steps: amounts, lines and allergens. */
export function componentsOf(
  order: CakeOrder,
  kitchen: Kitchen,
  choices: Choices = { ...kitchen.choices, ...order.choices },
): { cake: Cake; components: Component[] } {
  const { build } = order;
  const living = build.components.filter((c) => !(c.optional && order.without?.includes(c.role)));
  const formulas = new Map(living.map((c) => [c.role, formulaFor(c, order, kitchen, choices)]));
  const cake = cakeOf(build, order.tiers, kitchen.coefficients, trimmed([...formulas.values()], kitchen, choices));
  const amounts = new Map<string, Amount>();
  const components = living.map((c) => {
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

function formulaFor(component: BuildComponent, order: CakeOrder, kitchen: Kitchen, choices: Choices): Formula {
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
