import { starterBlocks } from '../../../../data/kitchens/starter';
import { compile } from '../../../design/compile';
import type { BuildAmount as AmountRule, FormerBuild as Build } from '../../../stored/build-before-designs';
import { designOfBuild } from '../../../stored/design-of-build';
import type { Formula } from '../../../formula/formula';
import type { Choices } from '../../../formula/schools';
import type { Form } from '../../../shape/form';
import { startingCoefficients as coefficients } from '../../figures/starting-figures';
import { amountsOf } from '../batches';

export const formula = { density: 0.95, loss: 0.1, batter: 'butter', lines: [] as Formula['lines'] } as Formula;
/** Four layers of 24 mm, portioned for a party. */
export const plain = { layers: 4, layerHeight: 24, portion: 'party' } as Build;
export const round = (diameter: number): Form => ({ form: 'round', diameter });
export const batter: AmountRule = { rule: 'batter', tinDepth: 60, layersPerTin: 2 };

/** The amount of one rule in a cake of layers, this and others, all worked at one stage. */
export function amount(
  rule: AmountRule,
  {
    forms = [round(200)],
    others = [batter],
    build = plain,
    of = formula,
    choices = {},
  }: {
    forms?: Form[];
    others?: AmountRule[];
    build?: Build;
    of?: Formula;
    choices?: Choices;
  } = {},
) {
  const components = [...others, rule].map((amount, i) => ({
    ...{ role: `part ${i}`, label: `Part ${i}`, formula: 'any', amount },
  }));
  const takes = components.map((c) => c.role);
  const stage = { key: 'work', name: 'Work', skill: null, minutes: { low: 1, likely: 1, high: 1 }, takes, how: '' };
  const whole: Build = { ...build, components, stages: [stage], waits: [] };
  const work = compile(designOfBuild(whole, forms), starterBlocks);
  const formulas = new Map(takes.map((role) => [role, of]));
  const kitchen = { coefficients, moulds: [] };
  const { cake, amounts } = amountsOf({ work, formulas, kitchen, choices });
  const made = amounts.get(takes.at(-1)!)!;
  const portions = made.portions.map(({ use, grams, leftOver, lost }) => ({
    ...{ use, grams },
    ...(leftOver && { leftOver }),
    ...(lost && { lost }),
  }));
  return { ...made, portions, cake };
}
