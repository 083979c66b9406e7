import { orderId } from '../../core/ids/ids';
import { demoBuilds } from './builds';
import { demoFormulas as formulas } from './library';
import { demoIngredients } from './ingredients';
import { demoEquipment } from './kitchen';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import { demoOrders, impossibleOrder, tightOrder } from './orders';
import { breakDown } from '../../core/breakdown/break-down';
import type { Kitchen } from '../../core/breakdown/kitchen';
import { makeProblem } from '../../core/situation/make-problem';
import { readProblem } from '../../core/planning-format/read-problem';

const kitchen: Kitchen = {
  coefficients: startingCoefficients,
  formulas: new Map(formulas.map((f) => [f.id, f])),
  ingredients: new Map(demoIngredients.map((i) => [i.id, i])),
  moulds: demoEquipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
  ovenSlots: 6,
  choices: {},
};
const orders = [...demoOrders, tightOrder, impossibleOrder];

describe('the library of the demo kitchen', () => {
  it('names only ingredients and formulas that exist, each id once', () => {
    const known = new Set(demoIngredients.map((i) => i.id));
    expect(formulas.flatMap((f) => f.lines.map((l) => l.ingredient)).filter((i) => !known.has(i))).toEqual([]);
    expect(new Set(formulas.map((f) => f.id)).size).toBe(formulas.length);
    const steps = demoBuilds.flatMap((b) => b.components.map((c) => c.formula));
    expect(steps.filter((f) => !kitchen.formulas.has(f))).toEqual([]);
  });

  it.each(formulas.map((f) => [f.id, f] as const))('%s: its waits and tins name its own steps', (_, f) => {
    const keys = new Set(f.steps.map((s) => s.key));
    const named = [...f.waits.flatMap((w) => [w.from, w.to]), ...f.steps.flatMap((s) => s.tinsUntil ?? [])];
    expect(named.filter((k) => !keys.has(k))).toEqual([]);
  });

  it.each(demoBuilds.map((b) => [b.id, b] as const))('%s: stages take components that it has', (_, b) => {
    const roles = b.components.map((c) => c.role);
    expect(b.stages.flatMap((s) => s.takes).filter((r) => !roles.includes(r))).toEqual([]);
    expect(roles.filter((r) => !b.stages.some((s) => s.takes.includes(r)))).toEqual([]);
  });

  it.each(demoBuilds.map((b) => [b.id, b] as const))(
    '%s: every stage that spreads or pipes has something to',
    (_, b) => {
      const spread = /\b(pip(e|ing)|border|rope|rosettes?|swirl|coat|glaze|drip|cream on top)\b/i;
      const made = new Set(['frosting', 'filling', 'glaze', 'decoration']);
      const purpose = (role: string) =>
        kitchen.formulas.get(b.components.find((c) => c.role === role)!.formula)!.purpose as string;
      const without = b.stages.filter(
        (s) => spread.test(`${s.name} ${s.how}`) && !s.takes.some((r) => made.has(purpose(r))),
      );
      expect(without.map((s) => s.key)).toEqual([]);
      // Cream on top of the last layer is an amount of its own.
      if (b.stages.some((s) => /cream on top/i.test(s.how)))
        expect(JSON.stringify(b.components)).toContain('"onTop":true');
      if (b.stages.some((s) => /border|rope/i.test(`${s.name} ${s.how}`) && !/border of/.test(s.how)))
        expect(JSON.stringify(b.components)).toMatch(/"rule":"(border|rosettes)"/);
    },
  );

  it('makes a problem that the planner accepts, with every tier 8 to 16 cm high', () => {
    const planned = orders.map((o, i) => {
      const build = demoBuilds.find((b) => b.id === o.build)!;
      const breakdown = breakDown({ id: orderId(i), build, tiers: o.tiers }, kitchen);
      for (const tier of breakdown.cake.tiers) {
        expect(tier.height).toBeGreaterThanOrEqual(80);
        expect(tier.height).toBeLessThanOrEqual(160);
      }
      expect(breakdown.cake.portions).toBeGreaterThanOrEqual(o.portions);
      expect(breakdown.allergens.map((a) => a.allergen).filter((a) => o.avoid.includes(a))).toEqual([]);
      return { id: orderId(i), name: o.title, pickup: 5000 + o.day * 1440, weight: 1, breakdown };
    });
    const skills = [...new Set(planned.flatMap((o) => o.breakdown.steps.flatMap((s) => s.people?.skill ?? [])))];
    const always = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, start: '06:00', end: '18:00', breaks: [] }));
    const team = ['a', 'b'].map((id) => ({ id, name: id, skills, weekly: always, daysOff: [] }));
    const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
    const problem = makeProblem(planned, team, demoEquipment, clock, 0);
    const read = readProblem(JSON.parse(JSON.stringify(problem)));
    expect(read.ok ? [] : read.problems).toEqual([]);
  });
});
