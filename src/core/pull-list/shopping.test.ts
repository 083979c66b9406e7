import type { Ingredient } from '../formula/formula';
import type { EggBalance } from './egg-balance';
import { shoppingList } from './shopping';
import type { WeighOut } from './weigh-out';

const weigh = (at: number, grams: Record<string, number>): WeighOut =>
  ({ at, lines: Object.entries(grams).map(([ingredient, g]) => ({ ingredient, grams: g })) }) as unknown as WeighOut;
const eggs = { crack: 0, eggWeight: 58 } as EggBalance;
const ingredient = (id: string, more = {}): [string, Ingredient] => [
  id,
  { id, name: id, allergens: [], density: null, supplier: 'Mill', ...more },
];
const list = (weighOuts: WeighOut[], more: object, stock: Record<string, number>) =>
  shoppingList(
    weighOuts,
    eggs,
    new Map([ingredient('flour', more), ingredient('salt')]),
    new Map(Object.entries(stock)),
  );

describe('what is to be bought', () => {
  it('leaves the least that the kitchen wants to have in the house', () => {
    const weighOuts = [weigh(600, { flour: 700 })];
    expect(list(weighOuts, {}, { flour: 1000 })[0]!.lines[0]!.buy).toBe(0);
    expect(list(weighOuts, { leastStock: 500 }, { flour: 1000 })[0]!.lines[0]!.buy).toBe(200);
  });
  it('holds what has fallen below its least, also where nobody uses it', () => {
    const [mill] = list([weigh(600, { salt: 5 })], { leastStock: 500 }, { flour: 400, salt: 50 });
    expect(mill!.lines.map((l) => [l.ingredient, l.needed, l.buy, l.note])).toEqual([
      ['flour', 0, 100, 'below the least of it'],
      ['salt', 5, 0, null],
    ]);
    // What only fills the shelf is needed at no time.
    expect(mill!.neededAt).toBeNull();
  });
  it('is needed when the first of it is weighed out', () => {
    const [mill] = list(
      [weigh(900, { flour: 700 }), weigh(600, { salt: 5 }), weigh(700, { flour: 700 })],
      {},
      { flour: 1000, salt: 50 },
    );
    expect(mill!.neededAt).toBe(700);
  });
});
