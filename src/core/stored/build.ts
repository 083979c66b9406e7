import { Type, type TSchema } from '@sinclair/typebox';
import type { AmountRule, Build, BuildComponent, BuildStage, BuildWait } from '../breakdown/build';
import { PORTION_KINDS } from '../shape/portions';
import { codec, describes } from './codec';
import { withoutFinish, withWriting } from './build-before';
import {
  check,
  flag,
  form,
  list,
  maybe,
  number,
  oneOf,
  optional,
  reminder,
  routeChoice,
  schoolChoice,
  text,
  uses,
} from './shapes';

const rule = <const R extends AmountRule['rule']>(name: R, fields: Record<string, TSchema> = {}) =>
  Type.Unsafe<Extract<AmountRule, { rule: R }>>(Type.Object({ rule: Type.Literal(name), ...fields }));
const sheet = Type.Object({ length: number, width: number });

const undivided = [
  rule('batter', { tinDepth: number, layersPerTin: number }),
  rule('discs', { sheet, halves: optional(flag), patched: optional(flag) }),
  rule('base', { thickness: number, sheet }),
  rule('roll sheet', { sheet }),
  rule('filling', { thickness: optional(number), dammed: optional(flag), onTop: optional(flag) }),
  rule('dam and coats', {
    crumb: optional(number),
    final: optional(number),
    dam: optional(flag),
    topOnly: optional(flag),
  }),
  rule('soak', { kind: oneOf(['butter', 'foam']) }),
  rule('paste cover'),
  rule('glaze'),
  rule('insert', { thickness: number, inset: number }),
  rule('rest of the ring'),
  rule('panels', { height: number, thickness: number }),
  rule('pieces', { per: oneOf(['cake', 'tier', 'portion']), count: number, grams: number }),
  rule('border', { nozzle: text, where: oneOf(['top', 'foot', 'both']) }),
  rule('rosettes', { spacing: number, grams: number }),
  rule('drip', { meanLength: optional(number), flood: optional(number) }),
  rule('strewn', { gramsPerCm2: number, height: optional(number) }),
  rule('share', { of: text, share: number }),
] as const;

/** Parts of a batch by their own rules; none of them is divided again. */
const divided = rule('divided', { uses: list(Type.Object({ use: text, rule: Type.Union([...undivided]) })) });
const amountRule = describes<AmountRule>()(Type.Union([...undivided, divided]));

const component = describes<BuildComponent>()(
  Type.Object({
    role: text,
    label: text,
    formula: text,
    instead: optional(list(Type.Object({ when: schoolChoice, formula: text }))),
    amount: amountRule,
    split: optional(list(Type.Object({ use: text, share: number }))),
    optional: optional(flag),
  }),
);

const stage = describes<BuildStage>()(
  Type.Object({
    key: text,
    name: text,
    oneTier: optional(text),
    minutes: Type.Object({
      low: number,
      likely: number,
      high: number,
      perTier: optional(number),
      perPortion: optional(number),
      perPiece: optional(number),
      perArea: optional(number),
    }),
    skill: maybe(text),
    people: optional(number),
    uses: optional(uses),
    takes: list(text),
    how: text,
    inscribes: optional(Type.Literal(true)),
    sign: optional(text),
    caution: optional(text),
    check: optional(check),
    reminders: optional(list(reminder)),
    when: optional(routeChoice),
  }),
);

const wait = describes<BuildWait>()(
  Type.Object({
    from: text,
    to: text,
    min: number,
    max: maybe(number),
    place: maybe(text),
    why: text,
    ageing: optional(number),
    units: number,
    when: optional(routeChoice),
  }),
);

const choice = Type.Object({ key: text, name: text });

const build = describes<Build>()(
  Type.Object({
    id: text,
    name: text,
    story: text,
    mould: maybe(oneOf(['tin', 'ring', 'square tin'])),
    sizes: optional(list(form)),
    mostTiers: number,
    portion: oneOf(PORTION_KINDS),
    layers: number,
    layerHeight: number,
    fillingThickness: optional(number),
    ringHeight: optional(number),
    ringHold: optional(Type.Object({ from: text, until: text })),
    components: list(component),
    stages: list(stage),
    waits: list(wait),
    routes: optional(list(Type.Object({ key: text, name: text, choices: list(choice) }))),
  }),
);

export const buildCodec = codec<Build>()({
  format: 'zest-ladder/build',
  schema: build,
  migrations: [(v0) => v0, withoutFinish, withWriting],
});
