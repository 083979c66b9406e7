import { say } from '../words/say';
import { counted } from '../measure/counted';
import { orderId } from '../ids/ids';
import { breakDown } from '../breakdown/break-down';
import { cakeName } from '../breakdown/amounts/cake';
import { cakeGrams, finishedGrams } from '../breakdown/amounts/weight';
import { routesOf } from '../design/routes';
import type { Build } from '../design/build';
import type { Kitchen } from '../breakdown/kitchen';
import { SCHOOLS } from '../formula/schools';
import type { Form } from '../shape/form';
import { TooLargeForSheet } from '../shape/sheets-for';
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
  ORDER_GROUP,
} from './calculator';

export const orderCalculators: Calculator[] = [
  calculator({
    ...{ name: 'breakdown', title: say`Break an order down`, group: ORDER_GROUP },
    about: say`All components of a build in a size, with portions, left-overs and allergens. Tiers from the bottom up.`,
    source: say`The builds, formulas and figures of the kitchen.`,
    fields: {
      build: text(say`Build (its id)`),
      tiers: list(say`Tiers`, { form: form(say`Form`) }),
      without: names(say`Left out (roles)`),
      choices: words(say`Schools and routes`),
    },
    results: {
      cake: [say`Cake`, ''],
      portions: [say`Portions`, 'count'],
      grams: [say`Finished cake`, 'g'],
      components: [say`Components`, ''],
      leftOvers: [say`Left over`, ''],
      allergens: [say`Contains`, ''],
    },
    run: ({ build, tiers, without, choices }, { kitchen, builds }) => {
      const found = builds.get(build);
      if (!found) throw new CannotCalculate(`There is no build “${build}”. Builds: ${[...builds.keys()].join(', ')}.`);
      const forms = tiers.map((t) => t.form);
      if (forms.length > found.mostTiers)
        throw new CannotCalculate(`${found.name} has at most ${counted(found.mostTiers, 'tier')}.`);
      const broken = brokenDown(found, forms, without, choices, kitchen);
      return {
        cake: cakeName(forms),
        heights: broken.cake.tiers.map((t) => t.height),
        portions: broken.cake.portions,
        grams: cakeGrams(broken.components),
        components: broken.components.map((c): CalcValue => ({
          role: c.role,
          formula: c.formula.id,
          grams: c.amount.grams,
          onTheCake: finishedGrams(c),
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

/** Breaks down, or says what is unknown: a role to leave out, a question, an answer; or what is too large for its sheet. */
function brokenDown(build: Build, tiers: Form[], without: string[], choices: Record<string, string>, kitchen: Kitchen) {
  const roles = build.design.parts.map((c) => c.role);
  const strange = without.find((r) => !roles.includes(r));
  if (strange !== undefined)
    throw new CannotCalculate(`${build.name} has no part “${strange}”. Its parts: ${roles.join(', ')}.`);
  const fixed = build.design.parts.find((c) => without.includes(c.role) && !c.optional);
  if (fixed) throw new CannotCalculate(`${fixed.label} cannot be left out of ${build.name}.`);
  const questions = new Map(
    [...SCHOOLS, ...routesOf(build.design, kitchen.blocks)].map((s) => [s.key, s.choices.map((c) => c.key)] as const),
  );
  for (const [key, answer] of Object.entries(choices)) {
    const answers = questions.get(key);
    if (!answers)
      throw new CannotCalculate(`There is no question “${key}”. Questions: ${[...questions.keys()].join(', ')}.`);
    if (!answers.includes(answer))
      throw new CannotCalculate(`“${key}” cannot be “${answer}”: it is one of ${answers.join(', ')}.`);
  }
  try {
    return breakDown({ id: orderId(1), build, tiers, without, choices }, kitchen);
  } catch (error) {
    if (error instanceof TooLargeForSheet) throw new CannotCalculate(error.message);
    throw error;
  }
}
