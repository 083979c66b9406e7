import type { Formula } from '../../../formula/formula';
import type { Choices } from '../../../formula/schools';
import type { Form } from '../../../shape/form';
import type { AmountRule, Build } from '../../build';
import { startingCoefficients as coefficients } from '../../figures/starting-figures';
import { rulesOf } from '../../strata/placed-rules';
import type { Amount } from '../amount';
import { amountOf } from '../amounts';
import { cakeOf } from '../cake';

export const formula = { density: 0.95, loss: 0.1, batter: 'butter' } as Formula;
/** Four layers of 24 mm, portioned for a party. */
export const plain = { layers: 4, layerHeight: 24, portion: 'party' } as Build;
export const round = (diameter: number): Form => ({ form: 'round', diameter });
export const batter: AmountRule = { rule: 'batter', tinDepth: 60, layersPerTin: 2 };

/** The amount of one rule in a cake of layers, this and others; `made` are amounts of other roles. */
export function amount(
  rule: AmountRule,
  {
    forms = [round(200)],
    others = [batter],
    build = plain,
    trimmed = 0,
    of = formula,
    choices = {},
    made = new Map<string, Amount>(),
  }: {
    forms?: Form[];
    others?: AmountRule[];
    build?: Build;
    trimmed?: number;
    of?: Formula;
    choices?: Choices;
    made?: Map<string, Amount>;
  } = {},
) {
  const placed = [...others, rule].map((amount, i) => ({ role: `part ${i}`, formula: of, amount }));
  const cake = cakeOf(build, placed, forms, coefficients, trimmed);
  const rules = rulesOf(placed);
  const context = { cake, rules, formula: of, coefficients, choices, moulds: [], others: made };
  return { ...amountOf(rule, context), cake };
}
