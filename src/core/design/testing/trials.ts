import type { Form } from '../../shape/form';
import type { Design } from '../design';
import { block, coat, design, filling, layer, part, piece, rest, round, SHEET, soak, take, tins } from './made';

/** Twelve cakes that a design must be able to say. */

const BOX = block('box', 'check-and-box');
const roll = (length: number): Form => ({ form: 'roll', length, diameter: 90 });
const on = (...pieces: string[]) => ({ pieces });

export const TRIALS: Record<string, Design> = {
  'three tiers that differ inside, two finishes, blossoms, an inscription': design('Three tiers', {
    parts: [
      part('almond', 'almond-sponge', { layers: tins() }),
      part('lemon', 'lemon-sponge', { layers: tins() }),
      part('walnut', 'walnut-sponge', { layers: tins() }),
      part('curd', 'quince-curd'),
      part('compote', 'raspberry-compote'),
      part('figs', 'fig-compote'),
      part('soak', 'lemon-syrup'),
      part('frosting', 'vanilla-buttercream'),
      part('paste', 'paste-cover'),
      part('blossoms', 'paste-blossoms', { optional: true }),
    ],
    pieces: [
      piece('lower', round(280), [
        ...[layer('almond', 24), soak('soak'), filling('curd', 6, 'frosting'), layer('almond', 24), soak('soak')],
        ...[filling('curd', 6, 'frosting'), layer('almond', 24), soak('soak'), filling('curd', 6, 'frosting')],
        layer('almond', 24),
      ]),
      piece('middle', round(240), [
        ...[layer('lemon', 26), filling('compote', 5, 'frosting'), layer('lemon', 26)],
        ...[filling('compote', 5, 'frosting'), layer('lemon', 26)],
      ]),
      piece('upper', round(150), [
        ...[layer('walnut', 24), filling('figs', 6, 'frosting'), layer('walnut', 24)],
        ...[filling('figs', 6, 'frosting'), layer('walnut', 24)],
      ]),
    ],
    blocks: [
      block('stack-lower', 'stack', [], on('lower')),
      block('stack-middle', 'stack', [], on('middle')),
      block('stack-upper', 'stack', [], on('upper')),
      block('crumb', 'crumb-coat', [coat('frosting', 'crumb', 'usual')]),
      block('final', 'final-coat', [coat('frosting', 'final', 'usual')]),
      block('cover', 'paste-cover', [take('paste', { rule: 'paste cover' })], on('lower')),
      block('stand', 'stand-tiers'),
      block('blossoms', 'place', [take('blossoms', { rule: 'pieces', per: 'tier', count: 9, grams: 6, spare: 3 })]),
      block('write', 'write'),
      BOX,
    ],
  }),

  'a raised cake, topped before the bake, its lid in portions on a custard': design('Raised and topped', {
    parts: [
      part('dough', 'saffron-dough', { layers: tins(2, 75) }),
      part('topping', 'nut-topping'),
      part('custard', 'bay-custard'),
    ],
    pieces: [piece('cake', round(280), [layer('dough', 30), filling('custard', 20), layer('dough', 30)])],
    blocks: [
      block('topping', 'topping-before-the-bake', [take('topping', { rule: 'strewn', gramsPerCm2: 0.6 })]),
      block('split', 'level-and-split', [take('dough')]),
      block('lid', 'portion-the-lid', [take('dough')]),
      block('stack', 'stack'),
      BOX,
    ],
  }),

  'one ganache, a third inside, the rest outside': design('Two tins', {
    parts: [
      part('layers', 'beetroot-oil-cake', { layers: tins(1) }),
      part('ganache', 'stirred-ganache', { batch: 1100 }),
    ],
    pieces: [
      piece('cake', round(200), [layer('layers', 40), filling('ganache', { share: 1 / 3 }), layer('layers', 40)]),
    ],
    blocks: [block('stack', 'stack'), block('coat', 'final-coat', [coat('ganache', 'final', 'rest')]), BOX],
  }),

  'one tin in three slices, soak and cream in thirds, caught glaze piped': design('Three slices', {
    parts: [
      part('layers', 'orange-chiffon', { layers: tins(3, 75) }),
      part('soak', 'coffee-soak', { batch: 240 }),
      part('cream', 'italian-buttercream', { batch: 900 }),
      part('glaze', 'honey-glaze'),
      part('flowers', 'glaze-flowers', { drawsOn: 'glaze' }),
    ],
    pieces: [
      piece('cake', round(200), [
        ...[layer('layers', 22), { is: 'soak', role: 'soak', amount: { share: 1 / 3 } } as const],
        ...[filling('cream', { share: 1 / 3 }), layer('layers', 22)],
        ...[{ is: 'soak', role: 'soak', amount: { share: 1 / 3 } } as const, filling('cream', { share: 1 / 3 })],
        ...[layer('layers', 22), { is: 'soak', role: 'soak', amount: 'rest' } as const],
      ]),
    ],
    blocks: [
      block('split', 'level-and-split', [take('layers')]),
      block('stack', 'stack'),
      block('coat', 'final-coat', [coat('cream', 'final', 'rest')]),
      block('pour', 'poured-glaze', [take('glaze', { rule: 'glaze' })]),
      block('pipe', 'pipe', [take('flowers', { rule: 'rosettes', spacing: 20, grams: 10 })]),
      BOX,
    ],
  }),

  'a set custard with cream and fruit folded in, poured in a ring on one disc, torched': design('In the ring', {
    parts: [
      part('disc', 'hazelnut-sheet', { layers: { from: 'sheets', sheet: SHEET } }),
      part('custard', 'plum-cream'),
    ],
    pieces: [piece('cake', round(220), [layer('disc', 10), rest('custard')], { ringHeight: 80 })],
    blocks: [block('build', 'build-in-a-ring'), block('torch', 'torch'), BOX],
  }),

  'three layers from two sheets, one of halves and scraps, in a ring, frozen or overnight': design('Two sheets', {
    parts: [
      part('layers', 'hazelnut-sheet', { layers: { from: 'sheets', sheet: SHEET, halves: true, patched: true } }),
      part('cream', 'coffee-custard-cream'),
    ],
    pieces: [
      piece(
        'cake',
        round(320),
        [
          layer('layers', 12),
          filling('cream', 18),
          layer('layers', 12),
          filling('cream', 18),
          layer('layers', 12),
          rest('cream'),
        ],
        { ringHeight: 85 },
      ),
    ],
    blocks: [block('build', 'build-in-a-ring'), BOX],
  }),

  'a roll cut into trunk and branch, dried foam, crumbs, held on by its coat': design('Trunk and branch', {
    parts: [
      part('sheet', 'roulade-sheet', { layers: { from: 'rolled sheet', sheet: SHEET } }),
      part('filling', 'blackcurrant-cream'),
      part('coat', 'brown-butter-cream'),
      part('foam', 'dried-foam'),
      part('crumbs', 'toasted-crumbs', { drawsOn: 'sheet' }),
    ],
    pieces: [
      piece('roll', roll(380), [layer('sheet', 10), filling('filling', 6)]),
      piece('trunk', roll(270), [], { madeOf: { pieces: ['roll'], height: 110 } }),
      piece('branch', roll(110), [], { madeOf: { pieces: ['roll'], height: 110 } }),
    ],
    blocks: [
      block('roll', 'fill-and-roll', [], on('roll')),
      block('cut', 'cut-to-shape', [], on('trunk', 'branch')),
      block('coat', 'final-coat', [coat('coat', 'final', 'usual')], on('trunk', 'branch')),
      block('crumbs', 'strew', [take('crumbs', { rule: 'strewn', gramsPerCm2: 0.15 })], on('trunk', 'branch')),
      block(
        'foam',
        'place-last',
        [
          take('foam', { rule: 'pieces', per: 'cake', count: 11, grams: 5, spare: 3 }),
          take('coat', { rule: 'glue', grams: 3, per: { piecesOf: 'foam' } }),
        ],
        on('trunk', 'branch'),
      ),
      block('box', 'check-and-box', [], on('trunk', 'branch')),
    ],
  }),

  'layers one after the other in the only tin, one whipped cream in two mousses, set pieces': design('One tin', {
    parts: [
      part('layers', 'genoise', { layers: tins(1) }),
      part('orange', 'citrus-mousse'),
      part('berry', 'berry-mousse'),
      part('shards', 'chocolate-shards'),
    ],
    pieces: [
      piece('cake', round(260), [
        ...[layer('layers', 20), filling('orange', 15), layer('layers', 20)],
        ...[filling('berry', 15), layer('layers', 20)],
      ]),
    ],
    blocks: [
      block('stack', 'stack'),
      block('shards', 'place', [take('shards', { rule: 'pieces', per: 'cake', count: 9, grams: 12 })]),
      BOX,
    ],
  }),

  'a house of two squares and a loaf, coated, clad in panels, one blend in both': design('House', {
    parts: [
      part('sponge', 'spiced-sponge', { layers: tins(2, 75) }),
      part('filling', 'quince-curd'),
      part('coat', 'vanilla-buttercream'),
      part('panels', 'spiced-panels'),
    ],
    pieces: [
      piece(
        'squares',
        { form: 'square', side: 200 },
        [layer('sponge', 40), filling('filling', 5), layer('sponge', 40)],
        {
          count: 2,
        },
      ),
      piece('loaf', { form: 'loaf', topLength: 200, topWidth: 110, bottomLength: 200, bottomWidth: 90 }, [
        layer('sponge', 70),
      ]),
      piece('house', { form: 'house', length: 200, width: 190, wall: 150, ridge: 235 }, [], {
        madeOf: { pieces: ['squares', 'loaf'], height: 235 },
      }),
    ],
    blocks: [
      block('stack', 'stack', [], on('squares')),
      block('level-loaf', 'level-and-split', [take('sponge')], on('loaf')),
      block('cut', 'cut-to-shape', [], on('house')),
      block('coat', 'final-coat', [coat('coat', 'final', 4)], on('house')),
      block(
        'clad',
        'panels-on-a-house',
        [
          take('panels', { rule: 'panels', thickness: 5 }),
          take('coat', { rule: 'glue', grams: 1.2, per: 'cm around' }),
        ],
        on('house'),
      ),
      block('box', 'check-and-box', [], on('house')),
    ],
  }),

  'a bar in a frame, mousse twice, ganache in thirds, sold in slices': design('Bar', {
    parts: [
      part('sheet', 'hazelnut-sheet', { layers: { from: 'sheets', sheet: SHEET } }),
      part('mousse', 'citrus-mousse'),
      part('ganache', 'stirred-ganache', { batch: 600 }),
    ],
    pieces: [
      piece(
        'bar',
        { form: 'rectangle', length: 380, width: 120 },
        [layer('sheet', 10), filling('mousse', 18), layer('sheet', 10), rest('mousse')],
        { ringHeight: 60, slices: { width: 30, trim: 10 } },
      ),
    ],
    blocks: [
      block('build', 'build-in-a-ring'),
      block('top', 'spread-on-top', [take('ganache', { rule: 'spread on top', thickness: { share: 1 / 3 } })]),
      block('pipe', 'pipe', [take('ganache', { rule: 'of the batch', amount: 'rest' }, 'whipped and piped')]),
      block('cut', 'cut-in-the-house'),
      BOX,
    ],
  }),

  'two flavours of one buttercream between three layers, poured over, dried trimmings around the foot': design(
    'Two flavours',
    {
      parts: [
        part('layers', 'hot-milk-cake', { layers: tins(1) }),
        part('lemon', 'lemon-cream'),
        part('coffee', 'coffee-cream'),
        part('glaze', 'honey-glaze'),
        part('crumbs', 'toasted-crumbs', { drawsOn: 'layers' }),
      ],
      pieces: [
        piece('cake', round(200), [
          ...[layer('layers', 26), filling('lemon', 10), layer('layers', 26)],
          ...[filling('coffee', 10), layer('layers', 26)],
        ]),
      ],
      blocks: [
        block('stack', 'stack'),
        block('pour', 'poured-glaze', [take('glaze', { rule: 'glaze' })]),
        block('foot', 'press-on', [take('crumbs', { rule: 'strewn', gramsPerCm2: 0.5, height: 25 })]),
        BOX,
      ],
    },
  ),

  'twenty-four small domes on biscuit discs': design('Domes', {
    parts: [
      part('base', 'honey-oat-base', { layers: { from: 'own size', sheet: SHEET } }),
      part('heart', 'apricot-heart'),
      part('mousse', 'apricot-mousse'),
      part('glaze', 'honey-glaze'),
    ],
    pieces: [
      piece(
        'dome',
        { form: 'half-sphere', diameter: 70 },
        [layer('base', 5), rest('mousse'), { is: 'insert', role: 'heart', mm: 10, inset: 15 }, rest('mousse')],
        { ringHeight: 35, count: 24 },
      ),
    ],
    blocks: [
      block('fill', 'build-upside-down'),
      block('pour', 'poured-glaze', [take('glaze', { rule: 'glaze' })]),
      BOX,
    ],
  }),
};
