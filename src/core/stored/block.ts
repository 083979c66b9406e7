import { Type } from '@sinclair/typebox';
import type { BlockStage, BlockWait, KeptBlock, Route } from '../design/block';
import { BLOCK_KINDS } from '../design/kinds/kind';
import { codec, describes } from './codec';
import { check, list, maybe, number, oneOf, optional, reminder, text, uses } from './shapes';

const waitFields = {
  ...{ min: number, max: maybe(number), place: maybe(text), why: text },
  ageing: optional(number),
  units: optional(number),
};

/** How something stands before, between or after work. */
export const blockWait = describes<BlockWait>()(Type.Object(waitFields));

export const route = describes<Route>()(
  Type.Object({ key: text, name: text, choices: list(Type.Object({ key: text, name: text })) }),
);

/** All that a stage says but its key. */
export const stageFields = {
  name: text,
  oneTier: optional(text),
  minutes: Type.Object({
    ...{ low: number, likely: number, high: number },
    ...{
      perTier: optional(number),
      perPortion: optional(number),
      perPiece: optional(number),
      perArea: optional(number),
    },
  }),
  skill: maybe(text),
  people: optional(number),
  uses: optional(uses),
  how: text,
  inscribes: optional(Type.Literal(true)),
  sign: optional(text),
  caution: optional(text),
  check: optional(check),
  reminders: optional(list(reminder)),
};

const block = describes<KeptBlock>()(
  Type.Object({
    ...{ name: text, story: text, kind: oneOf(BLOCK_KINDS) },
    stages: list(describes<BlockStage>()(Type.Object({ key: text, ...stageFields }))),
    between: optional(list(Type.Object({ ...waitFields, choice: optional(text) }))),
    route: optional(route),
    before: optional(blockWait),
    after: optional(blockWait),
    thaw: optional(Type.Object({ min: number, why: text, choice: optional(text) })),
    dry: optional(number),
    holds: optional(Type.Literal('ring')),
    open: optional(Type.Literal(true)),
  }),
);

/** A block of a kitchen's library. */
export const blockCodec = codec<KeptBlock>()({ format: 'zest-ladder/block', schema: block, migrations: [(v0) => v0] });
