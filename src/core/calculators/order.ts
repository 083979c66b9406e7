import { orderId } from '../ids/ids';
import { breakDown } from '../breakdown/break-down';
import { cakeName } from '../breakdown/amounts/cake';
import {
  calculator,
  CannotCalculate,
  form,
  list,
  names,
  text,
  words,
  type Calculator,
  type CalcValue,
} from './calculator';

export const orderCalculators: Calculator[] = [
  calculator({
    ...{ name: 'breakdown', title: 'Break an order down', group: 'Order' },
    about: 'All components of a build in a size, with portions, left-overs and allergens. Tiers from the bottom up.',
    source: 'The builds, formulas and figures of the kitchen.',
    fields: {
      build: text('Build (its id)'),
      tiers: list('Tiers', { form: form('Form') }),
      without: names('Left out (roles)'),
      choices: words('Schools and routes'),
    },
    results: {
      cake: ['Cake', ''],
      portions: ['Portions', 'count'],
      components: ['Components', ''],
      leftOvers: ['Left over', ''],
      allergens: ['Contains', ''],
    },
    run: ({ build, tiers, without, choices }, { kitchen, builds }) => {
      const found = builds.get(build);
      if (!found) throw new CannotCalculate(`There is no build “${build}”. Builds: ${[...builds.keys()].join(', ')}.`);
      const forms = tiers.map((t) => t.form);
      if (forms.length > found.mostTiers)
        throw new CannotCalculate(`${found.name} has at most ${found.mostTiers} tiers.`);
      const broken = breakDown({ id: orderId(1), build: found, tiers: forms, without, choices }, kitchen);
      return {
        cake: cakeName(forms),
        heights: broken.cake.tiers.map((t) => t.height),
        portions: broken.cake.portions,
        components: broken.components.map((c): CalcValue => ({
          role: c.role,
          formula: c.formula.id,
          grams: c.amount.grams,
          because: c.amount.because,
          portions: c.amount.portions.map((p): CalcValue => ({ use: p.use, grams: p.grams })),
        })),
        leftOvers: broken.leftOvers.map((l): CalcValue => ({
          from: l.from,
          kind: l.kind,
          grams: l.grams,
          left: l.left,
          uses: l.uses.map((u) => ({ ...u })),
        })),
        allergens: broken.allergens.map((a): CalcValue => ({ allergen: a.allergen, from: a.from })),
        steps: broken.steps.length,
      };
    },
  }),
];
