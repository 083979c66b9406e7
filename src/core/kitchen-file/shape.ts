import { Type, type Static, type TOptional } from '@sinclair/typebox';
import { EVENT_KINDS, type EventKind } from '../kinds/events';
import type { BatchId, OrderId } from '../ids/ids';
import type { Reading } from '../measure/show-quantity';
import type { Stored } from '../stored/codec';
import { reading } from '../stored/registers';
import { flag, list, maybe, number, oneOf, optional, text, textAs } from '../stored/shapes';

/**
 * The kitchen file, version 1. Instants are ISO 8601 with an offset or Z; where the file has an `anchor` they may also be times by the
 * kitchen’s clock so many days after it: “+3 14:30”. Documents carry a format and a version of their own.
 */

export const KITCHEN_FORMAT = 'zest-ladder/kitchen';
export const KITCHEN_VERSION = 1;

/** A document with a codec of its own, looked into apart. */
const document = Type.Unsafe<Stored>(Type.Object({ format: text, version: number }));
const id = Type.String({ minLength: 1, maxLength: 120 });
const whole = Type.Integer({ minimum: 1, maximum: 2_000_000_000 });
const instant = Type.String({ maxLength: 40 });

/** One entry of a register. */
const entry = Type.Object({
  id,
  /** When it was taken out of use. */
  retired: optional(instant),
  body: document,
});

const formula = Type.Object({
  id,
  /** The newest first. */
  versions: list(Type.Object({ version: whole, savedAt: instant, note: text, body: document })),
});

const order = Type.Object({
  id: whole,
  title: text,
  customer: text,
  pickup: instant,
  portions: whole,
  build: id,
  answers: document,
  inscription: text,
  note: text,
  details: optional(maybe(document)),
  holdsUntil: optional(maybe(instant)),
  together: optional(maybe(whole)),
  weight: number,
  state: oneOf(['open', 'handed over', 'lapsed']),
  handedOverAt: maybe(instant),
  version: whole,
  createdAt: instant,
});

/** A picture that a customer brought; its bytes in base64. */
const picture = Type.Object({
  id: whole,
  order: whole,
  words: text,
  type: oneOf(['image/jpeg', 'image/png', 'image/webp']),
  width: whole,
  height: whole,
  addedAt: instant,
  bytes: Type.String({ maxLength: 3_000_000, pattern: '^[A-Za-z0-9+/]*={0,2}$' }),
});

const batch = Type.Object({
  id: whole,
  formula: id,
  members: list(Type.Object({ order: whole, role: text })),
  split: flag,
  madeAt: instant,
});

const event = Type.Object({
  id: whole,
  at: instant,
  kind: oneOf<EventKind>(EVENT_KINDS),
  order: maybe(whole),
  owner: maybe(textAs<OrderId | BatchId>()),
  /** Who told it, where it is known. */
  by: optional(text),
  body: document,
});

/** Work as it was broken down when its first step was told. */
const work = Type.Object({ owner: textAs<OrderId | BatchId>(), version: whole, keptAt: instant, body: document });
const plan = Type.Object({
  id: whole,
  previous: Type.Integer({ minimum: 0 }),
  madeAt: instant,
  reason: text,
  body: document,
});
const series = Type.Object({
  id: whole,
  thing: text,
  place: oneOf(['bench', 'fridge', 'freezer']),
  ambient: number,
  readings: list(Type.Object({ minutes: number, celsius: number })),
  takenAt: instant,
});

export const SECTIONS = {
  people: list(entry),
  items: list(entry),
  ingredients: list(entry),
  suppliers: list(entry),
  standingWork: list(entry),
  blocks: list(entry),
  formulas: list(formula),
  builds: list(Type.Object({ id, version: whole, body: document })),
  orders: list(order),
  pictures: list(picture),
  batches: list(batch),
  events: list(event),
  work: list(work),
  plans: list(plan),
  ticks: list(Type.Object({ key: Type.String({ maxLength: 400 }), tickedAt: instant })),
  probeSeries: list(series),
} as const;
export type SectionName = keyof typeof SECTIONS;

const kitchen = Type.Object({
  name: Type.String({ minLength: 1, maxLength: 60 }),
  zone: text,
  /** Minute 0 of all planning, for good. */
  origin: instant,
  reading: maybe(Type.Unsafe<Reading>(reading)),
  figures: document,
  opening: maybe(document),
  setUp: maybe(list(text)),
});

/** Sections that are left out are of another file, or there are none. */
export const kitchenFile = Type.Object({
  format: Type.Literal(KITCHEN_FORMAT),
  version: Type.Literal(KITCHEN_VERSION),
  /** The day that “+0” is; null where all instants are fixed. */
  anchor: maybe(Type.String({ pattern: '^\\d{4}-\\d{2}-\\d{2}$' })),
  kitchen: maybe(kitchen),
  ...(Object.fromEntries(Object.entries(SECTIONS).map(([name, of]) => [name, optional(of)])) as {
    [S in SectionName]: TOptional<(typeof SECTIONS)[S]>;
  }),
});

export type KitchenFile = Static<typeof kitchenFile>;
export type Section<S extends SectionName> = Static<(typeof SECTIONS)[S]>;
