import type { DesignPart } from '../../design/design';
import type { Use, UseRule, Work } from '../../design/work';
import type { Formula } from '../../formula/formula';
import type { Choices } from '../../formula/schools';
import type { Form } from '../../shape/form';
import type { Coefficients } from '../figures/coefficients';
import type { Mould } from '../kitchen';
import type { Coat, Stratum, Tier } from '../strata/stratum';
import type { Thicknesses } from '../strata/thickness';
import type { Amount } from './amount';
import type { Cake } from './cake';

/** What a rule may look at: one use of a part, on its own pieces. */
export interface AmountContext {
  work: Work;
  use: Use;
  /** Place of the use in the design: strata and coats name it. */
  at: number;
  /** All pieces; and those of the use. */
  cake: Cake;
  tiers: readonly Tier[];
  part: DesignPart;
  formula: Formula;
  coefficients: Coefficients;
  choices: Choices;
  moulds: readonly Mould[];
  thicknesses: Thicknesses;
  /** Amounts of the parts before it, by role. */
  others: ReadonlyMap<string, Amount>;
}

/** What one rule comes to. */
export type AmountOf<R extends UseRule['rule']> = (
  rule: Extract<UseRule, { rule: R }>,
  context: AmountContext,
) => Amount;

/** How many of a tier there are. */
export const times = ({ count = 1 }: Pick<Tier, 'count'>): number => count;

/** What the use has laid in or around a tier. */
export const laidIn = ({ strata, coats }: Tier, { at }: Pick<AmountContext, 'at'>): (Stratum | Coat)[] =>
  [...strata, ...coats].filter((s) => s.rule === at);

/** ml of all that the use has laid. */
export const mlOf = (context: Pick<AmountContext, 'at' | 'tiers'>): number =>
  context.tiers.reduce((sum, t) => sum + times(t) * laidIn(t, context).reduce((ml, s) => ml + s.ml, 0), 0);

/** Something of every tier, added up over all that there are of it. */
export const sumOf = (tiers: readonly Tier[], of: (form: Form, tier: Tier) => number): number =>
  tiers.reduce((total, t) => total + times(t) * of(t.form, t), 0);

/** "314 cm² + 3 × 177 cm²": something of every tier, said. */
export const eachOf = (tiers: readonly Tier[], text: (form: Form, tier: Tier) => string): string =>
  tiers.map((t) => (times(t) > 1 ? `${times(t)} × (${text(t.form, t)})` : text(t.form, t))).join(' + ');
