import type { Formula } from '../../formula/formula';
import type { AmountRule } from '../build';

/** A component of a build with the formula that makes it. */
export interface PlacedComponent {
  role: string;
  formula: Formula;
  amount: AmountRule;
}

type Undivided = Exclude<AmountRule['rule'], 'divided'>;

/** A rule with the component whose amount it is; the parts of a divided batch each on their own. */
export interface PlacedRule<R extends AmountRule['rule'] = Undivided> {
  role: string;
  /** Its place among all of them. */
  at: number;
  formula: Formula;
  rule: Extract<AmountRule, { rule: R }>;
}

/** Every rule of a build, in its order. */
export function rulesOf(components: readonly PlacedComponent[]): PlacedRule[] {
  return components
    .flatMap(({ role, formula, amount }) =>
      amount.rule === 'divided'
        ? amount.uses.map((u) => ({ role, formula, rule: u.rule }))
        : [{ role, formula, rule: amount }],
    )
    .map((r, at): PlacedRule => ({ ...r, at, rule: r.rule as PlacedRule['rule'] }));
}

/** The rules of one kind. */
export function rulesOfKind<R extends Undivided>(rules: readonly PlacedRule[], kind: R): PlacedRule<R>[] {
  return rules.filter((r) => r.rule.rule === kind) as unknown as PlacedRule<R>[];
}
