import { Type } from '@sinclair/typebox';
import type { BatchWork } from '../batching/batch';
import type { Amount, Load, Portion } from '../breakdown/amounts/amount';
import type { Cake } from '../breakdown/amounts/cake';
import type { Component } from '../breakdown/amounts/component';
import type { Breakdown } from '../breakdown/breakdown';
import type { Mould } from '../breakdown/kitchen';
import type { CakeStep } from '../breakdown/steps/cake-step';
import type { Preparation } from '../breakdown/steps/preparations';
import type { ScaledLine } from '../formula/scale';
import type { OrderId, StepId } from '../ids/ids';
import type { BreakdownFigures, KeptBatch, KeptBreakdown } from '../situation/kept-work';
import type { Coat, Stratum, Tier } from '../breakdown/strata/stratum';
import { codec, describes } from './codec';
import { batchWithStrata, orderWithStrata } from './compiled-before';
import { byProduct, formula } from './formula';
import { coefficients, withDrumsAndHours, withWarmth } from './kitchen-figures';
import { makingFields } from './order-answers';
import { hold, route, stepFields, wait } from './planned';
import {
  allergen,
  byName,
  check,
  flag,
  form,
  lineExtras,
  list,
  maybe,
  number,
  oneOf,
  optional,
  reminder,
  text,
  textAs,
} from './shapes';

const stratum = describes<Stratum>()(
  Type.Object({
    role: text,
    rule: number,
    kind: oneOf(['base', 'layer', 'filling', 'dam', 'insert', 'ring filling']),
    from: number,
    thickness: number,
    inset: number,
    until: optional(number),
    ml: number,
  }),
);
const coat = describes<Coat>()(
  Type.Object({
    role: text,
    rule: number,
    kind: oneOf(['crumb coat', 'final coat', 'coat', 'cover', 'glaze', 'flooded top']),
    thickness: number,
    side: number,
    beside: optional(Type.Literal(true)),
    ml: number,
  }),
);
const tier = describes<Tier>()(
  Type.Object({
    ...{ form, body: number, height: number, strata: list(stratum), coats: list(coat) },
    count: optional(number),
    cutFrom: optional(list(number)),
    within: optional(Type.Literal(true)),
    dummy: optional(Type.Literal(true)),
  }),
);
const cake = describes<Cake>()(
  Type.Object({
    tiers: list(tier),
    portions: number,
    layers: number,
    layerHeight: number,
  }),
);
const portion = describes<Portion>()(
  Type.Object({
    ...{ use: text, grams: number, leftOver: optional(byProduct), lost: optional(flag) },
    count: optional(number),
    stage: optional(text),
    tiers: optional(list(Type.Object({ tier: number, grams: number }))),
    into: optional(text),
    besides: optional(Type.Literal(true)),
  }),
);
const load = describes<Load>()(Type.Object({ tier: number, form, tins: number, gramsEach: number }));
const amount = describes<Amount>()(
  Type.Object({
    grams: number,
    portions: list(portion),
    pieces: maybe(number),
    loads: list(load),
    raw: optional(flag),
    because: text,
    computed: maybe(number),
  }),
);
const scaled = describes<ScaledLine>()(
  Type.Object({
    ...{ ingredient: text, grams: number, note: optional(text), step: optional(text), ...lineExtras },
    share: number,
  }),
);
const brings = list(Type.Object({ allergen, from: list(text) }));
const component = describes<Component>()(
  Type.Object({
    role: text,
    label: text,
    formula,
    optional: flag,
    amount,
    lines: list(scaled),
    allergens: brings,
    takes: optional(list(Type.Object({ role: text, name: text, grams: number, step: optional(text) }))),
  }),
);
const preparation = describes<Preparation>()(
  Type.Object({ kind: oneOf(['take out', 'chill', 'line', 'soak', 'heat', 'other']), text, before: number }),
);
const cakeStep = describes<CakeStep>()(
  Type.Object({
    ...stepFields,
    id: textAs<StepId>(),
    order: maybe(textAs<OrderId>()),
    role: maybe(text),
    how: text,
    sign: maybe(text),
    caution: maybe(text),
    grams: maybe(number),
    amount: maybe(text),
    check: maybe(check),
    reminders: list(reminder),
    preparations: list(preparation),
  }),
);
const work = { steps: list(cakeStep), waits: list(wait), holds: list(hold) };
const use = Type.Object({ by: text, grams: number });
const breakdown = describes<Breakdown>()(
  Type.Object({
    cake,
    components: list(component),
    leftOvers: list(Type.Object({ from: text, kind: byProduct, grams: number, uses: list(use), left: number })),
    drawn: list(
      Type.Object({
        role: text,
        ingredient: text,
        needed: number,
        from: list(Type.Object({ role: text, grams: number })),
        short: number,
      }),
    ),
    ...work,
    routes: list(route),
    allergens: brings,
  }),
);

const mould = describes<Mould>()(
  Type.Object({
    kind: text,
    use: oneOf(['tin', 'ring', 'square tin', 'shaped tin', 'sheet']),
    form,
    depth: optional(number),
    owned: number,
  }),
);
const mixes = Type.Unsafe<NonNullable<BreakdownFigures['mixes']>>(byName(Type.Object({ least: number, most: number })));
const figures = describes<BreakdownFigures>()(
  Type.Object({
    coefficients,
    choices: byName(text),
    moulds: list(mould),
    ovenSlots: number,
    slot: optional(Type.Object({ length: number, width: number })),
    mixes: optional(mixes),
  }),
);

type Body = Record<string, unknown>;

/** An order’s kept work of a time when its figures were fewer. */
const orderWithFigures = (mend: (coefficients: Body) => Body) => (before: Body) => {
  const kept = before.figures as Body;
  return { ...before, figures: { ...kept, coefficients: mend(kept.coefficients as Body) } };
};

/** An order’s work as it is kept from its first told step. */
export const keptCodec = codec<KeptBreakdown>()({
  format: 'zest-ladder/compiled-order',
  schema: Type.Object({
    answers: Type.Object({ build: text, inscription: optional(text), ...makingFields }),
    figures,
    breakdown,
    formerIds: optional(flag),
  }),
  migrations: [(v0) => v0, orderWithStrata, orderWithFigures(withDrumsAndHours), orderWithFigures(withWarmth)],
});

const batchWork = describes<BatchWork>()(Type.Object({ component, ...work }));

/** A batch’s work as it is kept from its first told step. */
export const keptBatchCodec = codec<KeptBatch>()({
  format: 'zest-ladder/compiled-batch',
  schema: Type.Object({ members: list(Type.Object({ order: number, role: text })), work: batchWork }),
  migrations: [(v0) => v0, batchWithStrata],
});
