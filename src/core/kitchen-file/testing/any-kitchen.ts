import { fc } from '../../testing/chance';
import { startingCoefficients } from '../../breakdown/figures/starting-figures';
import { ALLERGENS } from '../../formula/formula';
import { ALL_INGREDIENT_KINDS } from '../../kinds/ingredients';
import { STARTER_SETS } from '../../kitchen/starter-sets';
import { PERSON_COLOURS } from '../../kitchen/person';
import { answersCodec } from '../../stored/order-answers';
import { detailsCodec } from '../../stored/order-details';
import { eventCodec } from '../../stored/event';
import { figuresCodec } from '../../stored/kitchen-figures';
import { openingCodec, REGISTERS } from '../../stored/registers';
import { starterBlocks, starterFile } from '../../../data/kitchens/starter';
import { KITCHEN_FORMAT, KITCHEN_VERSION, type KitchenFile } from '../shape';

/** Kitchens of all sorts, for tests: what is in one, and what its orders name, is drawn; the formulas are the starter library’s. */

const text = fc.string({ unit: 'grapheme', maxLength: 30 }).map((s) => s.replaceAll('\0', ''));
const name = text.map((s) => `x${s}`.trim());
const wall = fc.tuple(fc.nat(23), fc.nat(59)).map(([h, m]) => `${`${h}`.padStart(2, '0')}:${`${m}`.padStart(2, '0')}`);
const noon = (d: Date) => d.toISOString();
const instant = fc.date({ min: new Date('2026-01-01'), max: new Date('2028-01-01'), noInvalidDate: true }).map(noon);
const date = instant.map((i) => i.slice(0, 10));
const weekday = fc.integer({ min: 1, max: 7 });
const amount = fc.integer({ min: 0, max: 100_000 }).map((n) => n / 8);
const allergens = fc.subarray([...ALLERGENS]);
const few = <T>(one: fc.Arbitrary<T>, maxLength = 3) => fc.array(one, { maxLength });
const shift = { start: wall, end: wall, breaks: few(fc.record({ start: wall, end: wall }), 2) };

const person = fc.record({
  ...{ name, initials: fc.constantFrom('A', 'BO', 'ŁŻ'), colour: fc.constantFrom(...PERSON_COLOURS) },
  skills: few(fc.record({ name, pace: fc.constantFrom(1, 1.6, 0.8) })),
  weekly: few(fc.record({ weekday, ...shift })),
  days: fc.dictionary(date, fc.record({ shifts: few(fc.record(shift), 2), why: text }), { maxKeys: 2 }),
  away: few(fc.record({ from: date, until: date, why: text })),
  overtime: fc.nat(480),
  reading: fc.constant(null),
  left: fc.option(date),
});
const ingredient = fc.record(
  {
    ...{ name, otherNames: few(text), allergens, density: fc.option(amount), percent: fc.option(amount) },
    is: fc.option(fc.constantFrom(...ALL_INGREDIENT_KINDS)),
    packs: few(fc.record({ grams: amount, price: fc.option(amount) })),
    ...{ stock: amount, leastStock: amount, supplier: name, takeOut: fc.nat(120), keepCold: fc.constant(true) },
  },
  { requiredKeys: ['name', 'otherNames', 'allergens', 'density', 'percent', 'is', 'packs', 'stock', 'leastStock'] },
);
const supplier = fc.record({
  ...{ name, note: text },
  deliveries: few(fc.record({ weekday, at: wall, daysBefore: fc.nat(7), orderBy: wall })),
});
const standing = fc.record({
  ...{ name, weekdays: fc.uniqueArray(weekday, { maxLength: 7 }), start: wall, end: wall, people: few(name) },
  ...{ count: fc.nat(4), skill: fc.option(name), items: few(name), except: few(date) },
});
const block = fc.constantFrom(...starterBlocks.values()).chain(({ id, ...shipped }) => {
  void id;
  return name.map((called) => ({ ...shipped, name: called }));
});
const item = fc.constantFrom(...STARTER_SETS.flatMap((s) => s.items));

const entries = <T>(register: keyof typeof REGISTERS, one: fc.Arbitrary<T>) =>
  fc.array(fc.record({ value: one, retired: fc.option(instant, { nil: undefined }) }), { maxLength: 4 }).map((all) =>
    all.map(({ value, retired }, i) => ({
      id: `${register.replace(' ', '-')}-${i}`,
      ...(retired !== undefined && { retired }),
      body: REGISTERS[register].write(value as never),
    })),
  );

const details = fc
  .record(
    {
      stands: fc.record({ hours: amount, celsius: fc.integer({ min: -5, max: 45 }), outdoors: fc.boolean() }),
      ...{ colours: text, inscriptionAt: text, goesTo: text, box: text },
    },
    { requiredKeys: [] },
  )
  .map((said) => detailsCodec.write(said));

const order = fc.record({
  ...{ title: name, customer: text, pickup: instant, portions: fc.integer({ min: 1, max: 400 }) },
  build: fc.constantFrom(...starterFile.builds!.map((b) => b.id)),
  ...{ inscription: text, note: text, weight: fc.constantFrom(1, 2.5), createdAt: instant, avoid: allergens },
  state: fc.constantFrom('open', 'handed over', 'lapsed'),
  closedAt: instant,
  agreed: fc.record({ holdsUntil: instant, together: fc.integer({ min: 1, max: 9 }), details }, { requiredKeys: [] }),
});

/** Of an order of the file, which one by its place modulo their number. */
const picture = fc.record({
  ...{ of: fc.nat(), words: text, type: fc.constantFrom('image/jpeg', 'image/png', 'image/webp') },
  ...{ width: fc.integer({ min: 1, max: 1600 }), height: fc.integer({ min: 1, max: 1600 }), addedAt: instant },
  bytes: fc.uint8Array({ minLength: 1, maxLength: 40 }).map((b) => Buffer.from(b).toString('base64')),
});

/** A file that is sound. */
export const anyKitchen: fc.Arbitrary<KitchenFile> = fc
  .record({
    ...{
      name: name.map((n) => n.slice(0, 60)),
      zone: fc.constantFrom('UTC', 'Europe/Oslo', 'America/Phoenix'),
      origin: instant,
    },
    opening: fc.option(
      fc.record({
        hours: few(fc.record({ weekday, start: wall, end: wall })),
        closed: few(fc.record({ date, why: text })),
      }),
    ),
    ...{ people: entries('people', person), items: entries('items', item), suppliers: entries('suppliers', supplier) },
    ...{ ingredients: entries('ingredients', ingredient), standingWork: entries('standing work', standing) },
    blocks: entries('blocks', block),
    orders: fc.array(order, { maxLength: 4 }),
    pictures: fc.array(picture, { maxLength: 3 }),
  })
  .map(({ name: called, zone, origin, opening, orders, pictures, ...registers }): KitchenFile => ({
    ...{ format: KITCHEN_FORMAT, version: KITCHEN_VERSION, anchor: null },
    kitchen: {
      ...{ name: called, zone, origin, reading: null, setUp: null },
      figures: figuresCodec.write({ coefficients: startingCoefficients, choices: {} }),
      opening: opening && openingCodec.write(opening),
    },
    ...registers,
    ingredients: [...registers.ingredients, ...starterFile.ingredients!],
    formulas: [...starterFile.formulas!].sort((a, b) => (a.id < b.id ? -1 : 1)),
    builds: [...starterFile.builds!].sort((a, b) => (a.id < b.id ? -1 : 1)),
    orders: orders.map(({ avoid, closedAt, agreed, ...o }, i) => ({
      ...{ id: i + 1, ...o, ...agreed, version: 1, handedOverAt: o.state === 'handed over' ? closedAt : null },
      answers: answersCodec.write({
        tiers: [],
        without: [],
        swaps: {},
        overrides: {},
        choices: {},
        versions: {},
        avoid,
      }),
    })),
    pictures: pictures.slice(0, orders.length === 0 ? 0 : undefined).map(({ of, ...p }, i) => ({
      ...{ id: i + 1, ...p, order: (of % orders.length) + 1 },
    })),
    events: orders.map((o, i) => ({
      ...{ id: i + 1, at: o.createdAt, kind: 'order taken' as const, order: i + 1, owner: null },
      body: eventCodec('order taken')!.write({ title: o.title }),
    })),
    ...{ batches: [], work: [], plans: [], ticks: [], probeSeries: [] },
  }));
