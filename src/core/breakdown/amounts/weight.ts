import { onTheCake, type Amount } from './amount';
import type { Component } from './component';

/** g of a component in the finished cake: without trimmings, run-off and what stays in bowls, after its loss where it was weighed raw. What goes into another part is weighed there. */
export const finishedGrams = ({ amount, formula }: Pick<Component, 'amount' | 'formula'>): number =>
  onTheCake(direct(amount)) * (amount.raw ? 1 - formula.loss : 1);

const direct = ({ portions }: Amount) => ({ portions: portions.filter((p) => p.into === undefined || p.besides) });

/** What a cake weighs when it is handed over, g, without board and box. */
export const cakeGrams = (components: readonly Pick<Component, 'amount' | 'formula'>[]): number =>
  components.reduce((sum, c) => sum + finishedGrams(c), 0);

/** What of it is portioned: panels around a cake are not. g. */
export const portionedGrams = (components: readonly Pick<Component, 'amount' | 'formula'>[]): number =>
  cakeGrams(components.filter((c) => c.formula.purpose !== 'panels'));
