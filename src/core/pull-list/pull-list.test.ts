import { orderId, type StepId } from '../ids/ids';
import { fc } from '../testing/chance';
import { breakDown } from '../breakdown/break-down';
import { pullList } from './pull-list';
import type { PlacedWork } from './weigh-out';
import { starterBuilds } from '../../data/kitchens/starter';
import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import type { Presence } from './prepared-at';
import { fourOrders, round, sum } from '../batching/testing/four-orders';

/** Somebody is in, day and night. */
const always: Presence = [[-1e6, 1e6]];
const batchable = fourOrders(starterBuilds, kitchen);

describe('the pull list', () => {
  const works = (start: number): PlacedWork[] =>
    [...batchable].flatMap(([, { name, breakdown }]) =>
      breakdown.steps.map((step, i) => ({
        step,
        start: start + i * 10,
        forWhom: name,
        component: breakdown.components.find((c) => c.role === step.role) ?? null,
      })),
    );
  const stock = new Map([['butter', 500]]);
  const list = pullList(works(1000), 0, 5000, kitchen, stock, always);

  it('weighs every component once, in the order of the day, and adds up to the breakdown', () => {
    const all = [...batchable.values()].flatMap((b) => b.breakdown.components);
    expect(list.weighOuts).toHaveLength(all.length);
    expect(sum(list.weighOuts)).toBeCloseTo(sum(all.map((c) => c.amount)), 6);
    expect(list.weighOuts.map((w) => w.at)).toEqual([...list.weighOuts.map((w) => w.at)].sort((a, b) => a - b));
  });
  it('a component of several mixes is weighed for each, and they add up', () => {
    const one = { ...kitchen, moulds: kitchen.moulds.map((m) => (m.use === 'tin' ? { ...m, owned: 1 } : m)) };
    const b = breakDown(
      { id: orderId(1), build: starterBuilds.find((x) => x.id === 'garden-cake')!, tiers: [round(24)] },
      one,
    );
    const placed = b.steps.map((step, i) => ({
      step,
      start: i,
      forWhom: 'A',
      component: b.components.find((c) => c.role === step.role) ?? null,
    }));
    const layers = pullList(placed, 0, 999, one, new Map(), always).weighOuts.filter(
      (w) => w.formula === 'beetroot-oil-cake',
    );
    expect(layers).toHaveLength(2);
    expect(sum(layers)).toBeCloseTo(b.components[0]!.amount.grams, 6);
  });
  it('each mix is weighed for its own tins, though their loads differ', () => {
    const small = { ...kitchen, coefficients: { ...kitchen.coefficients, bowlKilos: 4 } };
    const build = starterBuilds.find((x) => x.id === 'quince-tower')!;
    const b = breakDown({ id: orderId(1), build, tiers: [round(28), round(20), round(15)] }, small);
    const placed = b.steps.map((step, i) => ({
      ...{ step, start: i, forWhom: 'A' },
      component: b.components.find((c) => c.role === step.role) ?? null,
    }));
    const mixes = pullList(placed, 0, 999, small, new Map(), always).weighOuts.filter(
      (w) => w.formula === 'almond-sponge',
    );
    const { loads, grams } = b.components[0]!.amount;
    const tins = loads.map((l) => l.tins * l.gramsEach);
    expect(mixes.map((m) => m.grams)).toEqual([tins[0]!, tins[1]! + tins[2]!].map((g) => expect.closeTo(g, 6)));
    expect(Math.max(...mixes.map((m) => m.grams)) / Math.min(...mixes.map((m) => m.grams))).toBeGreaterThan(1.2);
    for (const m of mixes) expect(sum(m.lines)).toBeCloseTo(m.grams, -1);
    expect(sum(mixes)).toBeCloseTo(grams, 6);
  });
  it('where a plan of before has not told what each mix weighs, they are alike', () => {
    const before = works(1000).map((w) => ({ ...w, step: { ...w.step, grams: null } }));
    const old = pullList(before, 0, 5000, kitchen, stock, always);
    expect(sum(old.weighOuts)).toBeCloseTo(sum(list.weighOuts), 6);
  });
  it('tells when to take out, line and heat: ahead of the step', () => {
    const out = list.tasks.filter((t) => t.kind === 'take out');
    expect(out.length).toBeGreaterThan(0);
    expect(new Set(list.tasks.map((t) => t.key)).size).toBe(list.tasks.length);
    for (const t of list.tasks) {
      const first = works(1000).filter((w) => t.steps.includes(w.step.name) && t.forWhom.includes(w.forWhom));
      expect(t.at).toBeLessThan(Math.min(...first.map((w) => w.start)));
    }
  });
  it('prepares in the evening for tomorrow what can wait a night, on the list of that evening', () => {
    const early: Presence = [
      [0, 600],
      [1440, 2400],
    ];
    const atFive = works(0).map((w) => ({ ...w, start: 1445 }));
    const [today, tomorrow] = [0, 1440].map((from) => pullList(atFive, from, from + 1440, kitchen, stock, early).tasks);
    expect(new Set(today!.map((t) => t.kind))).toEqual(new Set(['line']));
    expect(today!.filter((t) => t.at !== 585)).toEqual([]);
    expect(tomorrow!.find((t) => t.kind === 'take out')!.at).toBe(1440);
  });
  it('does once what is asked for twice within half an hour, and for whom', () => {
    const butter = list.tasks.filter((t) => t.text === 'Take unsalted butter out of the cold');
    for (const [i, t] of butter.entries()) if (i > 0) expect(t.at - butter[i - 1]!.at).toBeGreaterThan(30);
    expect(new Set(butter.flatMap((t) => t.forWhom))).toEqual(new Set(['O1', 'O2', 'O3', 'O4']));
  });
  it('cracks enough eggs, and names who can take what is left', () => {
    expect(list.eggs.crack).toBeGreaterThan(5);
    const later = pullList(
      [
        ...works(1000),
        ...works(9000).map((w) => ({
          ...w,
          forWhom: `later ${w.forWhom}`,
          step: { ...w.step, id: `later-${w.step.id}` as StepId },
        })),
      ],
      0,
      5000,
      kitchen,
      stock,
      always,
    );
    for (const use of later.eggs.canUse) expect(use.at).toBeGreaterThanOrEqual(5000);
    expect(later.eggs.crack).toBe(list.eggs.crack);
  });
  it('buys what the house has not, by supplier; nothing that is left over or made here', () => {
    const butter = list.shopping.flatMap((g) => g.lines).find((l) => l.ingredient === 'butter')!;
    expect(butter.needed - butter.buy).toBeCloseTo(500, 9);
    const names = list.shopping.flatMap((g) => g.lines.map((l) => l.ingredient));
    for (const none of ['water', 'trimmings', 'egg-yolks', 'egg-whites']) expect(names).not.toContain(none);
    expect(list.shopping.find((g) => g.supplier === 'Dairy and eggs')!.lines.map((l) => l.note)).toContainEqual(
      expect.stringMatching(/eggs$/),
    );
  });
  it('every gram that is needed is weighed, whatever the span is cut into', () => {
    fc.assert(
      fc.property(fc.integer({ min: 900, max: 1400 }), (cut) => {
        const [a, b] = [
          pullList(works(1000), 0, cut, kitchen, stock, always),
          pullList(works(1000), cut, 5000, kitchen, stock, always),
        ];
        expect(sum(a.weighOuts) + sum(b.weighOuts)).toBeCloseTo(sum(list.weighOuts), 6);
        // Every task too, by its own time; what is done at once for two steps may be asked for on either side of the cut.
        expect(a.tasks.length + b.tasks.length).toBeGreaterThanOrEqual(list.tasks.length);
      }),
      { numRuns: 25 },
    );
  });
});
