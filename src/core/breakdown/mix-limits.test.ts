import { formulaOf } from '../design/design';
import { orderId } from '../ids/ids';
import { breakDown } from './break-down';
import { mixesOf, mixLimits } from './mix-limits';
import { demoLibrary } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';

const kitchen = { ...demoLibrary, mixes: { foam: { least: 400, most: 2000 } } };

describe('how much is mixed at once', () => {
  it('is as the formula says, else as the mixers take, else the largest bowl', () => {
    expect(mixLimits({ batter: 'foam' }, kitchen)).toEqual({ least: 400, most: 2000 });
    expect(mixLimits({ batter: 'foam', batch: { most: 900 } }, kitchen)).toEqual({ least: 400, most: 900 });
    expect(mixLimits({ batter: 'butter' }, kitchen)).toEqual({ least: undefined, most: 6000 });
    expect(mixLimits({}, demoLibrary)).toEqual({ least: undefined, most: 6000 });
  });
  it('of several mixers is the least of the smallest and the most of the largest', () => {
    const foam = (least: number, most: number) => ({ batches: [{ batter: 'foam' as const, least, most }] });
    expect(mixesOf([foam(300, 1500), foam(800, 5000), { batches: [] }])).toEqual({ foam: { least: 300, most: 5000 } });
    expect(mixesOf([{ batches: [] }])).toBeUndefined();
  });
  it('makes more mixes where less goes into the bowl, and a whole least batch where a cake wants less', () => {
    const build = starterBuilds.find((b) =>
      b.design.parts.some((c) => demoLibrary.formulas.get(formulaOf(c)!)?.batter === 'foam'),
    )!;
    const role = build.design.parts.find((c) => demoLibrary.formulas.get(formulaOf(c)!)?.batter === 'foam')!.role;
    const tiers = [{ form: 'round' as const, diameter: 280 }];
    const made = (mixes: typeof kitchen.mixes | undefined) => {
      const { steps, components } = breakDown(
        { id: orderId(1), build, tiers },
        { ...demoLibrary, ...(mixes && { mixes }) },
      );
      const own = components.find((c) => c.role === role)!;
      return { grams: own.amount.grams, mixes: steps.filter((s) => s.role === role && s.grams !== null).length };
    };
    const usual = made(undefined);
    expect(made({ foam: { least: 0, most: usual.grams / 2.5 } }).mixes).toBeGreaterThan(usual.mixes);
    expect(made({ foam: { least: usual.grams * 2, most: usual.grams * 4 } }).grams).toBeCloseTo(usual.grams * 2, 6);
  });
});
