import { formOf } from '../../core/input/formula-input';
import type { GETS, PostName } from '../doors';

const order = { id: 6, version: 1 };
const form = {
  ...{ title: 'Sluice keepers', customer: 'Ada', pickup: '2027-05-26T12:00', portions: 9, build: 'walnut-ganache' },
  ...{
    size: '[{"form":"round","diameter":240}]',
    inscription: '',
    avoid: ['peanut'],
    note: '',
    swaps: {},
    choices: {},
  },
  without: [],
  byHand: { filling: 900 },
};
const formula = formOf({
  ...{ id: '', name: 'Air', family: 'Nothing', story: '', purpose: 'filling', loss: 0.03, density: 1 },
  lines: [{ ingredient: 'milk', grams: 100, range: { low: 80, high: 120, sign: 'it runs' } }],
  steps: [
    {
      ...{ key: 'stir', name: 'Stir', work: 'hands', minutes: { low: 8, likely: 10, high: 14 }, how: '', skill: null },
      check: { kind: 'temperature at least', text: 'Warm', limit: 40, otherwise: 'Go on' },
      reminders: [{ after: 5, text: 'Look' }],
      uses: [{ kind: 'hob', units: 1 }],
    },
    { key: 'pour', name: 'Pour', work: 'hands', minutes: { low: 1, likely: 2, high: 4 }, how: '', skill: null },
  ],
  waits: [{ from: 'stir', to: 'pour', min: 5, max: null, place: 'fridge', why: 'cools' }],
  keeping: { place: 'fridge', min: 0, max: 100, units: 1, ageing: 0.01, betterAfter: 60, why: '' },
});
const question = { build: 'walnut-ganache', portions: 12, pickup: '2027-05-26T12:00' };
const reading = { weight: 'g', volume: 'ml', temperature: 'C', length: 'cm', country: 'metric' };

const fresh = { id: null, version: 0 };
const shift = { start: '06:00', end: '14:00', breaks: [{ start: '10:00', end: '10:30' }] };
const closed = [{ from: '2027-05-22T14:00', until: '2027-05-22T18:00', why: 'service' }];

/** Something well made for every door; a new door without one does not compile. */
export const WELL_MADE: Record<PostName, Record<string, unknown>> = {
  replan: {},
  steer: { wanted: [{ kind: 'more', key: 'mixer-1', to: 1 }] },
  'take-over': { trial: '1' },
  undo: {},
  redo: {},
  'take-order': form,
  'change-order': { ...form, ...order },
  'add-picture': { words: 'Front', width: 2, height: 2, bytes: '/9j/4AAQ' },
  'leave-out': { ...order, without: [] },
  'take-newer-rules': order,
  'hand-over': order,
  'bring-back': order,
  'start-step': { step: 'o4.filling.cook', person: 'bo' },
  'finish-step': { step: 'o4.filling.cook', answer: { holds: true, value: 82 } },
  'extend-step': { step: 'o4.filling.cook', minutes: 10 },
  'take-back-step': { step: 'o4.filling.cook' },
  'correct-told': { event: 12, when: null },
  'use-anyway': { step: 'o4.filling.cook', why: 'It is light still' },
  'change-part': { ...order, change: { kind: 'amount', role: 'filling', grams: 900 } },
  'save-formula': { ...formula, id: null, version: 0 },
  'retire-formula': { id: 'quince-curd', version: 1, retired: true },
  'accept-batch': {
    members: [
      { order: 'o4', role: 'filling' },
      { order: 'o6', role: 'filling' },
    ],
  },
  'split-batch': { id: 1 },
  tick: { key: 'a line', ticked: true },
  'save-kitchen': { version: 1, change: { figures: { bowlLoss: 0.1 }, choices: { cloth: 'dry' }, reading } },
  'save-reading': { person: 'bo', reading },
  'save-person': {
    ...{ ...fresh, name: 'Una', initials: 'UN', colour: 'sea', overtime: 30, left: '' },
    skills: [{ name: 'mix', pace: 1.5 }],
    weekly: [{ weekday: 2, ...shift }],
    days: [{ date: '2027-05-22', shifts: [shift], why: 'swapped' }],
    away: [{ from: '2027-06-01', until: '2027-06-07', why: 'holiday' }],
  },
  'save-oven': {
    ...{ ...fresh, name: 'Small oven', closed, units: 4, fan: true, celsius: 5, minutes: 10 },
    ...{ heatRate: 6, coolRate: null, deckLength: 60, deckWidth: 40 },
  },
  'save-machine': {
    ...{ ...fresh, name: 'Mixer, 40 l', closed, kind: 'mixer', units: 1, litres: 40 },
    batches: [{ batter: 'foam', least: 500, most: 6000 }],
  },
  'save-tin': { ...fresh, name: '', closed, words: 'round 26, 7 deep', units: 2 },
  'save-place': {
    ...fresh,
    name: 'Fridge 3',
    closed,
    kind: 'fridge',
    units: 9,
    celsius: 3,
    litres: 400,
    free: ['nuts'],
  },
  'save-ingredient': {
    ...{ ...fresh, name: 'Spelt flour', otherNames: ['Dinkel'], is: 'flour', percent: null, density: 0.5 },
    ...{ allergens: ['gluten'], confirmed: true, supplier: 'Mill', packs: [{ grams: 25_000, price: 30 }] },
    ...{ stock: 1000, leastStock: 500, takeOut: null, keepCold: false },
  },
  'save-supplier': {
    ...{ ...fresh, name: 'Mill', note: '' },
    deliveries: [{ weekday: 2, at: '07:00', daysBefore: 1, orderBy: '14:00' }],
  },
  'save-standing-work': {
    ...{ ...fresh, name: 'Receiving goods', weekdays: [2, 5], start: '06:00', end: '06:30' },
    ...{ people: [], count: 1, skill: 'mix', items: [], except: [] },
  },
  'retire-entry': { register: 'items', id: 'heart-16', version: 1, retired: true },
  'put-back': { event: 12 },
  'add-starter-set': { key: 'rings' },
  'look-into-table': { table: 'tins', text: 'name,tin,count\n,round 26,2\n' },
  'take-table': { table: 'people', text: 'name;skills;monday\nIda;mix;6-14\n' },
  'try-figures': { build: 'walnut-ganache', figures: { fillingThickness: 9 } },
  'add-tins': { text: 'round 26, 7 deep, 2 of them' },
  'add-from-library': { formulas: ['quince-curd'], builds: [] },
  'save-opening': {
    ...{ version: 1, hours: [{ weekday: 6, start: '08:00', end: '16:00' }] },
    closed: [{ date: '2027-06-03', why: 'holiday' }],
  },
  'rename-kitchen': { version: 1, name: 'Quillfennel', zone: 'UTC' },
  'save-set-up': { done: ['people'] },
  'save-build': {
    ...{ id: null, version: 0, name: 'Own', story: '', mostTiers: 2, fixed: ['layers'], design: '{}' },
    ...{ sizes: 'chosen', chosen: [{ form: 'round', diameter: 200 }] },
  },
  'save-block': {
    ...{ ...fresh, like: 'drip', name: 'Own drip', story: '', dry: null },
    stages: [
      {
        ...{ key: 'drip', name: 'Drip', low: 4, likely: 6, high: 9, perTier: 2, perPortion: null, perPiece: null },
        ...{ perArea: null, skill: 'coat', people: 1, uses: [], how: '', sign: '', caution: '', reminders: [] },
        check: { kind: '', text: '', limit: null, tooFar: null, otherwise: '', beyond: '' },
        waits: [],
      },
    ],
    before: { stands: true, choice: '', min: 15, max: null, place: 'fridge', why: 'cold' },
    after: { stands: false, choice: '', min: 0, max: null, place: '', why: '' },
    ...{ ways: [], thaw: { thaws: false, min: 0, why: '', way: '' }, open: false },
  },
  'retire-build': { id: 'walnut-ganache', version: 1, retired: true },
  'answer-order': { ...form, id: null, design: '{}' },
  'what-follows': { event: 12, when: '2027-05-20T08:30:00.000Z' },
  'can-we-take': question,
  'try-what-if': { wanted: [{ kind: 'away', key: 'bo', to: [[5000, 5100]] }], order: question },
  'try-choices': { key: 'slack' },
  calculate: { name: 'coat', input: { form: { form: 'round', diameter: 200 }, height: 120 } },
  'read-recipes': { name: 'a.csv', content: 'name,amount\nmilk,2 dl\n', country: 'metric' },
};

/** The parts and the query of an address for everything that is asked by one. */
export const WELL_ASKED: Record<keyof typeof GETS, Record<string, string>> = {
  builds: {},
  table: { name: 'people', template: '1' },
  'kitchen-file': { parts: 'kitchen', as: 'json' },
  chances: {},
  load: {},
  search: {},
  'composer-kitchen': {},
  'begin-from': { build: 'walnut-ganache', portions: '20' },
  'begin-copy': { id: '6' },
  beginnings: { portions: '40', words: 'lemon', avoid: 'nuts,egg' },
  'older-orders': {},
  step: { id: 'o4.filling.cook' },
  'step-move': { id: 'o4.filling.cook' },
  remedies: { id: '6' },
  picture: { id: '1' },
  'run-sheet': { id: '6' },
  'formula-export': { id: 'quince-curd', as: 'csv' },
  'pull-list': { day: '2027-05-20', days: '2' },
  templates: { calc: 'panels-box', fields: '{}', page: '0' },
};

const deep = (levels: number): unknown => (levels === 0 ? 'end' : [deep(levels - 1)]);

/** What no field is meant to hold. */
export const MALFORMED: unknown[] = [
  ...[null, true, 0, -1, 0.5, 1e308, -1e308, 2_147_483_648, 9_007_199_254_740_993, ''],
  ...['x', ' ', '\0', 'a\0b', '\ud800', '\u202e', "'; drop table orders; --", '__proto__', 'constructor', 'toString'],
  ...['2126-05-22T12:00', '0000-00-00T00:00', '-1', 'NaN', '1e999', '../../etc', '%ff', 'y'.repeat(5000)],
  ...['valueOf', 'toString', 'constructor', 'hasOwnProperty', 'then', 'toJSON'].map((own) => ({ [own]: 1 })),
  ...[[], {}, [null], [[]], [{}], { id: 1 }, { length: 1e9 }, deep(20), Array.from({ length: 3000 }, () => 0)],
];

/**
 * Every place of something well made spoilt by some of the malformed values: one in so many of all that there are, so that each value is met and each
 * place is spoilt several times; the long proofs go through them all.
 */
export function* spoiltInTurn(good: unknown, oneIn: number): Generator<unknown> {
  for (const [v, bad] of MALFORMED.entries()) {
    let place = 0;
    for (const body of spoilt(good, bad)) if ((place++ + v) % oneIn === 0) yield body;
  }
}

/** Everything that one malformed value makes of something well made: in the place of the whole, of each field, or of a field's field. */
export function* spoilt(good: unknown, bad: unknown, depth = 3): Generator<unknown> {
  yield bad;
  if (depth === 0 || typeof good !== 'object' || good === null) return;
  for (const key of Object.keys(good)) {
    const inner = (good as Record<string, unknown>)[key];
    for (const value of spoilt(inner, bad, depth - 1))
      yield Array.isArray(good) ? good.map((x: unknown, i) => (`${i}` === key ? value : x)) : { ...good, [key]: value };
  }
  if (Array.isArray(good)) yield [...(good as unknown[]), bad];
  else {
    const rest = Object.entries(good);
    for (const [key] of rest) yield Object.fromEntries(rest.filter(([k]) => k !== key));
    yield { ...good, unheardOf: bad };
    // A field of its own that is called as what every object has.
    if (typeof bad === 'object' && bad !== null && !Array.isArray(bad)) yield { ...good, ...bad };
  }
}
