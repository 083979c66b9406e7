import type { PlanRow } from '../../data/repositories/plans';

/** A plan never changes: what is reckoned of it is reckoned once, however often it is looked at. */
export function onceAPlan<A>(reckon: (plan: PlanRow) => A): (plan: PlanRow) => A {
  const known = new WeakMap<PlanRow, { answer: A }>();
  return (plan) => {
    const found = known.get(plan) ?? { answer: reckon(plan) };
    known.set(plan, found);
    return found.answer;
  };
}
