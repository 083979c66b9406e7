import type { Formula } from '../../formula/formula';
import type { Choices } from '../../formula/schools';
import type { Form } from '../../shape/form';
import type { Coefficients } from '../figures/coefficients';
import type { Mould } from '../kitchen';
import type { PlacedRule } from '../strata/placed-rules';
import type { Coat, Stratum, Tier } from '../strata/stratum';
import type { AmountRule } from '../build';
import type { Amount } from './amount';
import type { Cake } from './cake';

/** What a rule may look at. */
export interface AmountContext {
  cake: Cake;
  /** Every rule of the build: strata name theirs by its place. */
  rules: readonly PlacedRule[];
  formula: Formula;
  coefficients: Coefficients;
  choices: Choices;
  moulds: readonly Mould[];
  /** Amounts of the components before it, by role. */
  others: ReadonlyMap<string, Amount>;
}

/** The strata and coats that a rule has laid, over all tiers. */
export function laidBy(rule: AmountRule, { cake, rules }: AmountContext): (Stratum | Coat)[] {
  const place = rules.find((r) => r.rule === rule)?.at;
  return cake.tiers.flatMap((t) => [...t.strata, ...t.coats]).filter((s) => s.rule === place);
}

/** ml of all that a rule has laid, or of one kind. */
export const mlOf = (laid: readonly (Stratum | Coat)[], kind?: (Stratum | Coat)['kind']): number =>
  laid.filter((s) => kind === undefined || s.kind === kind).reduce((sum, s) => sum + s.ml, 0);

/** Something of every tier, added up. */
export const sumOf = (cake: Cake, of: (form: Form, tier: Tier) => number): number =>
  cake.tiers.reduce((total, t) => total + of(t.form, t), 0);

/** "314 cm² + 177 cm²": something of every tier, said. */
export const eachOf = (cake: Cake, text: (form: Form, tier: Tier) => string): string =>
  cake.tiers.map((t) => text(t.form, t)).join(' + ');
