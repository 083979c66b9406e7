import { DateTime } from 'luxon';
import { asEquipment, ovensFor } from './as-planned';
import { nameProblems, personProblems, standingProblems } from './entry-problems';
import { groupOf } from './item';
import { pricePerGram } from './kept-ingredient';
import { missingFor } from './missing';
import { closedProblem, nextOpen } from './opening';
import { initialsFor, paceOfSkills, PERSON_COLOURS, type Person } from './person';
import { STARTER_SETS } from './starter-sets';
import { deliveryFor } from './supplier';

const time = (text: string) => DateTime.fromISO(text, { zone: 'UTC' }) as DateTime<true>;

describe('opening', () => {
  const opening = {
    hours: [
      { weekday: 5, start: '08:00', end: '12:00' },
      { weekday: 5, start: '14:00', end: '18:00' },
      { weekday: 6, start: '08:00', end: '16:00' },
    ],
    closed: [{ date: '2027-05-22', why: 'market day' }],
  };
  it('says why nothing is collected then', () => {
    expect(closedProblem(opening, '2027-05-21', 5, '08:00')).toBeNull();
    expect(closedProblem(opening, '2027-05-21', 5, '18:00')).toBeNull();
    expect(closedProblem(opening, '2027-05-21', 5, '13:00')).toBe(
      'Collected from 08:00–12:00 and 14:00–18:00 on that day.',
    );
    expect(closedProblem(opening, '2027-05-23', 7, '10:00')).toBe('Nothing is collected on that weekday.');
    expect(closedProblem(opening, '2027-05-22', 6, '10:00')).toBe('Closed on that day: market day.');
    expect(closedProblem({ hours: [], closed: [] }, '2027-05-23', 7, '03:00')).toBeNull();
  });
  it('names the next time at which a cake can be collected', () => {
    const next = (from: string) => nextOpen(opening, time(from))?.toFormat("yyyy-MM-dd'T'HH:mm") ?? null;
    expect(next('2027-05-21T09:10')).toBe('2027-05-21T09:10');
    expect(next('2027-05-21T12:30')).toBe('2027-05-21T14:00');
    // The Saturday after is closed.
    expect(next('2027-05-21T19:00')).toBe('2027-05-28T08:00');
    expect(nextOpen({ hours: [], closed: [] }, time('2027-05-23T03:00'))?.hour).toBe(3);
    expect(
      nextOpen({ hours: [{ weekday: 5, start: '08:00', end: '08:30' }], closed: [] }, time('2027-05-21T09:00'))?.day,
    ).toBe(28);
  });
});

describe('a supplier', () => {
  const deliveries = [
    { weekday: 2, at: '07:00', daysBefore: 1, orderBy: '14:00' },
    { weekday: 5, at: '07:00', daysBefore: 2, orderBy: '12:00' },
  ];
  const by = (now: string, needed: string) => {
    const d = deliveryFor({ deliveries }, time(now), time(needed));
    if (d.is === 'any') return 'any';
    const told = d.is === 'in time' ? d.by : d.first;
    return `${d.is} ${told?.arrives.toFormat('ccc d HH:mm')}, by ${told?.orderBy.toFormat('ccc d HH:mm')}`;
  };
  it('brings what is needed with the latest delivery that can still be ordered', () => {
    expect(by('2027-05-17T09:00', '2027-05-22T09:00')).toBe('in time Fri 21 07:00, by Wed 19 12:00');
    expect(by('2027-05-20T09:00', '2027-05-29T09:00')).toBe('in time Fri 28 07:00, by Wed 26 12:00');
    expect(by('2027-05-17T09:00', '2027-05-21T06:00')).toBe('in time Tue 18 07:00, by Mon 17 14:00');
  });
  it('is late where the last one in time can be ordered no more, and says the first that can', () => {
    expect(by('2027-05-20T09:00', '2027-05-22T09:00')).toBe('late Tue 25 07:00, by Mon 24 14:00');
    expect(deliveryFor({ deliveries: [] }, time('2027-05-20'), time('2027-05-21'))).toEqual({ is: 'any' });
  });
});

describe('ovens of their own', () => {
  const oven = (id: string, more = {}) => ({ id, fan: false, celsius: 0, minutes: 0, ...more });
  const minutes = { low: 20, likely: 25, high: 30 };
  it('take any bake as the formula says it where none differs', () => {
    expect(ovensFor(170, minutes, [oven('a'), oven('b')], 20)).toBeUndefined();
  });
  it('take less where they blow, and their own correction in °C and minutes', () => {
    expect(
      ovensFor(170, minutes, [oven('a'), oven('b', { fan: true }), oven('c', { celsius: 5, minutes: 10 })], 20),
    ).toEqual([
      { equipment: 'a', celsius: 170, minutes },
      { equipment: 'b', celsius: 150, minutes },
      { equipment: 'c', celsius: 175, minutes: { low: 30, likely: 35, high: 40 } },
    ]);
    expect(ovensFor(170, minutes, [oven('a', { minutes: -24 })], 20)![0]!.minutes).toEqual({
      low: 1,
      likely: 1,
      high: 6,
    });
    expect(ovensFor(170, { ...minutes, planned: 28 }, [oven('a', { minutes: 2 })], 20)![0]!.minutes.planned).toBe(30);
  });
  it('are closed by the clock on the wall; what is retired takes nothing any more', () => {
    const item = {
      id: 'a',
      name: 'Oven',
      kind: 'oven',
      units: 4,
      closed: [{ from: '2027-05-17T08:00', until: '2027-05-17T09:00', why: '' }],
    };
    const clock = { origin: '2027-05-17T00:00:00Z', zone: 'UTC' };
    expect(asEquipment(item, clock)).toEqual({
      id: 'a',
      kind: 'oven',
      units: 4,
      heatRate: 5,
      coolRate: 2.5,
      closed: [[480, 540]],
    });
    const [[from, until]] = asEquipment(item, clock, true).closed as [[number, number]];
    expect(from).toBeLessThan(-10_000_000);
    expect(until).toBeGreaterThan(10_000_000);
    expect(asEquipment({ ...item, closed: [{ from: 'x', until: 'y', why: '' }] }, clock).closed).toBeUndefined();
  });
});

const person = (name: string, more: Partial<Person> = {}): Person => ({
  ...{ name, initials: name.slice(0, 2).toUpperCase(), colour: PERSON_COLOURS[0], skills: [{ name: 'mix', pace: 1 }] },
  weekly: [{ weekday: 2, start: '07:00', end: '15:00', breaks: [] }],
  ...{ days: {}, away: [], left: null, overtime: 0, reading: null, ...more },
});

describe('people', () => {
  it('get initials that nobody has', () => {
    expect(initialsFor('Ines', [])).toBe('IN');
    expect(initialsFor('Ines', ['IN'])).toBe('INE');
    expect(initialsFor('Ines', ['IN', 'INE'])).toBe('IE');
    expect(initialsFor('Łucja Żak', [])).toBe('ŁŻ');
    expect(initialsFor('Bo', ['BO'])).toBe('B2');
    expect(initialsFor('123', [])).toBe('?');
  });
  it('take longer while they learn', () => {
    expect(paceOfSkills({ skills: [{ name: 'mix', pace: 1 }] })).toBeUndefined();
    expect(
      paceOfSkills({
        skills: [
          { name: 'mix', pace: 1 },
          { name: 'coat', pace: 1.6 },
        ],
      }),
    ).toEqual({ coat: 1.6 });
  });
  it('must be told apart', () => {
    expect(personProblems(person('Ines'), [])).toEqual({});
    expect(personProblems(person('ínes', { initials: 'IX' }), [person('Ines')])).toEqual({
      name: 'Somebody of this name is here already.',
    });
    expect(personProblems(person('Inga', { initials: 'IN' }), [person('Ines')])).toEqual({
      initials: 'These are Ines’s.',
    });
    expect(nameProblems({ name: 'OVEN' }, [{ name: 'Oven' }])).toHaveProperty('name');
  });
});

describe('standing work that cannot be done', () => {
  const work = {
    ...{ name: 'Rolls', weekdays: [1], start: '05:00', end: '06:00', people: [], count: 1 },
    skill: null,
    items: [],
    except: [],
  };
  const team = [{ id: 'una', ...person('Una') }];
  it('is refused beside the field', () => {
    expect(standingProblems(work, team, [])).toEqual({});
    expect(standingProblems({ ...work, people: ['bo'] }, team, [])).toHaveProperty('people');
    expect(standingProblems({ ...work, items: ['oven'] }, team, [])).toHaveProperty('items');
    expect(standingProblems({ ...work, count: 2 }, team, []).count).toBe('Only 1 work here.');
    expect(standingProblems({ ...work, skill: 'sugar' }, team, []).count).toBe('Only 0 can do “sugar”.');
    expect(standingProblems({ ...work, count: 0 }, team, []).count).toContain('nobody and nothing');
  });
});

describe('what a kitchen lacks', () => {
  const nothing = {
    ...{ people: [], items: [], ingredients: [], counts: { library: 0, builds: 0 }, needs: [], has: new Set<string>() },
    ...{ opening: { hours: [], closed: [] }, today: '2027-05-20' },
  };
  it('is told, the worst first', () => {
    expect(missingFor(nothing).map((m) => m.section)).toEqual([
      'people',
      'ovens',
      'machines',
      'tins',
      'places',
      'library',
      'opening',
    ]);
    const items = STARTER_SETS.filter((s) => ['two-decks', 'bench', 'rounds', 'small-cold'].includes(s.key)).flatMap(
      (s) => s.items,
    );
    const all = {
      ...{
        ...nothing,
        items,
        people: [person('Una')],
        counts: { library: 3, builds: 1 },
        needs: ['mix'],
        has: new Set(['mix']),
      },
      opening: { hours: [{ weekday: 6, start: '08:00', end: '12:00' }], closed: [] },
    };
    expect(missingFor(all)).toEqual([]);
    expect(missingFor({ ...all, needs: ['mix', 'sugar'] })[0]!.say).toBe(
      'Nobody does “sugar”, which formulas here ask for.',
    );
    expect(missingFor({ ...all, people: [person('Una', { weekly: [], skills: [] })] }).map((m) => m.say)).toEqual([
      'Una: no working hours yet.',
      'Una: nothing yet that they can do.',
    ]);
    // Whoever leaves next month is here today; whoever has left is not.
    expect(missingFor({ ...all, people: [person('Una', { left: '2027-06-30' })] })).toEqual([]);
    expect(missingFor({ ...all, people: [person('Una', { left: '2027-05-01' })] })[0]!.say).toBe(
      'Nobody works here yet.',
    );
  });
});

describe('starter sets', () => {
  it('are things of their own group, named once, and each kind of mould says what it is', () => {
    for (const { key, group, items } of STARTER_SETS) {
      expect([key, ...new Set(items.map(groupOf))]).toEqual([key, group]);
      expect(new Set(items.map((i) => i.name)).size).toBe(items.length);
    }
    expect(new Set(STARTER_SETS.map((s) => s.key)).size).toBe(STARTER_SETS.length);
  });
});

describe('the price of a gram', () => {
  it('is that of the cheapest pack whose price is known', () => {
    expect(
      pricePerGram({
        packs: [
          { grams: 1000, price: 2 },
          { grams: 25_000, price: 30 },
          { grams: 10, price: null },
        ],
      }),
    ).toBe(0.0012);
    expect(pricePerGram({ packs: [] })).toBeNull();
  });
});
