import type { Allergen } from '../formula/formula';
import type { PlannedStep } from '../planning-format/plan';
import { contactsOf } from './cross-contact';

const step = (id: string, start: number, end: number, ...equipment: string[]): PlannedStep => ({
  ...{ id, start, end, people: ['bo'], equipment },
});
const found = (steps: PlannedStep[], brings: Record<string, Allergen[]>, avoid: Allergen[] = ['nuts']) =>
  contactsOf(avoid, steps, {
    own: (id) => id.startsWith('o1.'),
    brings: (id) => brings[id] ?? [],
    shared: (item) => !item.startsWith('tin'),
  });

describe('contact by things that are shared', () => {
  const batter = step('o1.layers.mix', 100, 110, 'mixer-1', 'tin-20');
  const nuts = { 'o2.layers.mix': ['nuts' as const] };

  it('is the last work before a cake’s own on the same thing that brings what its eaters must not get', () => {
    const before = step('o2.layers.mix', 80, 90, 'mixer-1');
    expect(found([batter, before, step('o2.layers.mix', 20, 30, 'mixer-1')], nuts)).toEqual([
      { allergen: 'nuts', item: 'mixer-1', from: 'o2.layers.mix', until: 90, to: 'o1.layers.mix', start: 100 },
    ]);
  });

  it('is none after it, on another thing, by what they may get, in tins, or when it was long ago', () => {
    const none = (other: PlannedStep, avoid?: Allergen[]) => expect(found([batter, other], nuts, avoid)).toEqual([]);
    none(step('o2.layers.mix', 110, 120, 'mixer-1'));
    none(step('o2.layers.mix', 80, 90, 'mixer-2'));
    none(step('o2.layers.mix', 80, 90, 'mixer-1'), ['egg']);
    none(step('o2.layers.mix', 80, 90, 'mixer-1'), []);
    none(step('o2.layers.mix', 80, 90, 'tin-20'));
    none(step('o2.layers.mix', -700, -621, 'mixer-1'));
    none(step('o3.layers.mix', 80, 90, 'mixer-1'));
  });

  it('is also what stands beside it in an oven, and is told at the cake’s first work with a thing', () => {
    const bake = step('o1.layers.bake', 120, 150, 'oven-1');
    const beside = step('o2.layers.mix', 130, 160, 'oven-1');
    expect(found([bake, beside], nuts)).toMatchObject([{ item: 'oven-1', to: 'o1.layers.bake', until: 160 }]);
    const again = step('o1.layers.bake.1', 170, 200, 'oven-1');
    expect(found([bake, again, beside], nuts)).toMatchObject([{ to: 'o1.layers.bake' }]);
  });
});
