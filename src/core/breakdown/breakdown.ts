import { allergensOf, scaleToYield, type ScaledLine } from '../formula/scale';
import { ALLERGENS, type Allergen, type Formula, type Ingredient } from '../formula/formula';
import type { Hold, Route, Step, Wait } from '../planner/problem';
import type { Form } from '../shape/form';
import { amountOf, type Amount } from './amounts';
import { HAND_OVER, type Build, type BuildComponent } from './build';
import { cakeOf, type Cake } from './cake';
import type { Coefficients } from './coefficients';
import { componentSteps } from './component-steps';
import { stageSteps } from './stage-steps';

/** What the breakdown knows of a kitchen. */
export interface Kitchen {
  coefficients: Coefficients;
  formulas: ReadonlyMap<string, Formula>;
  ingredients: ReadonlyMap<string, Ingredient>;
  moulds: Mould[];
  /** Deck slots of the largest oven. */
  ovenSlots: number;
}

/** A set of tins, rings or sheets of one size: equipment with a form. */
export interface Mould {
  /** The kind of equipment in the planning problem. */
  kind: string;
  use: 'tin' | 'ring' | 'square tin' | 'sheet';
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
}

export interface Component {
  role: string;
  label: string;
  formula: Formula;
  optional: boolean;
  amount: Amount;
  lines: ScaledLine[];
  allergens: { allergen: Allergen; from: string[] }[];
}

export interface Breakdown {
  cake: Cake;
  components: Component[];
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
 * Breaks an order down: components with their amounts from the geometry, their steps and waits from the formulas, the
 * stages of the build, and how they hang together. Throws if the build names a formula that the kitchen has not.
 */
export function breakDown(order: CakeOrder, kitchen: Kitchen): Breakdown {
  const { build } = order;
  const cake = cakeOf(build, order.tiers, kitchen.coefficients);
  const living = build.components.filter((c) => !(c.optional && order.without?.includes(c.role)));
  const components = living.map((c) => componentOf(c, cake, kitchen));
  const parts = components.map((c) => componentSteps(order.id, c, build, kitchen));
  const stages = stageSteps(order.id, build, cake, components, kitchen);
  return {
    cake,
    components,
    steps: [...stages.steps, ...parts.flatMap((p) => p.steps)],
    waits: [...stages.waits, ...parts.flatMap((p) => p.waits)],
    holds: [...stages.holds, ...parts.flatMap((p) => p.holds)],
    routes: (build.routes ?? []).map((r) => ({
      id: `${order.id}.${r.key}`,
      choices: r.choices.map((c) => c.key),
    })),
    allergens: rollUp(components),
  };
}

function componentOf(component: BuildComponent, cake: Cake, kitchen: Kitchen): Component {
  const formula = kitchen.formulas.get(component.formula);
  if (!formula) throw new Error(`There is no formula “${component.formula}”.`);
  const amount = amountOf(component.amount, cake, formula, kitchen.coefficients);
  // Batter and dough are weighed raw; everything else is wanted after its loss.
  const raw = amount.loads.length > 0 || component.amount.rule === 'panels';
  return {
    role: component.role,
    label: component.label,
    formula,
    optional: component.optional ?? false,
    amount,
    lines: scaleToYield(raw ? { ...formula, loss: 0 } : formula, amount.grams),
    allergens: allergensOf(formula, kitchen.ingredients),
  };
}

function rollUp(components: Component[]): Breakdown['allergens'] {
  return ALLERGENS.flatMap((allergen) => {
    const from = components.filter((c) => c.allergens.some((a) => a.allergen === allergen)).map((c) => c.label);
    return from.length > 0 ? [{ allergen, from }] : [];
  });
}
