import { Type } from '@sinclair/typebox';
import {
  BATTERS,
  BY_PRODUCTS,
  PURPOSES,
  type ByProduct,
  type Formula,
  type FormulaLine,
  type FormulaPart,
  type FormulaStep,
  type InStore,
  type Keeping,
} from '../formula/formula';
import { codec, describes } from './codec';
import {
  check,
  flag,
  form,
  formulaWait,
  lineExtras,
  list,
  maybe,
  minutes,
  number,
  oneOf,
  optional,
  reminder,
  schoolChoice,
  text,
  uses,
} from './shapes';

export const byProduct = oneOf<ByProduct>(BY_PRODUCTS);

const line = describes<FormulaLine>()(
  Type.Object({ ingredient: text, grams: number, note: optional(text), step: optional(text), ...lineExtras }),
);
const part = describes<FormulaPart>()(
  Type.Object({ formula: text, grams: number, note: optional(text), step: optional(text) }),
);

const step = describes<FormulaStep>()(
  Type.Object({
    key: text,
    name: text,
    work: oneOf(['hands', 'oven', 'machine']),
    minutes: Type.Object({
      low: number,
      likely: number,
      high: number,
      perKilo: optional(number),
      perPiece: optional(number),
      perTin: optional(number),
    }),
    skill: optional(maybe(text)),
    uses: optional(uses),
    oven: optional(Type.Object({ celsius: number, slots: number, bySize: optional(flag) })),
    each: optional(oneOf(['batch', 'load'])),
    tinsUntil: optional(text),
    how: text,
    sign: optional(text),
    check: optional(check),
    reminders: optional(list(reminder)),
    caution: optional(text),
    chill: optional(flag),
    prepare: optional(list(Type.Object({ text, before: number }))),
    when: optional(schoolChoice),
  }),
);

const keeping = describes<Keeping>()(
  Type.Object({
    ...{ place: maybe(text), min: number, max: number, units: number, ageing: number, why: text },
    betterAfter: optional(number),
    tempering: optional(Type.Object({ outOfCold: number, minutes, stands: number })),
  }),
);

const inStore = describes<InStore>()(
  Type.Object({
    ...{ place: text, keeps: number, by: oneOf(['piece', 'weight']) },
    thaw: optional(Type.Object({ min: number, max: number, place: maybe(text) })),
    ...{ level: optional(number), makes: optional(number) },
  }),
);

export const formula = describes<Formula>()(
  Type.Object({
    id: text,
    name: text,
    family: text,
    story: text,
    lines: list(line),
    loss: number,
    density: number,
    batter: optional(oneOf(BATTERS)),
    measured: optional(Type.Object({ grams: number, form, height: number })),
    batch: optional(Type.Object({ least: optional(number), most: optional(number) })),
    purpose: oneOf(PURPOSES),
    stands: optional(number),
    domes: optional(flag),
    steps: list(step),
    waits: list(formulaWait),
    keeping,
    inStore: optional(inStore),
    rescue: optional(text),
    rescues: optional(list(Type.Object({ failure: text, help: text }))),
    parts: optional(list(part)),
    colour: optional(text),
    retired: optional(flag),
  }),
);

export const formulaCodec = codec<Formula>()({
  format: 'zest-ladder/formula',
  schema: formula,
  migrations: [(v0) => v0],
});
