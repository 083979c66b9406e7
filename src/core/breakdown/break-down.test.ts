import { formulasOfPart } from '../design/design';
import type { Form } from '../shape/form';
import { orderId } from '../ids/ids';
import { fc, runs } from '../testing/chance';
import { breakDown } from './break-down';
import { onTheCake } from './amounts/amount';
import { canReplace } from './amounts/components';
import type { CakeOrder } from './cake-order';
import type { Build } from '../design/build';
import { formsOfBuild } from './forms-of-build';
import { makeProblem } from '../situation/make-problem';
import { totalGrams } from '../formula/scale';
import { allergensOf, ingredientsWithin } from '../formula/within';
import { SCHOOLS } from '../formula/schools';
import { readProblem } from '../planning-format/read-problem';
import { starterBuilds } from '../../data/kitchens/starter';
import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';

const build = (id: string): Build => starterBuilds.find((b) => b.id === id)!;
const round = (cm: number) => ({ form: 'round' as const, diameter: cm * 10 });
const order = (id: string, tiers: Form[], more: Partial<CakeOrder> = {}): CakeOrder & { tiers: Form[] } => ({
  ...{ id: orderId(1), build: build(id), tiers },
  ...more,
});
const sum = (list: { grams: number }[]) => list.reduce((total, x) => total + x.grams, 0);

const anyOrder = fc.constantFrom(...starterBuilds).chain((b) =>
  fc.record({
    id: fc.constant(orderId(1)),
    build: fc.constant(b),
    tiers: fc.shuffledSubarray(formsOfBuild(b, kitchen.moulds), {
      minLength: 1,
      maxLength: Math.min(3, b.mostTiers, formsOfBuild(b, kitchen.moulds).length),
    }),
    without: fc.subarray(b.design.parts.filter((c) => c.optional).map((c) => c.role)),
    choices: fc.record(
      Object.fromEntries(SCHOOLS.map((s) => [s.key, fc.constantFrom(...s.choices.map((c) => c.key))])),
    ),
    overrides: fc.dictionary(
      fc.constantFrom(...b.design.parts.map((c) => c.role)),
      fc.double({ min: 1, max: 9000, noNaN: true }),
      { maxKeys: 2 },
    ),
  }),
);

/** Its four sheets once took twelve slots of an oven that has eight. */
const fourSheets = order('woodpile', [{ form: 'roll', length: 120, diameter: 110 }], {
  choices: { level: 'trim', cloth: 'dry', melt: 'bath', bake: 'at-once', panels: 'measured', egg: 'with-egg' },
  overrides: { sheet: 89.62759475084226 },
});

describe('an oven that is too small for all of a cake at once', () => {
  const sheets = (stands: number, ovenSlots = kitchen.ovenSlots) => {
    const formulas = new Map([...kitchen.formulas].map(([id, f]) => [id, { ...f, stands }]));
    const { steps, waits } = breakDown(fourSheets, { ...kitchen, formulas, ovenSlots });
    const own = steps.filter((s) => s.role === 'sheet');
    const into = (s: { id: string }) => waits.find((w) => w.to === s.id)!.max;
    const bakes = own
      .filter((s) => s.work === 'oven')
      .map((s) => ({ slots: s.oven!.units, grams: s.grams!, max: into(s) }));
    return { mixes: own.filter((s) => s.name === own[0]!.name).length, bakes };
  };

  it('bakes in as many loads as it takes, each as full as it can be', () => {
    const [small, large] = [sheets(0), sheets(0, 12)];
    expect(small.bakes.map((b) => b.slots)).toEqual([6, 6]);
    expect(large.bakes.map((b) => b.slots)).toEqual([12]);
    expect(sum(small.bakes)).toBeCloseTo(sum(large.bakes), 9);
    expect(sheets(0, 3).bakes.map((b) => b.slots)).toEqual([3, 3, 3, 3]);
  });

  it('mixes for each load what does not stand until the oven is free, and once what does', () => {
    expect([sheets(0).mixes, sheets(240).mixes, sheets(0, 12).mixes]).toEqual([2, 1, 1]);
    const [first, second] = sheets(240).bakes;
    expect(first!.max).toBeLessThan(240);
    expect(second!.max).toBe(240);
  });
});

describe('every cake that the kitchen can make', () => {
  it('its portions and by-products conserve mass', () => {
    fc.assert(
      fc.property(anyOrder, (o) => {
        const broken = breakDown(o, kitchen);
        for (const c of broken.components) {
          expect(sum(c.amount.portions) / c.amount.grams).toBeCloseTo(1, 9);
          expect(totalGrams({ lines: c.lines }) * (c.amount.raw ? 1 : 1 - c.formula.loss)).toBeCloseTo(
            c.amount.grams,
            5,
          );
        }
        for (const l of broken.leftOvers) expect(sum(l.uses) + l.left).toBeCloseTo(l.grams, 6);
        for (const d of broken.drawn) expect(sum(d.from) + d.short).toBeCloseTo(d.needed, 6);
        const used = broken.leftOvers.flatMap((l) => l.uses);
        expect(sum(used)).toBeCloseTo(sum(broken.drawn.flatMap((d) => d.from)), 6);
      }),
      runs(30, 180),
    );
  });

  it('no allergen of any ingredient gets lost on the way to the order', () => {
    fc.assert(
      fc.property(anyOrder, (o) => {
        const broken = breakDown(o, kitchen);
        const told = new Set(broken.allergens.map((a) => a.allergen));
        for (const c of broken.components)
          for (const l of c.lines)
            for (const a of kitchen.ingredients.get(l.ingredient)!.allergens) expect(told).toContain(a);
      }),
      runs(30, 180),
    );
  });

  it('makes a problem that the planner reads', () => {
    fc.assert(
      fc.property(anyOrder, (o) => {
        const planned = { id: orderId(1), name: 'x', pickup: 9000, weight: 1, breakdown: breakDown(o, kitchen) };
        const kinds = kitchen.moulds.map((m) => ({ id: m.kind, kind: m.kind, units: m.owned }));
        const others = ['mixer', 'hob', 'turntable', 'fridge', 'freezer', 'dry box'].map((kind) => ({
          id: kind,
          kind,
          units: 90,
        }));
        const oven = { id: 'oven', kind: 'oven', units: 8, heatRate: 5, coolRate: 3 };
        const clock = { origin: '2026-03-02T00:00:00.000Z', zone: 'UTC' };
        const problem = makeProblem([planned], [], [oven, ...kinds, ...others], clock, 0);
        const read = readProblem(problem);
        expect(read.ok ? [] : read.problems.filter((p) => !/people/.test(p.path))).toEqual([]);
      }),
      { ...runs(20, 120), examples: [[{ ...fourSheets, build: build('woodpile'), without: [] } as never]] },
    );
  });
});

describe('schools', () => {
  it('trimming takes more batter and feeds the crumbs; cooling upside down does neither', () => {
    const trimmed = breakDown(order('walnut-ganache', [round(24)]), kitchen);
    const flat = breakDown(order('walnut-ganache', [round(24)], { choices: { level: 'upside-down' } }), kitchen);
    const [more, less] = [trimmed, flat].map((b) => b.components.find((c) => c.role === 'layers')!.amount);
    expect(onTheCake(more!)).toBeCloseTo(onTheCake(less!), 9);
    expect(more!.grams - less!.grams).toBeCloseTo(onTheCake(less!) * (0.08 / 0.92), 6);
    expect(trimmed.cake.tiers[0]!.height).toBe(flat.cake.tiers[0]!.height);
    expect(trimmed.drawn[0]!.from.map((f) => f.role)).toEqual(['layers']);
    expect(flat.drawn[0]!.from).toEqual([]);
    expect(flat.drawn[0]!.short).toBeCloseTo(flat.drawn[0]!.needed, 9);
    const waits = trimmed.waits.filter((w) => w.to === 'o1.crumbs.rub');
    expect(waits.map((w) => w.from)).toEqual(['o1.level']);
  });

  it('crumbs bring the allergens of what they were cut from', () => {
    const crumbs = breakDown(order('walnut-ganache', [round(24)]), kitchen).components.find(
      (c) => c.role === 'crumbs',
    )!;
    expect(crumbs.allergens.find((a) => a.allergen === 'nuts')!.from).toEqual(['Walnut sponge']);
  });

  it('dry or damp cloth, bath or bursts: one step, by the choice', () => {
    const roll = [{ form: 'roll' as const, length: 380, diameter: 90 }];
    const names = (cloth: string) =>
      breakDown(order('apple-caramel-roll', roll, { choices: { cloth } }), kitchen)
        .steps.filter((s) => s.id.endsWith('.roll'))
        .map((s) => s.name);
    expect([names('dry'), names('damp')]).toEqual([['Turn out and roll warm'], ['Turn out and roll damp']]);
  });

  it('egg-free takes another formula, and the egg is gone from the layers', () => {
    const broken = breakDown(
      order('rye-crate', [{ form: 'square', side: 200 }], { choices: { egg: 'egg-free' } }),
      kitchen,
    );
    const layers = broken.components.find((c) => c.role === 'layers')!;
    expect(layers.formula.id).toBe('oat-sponge-no-egg');
    expect(layers.allergens.map((a) => a.allergen)).not.toContain('egg');
  });

  it('a route that is decided leaves the problem', () => {
    const open = breakDown(order('yoghurt-ring', [round(18)]), kitchen);
    const fixed = breakDown(order('yoghurt-ring', [round(18)], { choices: { set: 'fridge' } }), kitchen);
    expect(open.routes).toHaveLength(1);
    expect(fixed.routes).toEqual([]);
    expect(fixed.waits.filter((w) => w.from === 'o1.build').map((w) => w.place)).toEqual(['fridge']);
    expect(fixed.waits.filter((w) => w.when !== undefined)).toEqual([]);
  });
});

describe('tins that are short', () => {
  const few = (owned: number) => ({
    ...kitchen,
    moulds: kitchen.moulds.map((m) => ({ ...m, owned: m.use === 'tin' ? owned : m.owned })),
  });
  const bakes = (k: typeof kitchen, id = 'garden-cake', choices = {}) => {
    const { steps, holds, waits } = breakDown(order(id, [round(24)], { choices }), k);
    const own = steps.filter((s) => s.role === 'layers');
    return {
      mixes: own.filter((s) => s.id.includes('.mix')).map((s) => s.id),
      bakes: own.filter((s) => s.work === 'oven').map((s) => s.id),
      holds: holds.filter((h) => h.kind.startsWith('tin')),
      waits,
    };
  };

  it('are baked in rounds, mixed for each where the batter does not stand', () => {
    const one = bakes(few(1));
    expect(one.mixes).toEqual(['o1.layers.mix', 'o1.layers.mix.2']);
    expect(one.bakes).toHaveLength(2);
    expect(one.holds.map((h) => [h.units, h.from])).toEqual([
      [1, 'o1.layers.mix'],
      [1, 'o1.layers.mix.2'],
    ]);
    expect(bakes(few(2)).mixes).toEqual(['o1.layers.mix']);
  });

  it('share a mix where it stands long enough: the tins of a later round are free until it bakes', () => {
    const formulas = new Map(kitchen.formulas);
    formulas.set('beetroot-oil-cake', { ...formulas.get('beetroot-oil-cake')!, stands: 90 });
    const one = bakes({ ...few(1), formulas });
    expect(one.mixes).toEqual(['o1.layers.mix']);
    expect(one.holds.map((h) => h.from)).toEqual(['o1.layers.mix', 'o1.layers.bake.2']);
    const into = (bake: string) => one.waits.find((w) => w.id === `o1.layers.mix>${bake}`)!.max;
    expect([into('o1.layers.bake'), into('o1.layers.bake.2')]).toEqual([8, 90]);
  });

  it('or by choice, one tin after another', () => {
    expect(bakes(kitchen, 'garden-cake', { bake: 'rounds' }).bakes).toHaveLength(2);
  });

  it('in the same tin: the next round bakes once the one before it has been turned out', () => {
    const one = bakes(kitchen, 'garden-cake', { bake: 'rounds' });
    const chained = one.waits.filter((w) => w.why === 'the same tin again');
    expect(chained.map((w) => [w.from, w.to])).toEqual([['o1.layers.turn-out', 'o1.layers.bake.2']]);
    expect(bakes(kitchen, 'garden-cake', {}).waits.filter((w) => w.why === 'the same tin again')).toEqual([]);
    // A batter that stands as long as a bake, but not until the tin is free again, is mixed anew.
    const cake = kitchen.formulas.get('beetroot-oil-cake')!;
    const standing = (stands: number) => {
      const formulas = new Map([...kitchen.formulas, [cake.id, { ...cake, stands }]]);
      return bakes({ ...kitchen, formulas }, 'garden-cake', { bake: 'rounds' }).mixes.length;
    };
    const inTheOven = cake.steps.find((s) => s.work === 'oven')!.minutes.likely;
    expect([standing(inTheOven), standing(3 * inTheOven)]).toEqual([2, 1]);
  });
});

describe('panels', () => {
  const panels = (choices: Record<string, string>) => {
    const { steps, waits } = breakDown(order('rye-crate', [{ form: 'square', side: 250 }], { choices }), kitchen);
    return { cuts: steps.filter((s) => s.name.startsWith('Roll and cut panels')).map((s) => s.name), waits };
  };
  it('are cut once the cake that they are measured from is coated', () => {
    const { cuts, waits } = panels({});
    expect(cuts).toEqual(['Roll and cut panels']);
    expect(waits).toContainEqual(expect.objectContaining({ from: 'o1.coat', to: 'o1.panels.cut', max: null }));
  });
  it('or by the plan, before there is a cake', () => {
    const { cuts, waits } = panels({ panels: 'planned' });
    expect(cuts).toEqual(['Roll and cut panels by plan']);
    expect(waits.filter((w) => w.from === 'o1.coat' && w.to === 'o1.panels.cut')).toEqual([]);
  });
});

describe('what a step wants prepared', () => {
  it('butter out, tins lined, oven heated, gelatine soaked, bowl chilled, each with its lead time', () => {
    const sponge = breakDown(order('quince-tower', [round(24), round(15)]), kitchen);
    const of = (id: string, b = sponge) => b.steps.find((s) => s.id === id)!.preparations;
    expect(of('o1.layers.mix').map((p) => [p.kind, p.before])).toEqual([
      ['take out', 90],
      ['take out', 60],
      ['line', 30],
    ]);
    expect(of('o1.layers.mix')[2]!.text).toBe('Line 2 × round 24 cm and 2 × round 15 cm');
    expect(of('o1.layers.bake').map((p) => p.text)).toEqual(['Heat the oven to 170 °C']);
    const ring = breakDown(order('apricot-dome', [round(22)]), kitchen);
    expect(of('o1.mousse.base', ring).map((p) => p.kind)).toEqual(['soak']);
    expect(of('o1.mousse.fold', ring)[0]!.text).toBe('Chill bowl and whisk; leave cream, 35 % fat in the cold');
  });
});

describe('tins of a formula that says nothing of them', () => {
  it('are lined and held from the last step for hands before the oven to the first after it', () => {
    const cake = kitchen.formulas.get('beetroot-oil-cake')!;
    const steps = cake.steps.map((s) => {
      const bare = { ...s };
      delete bare.tinsUntil;
      return bare;
    });
    const formulas = new Map([...kitchen.formulas, [cake.id, { ...cake, steps }]]);
    const told = breakDown(order('garden-cake', [round(24)]), kitchen);
    const silent = breakDown(order('garden-cake', [round(24)]), { ...kitchen, formulas });
    expect(silent.holds).toEqual(told.holds);
    const lined = (b: typeof told) => b.steps.flatMap((s) => s.preparations.filter((p) => p.kind === 'line'));
    expect(lined(silent)).toEqual(lined(told));
    expect(lined(silent)).toHaveLength(1);
  });
});

describe('changes by hand', () => {
  it('an amount set by hand moves its portions and lines with it, and remembers what was computed', () => {
    const plain = breakDown(order('quince-tower', [round(24)]), kitchen);
    const set = breakDown(order('quince-tower', [round(24)], { overrides: { frosting: 2000 } }), kitchen);
    const [a, b] = [plain, set].map((x) => x.components.find((c) => c.role === 'frosting')!);
    expect(b!.amount).toMatchObject({ grams: 2000, computed: a!.amount.grams });
    expect(sum(b!.amount.portions)).toBeCloseTo(2000, 9);
    expect(totalGrams({ lines: b!.lines }) / totalGrams({ lines: a!.lines })).toBeCloseTo(2000 / a!.amount.grams, 9);
  });

  it('a component is exchanged for one of the same purpose', () => {
    const { formulas } = kitchen;
    const may = (now: string, by: string) => canReplace(formulas.get(now)!, formulas.get(by)!);
    expect([may('vanilla-buttercream', 'italian-buttercream'), may('vanilla-buttercream', 'quince-curd')]).toEqual([
      true,
      false,
    ]);
    expect(may('almond-sponge', 'roulade-sheet')).toBe(false);
    const swapped = breakDown(order('quince-tower', [round(24)], { swaps: { frosting: 'dark-ganache' } }), kitchen);
    const frosting = swapped.components.find((c) => c.role === 'frosting')!;
    expect(frosting.label).toBe('Dark ganache, to spread');
    expect(swapped.allergens.find((a) => a.allergen === 'soya')!.from).toEqual(['Dark ganache, to spread']);
    expect(() => breakDown(order('quince-tower', [round(24)], { swaps: { frosting: 'none' } }), kitchen)).toThrow(
      'no formula',
    );
  });
});

describe('the library', () => {
  it('has at least 35 formulas and 16 builds, of every purpose and many families', () => {
    expect(kitchen.formulas.size).toBeGreaterThanOrEqual(35);
    expect(starterBuilds.length).toBeGreaterThanOrEqual(16);
    expect(new Set([...kitchen.formulas.values()].map((f) => f.family)).size).toBeGreaterThanOrEqual(28);
    const used = new Set(starterBuilds.flatMap((b) => b.design.parts.flatMap(formulasOfPart)));
    expect([...kitchen.formulas.keys()].filter((id) => !used.has(id))).toEqual([]);
  });

  it.each([...kitchen.formulas.values()].map((f) => [f.id, f] as const))(
    '%s: its lines go into its own steps, its numbers are plausible',
    (_, f) => {
      const keys = new Set(f.steps.map((s) => s.key));
      expect(f.lines.filter((l) => l.step && !keys.has(l.step))).toEqual([]);
      expect(f.loss).toBeLessThan(0.85);
      expect(f.density).toBeGreaterThan(0.05);
      for (const s of f.steps) {
        expect(s.minutes.low).toBeLessThanOrEqual(s.minutes.likely);
        expect(s.minutes.likely).toBeLessThanOrEqual(s.minutes.high);
      }
      if (/sugar|caramel/i.test(f.family))
        expect(f.steps.some((s) => s.caution?.includes('sugar'))).toBe(!/icing|paste/i.test(f.family));
      const within = ingredientsWithin(f, kitchen.formulas);
      const egg = within.some((l) => kitchen.ingredients.get(l.ingredient)!.egg);
      expect(allergensOf(f, kitchen.ingredients, kitchen.formulas).some((a) => a.allergen === 'egg')).toBe(
        egg || within.some((l) => /flower-paste|royal/.test(l.ingredient)),
      );
    },
  );
});
