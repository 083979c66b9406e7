import { formName, span, type Form } from './form';

/** Tiers step in by at least this much, so that each has a ledge to stand on. mm. */
const LEDGE = 40;

/** Can one tier stand on another? It has the same form and leaves a ledge all round. */
export const standsOn = (upper: Form, lower: Form): boolean =>
  upper.form !== 'roll' && upper.form === lower.form && span(lower) - span(upper) >= LEDGE;

/**
 * The cakes of an order as they stand: a form that can stand on the one before it is its next tier, any other stands beside it. Round 28 and
 * 20 are one cake of two tiers, three times round 20 are three cakes.
 */
export function stacksOf<T>(tiers: readonly T[], formOf: (tier: T) => Form): T[][] {
  const stacks: T[][] = [];
  for (const tier of tiers) {
    const below = stacks.at(-1)?.at(-1);
    if (below !== undefined && standsOn(formOf(tier), formOf(below))) stacks.at(-1)!.push(tier);
    else stacks.push([tier]);
  }
  return stacks;
}

/** Cakes that are alike, once, with their number, in the order in which they come. `name` says their tiers from the bottom up. */
export function alikeStacks<T>(
  tiers: readonly T[],
  formOf: (tier: T) => Form,
): { tiers: T[]; count: number; name: string }[] {
  const alike = new Map<string, { tiers: T[]; count: number; name: string }>();
  for (const stack of stacksOf(tiers, formOf)) {
    const name = stack.map((t) => formName(formOf(t))).join(', ');
    const known = alike.get(name);
    if (known) known.count++;
    else alike.set(name, { tiers: stack, count: 1, name });
  }
  return [...alike.values()];
}
