import { starterBuilds } from '../../data/kitchens/starter';
import { batchId, orderId } from '../ids/ids';
import { applyBatches } from './apply-batches';
import { mergeComponents } from './merge-components';
import { proposeBatches, type Candidate } from './propose-batches';
import { makeProblem } from '../situation/make-problem';
import { readProblem } from '../planning-format/read-problem';
import { solve } from '../planner/solve';
import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import { demoEquipment, demoTeam } from '../../data/kitchens/demo-parts';
import { checkPlan } from '../plan-check/check-plan';

import { withLeastBatch } from '../breakdown/amounts/amount';
import { grams } from '../breakdown/steps/words';
import { breakDown } from '../breakdown/break-down';
import { ENTERED } from '../breakdown/testing/entered-formulas';
import type { Formula } from '../formula/formula';
import { fourOrders, sum } from './testing/four-orders';

const batchable = fourOrders(starterBuilds, kitchen);

const candidates = (needed: (id: string) => number): Candidate[] =>
  [...batchable].flatMap(([order, { name, breakdown }]) =>
    breakdown.components.map((component) => ({ order, name, component, neededAt: needed(order), choices: {} })),
  );

describe('one batch of a formula that takes another', () => {
  it('takes as much of it as all its members do, and is to texture between what all of them are', () => {
    const entered = new Map(ENTERED.map((f): [string, Formula] => [f.id, f]));
    const own = { ...kitchen, formulas: new Map([...kitchen.formulas, ...entered]) };
    const build = starterBuilds.find((b) => b.id === 'meringue-meadow')!;
    const member = (n: number, cm: number, by: string) => {
      const tiers = [{ form: 'round' as const, diameter: cm * 10 }];
      const { components } = breakDown({ id: orderId(n), build, tiers, swaps: { filling: by } }, own);
      return { name: `${n}`, component: components.find((c) => c.role === 'filling')! };
    };
    const custards = [member(1, 20, 'bay-custard'), member(2, 24, 'bay-custard')];
    expect(mergeComponents(custards, own).takes!.map((t) => t.grams)).toEqual([
      expect.closeTo(sum(custards.flatMap((m) => m.component.takes!)), 6),
    ]);
    const plums = [member(1, 20, 'plum-two-ways'), member(2, 24, 'plum-two-ways')];
    const line = mergeComponents(plums, own).lines.find((l) => l.range)!;
    expect(line.range!.low / line.grams).toBeCloseTo(350 / 400, 9);
  });
});

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
    const common = mergeComponents(parts, kitchen);
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

  it('says how it is divided, for whom and for which work', () => {
    const creams = [1, 2].map(orderId).map((order) => ({ order, role: 'filling' }));
    const { shared: common } = applyBatches(batchable, [{ id: batchId(2), members: creams }], kitchen);
    const told = common.steps.filter((s) => s.how.includes('Divide it:'));
    expect(told).toHaveLength(1);
    for (const { order } of creams) {
      const { name, breakdown } = batchable.get(order)!;
      const { amount } = breakdown.components.find((c) => c.role === 'filling')!;
      const used = amount.portions.filter((p) => !p.lost && !p.leftOver).reduce((n, p) => n + p.grams, 0);
      expect(told[0]!.how).toContain(`${name} ${grams(used)}`);
    }
    // Tins are told by themselves.
    expect(shared.steps.filter((s) => s.how.includes('Divide it:'))).toEqual([]);
  });

  it('of which each alone had to make too much is no more than all of them need', () => {
    const curd = batchable.get(orderId(1))!.breakdown.components.find((c) => c.role === 'filling')!;
    const least = curd.amount.grams * 1.5;
    const formula = { ...curd.formula, batch: { least } };
    const lines = curd.lines.map((l) => ({ ...l, grams: 1.5 * l.grams }));
    const alone = { ...curd, formula, lines, amount: withLeastBatch(curd.amount, least) };
    const common = mergeComponents(
      [1, 2].map((n) => ({ name: `${n}`, component: alone })),
      kitchen,
    );
    expect(alone.amount.grams).toBeCloseTo(least, 6);
    expect(common.amount.grams).toBeCloseTo(2 * curd.amount.grams, 6);
    expect(sum(common.amount.portions)).toBeCloseTo(common.amount.grams, 6);
    expect(sum(common.lines)).toBeCloseTo(2 * sum(curd.lines), 0);
  });

  it('is planned soundly', () => {
    const planned = [...batchable].map(([id]) => ({
      id,
      name: id,
      pickup: 5 * 1440 + 840,
      weight: 1,
      breakdown: breakdowns.get(id)!,
    }));
    const team = demoTeam(1);
    const clock = { origin: '2026-03-02T00:00:00.000Z', zone: 'UTC' };
    const problem = makeProblem(planned, team, demoEquipment, clock, 0, shared);
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
