import type { EventKind } from '../core/kinds/events';
import {
  boolean,
  integer,
  jsonb,
  primaryKey,
  pgTable,
  real,
  serial,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core';
import type { Build } from '../core/breakdown/build';
import type { Coefficients } from '../core/breakdown/figures/coefficients';
import type { Allergen, Formula, Ingredient } from '../core/formula/formula';
import type { Reading } from '../core/measure/show-quantity';
import type { Reading as ProbeReading } from '../core/records/cooling';
import type { WeeklyShift } from '../core/time/shifts';
import type { Plan } from '../core/planning-format/plan';
import type { Problem } from '../core/planning-format/problem';
import type { ReadyTime } from '../core/planner/answers/ready-times';
import type { Form } from '../core/shape/form';

const instant = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' });

/** The one kitchen of this database. `origin` is minute 0 of all planning, for good. */
export const kitchens = pgTable('kitchens', {
  id: integer('id').primaryKey(),
  name: text('name').notNull(),
  zone: text('zone').notNull(),
  origin: instant('origin').notNull(),
  coefficients: jsonb('coefficients').$type<Coefficients>().notNull(),
  /** Its answers where bakers differ, by school. */
  choices: jsonb('choices').$type<Record<string, string>>().notNull().default({}),
  /** The units it reads in; null is metric. */
  reading: jsonb('reading').$type<Reading>(),
  version: integer('version').notNull().default(1),
});

export const people = pgTable('people', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  initials: text('initials').notNull(),
  skills: jsonb('skills').$type<string[]>().notNull(),
  weekly: jsonb('weekly').$type<WeeklyShift[]>().notNull(),
  daysOff: jsonb('days_off').$type<string[]>().notNull(),
  /** Units of their own; null reads as the kitchen does. */
  reading: jsonb('reading').$type<Reading>(),
  position: integer('position').notNull(),
});

export const equipment = pgTable('equipment', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').notNull(),
  units: integer('units').notNull(),
  heatRate: real('heat_rate'),
  coolRate: real('cool_rate'),
  mould: jsonb('mould').$type<{ use: 'tin' | 'ring' | 'square tin' | 'shaped tin' | 'sheet'; form: Form }>(),
  position: integer('position').notNull(),
});

export const ingredients = pgTable('ingredients', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  allergens: jsonb('allergens').$type<Allergen[]>().notNull(),
  density: real('density'),
  /** What it is in a formula, where it is bought, how it is kept. */
  traits: jsonb('traits').$type<Omit<Ingredient, 'id' | 'name' | 'allergens' | 'density'>>().notNull().default({}),
  /** g in the house. */
  stock: real('stock').notNull().default(0),
});

export const formulas = pgTable('formulas', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  body: jsonb('body').$type<Formula>().notNull(),
  version: integer('version').notNull().default(1),
});

/** Every version a formula ever had: orders keep the one they were planned with. */
export const formulaVersions = pgTable(
  'formula_versions',
  {
    formula: text('formula').notNull(),
    version: integer('version').notNull(),
    body: jsonb('body').$type<Formula>().notNull(),
    savedAt: instant('saved_at').notNull(),
    note: text('note').notNull().default(''),
  },
  (table) => [primaryKey({ columns: [table.formula, table.version] })],
);

export const builds = pgTable('builds', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  body: jsonb('body').$type<Build>().notNull(),
  version: integer('version').notNull().default(1),
});

export type OrderState = 'open' | 'handed over';

export const orders = pgTable('orders', {
  id: serial('id').primaryKey(),
  title: text('title').notNull(),
  customer: text('customer').notNull(),
  pickup: instant('pickup').notNull(),
  portions: integer('portions').notNull(),
  build: text('build')
    .notNull()
    .references(() => builds.id),
  tiers: jsonb('tiers').$type<Form[]>().notNull(),
  inscription: text('inscription').notNull(),
  avoid: jsonb('avoid').$type<Allergen[]>().notNull(),
  note: text('note').notNull(),
  /** Roles of optional components that are left out. */
  without: jsonb('without').$type<string[]>().notNull().default([]),
  /** Another formula for a role. */
  swaps: jsonb('swaps').$type<Record<string, string>>().notNull().default({}),
  /** Amounts set by hand, g by role. */
  overrides: jsonb('overrides').$type<Record<string, number>>().notNull().default({}),
  /** Schools and routes that it has decided for itself. */
  choices: jsonb('choices').$type<Record<string, string>>().notNull().default({}),
  /** Versions of the formulas that it was planned with. */
  versions: jsonb('versions').$type<Record<string, number>>().notNull().default({}),
  weight: real('weight').notNull().default(1),
  state: text('state').$type<OrderState>().notNull().default('open'),
  handedOverAt: instant('handed_over_at'),
  /** Rises with every change; a save that names an older one is refused. */
  version: integer('version').notNull().default(1),
  createdAt: instant('created_at').notNull(),
});

/** Batches that serve several orders, accepted by the lead. */
export const batches = pgTable('batches', {
  id: serial('id').primaryKey(),
  formula: text('formula').notNull(),
  members: jsonb('members').$type<{ order: number; role: string }[]>().notNull(),
  /** Split again: its parts are made apart. */
  split: boolean('split').notNull().default(false),
  madeAt: instant('made_at').notNull(),
});

/** What was ticked off on pull lists; the key names the line, so that a new plan keeps what is still true. */
export const ticks = pgTable('ticks', {
  key: text('key').primaryKey(),
  tickedAt: instant('ticked_at').notNull(),
});

/** Probe series, to fit cooling to. */
export const probeSeries = pgTable('probe_series', {
  id: serial('id').primaryKey(),
  thing: text('thing').notNull(),
  place: text('place').$type<'bench' | 'fridge' | 'freezer'>().notNull(),
  ambient: real('ambient').notNull(),
  readings: jsonb('readings').$type<ProbeReading[]>().notNull(),
  takenAt: instant('taken_at').notNull(),
});

/** Every plan there was; the newest counts. Two plans cannot follow the same one. */
export const plans = pgTable(
  'plans',
  {
    id: serial('id').primaryKey(),
    previous: integer('previous').notNull(),
    madeAt: instant('made_at').notNull(),
    reason: text('reason').notNull(),
    problem: jsonb('problem').$type<Problem>().notNull(),
    plan: jsonb('plan').$type<Plan>().notNull(),
    ready: jsonb('ready').$type<ReadyTime[]>().notNull(),
    /** Waits that were lifted because they had already been overstepped. */
    stood: jsonb('stood').$type<string[]>().notNull(),
  },
  (table) => [uniqueIndex('plans_previous').on(table.previous)],
);

/** What was told, in the order in which it was told. Nothing is ever changed or deleted here. */
export const events = pgTable('events', {
  id: serial('id').primaryKey(),
  at: instant('at').notNull(),
  kind: text('kind').$type<EventKind>().notNull(),
  order: integer('order_id').references(() => orders.id),
  body: jsonb('body').$type<Record<string, unknown>>().notNull(),
});

/**
 * How often a kitchen was written to: `all` rises with every committed write, `library` with those that change what changes seldom
 * (figures, people, equipment, formulas, builds). A write locks this row first, so that writes of a kitchen come one after the
 * other; what was read at a count stays true as long as the count does.
 */
export const counts = pgTable('counts', {
  kitchen: integer('kitchen').primaryKey(),
  all: integer('all').notNull().default(0),
  library: integer('library').notNull().default(0),
});

/** Writes that were committed, by the key that their sender chose: the same key twice is one write. */
export const writes = pgTable('writes', {
  key: text('key').primaryKey(),
  /** The door that it came through, and a digest of what was sent. */
  door: text('door').notNull(),
  sent: text('sent').notNull(),
  at: instant('at').notNull(),
  answer: jsonb('answer').$type<Record<string, unknown>>().notNull(),
});
