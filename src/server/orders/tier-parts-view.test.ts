import { breakDown } from '../../core/breakdown/break-down';
import { orderId } from '../../core/ids/ids';
import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import type { Form } from '../../core/shape/form';
import { tierPartsOf } from './tier-parts-view';

const round = (diameter: number): Form => ({ form: 'round', diameter });
const of = (id: string, tiers: Form[]) =>
  tierPartsOf(breakDown({ id: orderId(1), build: starterBuilds.find((b) => b.id === id)!, tiers }, kitchen));

describe('the parts of a cake by tier', () => {
  it('are not told of a cake of one piece', () => expect(of('quince-tower', [round(240)])).toEqual([]));
  it('are told with the amount of each use in each tier, pieces counted in each', () => {
    const [lower, upper, ...more] = of('hayloft-tower', [round(240), round(150)]);
    expect([lower!.name, upper!.name, more]).toEqual(['round 24 cm', 'round 15 cm', []]);
    expect(lower!.parts.map((p) => p.label)).toEqual([
      ...['Walnut sponge', 'Fig compote', 'Brown-butter cream', 'Quince blossoms'],
    ]);
    expect(upper!.parts.map((p) => p.label)).toEqual([
      ...['Lemon sponge', 'Lemon syrup', 'Orange ricotta', 'Brown-butter cream', 'Quince blossoms'],
    ]);
    const cream = upper!.parts.find((p) => p.label === 'Brown-butter cream')!;
    expect(cream.uses.map((u) => u.use)).toEqual(['coat', 'foot border']);
    expect(upper!.parts.at(-1)!.uses).toEqual([{ use: '7 pieces', amount: '42 g' }]);
  });
  it('name what was cut to shape, and what is for the whole cake', () => {
    const hut = of('beach-hut', [{ form: 'house', length: 190, width: 160, wall: 140, ridge: 220 }]);
    expect(hut.map((t) => t.name)).toEqual(['2 × square 20 cm, cut to shape', 'house 19 × 16 cm']);
    const plain = of('caramel-drip', [round(240), round(150)]);
    expect(plain.at(-1)).toMatchObject({ name: 'For the whole cake', parts: [{ label: 'Sesame brittle' }] });
  });
});
