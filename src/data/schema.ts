import { integer, jsonb, pgTable, real, serial, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core';
import type { Build } from '../core/breakdown/build';
import type { Coefficients } from '../core/breakdown/coefficients';
import type { Allergen, Formula } from '../core/formula/formula';
import type { WeeklyShift } from '../core/planner/calendars';
import type { Plan } from '../core/planner/plan';
import type { Problem } from '../core/planner/problem';
import type { ReadyTime } from '../core/planner/ready-times';
import type { Form } from '../core/shape/form';

const instant = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' });

/** The one kitchen of this database. `origin` is minute 0 of all planning, for good. */
export const kitchens = pgTable('kitchens', {
  id: integer('id').primaryKey(),
  name: text('name').notNull(),
  zone: text('zone').notNull(),
  origin: instant('origin').notNull(),
  coefficients: jsonb('coefficients').$type<Coefficients>().notNull(),
  version: integer('version').notNull().default(1),
});

export const people = pgTable('people', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  initials: text('initials').notNull(),
  skills: jsonb('skills').$type<string[]>().notNull(),
  weekly: jsonb('weekly').$type<WeeklyShift[]>().notNull(),
  daysOff: jsonb('days_off').$type<string[]>().notNull(),
  position: integer('position').notNull(),
});

export const equipment = pgTable('equipment', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  kind: text('kind').notNull(),
  units: integer('units').notNull(),
  heatRate: real('heat_rate'),
  coolRate: real('cool_rate'),
  mould: jsonb('mould').$type<{ use: 'tin' | 'ring' | 'square tin' | 'sheet'; form: Form }>(),
  position: integer('position').notNull(),
});

export const ingredients = pgTable('ingredients', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  allergens: jsonb('allergens').$type<Allergen[]>().notNull(),
  density: real('density'),
});

export const formulas = pgTable('formulas', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  body: jsonb('body').$type<Formula>().notNull(),
  version: integer('version').notNull().default(1),
});

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
  weight: real('weight').notNull().default(1),
  state: text('state').$type<OrderState>().notNull().default('open'),
  handedOverAt: instant('handed_over_at'),
  /** Rises with every change; a save that names an older one is refused. */
  version: integer('version').notNull().default(1),
  createdAt: instant('created_at').notNull(),
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

export type EventKind =
  'start' | 'finish' | 'extend' | 'take back' | 'order taken' | 'order changed' | 'handed over' | 'brought back';
