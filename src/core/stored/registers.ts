import { Type } from '@sinclair/typebox';
import { BATTERS, type ByProduct } from '../formula/formula';
import { ALL_INGREDIENT_KINDS } from '../kinds/ingredients';
import { MOULD_USES, type Item } from '../kitchen/item';
import { kindByTraits, type KeptIngredient } from '../kitchen/kept-ingredient';
import type { Opening } from '../kitchen/opening';
import { PERSON_COLOURS, type Person } from '../kitchen/person';
import type { StandingWork } from '../kitchen/standing-work';
import type { Supplier } from '../kitchen/supplier';
import type { Reading } from '../measure/show-quantity';
import { COUNTRIES } from '../measure/units';
import type { KeptBlock } from '../design/block';
import { blockCodec } from './block';
import { codec, type Codec } from './codec';
import { allergen, byName, flag, form, list, maybe, number, oneOf, optional, text } from './shapes';

/** The registers of a kitchen: what it has of one sort, each entry a document of its own. */

export const reading = Type.Unsafe<Reading>(
  Type.Object({
    weight: oneOf(['g', 'oz']),
    volume: oneOf(['ml', 'cups']),
    temperature: oneOf(['C', 'F', 'gas']),
    length: oneOf(['cm', 'in']),
    country: oneOf(COUNTRIES),
    decimal: optional(oneOf(['point', 'comma', 'ask'])),
  }),
);

const shift = { start: text, end: text, breaks: list(Type.Object({ start: text, end: text })) };

type Before = Record<string, unknown>;

/** Someone of a time when people had skills, and days off, and nothing else of their own. */
function personFromBefore({ skills, daysOff, ...rest }: Before): Before {
  const { id, position, kitchen, ...kept } = rest;
  void [id, position, kitchen];
  return {
    ...kept,
    colour: PERSON_COLOURS[Number(position ?? 0) % PERSON_COLOURS.length],
    skills: ((skills ?? []) as string[]).map((name) => ({ name, pace: 1 })),
    days: Object.fromEntries(((daysOff ?? []) as string[]).map((date) => [date, { shifts: [], why: '' }])),
    // As long as nobody could say otherwise, everybody was asked for up to two hours.
    ...{ away: [], overtime: 120, left: null, reading: rest.reading ?? null },
  };
}

export const personCodec = codec<Person>()({
  format: 'zest-ladder/person',
  schema: Type.Object({
    name: text,
    initials: text,
    colour: oneOf(PERSON_COLOURS),
    skills: list(Type.Object({ name: text, pace: number })),
    weekly: list(Type.Object({ weekday: number, ...shift })),
    days: Type.Unsafe<Person['days']>(byName(Type.Object({ shifts: list(Type.Object(shift)), why: text }))),
    away: list(Type.Object({ from: text, until: text, why: text })),
    overtime: number,
    reading: maybe(reading),
    left: maybe(text),
  }),
  migrations: [personFromBefore],
});

/** What keeps parts cold or dry, in a time when only its shelves were known. */
const STORES = ['fridge', 'freezer', 'dry box'];

/** Equipment of a time when it was its kind and its units. */
function itemFromBefore(before: Before): Before {
  const { name, kind, units, heatRate, coolRate, mould } = before;
  const { depth, ...shaped } = (mould ?? {}) as Before;
  return {
    ...{ name, kind, units, closed: [] },
    ...(kind === 'oven' && {
      oven: { heatRate: heatRate ?? null, coolRate: coolRate ?? null, fan: false, celsius: 0, minutes: 0, deck: null },
    }),
    ...(kind === 'mixer' && { mixer: { litres: null, batches: [] } }),
    ...(STORES.includes(kind as string) && { store: { celsius: null, litres: null, free: [] } }),
    ...(mould ? { mould: { ...shaped, ...(typeof depth === 'number' && { depth }) } } : {}),
  };
}

export const itemCodec = codec<Item>()({
  format: 'zest-ladder/item',
  schema: Type.Object({
    name: text,
    kind: text,
    units: number,
    closed: list(Type.Object({ from: text, until: text, why: text })),
    oven: optional(
      Type.Object({
        heatRate: maybe(number),
        coolRate: maybe(number),
        fan: flag,
        celsius: number,
        minutes: number,
        deck: maybe(Type.Object({ length: number, width: number })),
      }),
    ),
    mixer: optional(
      Type.Object({
        litres: maybe(number),
        batches: list(Type.Object({ batter: oneOf(BATTERS), least: number, most: number })),
      }),
    ),
    store: optional(Type.Object({ celsius: maybe(number), litres: maybe(number), free: list(allergen) })),
    mould: optional(Type.Object({ use: oneOf(MOULD_USES), form, depth: optional(number) })),
  }),
  migrations: [itemFromBefore],
});

/** An ingredient of a time when it had no packs, and what it is was told by marks. */
const ingredientFromBefore = (before: Before): Before => ({
  ...{ otherNames: [], percent: null, packs: [], leastStock: 0, stock: 0 },
  is: kindByTraits(before),
  ...before,
});

const ingredientCodec = codec<KeptIngredient>()({
  format: 'zest-ladder/ingredient',
  schema: Type.Object({
    name: text,
    otherNames: list(text),
    allergens: list(allergen),
    density: maybe(number),
    is: maybe(oneOf(ALL_INGREDIENT_KINDS)),
    percent: maybe(number),
    flour: optional(flag),
    egg: optional(oneOf(['whole', 'white', 'yolk'])),
    gelatine: optional(flag),
    supplier: optional(text),
    leftOver: optional(Type.Unsafe<ByProduct>(text)),
    takeOut: optional(number),
    keepCold: optional(flag),
    unconfirmed: optional(flag),
    packs: list(Type.Object({ grams: number, price: maybe(number) })),
    stock: number,
    leastStock: number,
  }),
  migrations: [ingredientFromBefore],
});

const same = (before: Before) => before;

export const supplierCodec = codec<Supplier>()({
  format: 'zest-ladder/supplier',
  schema: Type.Object({
    name: text,
    deliveries: list(Type.Object({ weekday: number, at: text, daysBefore: number, orderBy: text })),
    note: text,
  }),
  migrations: [same],
});

export const standingWorkCodec = codec<StandingWork>()({
  format: 'zest-ladder/standing-work',
  schema: Type.Object({
    name: text,
    weekdays: list(number),
    start: text,
    end: text,
    people: list(text),
    count: number,
    skill: maybe(text),
    items: list(text),
    except: list(text),
  }),
  migrations: [same],
});

export const openingCodec = codec<Opening>()({
  format: 'zest-ladder/opening',
  schema: Type.Object({
    hours: list(Type.Object({ weekday: number, start: text, end: text })),
    closed: list(Type.Object({ date: text, why: text })),
  }),
  migrations: [same],
});

/** What each register holds. */
export interface Registers {
  people: Person;
  items: Item;
  ingredients: KeptIngredient;
  suppliers: Supplier;
  'standing work': StandingWork;
  blocks: KeptBlock;
}

export type RegisterName = keyof Registers;

export const REGISTERS: { readonly [R in RegisterName]: Codec<Registers[R]> } = {
  people: personCodec,
  items: itemCodec,
  ingredients: ingredientCodec,
  suppliers: supplierCodec,
  'standing work': standingWorkCodec,
  blocks: blockCodec,
};
