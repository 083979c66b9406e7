import { ValidationError } from 'yup';
import { adjustmentProblem, type Steerable } from './adjustment-problem';
import { adjustmentList } from './adjustment-schema';
import type { Adjustment } from './plan-edit';

const read = (value: unknown) => {
  try {
    adjustmentList.validateSync(value, { abortEarly: false, strict: true });
    return [];
  } catch (error) {
    return (error as ValidationError).inner.map((e) => `${e.path}: ${e.message}`);
  }
};

describe('adjustments that come in', () => {
  it.each<[Adjustment]>([
    [{ kind: 'pin', key: 's', to: { start: 3, people: ['ida'], equipment: [] } }],
    [{ kind: 'pin', key: 's', to: null }],
    [{ kind: 'give', key: 's', to: ['ida'] }],
    [{ kind: 'away', key: 'ida', to: [[0, 60]] }],
    [{ kind: 'lend', key: 'ida', to: [] }],
    [{ kind: 'more', key: 'tin', to: 2 }],
    [{ kind: 'order', key: '4', to: { pickup: '2027-05-22T12:00', without: ['topper'], choices: { level: 'trim' } } }],
  ])('%j is read', (adjustment) => expect(read([adjustment])).toEqual([]));

  it.each<[string, unknown]>([
    ['no list', { kind: 'pin' }],
    ['nothing', null],
    ['a number', [7]],
    ['another kind', [{ kind: 'fire', key: 's', to: null }]],
    ['a kind of Object’s own', [{ kind: 'toString', key: 's', to: null }]],
    ['no key', [{ kind: 'more', to: 1 }]],
    ['a number for a key', [{ kind: 'more', key: 7, to: 1 }]],
    ['no value', [{ kind: 'more', key: 'tin' }]],
    ['half a tin', [{ kind: 'more', key: 'tin', to: 0.5 }]],
    ['a tin as a text', [{ kind: 'more', key: 'tin', to: '1' }]],
    ['a span that ends before it starts', [{ kind: 'away', key: 'ida', to: [[60, 0]] }]],
    ['a span without an end', [{ kind: 'away', key: 'ida', to: [[60]] }]],
    ['a time beyond all days', [{ kind: 'away', key: 'ida', to: [[0, 1e12]] }]],
    ['a pin without a start', [{ kind: 'pin', key: 's', to: { people: [], equipment: [] } }]],
    ['more than a pin', [{ kind: 'pin', key: 's', to: { start: 1, people: [], equipment: [], state: 'done' } }]],
    ['fields of an order that nobody steers', [{ kind: 'order', key: '4', to: { avoid: [] } }]],
    ['the state of an order', [{ kind: 'order', key: '4', to: { pickup: '2027-05-22T12:00', state: 'handed over' } }]],
    ['nothing of an order', [{ kind: 'order', key: '4', to: {} }]],
    ['an order taken away', [{ kind: 'order', key: '4', to: null }]],
    ['answers that are no words', [{ kind: 'order', key: '4', to: { choices: { level: 7 } } }]],
    ['a field beside', [{ kind: 'more', key: 'tin', to: 1, label: '' }]],
    ['more than fifty', Array.from({ length: 51 }, () => ({ kind: 'more', key: 'tin', to: 1 }))],
  ])('%s is refused, with where', (_, value) => expect(read(value).length).toBeGreaterThan(0));
});

describe('what adjustments name', () => {
  const known: Steerable = {
    people: new Set(['ida', 'ole']),
    equipment: new Set(['tin']),
    skills: new Set(['mix']),
    steps: new Set(['o4.mix']),
    orders: new Map([
      [
        '4',
        {
          parts: [
            { role: 'layers', optional: false },
            { role: 'topper', optional: true },
          ],
          answers: new Map([['level', ['trim']]]),
        },
      ],
    ]),
  };
  it.each<[Adjustment, string | null]>([
    [{ kind: 'pin', key: 'o4.mix', to: { start: 1, people: ['ida'], equipment: ['tin'] } }, null],
    [{ kind: 'pin', key: 'o9.mix', to: { start: 1, people: [], equipment: [] } }, 'This step'],
    [{ kind: 'pin', key: 'o4.mix', to: { start: 1, people: ['kim'], equipment: [] } }, 'nobody'],
    [{ kind: 'pin', key: 'o4.mix', to: { start: 1, people: [], equipment: ['kiln'] } }, 'no such thing'],
    [{ kind: 'pin', key: 'gone', to: null }, null],
    [{ kind: 'give', key: 'o4.mix', to: ['ida', 'ida'] }, 'twice'],
    [{ kind: 'away', key: 'kim', to: [[0, 5]] }, 'nobody'],
    [{ kind: 'lend', key: 'ida', to: ['mix'] }, null],
    [{ kind: 'lend', key: 'ida', to: ['fly'] }, 'skill'],
    [{ kind: 'closed', key: 'kiln', to: [[0, 5]] }, 'no such thing'],
    [{ kind: 'more', key: 'tin', to: 2 }, null],
    [{ kind: 'order', key: '4', to: { without: ['topper'], choices: { level: 'trim' } } }, null],
    [{ kind: 'order', key: '5', to: { without: [] } }, 'not on the wall'],
    [{ kind: 'order', key: '4', to: { without: ['layers'] } }, 'cannot be left out'],
    [{ kind: 'order', key: '4', to: { without: ['wings'] } }, 'no such part'],
    [{ kind: 'order', key: '4', to: { without: ['topper', 'topper'] } }, 'twice'],
    [{ kind: 'order', key: '4', to: { choices: { level: 'bake flat' } } }, 'no such answer'],
    [{ kind: 'order', key: '4', to: { choices: { toString: 'x' } } }, 'no such question'],
  ])('%j: %s', (adjustment, words) => {
    const problem = adjustmentProblem(adjustment, known);
    if (words === null) expect(problem).toBeNull();
    else expect(problem).toContain(words);
  });
});
