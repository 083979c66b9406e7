import { demoLibrary as kitchen } from '../../../data/kitchens/demo-parts';
import { orderId } from '../../ids/ids';
import type { Form } from '../../shape/form';
import { starterBuilds } from '../../../data/kitchens/starter';
import { breakDown } from '../break-down';
import type { Kitchen } from '../kitchen';
import { roundsOf } from './rounds';

const round = (cm: number): Form => ({ form: 'round', diameter: cm * 10 });
const tower = (tiers: Form[], change: Partial<Kitchen['coefficients']> = {}, owned?: number) => {
  const k: Kitchen = {
    ...kitchen,
    coefficients: { ...kitchen.coefficients, ...change },
    moulds: kitchen.moulds.map((m) => (owned === undefined ? m : { ...m, owned })),
  };
  const build = starterBuilds.find((b) => b.id === 'quince-tower')!;
  const { components, steps } = breakDown({ id: orderId(1), build, tiers }, k);
  const of = (role: string) => components.find((c) => c.role === role)!;
  return { steps, of, rounds: (role: string) => roundsOf(of(role), k, {}) };
};
const grams = (list: { grams: number }[]) => list.reduce((sum, r) => sum + r.grams, 0);

describe('rounds and mixes', () => {
  it('come out of one bowl where it holds them', () => {
    const { rounds, of } = tower([round(20), round(15)]);
    expect(rounds('layers').map((r) => [r.tier, r.tins, r.mix])).toEqual([
      [0, 2, 0],
      [1, 2, 0],
    ]);
    expect(grams(rounds('layers'))).toBeCloseTo(of('layers').amount.grams, 9);
  });
  it('of as many bowls as need be, each with what its own tins take', () => {
    const { rounds, of } = tower([round(28), round(20), round(15)], { bowlKilos: 4 });
    const layers = rounds('layers');
    expect(layers.map((r) => r.mix)).toEqual([0, 1, 1]);
    for (const mix of [0, 1]) expect(grams(layers.filter((r) => r.mix === mix))).toBeLessThanOrEqual(4000);
    expect(grams(layers)).toBeCloseTo(of('layers').amount.grams, 9);
  });
  it('tins that one bowl cannot fill at once are filled from several', () => {
    const { rounds, of } = tower([round(28)], { bowlKilos: 2 });
    const layers = rounds('layers');
    expect(layers.map((r) => [r.tins, r.mix])).toEqual([
      [1, 0],
      [1, 1],
    ]);
    expect(grams(layers)).toBeCloseTo(of('layers').amount.grams, 9);
  });
  it('a mix stands as long as its batter can: then it is mixed anew', () => {
    const { rounds } = tower([round(24)], {}, 1);
    expect(rounds('layers').map((r) => r.mix)).toEqual([0, 1]);
  });
  it('what goes into no tin is made in as many bowls as hold it, none where one does', () => {
    const { rounds, of, steps } = tower([round(28), round(20)], { bowlKilos: 2 });
    const frosting = rounds('frosting');
    expect(frosting).toHaveLength(Math.ceil(of('frosting').amount.grams / 2000));
    expect(grams(frosting)).toBeCloseTo(of('frosting').amount.grams, 9);
    expect(new Set(frosting.map((r) => r.kind))).toEqual(new Set([null]));
    const beaten = steps.filter((s) => s.id.includes('.frosting.') && s.work === 'hands');
    expect(beaten.length % frosting.length).toBe(0);
    expect(beaten[0]!.grams).toBeCloseTo(of('frosting').amount.grams / frosting.length, 9);
    expect(tower([round(15)]).rounds('frosting')).toEqual([]);
  });
  it('a tin or a sheet that the kitchen has not is asked for by its own name', () => {
    const bare = { ...kitchen, moulds: [] };
    const kinds = (build: (typeof starterBuilds)[number], form: Form) =>
      breakDown({ id: orderId(1), build, tiers: [form] }, bare).components.flatMap((c) =>
        c.amount.loads.length > 0 ? roundsOf(c, bare, {}).map((r) => r.kind) : [],
      );
    const [tins] = kinds(
      starterBuilds.find((b) => b.id === 'quince-tower')!,
      round(20),
    );
    expect(tins).toBe('tin 20 cm');
    const cut = starterBuilds.find((b) => b.design.parts.some((p) => p.layers?.from === 'sheets'))!;
    const [sheet] = kinds(cut, cut.design.pieces[0]!.form);
    expect(sheet).toMatch(/^sheet \d+ cm$/);
  });
  it('the formula’s own most counts before the kitchen’s bowl', () => {
    const { of } = tower([round(20)]);
    const frosting = of('frosting');
    const small = { ...frosting, formula: { ...frosting.formula, batch: { most: frosting.amount.grams / 3 } } };
    expect(roundsOf(small, kitchen, {})).toHaveLength(3);
  });
});

describe('minutes of pieces', () => {
  it('grow with their number', () => {
    const model = (tiers: Form[]) => tower(tiers).steps.find((s) => s.id === 'o1.blossoms.model')!;
    const [one, three] = [model([round(15)]), model([round(28), round(20), round(15)])];
    expect([one.amount, three.amount]).toEqual(['9 pieces, 54 g', '27 pieces, 162 g']);
    expect(three.minutes.likely - one.minutes.likely).toBe(18 * 3);
  });
});
