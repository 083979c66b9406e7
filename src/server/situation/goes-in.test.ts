import { breakDown } from '../../core/breakdown/break-down';
import { ENTERED } from '../../core/breakdown/testing/entered-formulas';
import { formsOfBuild } from '../../core/breakdown/forms-of-build';
import type { Formula } from '../../core/formula/formula';
import { orderId } from '../../core/ids/ids';
import { demoLibrary } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import { goesIn, rescuesOf } from './goes-in';
import type { Situation } from './situation';

const library = {
  ...demoLibrary,
  formulas: new Map([...demoLibrary.formulas, ...ENTERED.map((f): [string, Formula] => [f.id, f])]),
};
const build = starterBuilds.find((b) => b.id === 'meringue-meadow')!;

/** What the bench says of each step of a part by a formula. */
function said(formula: string) {
  const tiers = formsOfBuild(build, library.moulds).slice(0, 1);
  const breakdown = breakDown({ id: orderId(1), build, tiers, swaps: { filling: formula } }, library);
  const situation = {
    ...{ breakdowns: new Map([[1, breakdown]]), batches: [], shared: { components: new Map(), steps: [] } },
    kitchen: { library },
  } as unknown as Situation;
  const steps = breakdown.steps.filter((s) => s.role?.startsWith('filling'));
  return {
    steps,
    of: (name: string) =>
      goesIn(
        steps.find((s) => s.name === name)!,
        situation,
      ),
    situation,
  };
}

it('a step says which part made before goes into it, and how much of it', () => {
  const { of, steps, situation } = said('bay-custard');
  const custard = situation.breakdowns.get(1)!.components.find((c) => c.role === 'filling')!;
  expect(of('Fold the cream in')).toEqual([
    `${Math.round(custard.takes![0]!.grams)} g of Soft whipped cream, made before`,
  ]);
  expect(of('Cook the custard')).toEqual([]);
  expect(steps.map((s) => s.name)).toContain('Whip soft');
});

it('what is added to texture says between what and until what sign, at this amount', () => {
  const { of, situation } = said('plum-two-ways');
  const plums = situation.breakdowns.get(1)!.components.find((c) => c.role === 'filling')!;
  const line = plums.lines.find((l) => l.range)!;
  expect(line.range!.low / line.grams).toBeCloseTo(350 / 400, 9);
  const [low, high] = [line.range!.low, line.range!.high].map(Math.round);
  expect(of('Cook the purée')).toEqual([`Plums, stoned: ${low} g to ${high} g, until it drops slowly`]);
});

it('what helps is said failure by failure', () => {
  const { steps, situation } = said('smoked-caramel');
  expect(rescuesOf(steps[0]!, situation)).toEqual(['If it is lumpy: warm gently until they melt']);
});
