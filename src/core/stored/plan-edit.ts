import { Type, type TSchema } from '@sinclair/typebox';
import type { AdjustmentKind, MadeEdit, OrderAnswers, Pin, PlanEdit } from '../steering/plan-edit';
import { codec, describes } from './codec';
import { byName, list, maybe, number, optional, span, text } from './shapes';

const pin = describes<Pin>()(Type.Object({ start: number, people: list(text), equipment: list(text) }));
// The answers of before are those that an edit changes: one that there was none of is left out.
const answers = describes<Partial<OrderAnswers>>()(
  Type.Object({ pickup: optional(text), without: optional(list(text)), choices: optional(byName(text)) }),
);

const VALUES = {
  pin,
  give: list(text),
  away: list(span),
  longer: list(span),
  lend: list(text),
  closed: list(span),
  more: number,
  order: answers,
} satisfies Record<AdjustmentKind, TSchema>;

const single = (Object.keys(VALUES) as AdjustmentKind[]).map((kind) =>
  Type.Object({ kind: Type.Literal(kind), key: text, from: maybe(VALUES[kind]), to: maybe(VALUES[kind]) }),
);

const edit = Type.Unsafe<PlanEdit>(
  Type.Recursive((self) => Type.Union([...single, Type.Object({ kind: Type.Literal('several'), edits: list(self) })])),
);

/** All that a lead wants of a plan, by what it is wanted of. */
export const adjustments = Type.Object(
  Object.fromEntries((Object.keys(VALUES) as AdjustmentKind[]).map((kind) => [kind, byName(VALUES[kind])])),
);

/** The fields of a made edit but for its id, which is its event’s. */
export const editFields = { edit, undoes: maybe(number), before: number };

export const editCodec = codec<Omit<MadeEdit, 'id'>>()({
  format: 'zest-ladder/plan-edit',
  schema: Type.Object(editFields),
  migrations: [(v0) => v0],
});
