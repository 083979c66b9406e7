import { formulaOf } from '../design/design';
import { fc, runs } from '../testing/chance';
import { demoEquipment, demoLibrary } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import type { Formula } from '../formula/formula';
import { allergensOf } from '../formula/within';
import { orderId } from '../ids/ids';
import { checkPlan } from '../plan-check/check-plan';
import { readProblem } from '../planning-format/read-problem';
import { solve } from '../planner/solve';
import { pullList } from '../pull-list/pull-list';
import { makeProblem } from '../situation/make-problem';
import { everyWeek } from '../time/working-hours';
import { partsTaking } from './amounts/component';
import { canReplace } from './amounts/components';
import { breakDown } from './break-down';
import type { CakeOrder } from './cake-order';
import type { Kitchen } from './kitchen';
import { formsOfBuild } from './forms-of-build';
import { ENTERED } from './testing/entered-formulas';

const kitchen: Kitchen = {
  ...demoLibrary,
  formulas: new Map([...demoLibrary.formulas, ...ENTERED.map((f): [string, Formula] => [f.id, f])]),
  slot: { length: 300, width: 300 },
};
const clock = { origin: '2027-03-01T00:00:00Z', zone: 'UTC' };
const DAY = 1440;
const always = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, start: '06:00', end: '20:00', breaks: [] }));

/** An order of a build in which a formula takes the place of the first that it can. */
function orderWith(id: string, more: Partial<CakeOrder> = {}): CakeOrder {
  const by = kitchen.formulas.get(id)!;
  const found = starterBuilds.flatMap((build) =>
    build.design.parts
      .filter((c) => canReplace(kitchen.formulas.get(formulaOf(c)!)!, by))
      .map((c) => ({ build, role: c.role, tiers: formsOfBuild(build, kitchen.moulds).slice(0, 1) })),
  )[0]!;
  return { id: orderId(1), build: found.build, tiers: found.tiers, swaps: { [found.role]: id }, ...more };
}

/** It is broken down, planned by the real planner, and the plan is held against the rules by the checker. */
function planned(order: CakeOrder) {
  const breakdown = breakDown(order, kitchen);
  const skills = [...new Set(breakdown.steps.flatMap((s) => s.people?.skill ?? []))];
  const team = ['a', 'b'].map((id) => ({
    ...{ id, name: id, skills: skills.map((name) => ({ name, pace: 1 })) },
    ...everyWeek(always),
  }));
  const one = { id: order.id, name: 'Trial', pickup: 12 * DAY + 720, weight: 1, breakdown };
  const proofer = { id: 'proofer', kind: 'proofer', units: 4 };
  const problem = makeProblem([one], team, [...demoEquipment, proofer], clock, 0);
  const read = readProblem(JSON.parse(JSON.stringify(problem)));
  expect(read.ok ? [] : read.problems).toEqual([]);
  const solved = solve(problem, { rounds: 20, seed: 1, stop: () => false });
  if (!solved.ok) throw new Error(solved.problems.map((p) => p.message).join());
  const verdict = checkPlan(problem, solved.plan);
  expect(verdict.errors).toEqual([]);
  expect([verdict.unplaced, verdict.lateness]).toEqual([0, 0]);
  const at = (end: string) => solved.plan.steps.find((s) => s.id.endsWith(end))!;
  return { breakdown, problem, plan: solved.plan, at };
}

/** What the pull list says to weigh for it, by formula. */
function weighed({ breakdown, plan }: ReturnType<typeof planned>) {
  const works = breakdown.steps.map((step) => ({
    step,
    start: plan.steps.find((s) => s.id === step.id)!.start,
    forWhom: 'Trial',
    component: breakdown.components.find((c) => c.role === step.role) ?? null,
  }));
  return pullList(works, 0, 20 * DAY, kitchen, new Map(), [[0, 20 * DAY]]);
}

describe('formulas that were entered by hand', () => {
  it('are of twelve families', () => {
    expect(new Set(ENTERED.map((f) => f.family)).size).toBe(12);
  });

  it.each(ENTERED.filter((f) => f.purpose !== 'crumbs').map((f) => [f.name, f.id] as const))(
    '%s is planned, and the checker agrees',
    (_, id) => {
      const own = planned(orderWith(id));
      const component = own.breakdown.components.find((c) => c.formula.id === id)!;
      const steps = own.breakdown.steps.filter((s) => s.role === component.role);
      const wanted = kitchen.formulas.get(id)!.steps.filter((s) => !s.when || s.when.choice === 'dry');
      expect(new Set(steps.map((s) => s.name))).toEqual(new Set(wanted.map((s) => s.name)));
    },
  );

  it('a custard takes whipped cream, made by its own steps, before it is folded in and while it keeps', () => {
    const own = planned(orderWith('bay-custard'));
    const custard = own.breakdown.components.find((c) => c.formula.id === 'bay-custard')!;
    const cream = own.breakdown.components.find((c) => partsTaking(c).includes(custard.role))!;
    expect(cream).toMatchObject({ role: `${custard.role}~soft-cream`, label: 'Soft whipped cream' });
    expect(cream.amount.grams / custard.amount.grams).toBeCloseTo(200 / (928 * 0.97), 6);
    const [whip, fold] = [own.at('.whip-soft'), own.at('.fold-the-cream-in')];
    expect(whip.end).toBeLessThanOrEqual(fold.start);
    expect(fold.start - whip.end).toBeLessThanOrEqual(720);
    const cook = own.breakdown.steps.find((s) => s.id.endsWith('.cook-the-custard'))!;
    expect(cook).toMatchObject({ check: { limit: 82, tooFar: 86 }, uses: [{ kind: 'hob', units: 1 }] });
    expect(cook.reminders).toEqual([{ after: Math.round(cook.minutes.likely / 2), text: 'Scrape the bottom' }]);
    const list = weighed(own);
    const parent = list.weighOuts.find((w) => w.formula === 'bay-custard')!;
    expect(parent.takes).toEqual([
      { name: 'Soft whipped cream', grams: expect.closeTo(cream.amount.grams, 6) as number },
    ]);
    expect(list.weighOuts.find((w) => w.formula === 'soft-cream')!.lines.map((l) => l.ingredient)).toEqual([
      'cream',
      'icing-sugar',
    ]);
    expect(list.tasks.map((t) => t.kind)).toEqual(expect.arrayContaining(['chill', 'soak']));
  });

  it('one cream goes into two mousses, each with its own share of it', () => {
    const build = starterBuilds.find((b) => b.id === 'apricot-dome')!;
    const tiers = formsOfBuild(build, kitchen.moulds).slice(0, 1);
    const order = { id: orderId(1), build, tiers, swaps: { heart: 'citrus-mousse', mousse: 'citrus-mousse' } };
    const { breakdown } = planned(order);
    const of = (role: string) => breakdown.components.find((c) => c.role === role)!.amount.grams;
    const [cream, ...more] = breakdown.components.filter((c) => c.formula.id === 'soft-cream');
    expect([cream!.role, partsTaking(cream!), more]).toEqual(['~soft-cream', ['heart', 'mousse'], []]);
    for (const p of cream!.amount.portions) expect(p.grams / of(p.into!)).toBeCloseTo(260 / (569 * 0.97), 6);
  });

  it('a topping goes on before the bake, and a blend into the dough; both are made in time', () => {
    const own = planned(orderWith('topped-dough'));
    const [spread, bake] = [own.at('.spread-the-topping'), own.at('.bake')];
    expect(own.at('.boil-the-topping-up').end).toBeLessThanOrEqual(spread.start);
    expect(spread.end).toBeLessThanOrEqual(bake.start);
    expect(own.at('.grind-the-blend').end).toBeLessThanOrEqual(own.at('.knead').start);
    const press = own.breakdown.steps.find((s) => s.id.endsWith('.press-into-tins'))!;
    const tins = own.breakdown.components.find((c) => c.formula.id === 'topped-dough')!.amount.loads;
    expect(press.minutes.likely).toBe(6 + 2 * tins.reduce((sum, l) => sum + l.tins, 0));
    const hold = own.breakdown.holds.find((h) => h.from === press.id)!;
    expect(hold.until).toMatch(/\.turn-out$/);
    const proves = own.problem.waits.find((w) => w.to === press.id && w.attended)!;
    expect(proves.min).toBe(45);
    // Larger tins take more of a deck.
    const load = own.breakdown.steps.find((s) => s.id.endsWith('.bake'))!.oven!.units;
    const small = breakDown(orderWith('topped-dough'), { ...kitchen, slot: { length: 900, width: 900 } });
    expect(load).toBeGreaterThanOrEqual(small.steps.find((s) => s.id.endsWith('.bake'))!.oven!.units);
    // The least batch of the blend is more than is needed; what is over is said.
    const blend = own.breakdown.components.find((c) => c.formula.id === 'spice-blend')!;
    expect(blend.amount.grams).toBe(40);
    expect(blend.amount.portions.find((p) => p.leftOver === 'rest')!.grams).toBeGreaterThan(20);
  });

  it('cream is heated beside the sugar, and goes in hot', () => {
    const own = planned(orderWith('smoked-caramel'));
    const [cream, sugar, pour] = [
      own.at('.heat-the-cream'),
      own.at('.melt-the-sugar-dry'),
      own.at('.pour-the-hot-cream-in'),
    ];
    expect(pour.start).toBe(sugar.end);
    expect(pour.start - cream.end).toBeLessThanOrEqual(10);
    // They are branches: neither waits for the other.
    expect(
      own.breakdown.waits.some((w) => w.from.endsWith('.heat-the-cream') && w.to.endsWith('.melt-the-sugar-dry')),
    ).toBe(false);
  });

  it('dried foam stays in its oven, closed and off, and nothing else is baked there', () => {
    const own = planned(orderWith('dried-foam'));
    const dry = own.at('.dry');
    const wait = own.plan.waits.find((w) => w.id.includes('.dry>'))!;
    expect(wait.equipment).toBe(dry.equipment[0]);
    const given = own.problem.waits.find((w) => w.id === wait.id)!;
    expect(given).toMatchObject({ place: 'oven', heat: 'off', sameItemAs: dry.id });
    const lifted = own.at('.lift-off');
    const others = own.plan.steps.filter((s) => s.id !== dry.id && s.equipment.includes(dry.equipment[0]!));
    expect(others.filter((s) => s.start < lifted.start && s.end > dry.end)).toEqual([]);
  });

  it('ganache thickens while somebody is in', () => {
    const own = planned(orderWith('stirred-ganache'));
    const [pour, stir] = [own.at('.boil-and-pour'), own.at('.stir-smooth')];
    expect(own.problem.waits.find((w) => w.from === pour.id && w.to === stir.id)!.attended).toBe(true);
    const [from, until] = [pour.end % DAY, stir.start % DAY];
    expect(from).toBeGreaterThanOrEqual(360);
    expect(until).toBeLessThanOrEqual(1200);
  });

  it('a sheet is rolled in one cloth or the other, as the school says, and its tins are free then', () => {
    const named = (cloth: string) =>
      planned(orderWith('cloth-sheet', { choices: { cloth } }))
        .breakdown.steps.map((s) => s.name)
        .filter((n) => n.startsWith('Roll in'));
    expect([named('dry'), named('damp')]).toEqual([['Roll in sugared cloth'], ['Roll in damp cloth']]);
  });

  it('plums are divided by use, and bought as they come', () => {
    const own = planned(orderWith('plum-two-ways'));
    const list = weighed(own);
    const lines = list.weighOuts.find((w) => w.formula === 'plum-two-ways')!.lines;
    expect(lines.map((l) => [l.name, l.note])).toEqual([
      ['Plums, stoned', 'cubes'],
      ['Plums, stoned', 'cooked'],
      [expect.any(String), undefined],
    ]);
    const gone = lines.filter((l) => l.ingredient === 'plums').reduce((sum, l) => sum + l.grams, 0);
    const bought = list.shopping.flatMap((g) => g.lines).find((l) => l.name === 'Plums, stoned')!;
    expect(bought.needed).toBeCloseTo(gone / 0.8, -1);
    expect(list.tasks).toContainEqual(expect.objectContaining({ text: 'Stone the plums' }));
  });
});

describe('formulas that go into one another', () => {
  /** Formulas that go into those after them, at up to four levels. */
  const anyTree = fc
    .array(
      fc.record({
        grams: fc.integer({ min: 10, max: 900 }),
        loss: fc.constantFrom(0, 0.1, 0.25),
        into: fc.array(fc.tuple(fc.nat(20), fc.integer({ min: 5, max: 400 })), { maxLength: 2 }),
        ingredient: fc.constantFrom('milk', 'ground-almonds', 'sesame', 'butter', 'honey'),
      }),
      { minLength: 1, maxLength: 5 },
    )
    .map((nodes) =>
      nodes.map(({ grams, loss, into, ingredient }, i): Formula => ({
        ...kitchen.formulas.get('quince-curd')!,
        ...{ id: `t${i}`, name: `T${i}`, loss, lines: [{ ingredient, grams }] },
        // Only earlier ones: no circle.
        parts: i === 0 ? [] : into.map(([n, g]) => ({ formula: `t${n % i}`, grams: g })),
      })),
    );

  it('amounts are conserved through every level, and no allergen is lost', () => {
    fc.assert(
      fc.property(anyTree, (tree) => {
        const formulas = new Map([...kitchen.formulas, ...tree.map((f): [string, Formula] => [f.id, f])]);
        const top = tree.at(-1)!;
        const { components, allergens } = breakDown(
          { ...orderWith('bay-custard'), swaps: { filling: top.id } },
          { ...kitchen, formulas },
        );
        for (const c of components) {
          const inside = components.filter((x) => partsTaking(x).includes(c.role));
          const taken = (c.takes ?? []).reduce((sum, t) => sum + t.grams, 0);
          const weighedIn = c.lines.reduce((sum, l) => sum + l.grams, 0) + taken;
          expect(weighedIn * (c.amount.raw ? 1 : 1 - c.formula.loss)).toBeCloseTo(c.amount.grams, 5);
          for (const sub of inside) {
            const used = c.takes!.filter((t) => t.role === sub.role).reduce((sum, t) => sum + t.grams, 0);
            expect(sub.amount.portions.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(sub.amount.grams, 6);
            expect(sub.amount.portions.find((p) => p.into === c.role)!.grams).toBeCloseTo(used, 6);
          }
        }
        const own = components.find((c) => c.formula.id === top.id)!;
        const within = allergensOf(top, kitchen.ingredients, formulas).map((a) => a.allergen);
        expect(own.allergens.map((a) => a.allergen)).toEqual(within);
        expect(allergens.map((a) => a.allergen)).toEqual(expect.arrayContaining(within));
        // Every step of what goes in comes before what takes it.
        const roles = new Map(components.map((c, i) => [c.role, i]));
        for (const c of components)
          for (const taker of partsTaking(c)) expect(roles.get(c.role)!).toBeLessThan(roles.get(taker)!);
      }),
      runs(25, 80),
    );
  });

  it('one that goes into itself is not entered again', () => {
    const a = { ...kitchen.formulas.get('quince-curd')!, id: 'a', parts: [{ formula: 'b', grams: 50 }] };
    const b = { ...a, id: 'b', parts: [{ formula: 'a', grams: 10 }] };
    const formulas = new Map([...kitchen.formulas, ['a', a], ['b', b]] as [string, Formula][]);
    const { components } = breakDown(
      { ...orderWith('bay-custard'), swaps: { filling: 'a' } },
      { ...kitchen, formulas },
    );
    expect(components.filter((c) => c.role.includes('~')).map((c) => c.role)).toEqual(['filling~b']);
  });
});
