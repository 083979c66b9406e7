import { starterBlocks } from '../../data/kitchens/starter';
import { compile } from './compile';
import type { Block } from './block';
import type { Design, DesignBlock } from './design';
import { waitsOf, wrongOrders } from './order-of-work';
import { inSensibleOrder } from './testing/sensible-order';
import { block, coat, design, filling, layer, part, piece, round, take, tins } from './testing/made';

const own = (id: string, more: Partial<Block>): [string, Block] => [
  id,
  { ...starterBlocks.get('final-coat')!, id, ...more },
];
const library: ReadonlyMap<string, Block> = new Map([
  ...starterBlocks,
  own('warm-coat', { after: { min: 10, max: 60, place: null, why: 'dries' } }),
]);
const cake = (blocks: DesignBlock[], keys = ['a']): Design =>
  design('Plain', {
    parts: [
      part('layers', 'almond-sponge', { layers: tins() }),
      part('cream', 'vanilla-buttercream'),
      part('drip', 'drip-ganache'),
    ],
    pieces: keys.map((key, i) =>
      piece(key, round(240 - 60 * i), [layer('layers', 20), filling('cream', 5), layer('layers', 20)]),
    ),
    blocks,
  });
const short = (blocks: DesignBlock[], keys?: string[]) =>
  waitsOf(cake(blocks, keys), library).map((w) => [w.from, w.to, w.min, w.max, w.place, w.pieces]);
const stack = (key = 'stack', pieces?: string[]) => block(key, 'stack', [], pieces && { pieces });
const final = block('coat', 'final-coat', [coat('cream', 'final', 'usual')]);
const drip = block('drip', 'drip', [take('drip', { rule: 'drip' })]);

describe('waits between blocks', () => {
  it('are what one leaves and the next wants, in one place the longer of both', () => {
    expect(short([stack(), final, drip])).toEqual([
      ['stack', 'coat', 30, 1080, 'fridge', [0]],
      ['coat', 'drip', 40, 1080, 'fridge', [0]],
      ['drip', 'hand-over', 15, 480, 'fridge', [0]],
    ]);
  });
  it('follow each other where they are in two places', () => {
    const [, second] = short([stack(), block('coat', 'warm-coat', [coat('cream', 'final', 'usual')]), drip]);
    // Dries for 10 minutes, then 40 in the fridge; no longer than the drying bears.
    expect(second).toEqual(['coat', 'drip', 50, 60, 'fridge', [0]]);
  });
  it('are put off by what has to come at once', () => {
    const press = block('press', 'press-on');
    expect(short([stack(), final, press, drip]).slice(1)).toEqual([
      ['coat', 'press', 0, 15, null, [0]],
      ['press', 'drip', 40, 1080, 'fridge', [0]],
      ['drip', 'hand-over', 15, 480, 'fridge', [0]],
    ]);
  });
  it('are on each piece by itself: work on different pieces has no order, and all meet where one block has them all', () => {
    const waits = short([stack('one', ['a']), stack('two', ['b']), final], ['a', 'b']);
    expect(waits.map(([from, to, , , , pieces]) => [from, to, pieces])).toEqual([
      ['one', 'coat', [0]],
      ['two', 'coat', [1]],
      ['coat', 'hand-over', [0, 1]],
    ]);
  });
  it('stand where the design says otherwise', () => {
    const after = { min: 90, max: 200, place: 'freezer', why: 'frozen for the customer' };
    expect(short([stack(), { ...final, after }])[1]).toEqual(['coat', 'hand-over', 90, 200, 'freezer', [0]]);
  });
  it('are those of the kitchen where it has told all of them', () => {
    const told = { from: 'stack', to: 'coat', min: 7, max: 9, place: null, why: 'as we do it', units: 2 };
    expect(waitsOf({ ...cake([stack(), final]), waits: [told] }, library)).toEqual([{ ...told, pieces: [0] }]);
  });
});

describe('the order of work', () => {
  it('that is wrong is told with what it would do, on the same piece only', () => {
    expect(wrongOrders(cake([stack(), drip, final]), library)).toEqual([
      {
        ...{ block: 'drip', after: 'coat' },
        would: 'a drip on a bare cake is drunk by the crumb, and the coat would cover it',
      },
    ]);
    const apart = [stack('one', ['a']), { ...drip, pieces: ['a'] }, stack('two', ['b']), { ...final, pieces: ['b'] }];
    expect(wrongOrders(cake(apart, ['a', 'b']), library)).toEqual([]);
  });
  it('is put right by what the blocks are', () => {
    const blocks = [block('box', 'check-and-box'), drip, final, stack()];
    expect(inSensibleOrder(blocks, library).map((b) => b.key)).toEqual(['stack', 'coat', 'drip', 'box']);
  });
});

describe('a stage', () => {
  it('takes what lies in the pieces that it builds, and says what is otherwise here', () => {
    const { stages } = compile(cake([{ ...stack(), stage: { name: 'Pile up' } }, final]), library);
    expect(stages.map((s) => [s.key, s.name, s.takes])).toEqual([
      ['stack', 'Pile up', ['layers', 'cream']],
      ['coat', 'Final coat', ['cream']],
    ]);
  });
  it('of a block that the kitchen has not is a fault', () => {
    expect(() => compile(cake([block('x', 'levitate')]), library)).toThrow('There is no block “levitate”.');
  });
});
