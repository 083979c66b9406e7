import { demoLibrary as kitchen } from '../../../data/kitchens/demo-parts';
import type { Formula } from '../../formula/formula';
import { orderId } from '../../ids/ids';
import { block, coat, design, filling, layer, part, piece, round, take, tins } from '../../design/testing/made';
import { breakDown } from '../break-down';
import { divideBatch, type BatchUse } from './batch';

const use = (measure: BatchUse['measure'], made = 0, pieces = 1): BatchUse => ({ measure, made, pieces });

describe('a batch is divided', () => {
  it('grows until its shares are what they say', () => {
    expect(divideBatch([use({ share: 1 / 3 }), use({ mm: 5 }, 600)], undefined, 0)).toEqual({
      batch: expect.closeTo(900, 9),
      grams: [expect.closeTo(300, 9), 600],
    });
  });
  it('is the recipe once where nothing else measures it, or as large as is told', () => {
    const thirds = [use({ share: 1 / 3 }), use({ share: 1 / 3 }), use('rest')];
    expect(divideBatch(thirds, undefined, 600).grams.map(Math.round)).toEqual([200, 200, 200]);
    expect(divideBatch(thirds, 900, 600).grams.map(Math.round)).toEqual([300, 300, 300]);
  });
  it('leaves to the rest what is measured nowhere, and never less than nothing', () => {
    expect(divideBatch([use({ grams: 30 }, 0, 6), use('rest')], 500, 0).grams).toEqual([180, 320]);
    expect(divideBatch([use({ mm: 4 }, 700), use('rest')], 500, 0).grams).toEqual([700, 0]);
  });
});

describe('uses that lie further apart than a part keeps', () => {
  const cream = { ...kitchen.formulas.get('vanilla-whip')!, id: 'soon-soft' };
  const keeping = (max: number): Formula => ({ ...cream, keeping: { ...cream.keeping, min: 0, max } });
  const twice = (max: number) =>
    breakDown(
      {
        id: orderId(1),
        design: design('Twice', {
          parts: [part('layers', 'almond-sponge', { layers: tins() }), part('cream', 'soon-soft')],
          pieces: [piece('a', round(200), [layer('layers', 20), filling('cream', 8), layer('layers', 20)])],
          blocks: [
            block('stack', 'stack', [], { after: { min: 300, max: 1440, place: 'fridge', why: 'a night' } }),
            block('coat', 'final-coat', [coat('cream', 'final', 'usual')]),
            block('pipe', 'pipe', [take('cream', { rule: 'rosettes', spacing: 40, grams: 8 })]),
          ],
        }),
      },
      { ...kitchen, formulas: new Map([...kitchen.formulas, ['soon-soft', keeping(max)]]) },
    );
  it('are made once for each, which is said; nothing of them is lost', () => {
    const whole = twice(2000).components.filter((c) => c.formula.id === 'soon-soft');
    const parts = twice(200).components.filter((c) => c.formula.id === 'soon-soft');
    expect(whole.map((c) => c.role)).toEqual(['cream']);
    expect(parts.map((c) => c.role)).toEqual(['cream', 'cream-2']);
    const stages = parts.map((c) => c.amount.portions.flatMap((p) => p.stage ?? []));
    expect(stages).toEqual([['stack'], ['coat', 'pipe']]);
    expect(parts.reduce((sum, c) => sum + c.amount.grams, 0)).toBeCloseTo(whole[0]!.amount.grams, 6);
    expect(parts[1]!.amount.because).toMatch(/made more than once: its uses lie .* apart, and it keeps 3 h 20/);
  });
  it('have steps of their own, and each goes where it is used', () => {
    const { steps, waits } = twice(200);
    expect(steps.filter((s) => s.id.endsWith('.whip')).map((s) => s.id)).toEqual(['o1.cream.whip', 'o1.cream-2.whip']);
    const into = (from: string) => waits.filter((w) => w.from === from).map((w) => w.to);
    expect(into('o1.cream.whip')).toEqual(['o1.stack']);
    expect(into('o1.cream-2.whip')).toEqual(['o1.coat', 'o1.pipe']);
  });
});

describe('a by-product that does not suffice', () => {
  const made = (gramsPerCm2: number, drawsOn?: string) =>
    breakDown(
      {
        id: orderId(1),
        design: design('Crumbs', {
          parts: [
            part('layers', 'almond-sponge', { layers: tins(1) }),
            part('cream', 'vanilla-buttercream'),
            part('crumbs', 'toasted-crumbs', drawsOn === undefined ? {} : { drawsOn }),
          ],
          pieces: [piece('a', round(200), [layer('layers', 24), filling('cream', 8), layer('layers', 24)])],
          blocks: [
            block('stack', 'stack'),
            block('coat', 'final-coat', [coat('cream', 'final', 'usual')]),
            block('crumbs', 'press-on', [take('crumbs', { rule: 'strewn', gramsPerCm2, height: 40 })]),
          ],
        }),
      },
      kitchen,
    );
  const tinsOf = (b: ReturnType<typeof made>) =>
    b.components.find((c) => c.role === 'layers')!.amount.loads.reduce((sum, l) => sum + l.tins, 0);
  it('lets the batch grow by whole layers that are baked for it, and no more than are needed', () => {
    const plain = made(1, undefined);
    const grown = made(1, 'layers');
    expect([tinsOf(plain), tinsOf(grown)]).toEqual([2, 3]);
    expect(plain.drawn[0]!.short).toBeGreaterThan(100);
    expect(grown.drawn[0]!.short).toBeCloseTo(0, 6);
    expect(grown.components.find((c) => c.role === 'layers')!.amount.because).toContain('baked for crumbs');
    expect(grown.cake.tiers[0]!.height).toBe(plain.cake.tiers[0]!.height);
  });
  it('leaves a little that is short to the box', () => {
    const little = made(0.32, 'layers');
    expect([tinsOf(little), little.drawn[0]!.short > 0]).toEqual([2, true]);
  });
});
