import { Type, type TSchema } from '@sinclair/typebox';
import type { AmountRule } from '../design/amount-rule';
import type {
  BlockTake,
  Design,
  DesignBlock,
  DesignPart,
  DesignWait,
  Inside,
  Layers,
  Piece,
  Undecided,
} from '../design/design';
import { SPOTS, type Lies } from '../design/lies';
import { TEXTURES } from '../design/texture';
import type { Measure } from '../design/measure';
import { PORTION_KINDS } from '../shape/portions';
import { blockWait, route, stageFields } from './block';
import { codec, describes } from './codec';
import { flag, form, list, maybe, number, oneOf, optional, routeChoice, schoolChoice, text } from './shapes';

const rest = Type.Literal('rest');
const usual = Type.Literal('usual');
const grams = Type.Object({ grams: number });
const share = Type.Object({ share: number });
const measure = describes<Measure>()(Type.Union([Type.Object({ mm: number }), grams, share, rest, usual]));
const ofBatch = Type.Union([grams, share, rest]);

const rule = <const R extends AmountRule['rule']>(name: R, fields: Record<string, TSchema> = {}) =>
  Type.Unsafe<Extract<AmountRule, { rule: R }>>(Type.Object({ rule: Type.Literal(name), ...fields }));
const surface = Type.Union([oneOf(['all', 'top', 'side']), Type.Object({ band: number })]);
const amountRule = describes<AmountRule>()(
  Type.Union([
    rule('coat', { coat: oneOf(['crumb', 'final', 'other']), thickness: measure, on: surface }),
    rule('paste cover', { thickness: optional(number) }),
    rule('glaze'),
    rule('drip', { meanLength: optional(number), flood: optional(number) }),
    rule('spread on top', { thickness: measure, border: optional(number) }),
    rule('pieces', {
      ...{ per: oneOf(['cake', 'tier', 'portion']), count: number, grams: number },
      spare: optional(number),
      every: optional(number),
    }),
    rule('border', { nozzle: text, where: oneOf(['top', 'foot', 'both']) }),
    rule('rosettes', { spacing: number, grams: number }),
    rule('strewn', { gramsPerCm2: number, height: optional(number) }),
    rule('panels', { height: optional(number), thickness: number }),
    rule('glue', { grams: number, per: Type.Union([Type.Object({ piecesOf: text }), Type.Literal('cm around')]) }),
    rule('of the batch', { amount: ofBatch }),
    rule('share', { of: text, share: number }),
  ]),
);

const sheet = Type.Object({ length: number, width: number });
const layers = describes<Layers>()(
  Type.Union([
    Type.Object({ from: Type.Literal('tins'), depth: number, most: number }),
    Type.Object({ from: Type.Literal('sheets'), sheet, halves: optional(flag), patched: optional(flag) }),
    Type.Object({ from: Type.Literal('own size'), sheet }),
    Type.Object({ from: Type.Literal('rolled sheet'), sheet }),
  ]),
);

const undecided = describes<Undecided>()(Type.Object({ what: text, by: text }));

const part = describes<DesignPart>()(
  Type.Object({
    ...{ role: text, label: text },
    made: Type.Union([Type.Object({ formula: text }), Type.Object({ bought: text })]),
    instead: optional(list(Type.Object({ when: schoolChoice, formula: text }))),
    layers: optional(layers),
    batch: optional(number),
    split: optional(list(Type.Object({ use: text, share: number }))),
    drawsOn: optional(text),
    optional: optional(flag),
    undecided: optional(undecided),
  }),
);

const inside = describes<Inside>()(
  Type.Union([
    Type.Object({ is: Type.Literal('layer'), role: text, mm: number }),
    Type.Object({
      ...{ is: Type.Literal('soak'), role: text },
      amount: Type.Union([Type.Object({ kind: oneOf(['butter', 'foam']) }), grams, share, rest]),
      faces: optional(number),
    }),
    Type.Object({ is: Type.Literal('filling'), role: text, amount: measure, dam: optional(text) }),
    Type.Object({ is: Type.Literal('insert'), role: text, mm: number, inset: number }),
    Type.Object({ is: Type.Literal('rest'), role: text }),
  ]),
);

const piece = describes<Piece>()(
  Type.Object({
    ...{ key: text, name: optional(text), form, count: optional(number), tin: optional(form) },
    ringHeight: optional(number),
    inside: list(inside),
    madeOf: optional(Type.Object({ pieces: list(text), height: number })),
    dummy: optional(number),
    slices: optional(Type.Object({ width: number, trim: number })),
  }),
);

const lies = describes<Lies>()(
  Type.Object({ where: oneOf(SPOTS), hour: optional(number), inTurnWith: optional(text) }),
);
const take = describes<BlockTake>()(
  Type.Object({
    role: text,
    amount: optional(amountRule),
    use: optional(text),
    lies: optional(lies),
    texture: optional(oneOf(TEXTURES)),
  }),
);
const block = describes<DesignBlock>()(
  Type.Object({
    ...{ key: text, block: text, pieces: optional(list(text)), takes: list(take) },
    stage: optional(Type.Partial(Type.Object(stageFields))),
    ownStages: optional(list(Type.Object({ key: text, ...stageFields }))),
    after: optional(blockWait),
    when: optional(routeChoice),
    undecided: optional(undecided),
  }),
);
const wait = describes<DesignWait>()(
  Type.Object({
    ...{ from: text, to: text, min: number, max: maybe(number), place: maybe(text), why: text, units: number },
    ageing: optional(number),
    when: optional(routeChoice),
  }),
);

/** The design of a cake, in the shape in which it is stored and given to others. */
export const designSchema = describes<Design>()(
  Type.Object({
    ...{ name: text, portion: oneOf(PORTION_KINDS), parts: list(part), pieces: list(piece), blocks: list(block) },
    waits: optional(list(wait)),
    ringHold: optional(Type.Object({ from: text, until: text })),
    routes: optional(list(route)),
  }),
);

/** A design as a document of its own. */
export const designCodec = codec<Design>()({
  format: 'zest-ladder/design',
  schema: designSchema,
  migrations: [(v0) => v0],
});
