import { say } from '../../words/say';
import { partsToYield, scaleToYield } from '../../formula/scale';
import { allergensOf } from '../../formula/within';
import type { Kitchen } from '../kitchen';
import { mixLimits } from '../mix-limits';
import { grams } from '../steps/words';
import { amount, withLeastBatch, type Amount, type Portion } from './amount';
import { besides, divide } from './drawn-from-store';
import type { StoreDraw } from './store-draw';
import type { Component, Taken } from './component';

/** The role of a formula that goes into other parts: told by the one that takes it, or of several by itself. */
const subRole = (takers: readonly string[], formula: string): string =>
  takers.length === 1 ? `${takers[0]}~${formula}` : `~${formula}`;

/**
 * The components with those that go into them, at every level: each right before the first that takes it. A formula that several take, or that is a
 * part of the cake as well, is one batch with a portion for each. What an order takes of one from the store is not made, nor what would go into it.
 * A formula that goes into itself is not entered twice. Throws if a formula names one that the kitchen has not.
 */
export function withSubComponents(
  components: readonly Component[],
  kitchen: Kitchen,
  draws: readonly StoreDraw[] = [],
): Component[] {
  const graph = graphOf(components, kitchen);
  const takers = takersOf(components, graph);
  if (takers.size === 0) return [...components];
  const made = new Map(components.map((c) => [c.role, c]));
  /** Where a formula that goes into others is made. */
  const roleOf = (id: string) => components.find((c) => c.formula.id === id)?.role ?? subRole(takers.get(id) ?? [], id);
  const needs = new Map<string, Portion[]>();
  // Takers come before what they take: when a formula is reached, all that is asked of it is known.
  for (const id of graph.takersFirst) {
    const role = roleOf(id);
    const asked = needs.get(id);
    if (asked) {
      const needed = withNeeds(made.get(role), role, id, asked, made, kitchen);
      const own = components.some((c) => c.role === role)
        ? []
        : draws.filter((d) => d.role === role && d.formula === id);
      for (const c of takenOrMade(needed, own)) made.set(c.role, c);
    }
    for (const c of [...made.values()].filter((x) => x.formula.id === id)) {
      const taken = takenBy(c, graph, roleOf, kitchen);
      if (taken.length === 0) continue;
      made.set(c.role, { ...c, takes: [...(c.takes ?? []), ...taken.map((t) => t.as)] });
      for (const sub of new Set(taken.map((t) => t.id))) {
        const own = taken.filter((t) => t.id === sub).reduce((sum, t) => sum + t.grams, 0);
        needs.set(sub, [...(needs.get(sub) ?? []), { use: c.label, grams: own, into: c.role }]);
      }
    }
  }
  return inOrder([...made.values()], components);
}

/** Parts of a component's formula, g of each as it is used. */
function takenBy(
  c: Component,
  { subs }: Graph,
  roleOf: (id: string) => string,
  kitchen: Kitchen,
): { id: string; grams: number; as: Taken }[] {
  const { formula, amount: made } = c;
  if (!formula.parts || formula.parts.length === 0) return [];
  return partsToYield(made.raw ? { ...formula, loss: 0 } : formula, made.grams)
    .filter((p) => subs.get(formula.id)!.includes(p.formula))
    .map((p) => ({
      id: p.formula,
      grams: p.grams,
      as: {
        ...{ role: roleOf(p.formula), name: formulaCalled(p.formula, kitchen).name, grams: p.grams },
        ...(p.step !== undefined && { step: p.step }),
      },
    }));
}

/** A formula that is made for others, beside what it is for the cake itself where it is a part of that. */
function withNeeds(
  known: Component | undefined,
  role: string,
  id: string,
  asked: readonly Portion[],
  made: ReadonlyMap<string, Component>,
  kitchen: Kitchen,
): Component {
  const formula = formulaCalled(id, kitchen);
  const into = asked.map((p) => made.get(p.into!)!);
  const because = into.map((c) => say`goes into ${grams(c.amount.grams)} of ${c.label.toLowerCase()}`).join('; ');
  const own = amount([...asked], because);
  const whole: Amount = known
    ? {
        ...known.amount,
        grams: known.amount.grams + own.grams,
        portions: [...known.amount.portions, ...own.portions],
        because: `${known.amount.because}; ${because}`,
      }
    : own;
  const all = withLeastBatch(whole, mixLimits(formula, kitchen).least);
  return {
    ...(known ?? { role, label: formula.name, formula, optional: into.every((c) => c.optional) }),
    amount: all,
    lines: scaleToYield(all.raw ? { ...formula, loss: 0 } : formula, all.grams),
    allergens: known?.allergens ?? allergensOf(formula, kitchen.ingredients, kitchen.formulas),
  };
}

/** What goes into others as it is made, or taken from the store, or both. */
function takenOrMade(needed: Component, draws: readonly StoreDraw[]): Component[] {
  if (draws.length === 0) return [needed];
  const divided = divide(needed, draws, null);
  return divided.made ? [divided.made, divided.taken] : [divided.taken];
}

/** Which formulas go into which, without the way back from one that goes into itself; and all of them, takers first. */
interface Graph {
  subs: ReadonlyMap<string, readonly string[]>;
  takersFirst: string[];
}

function graphOf(components: readonly Component[], kitchen: Kitchen): Graph {
  const subs = new Map<string, string[]>();
  const done: string[] = [];
  const visit = (id: string, above: readonly string[]) => {
    if (subs.has(id)) return;
    const all = new Set((kitchen.formulas.get(id)?.parts ?? []).map((p) => p.formula));
    const own = [...all].filter((sub) => sub !== id && !above.includes(sub));
    subs.set(id, own);
    for (const sub of own) visit(sub, [...above, id]);
    done.unshift(id);
  };
  for (const { formula } of components) visit(formula.id, []);
  return { subs, takersFirst: done };
}

/** Roles that take each formula. */
function takersOf(components: readonly Component[], { subs, takersFirst }: Graph): Map<string, string[]> {
  const takers = new Map<string, string[]>();
  for (const id of takersFirst) {
    const own = components.filter((c) => c.formula.id === id).map((c) => c.role);
    const roles = own.length > 0 ? own : [subRole(takers.get(id) ?? [], id)];
    for (const sub of subs.get(id)!) takers.set(sub, [...(takers.get(sub) ?? []), ...roles]);
  }
  return takers;
}

/** The components in their order, each with what goes into it before it. */
function inOrder(all: readonly Component[], components: readonly Component[]): Component[] {
  const placed: Component[] = [];
  const place = (c: Component) => {
    if (placed.includes(c)) return;
    for (const { role } of c.takes ?? [])
      for (const sub of all.filter((x) => x.role === role || x.role === besides(role)))
        if (sub !== c && !components.some((own) => own.role === sub.role)) place(sub);
    placed.push(c);
  };
  for (const { role } of components) place(all.find((c) => c.role === role)!);
  return placed;
}

function formulaCalled(id: string, kitchen: Kitchen) {
  const formula = kitchen.formulas.get(id);
  if (!formula) throw new Error(`There is no formula “${id}”.`);
  return formula;
}
