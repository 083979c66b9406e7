import { Type } from '@sinclair/typebox';
import type { Build } from '../design/build';
import { codec, describes } from './codec';
import { asDesign, withoutFinish, withWriting } from './build-before';
import { designSchema } from './design';
import { flag, form, list, maybe, number, oneOf, optional, text } from './shapes';

const build = describes<Build>()(
  Type.Object({
    ...{ id: text, name: text, story: text },
    design: designSchema,
    mould: maybe(oneOf(['tin', 'ring', 'square tin'])),
    sizes: optional(list(form)),
    mostTiers: number,
    ...{ fixed: optional(list(text)), retired: optional(flag) },
  }),
);

/** A build of a kitchen. */
export const buildCodec = codec<Build>()({
  format: 'zest-ladder/build',
  schema: build,
  migrations: [(v0) => v0, withoutFinish, withWriting, asDesign],
});
