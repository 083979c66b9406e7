import { Type, type Static, type TSchema } from '@sinclair/typebox';
import type { EventKind } from '../kinds/events';
import type { MadeEdit } from '../steering/plan-edit';
import { codec, type Codec, type Stored } from './codec';
import { editCodec } from './plan-edit';
import { orderDetails } from './order-details';
import { storeDraw, STORE_EVENTS } from './store';
import { REGISTERS, type RegisterName } from './registers';
import { allergen, byName, form, list, maybe, number, oneOf, optional, text } from './shapes';

/** The fields of an order as an event tells them: those that are named. Instants are ISO texts. */
const orderFields = Type.Partial(
  Type.Object({
    title: text,
    customer: text,
    pickup: text,
    portions: number,
    build: text,
    tiers: list(form),
    inscription: text,
    avoid: list(allergen),
    note: text,
    details: orderDetails,
    /** Until when an enquiry holds its place; null once it is an order. */
    holdsUntil: maybe(text),
    together: maybe(number),
    without: list(text),
    swaps: byName(text),
    overrides: byName(number),
    fromStore: list(storeDraw),
    choices: byName(text),
    versions: byName(number),
  }),
);
const nothing = Type.Object({});
const step = { step: text };

/** What each kind of event but an edit tells beside its kind, its time and its order. */
const BODIES = {
  /** `saved` is the version of the formula. */
  'formula saved': Type.Object({ formula: text, saved: number }),
  /** `saved` is the version of the build, `before` what it was until then: a document of its own. */
  'build saved': Type.Object({
    ...{ build: text, saved: number },
    before: optional(Type.Unsafe<Stored>(Type.Object({}))),
  }),
  'kitchen changed': Type.Object({
    figures: optional(byName(number)),
    choices: optional(byName(text)),
    reading: optional(byName(text)),
    opening: optional(Type.Unsafe<Stored>(Type.Object({}))),
    name: optional(text),
    zone: optional(text),
  }),
  'kitchen made': Type.Object({ name: text }),
  /** An entry of a register as it was and as it is, each a document of its own; null before it was there, and while it is retired. */
  'entry saved': Type.Object({
    register: oneOf(Object.keys(REGISTERS) as RegisterName[]),
    entry: text,
    before: maybe(Type.Unsafe<Stored>(Type.Object({}))),
    after: maybe(Type.Unsafe<Stored>(Type.Object({}))),
  }),
  /** Out of the starter library. */
  'library added': Type.Object({ formulas: list(text), builds: list(text), ingredients: list(text) }),
  /** How long a step took at another time, or in another program: `when` it was, its name, minutes planned and taken. */
  'old record': Type.Object({ when: text, name: text, likely: number, took: number }),
  'batch accepted': Type.Object({ batch: number, members: list(Type.Object({ order: number, role: text })) }),
  'batch split': Type.Object({ batch: number }),
  /** `when`, here and below: the instant it happened, where it was told later. */
  start: Type.Object({
    ...step,
    people: list(text),
    equipment: list(text),
    when: optional(text),
    /** Minutes before the plan of that time had it. */
    ahead: optional(number),
  }),
  /** What the step was and should have taken: its order, or a later plan, may not know it any more. */
  finish: Type.Object({
    ...step,
    name: optional(text),
    likely: optional(number),
    /** `why` it was used all the same, where what was read had gone too far. */
    check: optional(Type.Object({ kind: text, text, value: maybe(number), why: optional(text) })),
    when: optional(text),
  }),
  /** More minutes than were planned, as it was told before “not yet” was. */
  extend: Type.Object({ ...step, minutes: number }),
  /** Minutes from when it is told. */
  'not yet': Type.Object({ ...step, minutes: number }),
  /** When what an event told really was. */
  correct: Type.Object({ event: number, when: text }),
  'take back': Type.Object({ event: number }),
  /** What had stood too long after the step `after` was used for `step` all the same. */
  'use anyway': Type.Object({ ...step, after: text, stood: number, allowed: number, reason: text }),
  'order taken': orderFields,
  'order changed': Type.Object({ from: orderFields, to: orderFields }),
  'handed over': nothing,
  'brought back': nothing,
  /** An enquiry whose time was over. */
  lapsed: nothing,
  'rules applied': Type.Object({ changes: list(text) }),
  ...STORE_EVENTS,
} as const;

type Bodies = { [K in keyof typeof BODIES]: Static<(typeof BODIES)[K]> } & { 'plan edit': Omit<MadeEdit, 'id'> };
/** What was told, by its kind. */
export type EventBody<K extends EventKind> = Bodies[K];
export type ToldEvent = { [K in EventKind]: { kind: K; body: Bodies[K] } }[EventKind];

/** The version of the formula was called as the version of a document is now. */
const savedFromBefore = ({ version, ...rest }: Record<string, unknown>) => ({ ...rest, saved: version });

const codecs = {
  ...Object.fromEntries(
    (Object.keys(BODIES) as (keyof typeof BODIES)[]).map((kind) => [
      kind,
      codec<object>()({
        format: `zest-ladder/event: ${kind}`,
        schema: BODIES[kind] as TSchema as never,
        migrations: [kind === 'formula saved' ? savedFromBefore : (v0) => v0],
      }),
    ]),
  ),
  // An edit is a document of its own.
  'plan edit': editCodec,
} as unknown as { [K in EventKind]: Codec<Bodies[K]> };

/** The codec of a kind of event; of a kind that this program does not know, null. */
export const eventCodec = <K extends EventKind>(kind: K): Codec<Bodies[K]> | null =>
  Object.hasOwn(codecs, kind) ? codecs[kind] : null;
