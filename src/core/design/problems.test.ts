import { demoLibrary as kitchen } from '../../data/kitchens/demo-parts';
import { starterBuilds } from '../../data/kitchens/starter';
import { formsOfBuild } from '../breakdown/forms-of-build';
import type { Design } from './design';
import { designIn } from './design-in';
import { problemsOf } from './testing/problems-of';
import { block, coat, design, filling, layer, part, piece, rest, round, soak, take, tins } from './testing/made';

const good = design('Plain', {
  parts: [
    part('layers', 'almond-sponge', { layers: tins() }),
    part('cream', 'vanilla-buttercream'),
    part('soak', 'lemon-syrup'),
  ],
  pieces: [piece('a', round(240), [layer('layers', 24), soak('soak'), filling('cream', 6), layer('layers', 24)])],
  blocks: [block('stack', 'stack'), block('coat', 'final-coat', [coat('cream', 'final', 'usual')])],
});
const of = (change: Partial<Design>) =>
  problemsOf({ ...good, ...change }, kitchen).map((p) => `${p.path}: ${p.message}`);
const only = (more: object) => of({ pieces: [{ ...good.pieces[0]!, ...more }] });

describe('what cannot be about a design', () => {
  it('is nothing of a good one, nor of any that ships, in any size', () => {
    expect(problemsOf(good, kitchen)).toEqual([]);
    for (const b of starterBuilds)
      for (const form of formsOfBuild(b, kitchen.moulds)) {
        const found = problemsOf(designIn(b, [form]), kitchen);
        expect([b.id, found.map((p) => p.message)]).toEqual([b.id, []]);
      }
  });
  it('parts: what is not there, and two of one role', () => {
    expect(of({ parts: [...good.parts, part('cream', 'moonlight')] })).toEqual([
      'parts.3.role: There are two parts “cream”.',
      'parts.3.made: There is no formula “moonlight”.',
    ]);
    expect(of({ parts: [...good.parts, { ...part('jam', ''), made: { bought: 'stardust' } }] })).toEqual([
      'parts.3.made: There is no ingredient “stardust”.',
    ]);
  });
  it('amounts: less than nothing, and more than the whole', () => {
    const inside = (amount: object) => {
      const [below, , ...above] = good.pieces[0]!.inside;
      return only({ inside: [below!, { ...soak('soak'), amount }, ...above] });
    };
    expect(inside({ grams: -500 })).toEqual(['pieces.0.inside.1.amount.grams: A number, 0 or more.']);
    const share = 'A share of the batch: more than 0 and at most all of it.';
    expect(inside({ share: -2 })).toEqual([
      'pieces.0.inside.1.amount.share: A number, 0 or more.',
      `pieces.0.inside.1.amount.share: ${share}`,
    ]);
    expect(inside({ share: 1.5 })).toEqual([`pieces.0.inside.1.amount.share: ${share}`]);
    expect(inside({ share: 0.5 })).toEqual([]);
    const wait = { from: 'stack', to: 'coat', min: -5, max: null, place: null, why: 'x', units: 0 };
    expect(of({ waits: [wait] })).toEqual(['waits.0.min: A number, 0 or more.']);
    // So much for each gram of another part may be more than one.
    const glazed = block('glaze', 'glaze', [take('cream', { rule: 'share', of: 'soak', share: 2 })]);
    expect(of({ blocks: [...good.blocks, glazed] }).filter((m) => m.includes('share'))).toEqual([]);
  });
  it('parts that draw on each other, and pieces that are cut from each other, in a circle', () => {
    const [layers, cream, syrup] = good.parts;
    expect(of({ parts: [layers!, { ...cream!, drawsOn: 'soak' }, { ...syrup!, drawsOn: 'cream' }] })).toEqual([
      'parts.1: It draws on itself: Cream → Soak → Cream.',
      'parts.2: It draws on itself: Soak → Cream → Soak.',
    ]);
    const shares = block('glaze', 'glaze', [take('cream', { rule: 'share', of: 'cream', share: 1 })]);
    expect(of({ blocks: [...good.blocks, shares] })).toEqual(['parts.1: It draws on itself: Cream → Cream.']);
    const cut = (key: string, from: string) => ({
      ...piece(key, round(100), []),
      madeOf: { pieces: [from], height: 50 },
    });
    expect(of({ pieces: [good.pieces[0]!, cut('b', 'c'), cut('c', 'b'), cut('d', 'b')] })).toEqual([
      'pieces.1.madeOf: It is cut from itself: b → c → b.',
      'pieces.2.madeOf: It is cut from itself: c → b → c.',
    ]);
  });
  it('pieces: no tin of that size, with those that are near', () => {
    expect(only({ form: round(260) })).toEqual([
      'pieces.0.form: There is no tin round 26 cm; round 24 cm or round 28 cm, or cut from a sheet.',
    ]);
    expect(only({ form: round(320) })[0]).toContain('There is no tin round 32 cm; round 28 cm, or cut from a sheet.');
    expect(only({ form: { form: 'hexagon', across: 200 } })[0]).toContain('it can be cut from a sheet');
    expect(only({ tin: round(200) })[0]).toBe('pieces.0.tin: It is larger than round 20 cm, which it is baked in.');
  });
  it('pieces: nothing in them, a soak without a layer, a ring that is too low or not told', () => {
    expect(only({ inside: [] })).toEqual(['pieces.0.inside: There is nothing in it yet.']);
    expect(only({ inside: [soak('soak'), layer('layers', 24)] })).toEqual([
      'pieces.0.inside.0: There is no layer under it to drink it.',
    ]);
    expect(only({ inside: [layer('layers', 24), rest('cream')] })).toEqual([
      'pieces.0: What fills the rest needs a ring or mould with a height.',
    ]);
    expect(only({ ringHeight: 40 })).toEqual(['pieces.0.ringHeight: 54 mm lie in it, and the ring is 40 mm high.']);
    expect(only({ inside: [layer('layers', 0)] })).toEqual(['pieces.0.inside.0: A thickness, more than 0.']);
    expect(only({ inside: [layer('cloud', 10)] })[0]).toBe('pieces.0.inside.0: There is no part “cloud”.');
    expect(only({ count: 1.5 })).toEqual(['pieces.0.count: How many of it? A whole number, 1 or more.']);
    expect(only({ madeOf: { pieces: ['b'], height: 50 } })).toEqual([
      'pieces.0.madeOf: There is no piece “b” to cut it from.',
    ]);
  });
  it('blocks: not there, of strange pieces and parts, of what they cannot take, in a wrong order', () => {
    const blocks = [
      block('stack', 'stack'),
      block('pipe', 'pipe', [take('cream', { rule: 'glaze' }), take('cloud')], { pieces: ['z'] }),
      block('x', 'levitate'),
    ];
    expect(of({ blocks })).toEqual([
      'blocks.1.pieces: There is no piece “z”.',
      'blocks.1.takes.0: Pipe cannot take a part in this way.',
      'blocks.1.takes.1: There is no part “cloud”.',
      'blocks.2.block: There is no block “levitate”.',
    ]);
    expect(of({ blocks: [good.blocks[1]!, good.blocks[0]!] })).toEqual([
      'blocks.0: Final coat comes before Stack and fill: the coat would lie under the layers.',
    ]);
  });
  it('shares of a batch: at most the whole of it, and one rest', () => {
    const shared = (first: { share: number } | 'rest', last: { share: number } | 'rest') =>
      of({
        pieces: [{ ...good.pieces[0]!, inside: [layer('layers', 24), filling('cream', first), layer('layers', 24)] }],
        blocks: [block('stack', 'stack'), block('coat', 'final-coat', [coat('cream', 'final', last)])],
      });
    expect(shared({ share: 0.4 }, 'rest')).toEqual([]);
    expect(shared({ share: 0.7 }, { share: 0.4 })).toEqual([
      'parts.1: More than the whole batch is shared out: 110 %.',
    ]);
    expect(shared('rest', 'rest')).toEqual(['parts.1: Only one use of a batch can be the rest of it.']);
  });
});
