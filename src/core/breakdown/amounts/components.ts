import { mixLimits } from '../mix-limits';
import { scaleToYield } from '../../formula/scale';
import { allergensOf } from '../../formula/within';
import { belongs, type Choices } from '../../formula/schools';
import type { Formula } from '../../formula/formula';
import { compile } from '../../design/compile';
import type { DesignPart } from '../../design/design';
import { leftOut } from '../../design/left-out';
import type { Work } from '../../design/work';
import { setAmount, splitAmount, withLeastBatch, type Amount } from './amount';
import { amountsOf, type Batches } from './batches';
import { boughtAs } from './bought';
import type { Cake } from './cake';
import type { Component, Taken } from './component';
import { grownForLeftOvers } from './grown-for-left-overs';
import { madeTwice } from './made-twice';
import { drawnFromStore } from './drawn-from-store';
import { withSubComponents } from './sub-components';
import { withDrawnAllergens } from './left-overs';
import type { Kitchen } from '../kitchen';
import { designOf, type CakeDraft } from '../cake-order';

/** The work on a cake, the cake and its components alone, without steps: amounts, lines and allergens. */
export function componentsOf(
  order: CakeDraft,
  kitchen: Kitchen,
  choices: Choices = { ...kitchen.choices, ...order.choices },
): { work: Work; cake: Cake; components: Component[] } {
  const design = leftOut(designOf(order), order.without ?? []);
  const formulas = new Map(design.parts.map((p) => [p.role, formulaFor(p, order, kitchen, choices)]));
  const work = compile(design, kitchen.blocks);
  const batches: Batches = { work, formulas, kitchen, choices };
  const { cake, amounts } = amountsOf(batches);
  const components = design.parts.map((p) =>
    componentOf(p, formulas.get(p.role)!, amounts.get(p.role)!, kitchen, order.overrides?.[p.role]),
  );
  const draws = (order.fromStore ?? []).filter((d) => !design.parts.some((p) => p.role === d.role && !isKept(p)));
  const stored = drawnFromStore(components, draws, cake, work);
  const grown = grownForLeftOvers(withToppings(stored.components), design.parts, kitchen.ingredients);
  const twice = madeTwice(stored.work, grown);
  const all = withSubComponents(twice.components, kitchen, draws);
  return { work: twice.work, cake, components: withDrawnAllergens(all, kitchen.ingredients) };
}

/** Layers of sheets and rolls are cut to their cake: only those out of tins are kept for any. */
const isKept = ({ layers }: DesignPart): boolean => layers === undefined || layers.from === 'tins';

/** What goes onto another part before it is baked: that one takes it at its last work before the oven. */
function withToppings(components: readonly Component[]): Component[] {
  return components.map((c) => {
    const oven = c.formula.steps.findIndex((s) => s.work === 'oven');
    const last = c.formula.steps.slice(0, Math.max(0, oven)).findLast((s) => s.work === 'hands');
    const takes = components.flatMap((t) =>
      t.amount.portions
        .filter((p) => p.into === c.role && p.besides)
        .map((p): Taken => ({ role: t.role, name: t.label, grams: p.grams, ...(last && { step: last.key }) })),
    );
    return takes.length > 0 ? { ...c, takes } : c;
  });
}

function formulaFor(part: DesignPart, order: Pick<CakeDraft, 'swaps'>, kitchen: Kitchen, choices: Choices): Formula {
  const instead = part.instead?.find((i) => belongs(i.when, choices))?.formula;
  const id = order.swaps?.[part.role] ?? instead ?? ('formula' in part.made ? part.made.formula : undefined);
  if (id !== undefined) {
    const formula = kitchen.formulas.get(id);
    if (!formula) throw new Error(`There is no formula “${id}”.`);
    return formula;
  }
  const { bought } = part.made as { bought: string };
  const ingredient = kitchen.ingredients.get(bought);
  if (!ingredient) throw new Error(`There is no ingredient “${bought}”.`);
  return boughtAs(ingredient);
}

function componentOf(
  part: DesignPart,
  formula: Formula,
  whole: Amount,
  kitchen: Kitchen,
  byHand: number | undefined,
): Component {
  const split = part.split ? splitAmount(whole, part.split) : whole;
  const computed = withLeastBatch(split, mixLimits(formula, kitchen).least);
  const amount = byHand === undefined ? computed : setAmount(computed, byHand);
  const usual = 'formula' in part.made && part.made.formula === formula.id;
  return {
    role: part.role,
    label: usual || 'bought' in part.made ? part.label : formula.name,
    formula,
    optional: part.optional ?? false,
    amount,
    // Batter and dough are weighed raw; everything else is wanted after its loss.
    lines: scaleToYield(amount.raw ? { ...formula, loss: 0 } : formula, amount.grams),
    allergens: allergensOf(formula, kitchen.ingredients, kitchen.formulas),
  };
}

/** Can one formula take the place of another? It serves the same purpose, and is baked in the same kind of thing. */
export function canReplace(now: Formula, by: Formula): boolean {
  return now.purpose === by.purpose && (now.batter === 'sheet') === (by.batter === 'sheet') && now.id !== by.id;
}
