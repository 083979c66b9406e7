import { slotsPerTin } from '../breakdown/steps/oven-slots';
import { mixLimits } from '../breakdown/mix-limits';
import { isWashed } from '../kinds/equipment';
import { type OrderId, batchId } from '../ids/ids';
import { componentSteps } from '../breakdown/steps/component-steps';
import type { Kitchen } from '../breakdown/kitchen';
import { isFromStore } from '../breakdown/amounts/stored-as';
import type { Component } from '../breakdown/amounts/component';
import { eggParts } from '../formula/eggs';
import type { FormulaLine, Ingredient } from '../formula/formula';
import type { Choices } from '../formula/schools';
import { formName } from '../shape/form';
import type { BatchMember } from './batch';
import { mergeComponents } from './merge-components';

/** A component that has not been begun, with the minute at which its order first needs it. */
export interface Candidate {
  order: OrderId;
  name: string;
  component: Component;
  neededAt: number;
  choices: Choices;
}

export interface BatchProposal {
  formula: string;
  formulaName: string;
  members: (BatchMember & { name: string; neededAt: number; grams: number })[];
  grams: number;
  saves: {
    /** Minutes of hands. */
    minutes: number;
    /** Bowls and pans that are dirtied once instead of often. */
    dishes: number;
    /** Whole eggs that need not be cracked for the sake of a part of one. */
    eggs: number;
  };
  costs: {
    /** By how much the part is older where it is used last, minutes. */
    age: number;
  };
}

/**
 * Proposes one batch of a formula for several orders: of those that need it within its keeping time of one another, as
 * many as one bowl holds and the tins and the largest oven take at once. Most minutes saved first.
 */
export function proposeBatches(candidates: Candidate[], kitchen: Kitchen): BatchProposal[] {
  const groups = new Map<string, Candidate[]>();
  for (const c of candidates) {
    // What is served the moment it is made, and what is made of an order's own left-overs, is made for each cake.
    const { keeping } = c.component.formula;
    if (
      isFromStore(c.component.formula) ||
      keeping.max - keeping.min < 30 ||
      c.component.lines.some((l) => kitchen.ingredients.get(l.ingredient)?.leftOver)
    )
      continue;
    const key = `${c.component.formula.id} ${JSON.stringify(c.component.formula.lines)} ${JSON.stringify(c.choices)}`;
    groups.set(key, [...(groups.get(key) ?? []), c]);
  }
  return [...groups.values()]
    .flatMap((group) => clusters(group, kitchen))
    .map((cluster) => proposal(cluster, kitchen))
    .filter((p) => p.saves.minutes > 0)
    .sort((a, b) => b.saves.minutes - a.saves.minutes || a.costs.age - b.costs.age);
}

/** Splits candidates of one formula, in the order in which they are needed, into batches that can be. */
function clusters(group: Candidate[], kitchen: Kitchen): Candidate[][] {
  const sorted = [...group].sort((a, b) => a.neededAt - b.neededAt);
  const found: Candidate[][] = [];
  let open: Candidate[] = [];
  for (const c of sorted) {
    if (open.length > 0 && !fits([...open, c], kitchen)) {
      found.push(open);
      open = [];
    }
    open.push(c);
  }
  return [...found, open].filter((cluster) => cluster.length > 1);
}

function fits(cluster: Candidate[], kitchen: Kitchen): boolean {
  const { keeping, steps } = cluster[0]!.component.formula;
  const span = cluster.at(-1)!.neededAt - cluster[0]!.neededAt;
  if (span > keeping.max - keeping.min) return false;
  const { amount } = mergeComponents(cluster, kitchen);
  if (amount.grams > mixLimits(cluster[0]!.component.formula, kitchen).most) return false;
  const { slots = 1, bySize = false } = steps.find((s) => s.work === 'oven')?.oven ?? {};
  const taken = amount.loads.reduce((sum, l) => sum + l.tins * slotsPerTin(slots, bySize, l.form, kitchen.slot), 0);
  if (taken > kitchen.ovenSlots) return false;
  return amount.loads.every((l) => {
    const mould = kitchen.moulds.find((m) => formName(m.form) === formName(l.form));
    return !mould || l.tins <= mould.owned;
  });
}

function proposal(cluster: Candidate[], kitchen: Kitchen): BatchProposal {
  const [first] = cluster;
  const { formula } = first!.component;
  const common = mergeComponents(cluster, kitchen);
  const hands = (component: Component) => {
    const { steps } = componentSteps(batchId(0), null, component, kitchen, { ...kitchen.choices, ...first!.choices });
    return steps.filter((s) => s.work === 'hands');
  };
  const minutes = (component: Component) => hands(component).reduce((sum, s) => sum + s.minutes.likely, 0);
  const dishes = (component: Component) =>
    hands(component).reduce((sum, s) => sum + s.uses.filter((u) => isWashed(u.kind)).length, 0);
  const apart = (of: (c: Component) => number) => cluster.reduce((sum, c) => sum + of(c.component), 0);
  const eggs = (component: Component) => eggsToCrack(component.lines, kitchen.ingredients, kitchen);
  return {
    formula: formula.id,
    formulaName: formula.name,
    members: cluster.map((c) => ({
      order: c.order,
      role: c.component.role,
      name: c.name,
      neededAt: c.neededAt,
      grams: c.component.amount.grams,
    })),
    grams: common.amount.grams,
    saves: {
      minutes: apart(minutes) - minutes(common),
      dishes: apart(dishes) - dishes(common),
      eggs: apart(eggs) - eggs(common),
    },
    costs: { age: cluster.at(-1)!.neededAt - first!.neededAt },
  };
}

/** Eggs to crack for one batch on its own, whose spare parts nobody else uses. */
function eggsToCrack(lines: FormulaLine[], ingredients: ReadonlyMap<string, Ingredient>, kitchen: Kitchen): number {
  const { weight, shares } = kitchen.coefficients.egg;
  const one = eggParts(1, weight, shares);
  const grams = (part: Ingredient['egg']) =>
    lines.filter((l) => ingredients.get(l.ingredient)?.egg === part).reduce((sum, l) => sum + l.grams, 0);
  const whole = Math.ceil(grams('whole') / one.contents - 1e-9);
  return whole + Math.ceil(Math.max(grams('white') / one.whites, grams('yolk') / one.yolks) - 1e-9);
}
