import { breakDown } from '../breakdown/break-down';
import { faultsOf } from '../design/problems';
import { orderId } from '../ids/ids';
import { plainCake } from './plain-cake';
import { kitchen } from './testing/two-tiers';

describe('the plain cake that a build of one’s own begins as', () => {
  it('is one that can be made: layers and a filling of the kitchen’s own, in its middle tin', () => {
    const design = plainCake(kitchen)!;
    expect(faultsOf(design, kitchen)).toEqual([]);
    expect(design.pieces[0]!.inside.map((i) => i.is)).toEqual(['layer', 'filling', 'layer', 'filling', 'layer']);
    const order = { id: orderId(1), inscription: '', without: [], choices: {} };
    expect(breakDown({ ...order, design }, kitchen).cake.portions).toBeGreaterThan(0);
  });

  it('does without tins, and is none where nothing can be baked or filled', () => {
    expect(plainCake({ ...kitchen, moulds: [] })!.pieces[0]!.form).toEqual({ form: 'round', diameter: 200 });
    const without = (...purposes: string[]) =>
      new Map([...kitchen.formulas].filter(([, f]) => !purposes.includes(f.purpose)));
    expect(plainCake({ ...kitchen, formulas: without('layers') })).toBeNull();
    expect(plainCake({ ...kitchen, formulas: without('filling', 'frosting') })).toBeNull();
    const retired = new Map([...kitchen.formulas].map(([id, f]) => [id, { ...f, retired: true }]));
    expect(plainCake({ ...kitchen, formulas: retired })).toBeNull();
  });
});
