import { starterBuilds } from '../../../data/kitchens/starter';
import { demoLibrary } from '../../../data/kitchens/demo-parts';
import { orderId } from '../../ids/ids';
import { breakDown } from '../break-down';
import type { Form } from '../../shape/form';
import { finishedGrams } from './weight';
import type { StoreDraw } from './store-draw';

const build = (id: string) => starterBuilds.find((b) => b.id === id)!;
const round = (diameter: number): Form => ({ form: 'round', diameter });
const strawberry = { id: orderId(1), build: build('strawberry-cloud'), tiers: [round(200)] };
const all = breakDown(strawberry, demoLibrary);
const layers = all.components.find((c) => c.role === 'layers')!;
const count = all.cake.layers;

const lot: Omit<StoreDraw, 'role' | 'formula' | 'amount'> = {
  ...{ lot: 'l4', place: 'freezer', shelf: 'shelf 2', madeOn: '2026-05-04', useBy: '2026-05-25', allergens: ['egg'] },
};
const genoise = (amount: number, more: Partial<StoreDraw> = {}): StoreDraw => ({
  ...{ role: 'layers', formula: 'genoise', amount, tier: 0, size: { form: round(200), height: 24 } },
  ...lot,
  ...more,
});
const drawn = (draws: StoreDraw[], order: object = {}) =>
  breakDown({ ...strawberry, ...order, fromStore: draws }, demoLibrary);

describe('a part that lies in the store', () => {
  const b = drawn([genoise(count)]);
  const own = b.components.find((c) => c.role === 'layers')!;

  it('is taken out and thaws, and nothing of it is made', () => {
    expect(layers.formula.id).toBe('genoise');
    expect(b.steps.filter((s) => s.id.startsWith('o1.layers.')).map((s) => s.id)).toEqual(['o1.layers.take-out']);
    const [wait] = b.waits.filter((w) => w.from === 'o1.layers.take-out');
    expect(wait).toMatchObject({ min: 120, max: 2880, place: 'fridge' });
    expect(b.steps.find((s) => s.id === 'o1.layers.take-out')!.how).toContain('freezer, shelf 2');
    expect(own.lines).toEqual([]);
    expect(b.holds.filter((h) => h.from.startsWith('o1.layers'))).toEqual([]);
  });
  it('weighs in the cake what it would weigh if it were made', () => {
    expect(finishedGrams(own)).toBeCloseTo(finishedGrams(layers), 6);
    expect(own.amount.portions.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(own.amount.grams, 6);
    expect(b.cake).toEqual(all.cake);
  });
  it('brings the allergens of its formula and of its lot', () => {
    const nutty = drawn([genoise(count, { allergens: ['egg', 'nuts'] })]);
    const before = all.allergens.map((a) => a.allergen);
    expect(before).not.toContain('nuts');
    expect(nutty.allergens.map((a) => a.allergen).sort()).toEqual([...before, 'nuts'].sort());
  });
  it('is made after all where its formula is another meanwhile', () => {
    expect(drawn([genoise(count)], { swaps: { layers: 'almond-sponge' } }).steps.map((s) => s.id)).not.toContain(
      'o1.layers.take-out',
    );
  });
});

describe('of a part of which too little lies there', () => {
  const two = { ...strawberry, build: build('walnut-ganache'), tiers: [round(240), round(160)] };
  const whole = breakDown(two, demoLibrary);
  const role = 'layers';
  const formula = whole.components.find((c) => c.role === role)!.formula.id;
  const upper = whole.cake.tiers[1]!.strata.filter((s) => s.role === role).length;
  const size = { form: round(160), height: 24 };
  const b = breakDown({ ...two, fromStore: [genoise(upper, { formula, tier: 1, size })] }, demoLibrary);
  const made = b.components.find((c) => c.role === role)!;
  const taken = b.components.find((c) => c.role === `${role}-store`)!;

  it('the rest is made, in the tins of the other tier alone, and both are taken by the same stages', () => {
    expect(made.amount.loads.map((l) => l.tier)).toEqual([0]);
    const to = (from: string) => new Set(b.waits.filter((w) => w.from.startsWith(from)).map((w) => w.to));
    expect([...to(`o1.${role}-store.`)]).toEqual([...to(`o1.${role}.`)].filter((id) => !id.startsWith(`o1.${role}.`)));
  });
  it('nothing is lost: what is made and what is taken weigh what all would', () => {
    const before = whole.components.find((c) => c.role === role)!;
    expect(finishedGrams(made) + finishedGrams(taken)).toBeCloseTo(finishedGrams(before), 6);
    for (const c of [made, taken])
      expect(c.amount.portions.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(c.amount.grams, 6);
  });
  it('what is weighed is made less by as much', () => {
    const soak = all.components.find((c) => c.role === 'soak')!;
    const half = { ...lot, role: 'soak', formula: soak.formula.id, amount: soak.amount.grams / 2 };
    const [rest, store] = ['soak', 'soak-store'].map((r) => drawn([half]).components.find((c) => c.role === r)!);
    expect(rest!.amount.grams).toBeCloseTo(soak.amount.grams / 2, 6);
    expect(store!.amount.grams).toBeCloseTo(soak.amount.grams / 2, 6);
    expect(rest!.lines.map((l) => l.grams)).toEqual(soak.lines.map((l) => expect.closeTo(l.grams / 2, 6)));
  });
});
