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
};
const formula = {
  ...{ name: 'Air', family: 'Nothing', story: '', purpose: 'filling', batter: '', loss: 3, density: 1, domes: false },
  ...{
    stands: null,
    lines: [{ ingredient: 'milk', grams: 100 }],
    keepPlace: 'fridge',
    keepMin: 0,
    keepMax: 100,
    keepBest: 'later',
    keepBetterAfter: 1,
  },
  steps: [
    {
      ...{
        key: '',
        name: 'Stir',
        work: 'hands',
        low: 8,
        likely: 10,
        high: 14,
        skill: '',
        celsius: null,
        how: '',
        sign: '',
      },
      ...{ caution: '', waitMin: 0, waitMax: null, waitPlace: '', waitWhy: '' },
    },
  ],
  ...{ rescue: '', fresh: [], note: '' },
};
const question = { build: 'walnut-ganache', portions: 12, pickup: '2027-05-26T12:00' };
const reading = { weight: 'g', volume: 'ml', temperature: 'C', length: 'cm', country: 'metric' };

/** Something well made for every door; a new door without one does not compile. */
export const WELL_MADE: Record<PostName, Record<string, unknown>> = {
  replan: {},
  steer: { wanted: [{ kind: 'more', key: 'mixer-1', to: 1 }] },
  'take-over': { trial: '1' },
  undo: {},
  redo: {},
  'take-order': form,
  'change-order': { ...form, ...order },
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
  'review-order': { ...form, id: null },
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
  chances: {},
  load: {},
  search: {},
  'size-of': { build: 'walnut-ganache', size: '[{"form":"round","diameter":240}]' },
  sizes: { portions: '20', build: 'walnut-ganache' },
  step: { id: 'o4.filling.cook' },
  'step-move': { id: 'o4.filling.cook' },
  remedies: { id: '6' },
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
  ...[[], {}, [null], [[]], [{}], { id: 1 }, { length: 1e9 }, deep(20), Array.from({ length: 3000 }, () => 0)],
];

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
  }
}
