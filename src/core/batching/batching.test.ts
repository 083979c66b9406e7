import { demoBuilds } from '../../data/demo/builds';
import { batchId, orderId } from '../ids/ids';
import { applyBatches } from './apply-batches';
import { mergeComponents } from './merge-components';
import { proposeBatches, type Candidate } from './propose-batches';
import { makeProblem } from '../situation/make-problem';
import { readProblem } from '../planning-format/read-problem';
import { solve } from '../planner/solve';
import { demoLibrary as kitchen } from '../../data/demo/demo-library';
import { demoEquipment, demoPeople, demoShifts } from '../../data/demo/kitchen';
import { checkPlan } from '../plan-check/check-plan';

import { fourOrders, sum } from './testing/four-orders';

const batchable = fourOrders(demoBuilds, kitchen);

const candidates = (needed: (id: string) => number): Candidate[] =>
  [...batchable].flatMap(([order, { name, breakdown }]) =>
    breakdown.components.map((component) => ({ order, name, component, neededAt: needed(order), choices: {} })),
  );

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
    const planned = [...batchable].map(([id]) => ({
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
