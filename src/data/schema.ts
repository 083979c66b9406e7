import type { EventKind } from '../core/kinds/events';
import {
  boolean,
  customType,
  foreignKey,
  index,
  integer,
  jsonb,
  primaryKey,
  pgTable,
  real,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core';
import type { BatchId, KitchenId, OrderId } from '../core/ids/ids';
import type { Stored } from '../core/stored/codec';
import type { Reading } from '../core/measure/show-quantity';
import type { Reading as ProbeReading } from '../core/records/cooling';
import type { RegisterName } from '../core/stored/registers';

/** A versioned document: its codec (`core/stored`) writes and reads it, nobody else looks inside. */
const document = (name: string) => jsonb(name).$type<Stored>();

const instant = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' });

/** A clock that runs on from another moment: what it showed at an instant of the server’s. ISO instants. */
export interface SetClock {
  at: string;
  shows: string;
}

/**
 * The kitchens of this database. Each has its own people, library, orders and plans: every other table names its kitchen, and what it
 * counts, it counts within one. `origin` is minute 0 of all planning, for good.
 */
export const kitchens = pgTable('kitchens', {
  /** Short, and part of its addresses. */
  id: text('id').$type<KitchenId>().primaryKey(),
  name: text('name').notNull(),
  zone: text('zone').notNull(),
  origin: instant('origin').notNull(),
  /** What it computes with: `KitchenFigures`. */
  figures: document('figures').notNull(),
  /** The units it reads in; null is metric. */
  reading: jsonb('reading').$type<Reading>(),
  /** When cakes are collected: `Opening`; null is at any time. */
  opening: document('opening'),
  /** The steps of setting it up that somebody is through with; null once it is set up. */
  setUp: jsonb('set_up').$type<string[]>(),
  /** Its own clock; null goes by the server's. */
  clock: jsonb('clock').$type<SetClock>(),
  createdAt: instant('created_at').notNull(),
  /** How many of the upgrades have been done that need the program, and not only its tables. */
  upgrades: integer('upgrades').notNull().default(1),
  version: integer('version').notNull().default(1),
});

/** The kitchen that a row belongs to. */
const kitchen = () =>
  text('kitchen')
    .$type<KitchenId>()
    .notNull()
    .references(() => kitchens.id);

/**
 * What a kitchen has, sort by sort: people, items, ingredients, suppliers, standing work. Nothing that was in use is ever deleted: it is
 * retired, and comes back.
 */
export const entries = pgTable(
  'entries',
  {
    kitchen: kitchen(),
    register: text('register').$type<RegisterName>().notNull(),
    id: text('id').notNull(),
    /** In the order in which they are shown. */
    position: integer('position').notNull(),
    /** By the register's codec. */
    body: document('body').notNull(),
    retiredAt: instant('retired_at'),
    /** Rises with every change; a save that names an older one is refused. */
    version: integer('version').notNull().default(1),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.register, table.id] })],
);

export const formulas = pgTable(
  'formulas',
  {
    kitchen: kitchen(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    body: document('body').notNull(),
    version: integer('version').notNull().default(1),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.id] })],
);

/** Every version a formula ever had: orders keep the one they were planned with. */
export const formulaVersions = pgTable(
  'formula_versions',
  {
    kitchen: kitchen(),
    formula: text('formula').notNull(),
    version: integer('version').notNull(),
    body: document('body').notNull(),
    savedAt: instant('saved_at').notNull(),
    note: text('note').notNull().default(''),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.formula, table.version] })],
);

export const builds = pgTable(
  'builds',
  {
    kitchen: kitchen(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    body: document('body').notNull(),
    version: integer('version').notNull().default(1),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.id] })],
);

/** An enquiry that was not taken up in time has lapsed. */
export type OrderState = 'open' | 'handed over' | 'lapsed';

export const orders = pgTable(
  'orders',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    title: text('title').notNull(),
    customer: text('customer').notNull(),
    pickup: instant('pickup').notNull(),
    portions: integer('portions').notNull(),
    build: text('build').notNull(),
    /** What decides how it is made: `OrderMakeup`. */
    answers: document('answers').notNull(),
    inscription: text('inscription').notNull(),
    note: text('note').notNull(),
    /** What was agreed beside what it is made of: `OrderDetails`; null is nothing. */
    details: document('details'),
    /** Until when it holds its place as an enquiry; null is an order. */
    holdsUntil: instant('holds_until'),
    /** The order that it is one with: several cakes of one customer. */
    together: integer('together'),
    weight: real('weight').notNull().default(1),
    state: text('state').$type<OrderState>().notNull().default('open'),
    handedOverAt: instant('handed_over_at'),
    /** Rises with every change; a save that names an older one is refused. */
    version: integer('version').notNull().default(1),
    createdAt: instant('created_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.kitchen, table.id] }),
    foreignKey({ columns: [table.kitchen, table.build], foreignColumns: [builds.kitchen, builds.id] }),
    index('orders_state').on(table.kitchen, table.state, table.pickup),
  ],
);

/** Bytes as they are. */
const bytes = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => 'bytea' });

/**
 * Pictures that a customer brought, scaled down. They come before their order is taken, and are never read with it; those that never came to an
 * order go after some days.
 */
export const pictures = pgTable(
  'pictures',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    /** Null until its order is taken. */
    order: integer('order_id'),
    words: text('words').notNull().default(''),
    /** "image/jpeg" */
    type: text('type').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    bytes: bytes('bytes').notNull(),
    addedAt: instant('added_at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.kitchen, table.id] }),
    foreignKey({ columns: [table.kitchen, table.order], foreignColumns: [orders.kitchen, orders.id] }),
    index('pictures_order').on(table.kitchen, table.order),
  ],
);

/** Batches that serve several orders, accepted by the lead. */
export const batches = pgTable(
  'batches',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    formula: text('formula').notNull(),
    members: jsonb('members').$type<{ order: number; role: string }[]>().notNull(),
    /** Split again: its parts are made apart. */
    split: boolean('split').notNull().default(false),
    madeAt: instant('made_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.id] })],
);

/** What was ticked off on pull lists; the key names the line, so that a new plan keeps what is still true. */
export const ticks = pgTable(
  'ticks',
  {
    kitchen: kitchen(),
    key: text('key').notNull(),
    tickedAt: instant('ticked_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.key] })],
);

/** Probe series, to fit cooling to. */
export const probeSeries = pgTable(
  'probe_series',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    thing: text('thing').notNull(),
    place: text('place').$type<'bench' | 'fridge' | 'freezer'>().notNull(),
    ambient: real('ambient').notNull(),
    readings: jsonb('readings').$type<ProbeReading[]>().notNull(),
    takenAt: instant('taken_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.id] })],
);

/**
 * Every plan there was; the newest counts. Two plans cannot follow the same one. Whole are the newest and the last of each day, all others
 * are kept as what makes them out of the one after them.
 */
export const plans = pgTable(
  'plans',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    previous: integer('previous').notNull(),
    madeAt: instant('made_at').notNull(),
    reason: text('reason').notNull(),
    /** The plan with its problem (`Planned`); null where it is kept as a difference. */
    body: document('body'),
    /** What makes it out of the plan after it. */
    difference: jsonb('difference').$type<object>(),
  },
  (table) => [
    primaryKey({ columns: [table.kitchen, table.id] }),
    uniqueIndex('plans_previous').on(table.kitchen, table.previous),
  ],
);

/** What was told, in the order in which it was told. Nothing is ever changed or deleted here. */
export const events = pgTable(
  'events',
  {
    kitchen: kitchen(),
    id: integer('id').notNull(),
    at: instant('at').notNull(),
    kind: text('kind').$type<EventKind>().notNull(),
    order: integer('order_id'),
    /** Whose step it is about; null where it is about none. */
    owner: text('owner').$type<OrderId | BatchId>(),
    /** Who told it, where their device says who uses it: the id of a person. */
    by: text('by'),
    body: document('body').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.kitchen, table.id] }),
    foreignKey({ columns: [table.kitchen, table.order], foreignColumns: [orders.kitchen, orders.id] }),
    index('events_owner').on(table.kitchen, table.owner, table.id),
    index('events_kind').on(table.kitchen, table.kind, table.id),
  ],
);

/**
 * The work of an order or a batch as it was broken down, from its first told step: later rules, figures and formulas do not change what has
 * been begun. `owner` is an order’s or a batch’s id.
 */
export const compiled = pgTable(
  'compiled',
  {
    kitchen: kitchen(),
    owner: text('owner').$type<OrderId | BatchId>().notNull(),
    body: document('body').notNull(),
    /** Rises with every change. */
    version: integer('version').notNull().default(1),
    keptAt: instant('kept_at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.owner] })],
);

/** What came of all events up to one of them, so that a history need not be read from its beginning. */
export const snapshots = pgTable(
  'snapshots',
  {
    kitchen: kitchen(),
    /** Which history. */
    of: text('of').notNull(),
    /** Number of the last event in it. */
    upTo: integer('up_to').notNull(),
    body: document('body').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.of] })],
);

/**
 * How often a kitchen was written to: `all` rises with every committed write, `library` with those that change what changes seldom
 * (figures, people, equipment, formulas, builds). A write locks this row first, so that writes of a kitchen come one after the
 * other; what was read at a count stays true as long as the count does.
 */
export const counts = pgTable('counts', {
  kitchen: kitchen().primaryKey(),
  all: integer('all').notNull().default(0),
  library: integer('library').notNull().default(0),
});

/** Writes that were committed, by the key that their sender chose: the same key twice is one write. */
export const writes = pgTable(
  'writes',
  {
    kitchen: kitchen(),
    key: text('key').notNull(),
    /** The door that it came through, and a digest of what was sent. */
    door: text('door').notNull(),
    sent: text('sent').notNull(),
    at: instant('at').notNull(),
    answer: jsonb('answer').$type<Record<string, unknown>>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.kitchen, table.key] }), index('writes_at').on(table.at)],
);
