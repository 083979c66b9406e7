import { fc } from '../../testing/chance';
import type { Form } from '../../shape/form';
import type { BlockTake, Design, DesignBlock, DesignPart, Inside, Piece } from '../design';
import { block, coat, design, filling, layer, part, piece, rest, round, soak, take, tins } from './made';

/** Designs by chance, all of them allowed: stacked tiers that differ, or rings, with coats and decoration in their order. */

const SPONGES = ['almond-sponge', 'lemon-sponge', 'walnut-sponge', 'genoise', 'hot-milk-cake', 'orange-chiffon'];
const FILLINGS = ['quince-curd', 'raspberry-compote', 'fig-compote', 'orange-ricotta', 'plum-compote'];
const FROSTINGS = ['vanilla-buttercream', 'italian-buttercream', 'brown-butter-cream', 'french-buttercream'];
const SIZES = [280, 240, 200, 150];

interface Gap {
  role: number;
  mm: number;
  dammed: boolean;
}
const gap = fc.record({ role: fc.nat(FILLINGS.length - 1), mm: fc.integer({ min: 3, max: 12 }), dammed: fc.boolean() });

interface AnyTier {
  sponge: number;
  high: number;
  gaps: Gap[][];
  soaked: boolean;
}
const anyTier: fc.Arbitrary<AnyTier> = fc.record({
  sponge: fc.nat(SPONGES.length - 1),
  high: fc.integer({ min: 18, max: 34 }),
  gaps: fc.array(fc.array(gap, { minLength: 1, maxLength: 2 }), { minLength: 1, maxLength: 3 }),
  soaked: fc.boolean(),
});

function insideOf({ sponge, high, gaps, soaked }: AnyTier): Inside[] {
  const one = (): Inside[] => [layer(`sponge${sponge}`, high), ...(soaked ? [soak('soak')] : [])];
  const between = (list: Gap[]) =>
    list.map((g) => filling(`filling${g.role}`, g.mm, g.dammed ? 'frosting' : undefined));
  return [...one(), ...gaps.flatMap((list) => [...between(list), ...one()])];
}

const partsOf = (tiers: AnyTier[], frosting: number, more: DesignPart[]): DesignPart[] => {
  const sponges = [...new Set(tiers.map((t) => t.sponge))];
  const fillings = [...new Set(tiers.flatMap((t) => t.gaps.flat().map((g) => g.role)))];
  return [
    ...sponges.map((s) => part(`sponge${s}`, SPONGES[s]!, { layers: tins(2) })),
    ...fillings.map((f) => part(`filling${f}`, FILLINGS[f]!)),
    ...(tiers.some((t) => t.soaked) ? [part('soak', 'lemon-syrup')] : []),
    part('frosting', FROSTINGS[frosting]!),
    ...more,
  ];
};

/** Tiers that differ, each stacked by itself, coated together. */
const stacked: fc.Arbitrary<Design> = fc
  .record({
    tiers: fc.array(anyTier, { minLength: 1, maxLength: 3 }),
    largest: fc.nat(1),
    frosting: fc.nat(FROSTINGS.length - 1),
    crumb: fc.boolean(),
    final: fc.oneof(fc.constant('usual' as const), fc.record({ mm: fc.integer({ min: 2, max: 9 }) })),
    paste: fc.boolean(),
    blossoms: fc.option(fc.integer({ min: 1, max: 20 })),
    border: fc.boolean(),
    writes: fc.boolean(),
  })
  .map(({ tiers, largest, frosting, crumb, final, paste, blossoms, border, writes }) => {
    const keys = tiers.map((_, i) => `t${i + 1}`);
    const blocks: DesignBlock[] = [
      ...keys.map((key) => block(`stack-${key}`, 'stack', [], { pieces: [key] })),
      ...(crumb ? [block('crumb', 'crumb-coat', [coat('frosting', 'crumb', 'usual')])] : []),
      block('final', 'final-coat', [coat('frosting', 'final', final)]),
      ...(paste ? [block('cover', 'paste-cover', [take('paste', { rule: 'paste cover' })])] : []),
      ...(tiers.length > 1 ? [block('stand', 'stand-tiers')] : []),
      ...(border
        ? [block('pipe', 'pipe', [take('frosting', { rule: 'border', nozzle: 'star 10 mm', where: 'foot' }, 'border')])]
        : []),
      ...(blossoms === null
        ? []
        : [
            block('place', 'place', [
              {
                ...take('blossoms', { rule: 'pieces', per: 'tier', count: blossoms, grams: 6 }),
                ...(border && { lies: { where: 'spot', hour: 1 + (blossoms % 12) } as const }),
              },
            ]),
          ]),
      ...(writes ? [block('write', 'write')] : []),
      block('box', 'check-and-box'),
    ];
    const more = [
      ...(paste ? [part('paste', 'paste-cover')] : []),
      ...(blossoms === null ? [] : [part('blossoms', 'paste-blossoms', { optional: true })]),
    ];
    return design('By chance', {
      parts: partsOf(tiers, frosting, more),
      pieces: tiers.map((t, i): Piece => piece(keys[i]!, round(SIZES[largest + i]!), insideOf(t))),
      blocks,
    });
  });

/** Layers and creams in a ring, or small ones by the dozen in moulds, poured over. */
const inRings: fc.Arbitrary<Design> = fc
  .record({
    size: fc.constantFrom<[Form, number, number]>(
      [{ form: 'round', diameter: 180 }, 80, 1],
      [{ form: 'round', diameter: 220 }, 100, 1],
      [{ form: 'half-sphere', diameter: 70 }, 35, 12],
    ),
    base: fc.integer({ min: 4, max: 9 }),
    insert: fc.option(fc.integer({ min: 4, max: 9 })),
    second: fc.boolean(),
    glazed: fc.boolean(),
  })
  .map(({ size: [form, high, count], base, insert, second, glazed }) => {
    const inside: Inside[] = [
      layer('base', base),
      rest('mousse'),
      ...(insert === null ? [] : [{ is: 'insert', role: 'heart', mm: insert, inset: 12 } as const]),
      ...(insert === null && !second ? [] : [rest(second ? 'other' : 'mousse')]),
    ];
    const glaze: BlockTake[] = [take('glaze', { rule: 'glaze' })];
    return design('In rings', {
      parts: [
        part('base', 'honey-oat-base', { layers: { from: 'own size', sheet: { length: 600, width: 400 } } }),
        part('mousse', 'yoghurt-mousse'),
        ...(second ? [part('other', 'apricot-mousse')] : []),
        ...(insert === null ? [] : [part('heart', 'apricot-heart')]),
        ...(glazed ? [part('glaze', 'honey-glaze')] : []),
      ],
      pieces: [piece('cake', form, inside, { ringHeight: high, ...(count > 1 && { count }) })],
      blocks: [
        block('build', count > 1 ? 'build-upside-down' : 'build-in-a-ring'),
        ...(glazed ? [block('pour', 'poured-glaze', glaze)] : []),
        block('box', 'check-and-box'),
      ],
    });
  });

export const anyDesign: fc.Arbitrary<Design> = fc.oneof({ weight: 3, arbitrary: stacked }, inRings);

/** A change of a design, and how it is taken back. */
export interface AnyEdit {
  name: string;
  to: (design: Design) => Design;
}
const change = <T>(list: readonly T[], at: number, to: (of: T) => T): T[] =>
  list.map((x, i) => (i === at % list.length ? to(x) : x));

/** Pairs of an edit and its inverse. */
export const anyEdit: fc.Arbitrary<{ edit: AnyEdit; back: AnyEdit }> = fc
  .record({ at: fc.nat(9), by: fc.integer({ min: 1, max: 6 }) })
  .map(({ at, by }) => {
    const thicker = (mm: number): AnyEdit => ({
      name: `layers ${mm} mm thicker`,
      to: (d) => ({
        ...d,
        pieces: change(d.pieces, at, (p) => ({
          ...p,
          inside: p.inside.map((i) => (i.is === 'layer' ? { ...i, mm: i.mm + mm } : i)),
        })),
      }),
    });
    return { edit: thicker(by), back: thicker(-by) };
  });
