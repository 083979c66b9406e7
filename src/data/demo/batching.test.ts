import { batchId, orderId, type OrderId, type StepId } from '../../core/ids/ids';
import fc from 'fast-check';
import { applyBatches, type BatchableOrder } from '../../core/batching/apply-batches';
import { mergeComponents } from '../../core/batching/merge-components';
import { proposeBatches, type Candidate } from '../../core/batching/propose-batches';
import type { Breakdown } from '../../core/breakdown/breakdown';
import { breakDown } from '../../core/breakdown/break-down';
import { makeProblem } from '../../core/situation/make-problem';
import { readProblem } from '../../core/planning-format/read-problem';
import { solve } from '../../core/planner/solve';
import { pullList } from '../../core/pull-list/pull-list';
import type { PlacedWork } from '../../core/pull-list/weigh-out';
import { demoBuilds } from './builds';
import { demoLibrary as kitchen } from './demo-library';
import { demoEquipment, demoPeople, demoShifts } from './kitchen';
import { checkPlan } from '../../core/plan-check/check-plan';

const round = (cm: number) => ({ form: 'round' as const, diameter: cm * 10 });
const broken = (id: OrderId, build: string, cm: number): Breakdown =>
  breakDown({ id, build: demoBuilds.find((b) => b.id === build)!, tiers: [round(cm)] }, kitchen);
const orders: [OrderId, string, number][] = [
  [orderId(1), 'quince-tower', 24],
  [orderId(2), 'quince-tower', 20],
  [orderId(3), 'lace-tower', 20],
  [orderId(4), 'fig-sails', 20],
];
const batchable = new Map<OrderId, BatchableOrder>(
  orders.map(([id, build, cm]) => [id, { name: id.toUpperCase(), breakdown: broken(id, build, cm), choices: {} }]),
);
const candidates = (needed: (id: string) => number): Candidate[] =>
  [...batchable].flatMap(([order, { name, breakdown }]) =>
    breakdown.components.map((component) => ({ order, name, component, neededAt: needed(order), choices: {} })),
  );
const sum = (list: { grams: number }[]) => list.reduce((total, x) => total + x.grams, 0);

describe('proposed batches', () => {
  it('put the same formula together where the needs lie close, and say what it saves', () => {
    const proposals = proposeBatches(
      candidates(() => 3000),
      kitchen,
    );
    const curd = proposals.find((p) => p.formula === 'quince-curd')!;
    expect(curd.members.map((m) => m.order)).toEqual([orderId(1), 'o2']);
    expect(curd.saves.minutes).toBeGreaterThan(10);
    expect(curd.saves.dishes).toBe(1);
    expect(curd.saves.eggs).toBeGreaterThanOrEqual(0);
    expect(curd.costs.age).toBe(0);
  });
  it('not where one of them would be too old', () => {
    const far = proposeBatches(
      candidates((id) => (id === 'o2' ? 3000 + 9 * 1440 : 3000)),
      kitchen,
    );
    expect(far.find((p) => p.formula === 'quince-curd')).toBeUndefined();
  });
  it('nor more than one bowl holds or the tins give', () => {
    for (const p of proposeBatches(
      candidates(() => 3000),
      kitchen,
    )) {
      expect(p.grams).toBeLessThanOrEqual(kitchen.coefficients.bowlKilos * 1000);
      expect(p.saves.minutes).toBeGreaterThan(0);
    }
    const small = { ...kitchen, coefficients: { ...kitchen.coefficients, bowlKilos: 0.5 } };
    expect(
      proposeBatches(
        candidates(() => 3000),
        small,
      ).filter((p) => p.grams > 500),
    ).toEqual([]);
  });
  it('and nothing that is made of a cake’s own left-overs, nor served the moment it is made', () => {
    const formulas = proposeBatches(
      candidates(() => 3000),
      kitchen,
    ).map((p) => p.formula);
    expect(formulas).not.toContain('toasted-crumbs');
    expect(formulas).not.toContain('apricot-mousse');
  });
});

describe('an accepted batch', () => {
  const members = [1, 2, 3].map(orderId).map((order) => ({ order, role: 'layers' }));
  const { breakdowns, shared } = applyBatches(batchable, [{ id: batchId(1), members }], kitchen);

  it('weighs what its members weigh together, line by line', () => {
    const parts = members.map((m) => ({
      name: m.order,
      component: batchable.get(m.order)!.breakdown.components.find((c) => c.role === 'layers')!,
    }));
    const common = mergeComponents(parts);
    expect(common.amount.grams).toBeCloseTo(sum(parts.map((p) => p.component.amount)), 9);
    expect(sum(common.amount.portions)).toBeCloseTo(common.amount.grams, 6);
    common.lines.forEach((l, i) => expect(l.grams).toBeCloseTo(sum(parts.map((p) => p.component.lines[i]!)), 9));
    expect(common.amount.loads.reduce((n, l) => n + l.tins, 0)).toBe(6);
    // Two tiers of 20 cm share their tins' size: one load of four tins.
    expect(common.amount.loads.map((l) => l.tins).sort()).toEqual([2, 4]);
  });

  it('takes the place of its members’ steps, and leads to each of them', () => {
    for (const { order } of members)
      expect(breakdowns.get(order)!.steps.filter((s) => s.id.startsWith(`${order}.layers.`))).toEqual([]);
    expect(shared.steps.map((s) => s.order)).toEqual(shared.steps.map(() => null));
    const waits = [...breakdowns.values()].flatMap((b) => b.waits).filter((w) => w.from.startsWith('b1.'));
    expect(new Set(waits.map((w) => w.to))).toEqual(new Set(['o1.stack', 'o2.stack', 'o3.stack']));
    expect(breakdowns.get(orderId(4))).toBe(batchable.get(orderId(4))!.breakdown);
  });

  it('is planned soundly', () => {
    const planned = orders.map(([id]) => ({
      id,
      name: id,
      pickup: 5 * 1440 + 840,
      weight: 1,
      breakdown: breakdowns.get(id)!,
    }));
    const team = demoPeople.map((p) => ({ ...p, weekly: demoShifts(p, 1), daysOff: [] }));
    const equipment = demoEquipment.map(({ id, kind, units, heatRate, coolRate }) => ({
      ...{ id, kind, units },
      ...(kind === 'oven' ? { heatRate: heatRate!, coolRate: coolRate! } : {}),
    }));
    const clock = { origin: '2026-03-02T00:00:00.000Z', zone: 'UTC' };
    const problem = makeProblem(planned, team, equipment, clock, 0, shared);
    const read = readProblem(problem);
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const solved = solve(read.problem, { seed: 1, rounds: 60, stop: () => false });
    if (!solved.ok) throw new Error('no plan');
    expect(checkPlan(problem, solved.plan).errors).toEqual([]);
    expect(solved.plan.unplaced).toEqual([]);
    expect(solved.plan.steps.filter((s) => s.id.startsWith('b1.'))).toHaveLength(shared.steps.length);
  });

  it('that lost all its members is nothing', () => {
    const gone = applyBatches(
      batchable,
      [{ id: batchId(9), members: [{ order: orderId(77), role: 'layers' }] }],
      kitchen,
    );
    expect(gone.shared.steps).toEqual([]);
  });
});

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
  const list = pullList(works(1000), 0, 5000, kitchen, stock);

  it('weighs every component once, in the order of the day, and adds up to the breakdown', () => {
    const all = [...batchable.values()].flatMap((b) => b.breakdown.components);
    expect(list.weighOuts).toHaveLength(all.length);
    expect(sum(list.weighOuts)).toBeCloseTo(sum(all.map((c) => c.amount)), 6);
    expect(list.weighOuts.map((w) => w.at)).toEqual([...list.weighOuts.map((w) => w.at)].sort((a, b) => a - b));
  });
  it('a component of several mixes is weighed for each, and they add up', () => {
    const one = { ...kitchen, moulds: kitchen.moulds.map((m) => (m.use === 'tin' ? { ...m, owned: 1 } : m)) };
    const b = breakDown(
      { id: orderId(1), build: demoBuilds.find((x) => x.id === 'garden-cake')!, tiers: [round(24)] },
      one,
    );
    const placed = b.steps.map((step, i) => ({
      step,
      start: i,
      forWhom: 'A',
      component: b.components.find((c) => c.role === step.role) ?? null,
    }));
    const layers = pullList(placed, 0, 999, one, new Map()).weighOuts.filter((w) => w.formula === 'beetroot-oil-cake');
    expect(layers).toHaveLength(3);
    expect(sum(layers)).toBeCloseTo(b.components[0]!.amount.grams, 6);
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
    );
    for (const use of later.eggs.canUse) expect(use.at).toBeGreaterThanOrEqual(5000);
    expect(later.eggs.crack).toBe(list.eggs.crack);
  });
  it('buys what the house has not, by supplier; nothing that is left over or made here', () => {
    const butter = list.shopping.flatMap((g) => g.lines).find((l) => l.ingredient === 'butter')!;
    expect(butter.needed - butter.buy).toBeCloseTo(500, 9);
    const names = list.shopping.flatMap((g) => g.lines.map((l) => l.ingredient));
    for (const none of ['water', 'trimmings', 'egg-yolks', 'egg-whites']) expect(names).not.toContain(none);
    expect(
      list.shopping.find((g) => g.supplier === 'Dairy and eggs')!.lines.some((l) => l.note?.endsWith('eggs')),
    ).toBe(true);
  });
  it('every gram that is needed is weighed, whatever the span is cut into', () => {
    fc.assert(
      fc.property(fc.integer({ min: 900, max: 1400 }), (cut) => {
        const [a, b] = [
          pullList(works(1000), 0, cut, kitchen, stock),
          pullList(works(1000), cut, 5000, kitchen, stock),
        ];
        expect(sum(a.weighOuts) + sum(b.weighOuts)).toBeCloseTo(sum(list.weighOuts), 6);
        // A task at the cut may have to be done on either side of it.
        expect(a.tasks.length + b.tasks.length).toBeGreaterThanOrEqual(list.tasks.length);
      }),
      { numRuns: 25 },
    );
  });
});
