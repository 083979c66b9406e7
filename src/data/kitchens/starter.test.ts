import { compile } from '../../core/design/compile';
import { formulaOf, formulasOfPart } from '../../core/design/design';
import { orderId } from '../../core/ids/ids';
import { starterBuilds } from './starter';
import { starterFormulas as formulas } from './starter';
import { starterIngredients } from './starter';
import { demoEquipment } from './demo-parts';
import { demoOrders } from './demo-parts';
import { impossibleOrder, tightOrder } from './late-orders';
import { breakDown } from '../../core/breakdown/break-down';
import { demoLibrary } from './demo-parts';
import { everyWeek } from '../../core/time/working-hours';
import { makeProblem } from '../../core/situation/make-problem';
import { readProblem } from '../../core/planning-format/read-problem';

const kitchen = demoLibrary;
const orders = [...demoOrders, tightOrder, impossibleOrder];

describe('the library of the demo kitchen', () => {
  it('names only ingredients and formulas that exist, each id once', () => {
    const known = new Set(starterIngredients.map((i) => i.id));
    expect(formulas.flatMap((f) => f.lines.map((l) => l.ingredient)).filter((i) => !known.has(i))).toEqual([]);
    expect(new Set(formulas.map((f) => f.id)).size).toBe(formulas.length);
    const steps = starterBuilds.flatMap((b) => b.design.parts.flatMap(formulasOfPart));
    expect(steps.filter((f) => !kitchen.formulas.has(f))).toEqual([]);
  });

  it.each(formulas.map((f) => [f.id, f] as const))('%s: its waits and tins name its own steps', (_, f) => {
    const keys = new Set(f.steps.map((s) => s.key));
    const named = [...f.waits.flatMap((w) => [w.from, w.to]), ...f.steps.flatMap((s) => s.tinsUntil ?? [])];
    expect(named.filter((k) => !keys.has(k))).toEqual([]);
  });

  it.each(starterBuilds.map((b) => [b.id, b] as const))('%s: stages take components that it has', (_, b) => {
    const roles = b.design.parts.map((c) => c.role);
    const { stages, uses } = compile(b.design, kitchen.blocks);
    expect(stages.flatMap((s) => s.takes).filter((r) => !roles.includes(r))).toEqual([]);
    const before = new Set(uses.filter((u) => u.into).map((u) => u.role));
    expect(roles.filter((r) => !before.has(r) && !stages.some((s) => s.takes.includes(r)))).toEqual([]);
  });

  it.each(starterBuilds.map((b) => [b.id, b] as const))(
    '%s: every stage that spreads or pipes has something to',
    (_, b) => {
      const spread = /\b(pip(e|ing)|border|rope|rosettes?|swirl|coat|glaze|drip|cream on top)\b/i;
      const made = new Set(['frosting', 'filling', 'glaze', 'decoration']);
      const purpose = (role: string) =>
        kitchen.formulas.get(formulaOf(b.design.parts.find((c) => c.role === role)!)!)!.purpose as string;
      const { stages } = compile(b.design, kitchen.blocks);
      const without = stages.filter(
        (s) => spread.test(`${s.name} ${s.how}`) && !s.takes.some((r) => made.has(purpose(r))),
      );
      expect(without.map((s) => s.key)).toEqual([]);
      // Cream on top of the last layer is an amount of its own.
      if (stages.some((s) => /cream on top/i.test(s.how)))
        expect(b.design.pieces[0]!.inside.at(-1)!.is).toBe('filling');
      if (stages.some((s) => /border|rope/i.test(`${s.name} ${s.how}`) && !/border of/.test(s.how)))
        expect(JSON.stringify(b.design.blocks)).toMatch(/"rule":"(border|rosettes)"/);
    },
  );

  it('makes a problem that the planner accepts, with every tier 8 to 16 cm high', () => {
    const planned = orders.map((o, i) => {
      const build = starterBuilds.find((b) => b.id === o.build)!;
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
    const team = ['a', 'b'].map((id) => ({
      ...{ id, name: id, skills: skills.map((name) => ({ name, pace: 1 })) },
      ...everyWeek(always),
    }));
    const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
    const problem = makeProblem(planned, team, demoEquipment, clock, 0);
    const read = readProblem(JSON.parse(JSON.stringify(problem)));
    expect(read.ok ? [] : read.problems).toEqual([]);
  });
});
