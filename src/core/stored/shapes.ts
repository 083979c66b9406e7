import { Type, type TSchema } from '@sinclair/typebox';
import { ROLLED_UP, type Check, type FormulaWait, type Reminder, type SchoolChoice } from '../formula/formula';
import { CHECKS, type CheckName } from '../kinds/checks';
import type { Form } from '../shape/form';
import type { Minutes } from '../time/minutes';
import { describes } from './codec';

/** Shapes that several documents have in common. */

export const text = Type.String();
export const number = Type.Number();
export const flag = Type.Boolean();
export const list = <S extends TSchema>(of: S) => Type.Array(of);
export const maybe = <S extends TSchema>(shape: S) => Type.Union([shape, Type.Null()]);
export const optional = Type.Optional;
export const byName = <S extends TSchema>(of: S) => Type.Record(Type.String(), of);
/** One of these words. */
export const oneOf = <const W extends string>(words: readonly W[]) =>
  Type.Unsafe<W>(Type.Union(words.map((w) => Type.Literal(w))));
/** A text with a meaning of its own, such as an id. */
export const textAs = <T extends string>() => Type.Unsafe<T>(Type.String());

export const allergen = oneOf(ROLLED_UP);

export const minutes = describes<Minutes>()(Type.Object({ low: number, likely: number, high: number }));

const shaped = <const F extends Form['form']>(form: F, ...measures: string[]) =>
  Type.Unsafe<Extract<Form, { form: F }>>(
    Type.Object({ form: Type.Literal(form), ...Object.fromEntries(measures.map((m) => [m, number])) }),
  );
export const form = describes<Form>()(
  Type.Union([
    shaped('round', 'diameter'),
    shaped('square', 'side'),
    shaped('rectangle', 'length', 'width'),
    shaped('ring', 'outer', 'inner'),
    shaped('hexagon', 'across'),
    shaped('heart', 'side'),
    shaped('petal', 'across', 'petals'),
    shaped('half-sphere', 'diameter'),
    shaped('loaf', 'topLength', 'topWidth', 'bottomLength', 'bottomWidth'),
    shaped('roll', 'length', 'diameter'),
    shaped('house', 'length', 'width', 'wall', 'ridge'),
  ]),
);

export const schoolChoice = describes<SchoolChoice>()(Type.Object({ school: text, choice: text }));

export const check = describes<Check>()(
  Type.Object({
    kind: oneOf(Object.keys(CHECKS) as CheckName[]),
    text,
    limit: optional(number),
    tooFar: optional(number),
    otherwise: text,
    beyond: optional(text),
  }),
);

export const reminder = describes<Reminder>()(
  Type.Object({ after: number, every: optional(number), share: optional(number), text }),
);

/** What a line of a formula may also say. */
export const lineExtras = {
  range: optional(Type.Object({ low: number, high: number, sign: text })),
  keeps: optional(number),
};

export const uses = list(Type.Object({ kind: text, units: number }));

const waitFields = { from: text, to: text, min: number, max: maybe(number), place: maybe(text), why: text };
export const formulaWait = describes<FormulaWait>()(
  Type.Object({ ...waitFields, ageing: optional(number), attended: optional(flag), ovenOff: optional(flag) }),
);
export const routeChoice = Type.Object({ route: text, choice: text });

export const span = Type.Tuple([number, number]);
