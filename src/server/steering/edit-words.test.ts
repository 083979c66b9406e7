import { NO_ADJUSTMENTS, type Adjustment, type PlanEdit } from '../../core/steering/plan-edit';
import type { Problem, Step } from '../../core/planning-format/problem';
import type { Situation } from '../situation/situation';
import { EditWords } from './edit-words';

/** Minute 0 is Thursday 20 May, midnight. */
const clock = { origin: '2027-05-20T00:00:00.000Z', zone: 'UTC' };
const design = {
  ...{ pieces: [], blocks: [] },
  parts: [
    { role: 'filling', label: 'Quince curd' },
    { role: 'roses', label: 'Roses' },
  ],
  routes: [{ key: 'set', name: 'How it sets', choices: [{ key: 'cold', name: 'A night in the fridge' }] }],
};
const situation = {
  orders: [{ id: 4, title: 'Abara christening', build: 'cloud', tiers: [], design }],
  batches: [],
  breakdowns: new Map([[4, { steps: [{ id: 'o4.crumb', name: 'Crumb coat' }] }]]),
  shared: { steps: [], components: new Map() },
  kitchen: {
    clock,
    ...{ builds: new Map(), library: { blocks: new Map() } },
    rows: {
      entries: {
        people: [
          { id: 'bo', name: 'Bo', initials: 'BO' },
          { id: 'ines', name: 'Ines', initials: 'IN' },
        ],
        items: [{ id: 'oven-1', name: 'Oven 1' }],
      },
    },
  },
} as unknown as Situation;
const words = new EditWords(situation);
const say = (adjustment: Adjustment, from: unknown = null) => words.say({ ...adjustment, from } as PlanEdit);

describe('an edit of the plan in words', () => {
  const SAID: [string, Adjustment, unknown?][] = [
    [
      'pin “Crumb coat” of Abara christening to Thu 08:00',
      { kind: 'pin', key: 'o4.crumb', to: { start: 480, people: [], equipment: [] } },
    ],
    ['unpin “Crumb coat” of Abara christening', { kind: 'pin', key: 'o4.crumb', to: null }],
    ['give “Crumb coat” of Abara christening to Bo and Ines', { kind: 'give', key: 'o4.crumb', to: ['bo', 'ines'] }],
    ['leave open who does “a step”', { kind: 'give', key: 'o9.gone', to: null }],
    ['Bo away Thu 20 May 08:00–12:00', { kind: 'away', key: 'bo', to: [[480, 720]] }],
    ['Bo away Thu 20 May 20:00–Fri 21 May 06:00', { kind: 'away', key: 'bo', to: [[1200, 1800]] }],
    ['Bo is there after all', { kind: 'away', key: 'bo', to: null }, [[480, 720]]],
    ['Bo works 30 min more, Thu 20 May 14:00–14:30', { kind: 'longer', key: 'bo', to: [[840, 870]] }],
    ['no overtime for Bo', { kind: 'longer', key: 'bo', to: null }, [[840, 870]]],
    ['Bo lends a hand with bake, fill', { kind: 'lend', key: 'bo', to: ['bake', 'fill'] }],
    ['Bo keeps to the own work', { kind: 'lend', key: 'bo', to: null }],
    ['Bo keeps to the own work', { kind: 'lend', key: 'bo', to: [] }],
    ['Oven 1 down Thu 20 May 08:00–09:00', { kind: 'closed', key: 'oven-1', to: [[480, 540]] }],
    ['Oven 1 runs again', { kind: 'closed', key: 'oven-1', to: null }, [[480, 540]]],
    ['2 more of Oven 1', { kind: 'more', key: 'oven-1', to: 2 }],
    ['no more of Oven 1 than there are', { kind: 'more', key: 'oven-1', to: null }, 2],
    [
      'pickup of Abara christening at Fri 21 May, 12:30',
      { kind: 'order', key: '4', to: { pickup: '2027-05-21T12:30:00Z' } },
    ],
    ['leave out roses of Abara christening', { kind: 'order', key: '4', to: { without: ['roses'] } }, { without: [] }],
    [
      'take roses of Abara christening in again',
      { kind: 'order', key: '4', to: { without: [] } },
      { without: ['roses'] },
    ],
    [
      'leave out sugar of an order, take filling of an order in again',
      { kind: 'order', key: '7', to: { without: ['sugar'] } },
      { without: ['filling'] },
    ],
    [
      'Abara christening: A night in the fridge',
      { kind: 'order', key: '4', to: { choices: { set: 'cold' } } },
      { choices: {} },
    ],
    [
      'Abara christening: warm',
      { kind: 'order', key: '4', to: { choices: { set: 'warm' } } },
      { choices: { set: 'cold' } },
    ],
    [
      'Abara christening: the route is left to the plan',
      { kind: 'order', key: '4', to: { choices: {} } },
      { choices: { set: 'cold' } },
    ],
  ];
  it('each kind, given and taken back', () => {
    for (const [said, adjustment, from] of SAID) expect(say(adjustment, from)).toBe(said);
  });

  it('several are said one after the other, and who works the same time longer in one breath', () => {
    const longer = (key: string): PlanEdit => ({ kind: 'longer', key, from: null, to: [[840, 870]] });
    const more: PlanEdit = { kind: 'more', key: 'oven-1', from: null, to: 1 };
    expect(words.say({ kind: 'several', edits: [longer('bo'), more, longer('ines')] })).toBe(
      '1 more of Oven 1, Bo and Ines work 30 min more, Thu 20 May 14:00–14:30',
    );
    expect(words.say({ kind: 'several', edits: [] })).toBe('plan it again');
    expect(Object.keys(NO_ADJUSTMENTS)).toHaveLength(8);
  });
});

describe('why a pin or a giving could not be held', () => {
  const step = (id: string, more: Partial<Step> = {}) =>
    ({ ...{ id, minutes: { low: 20, likely: 30, high: 40 }, people: { count: 1, skill: 'coat' } }, ...more }) as Step;
  const why = (
    adjustment: Adjustment,
    change: { step?: Partial<Step>; others?: Step[]; closed?: [number, number][] } = {},
  ) => {
    const problem = {
      now: 400,
      steps: [step('o4.crumb', change.step), ...(change.others ?? [])],
      people: [
        { id: 'bo', skills: ['coat'], shifts: [[360, 720]] },
        { id: 'ines', skills: ['bake'], shifts: [[360, 720]] },
      ],
      equipment: [{ id: 'oven-1', ...(change.closed ? { closed: change.closed } : {}) }],
    } as unknown as Problem;
    return words.whyNotHeld(adjustment, { plan: { problem, plan: {} as never } });
  };
  const pin = (start: number, people = ['bo'], equipment: string[] = []): Adjustment => ({
    ...{ kind: 'pin', key: 'o4.crumb', to: { start, people, equipment } },
  });

  it('says the first thing that stands against it', () => {
    const name = '“Crumb coat” of Abara christening';
    expect(why({ kind: 'pin', key: 'o9.gone', to: null })).toBe('This step is not in the plan any more.');
    const begun = { placed: { start: 400, end: 430, people: [], equipment: [], state: 'running' as const } };
    expect(why(pin(480), { step: begun })).toBe(`${name} has been begun: it stays where it is.`);
    expect(why({ kind: 'give', key: 'o4.crumb', to: ['ines'] })).toBe(`${name} cannot be given to Ines.`);
    expect(why({ kind: 'give', key: 'o4.crumb', to: null })).toBe(`${name} cannot be given to .`);
    expect(why({ kind: 'pin', key: 'o4.crumb', to: null })).toBe(`${name} cannot be changed like this.`);
    expect(why(pin(399))).toBe(`${name} cannot begin at Thu 06:39: that is over.`);
    expect(why(pin(480, ['ines']))).toBe('Ines does not do “coat”.');
    expect(why(pin(700))).toBe('Bo is not on shift from Thu 11:40 to Thu 12:10.');
    const other = step('o9.stack', {
      placed: { start: 500, end: 530, people: ['bo'], equipment: [], state: 'pinned' },
    });
    expect(why(pin(480), { others: [other] })).toBe('Bo is on “a step” then, and that is fixed.');
    expect(why(pin(530, ['bo'], ['oven-1']), { others: [other], closed: [[550, 600]] })).toBe(
      'Oven 1 is not to be used at Thu 08:50.',
    );
    expect(why(pin(530, ['bo'], ['oven-1']), { others: [other], closed: [[560, 600]] })).toBe(
      `With ${name} at Thu 08:50 the rest of the cake finds no place: what must come before or after it would break its waits or its shifts.`,
    );
  });
});
