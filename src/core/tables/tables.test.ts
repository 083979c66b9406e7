import { fc } from '../testing/chance';
import { newIngredient, type KeptIngredient } from '../kitchen/kept-ingredient';
import type { Item } from '../kitchen/item';
import type { Person } from '../kitchen/person';
import { ingredientsTable } from './ingredients-table';
import { logRow, readLogRow } from './log-table';
import { orderRow, readOrderRow } from './orders-table';
import { peopleTable } from './people-table';
import { readShifts, shiftsCell } from './shift-words';
import { listCell, numberCell, readList, RowReader, type Row } from './table';
import { tinsTable } from './tins-table';

const among = { length: 'cm' as const, decimal: 'ask' as const, initials: ['BO'] };
const ida: Person = {
  ...{ name: 'Ida', initials: 'ID', colour: 'moss', overtime: 45, reading: null, left: null },
  skills: [
    { name: 'mix', pace: 1 },
    { name: 'sugar, pulled; blown', pace: 1.4 },
  ],
  weekly: [{ weekday: 2, start: '06:00', end: '14:00', breaks: [{ start: '10:00', end: '10:30' }] }],
  days: { '2027-05-20': { shifts: [], why: 'swap' } },
  away: [{ from: '2027-06-01', until: '2027-06-04', why: '' }],
};
const values = <T>(read: { ok: boolean; value?: T; problems?: unknown }) => (read.ok ? read.value : read.problems);

describe('cells', () => {
  it('say numbers so that they are read as the same ones, however decimals are written here', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50_000, max: 50_000, noNaN: true }).map((x) => Number(x.toFixed(3)) + 0),
        fc.constantFrom('point' as const, 'comma' as const, 'ask' as const),
        (number, decimal) => {
          const reader = new RowReader({ n: numberCell(number, decimal) }, decimal);
          expect([reader.number('n', null, null), reader.problems]).toEqual([number, []]);
        },
      ),
    );
  });

  it('keep words with separators and quotes in them', () => {
    const word = fc
      .string({ minLength: 1, maxLength: 12, unit: fc.constantFrom('a', ';', ',', '"', ' ', 'é') })
      .filter((w) => w.trim() === w && w !== '');
    fc.assert(fc.property(fc.array(word), (words) => expect(readList(listCell(words))).toEqual(words)));
  });

  it('say shifts, and read them as they are typed', () => {
    expect(shiftsCell(ida.weekly)).toBe('06:00-14:00 (10:00-10:30)');
    expect(readShifts('6-14 (10–10:30, 12.00 to 12.15), 15:00 until 24')).toEqual({
      ok: true,
      value: [
        {
          start: '06:00',
          end: '14:00',
          breaks: [
            { start: '10:00', end: '10:30' },
            { start: '12:00', end: '12:15' },
          ],
        },
        { start: '15:00', end: '00:00', breaks: [] },
      ],
    });
    expect([readShifts('off'), readShifts(' – ')]).toEqual([
      { ok: true, value: [] },
      { ok: true, value: [] },
    ]);
    for (const text of ['early', '6', '6-25', '6:75-14', '6-14 (lunch)']) expect(readShifts(text).ok).toBe(false);
  });
});

describe('people as a table', () => {
  it('come back as they went out, with what the table does not tell', () => {
    const row = peopleTable.row(ida, among);
    expect(row).toMatchObject({
      skills: 'mix; "sugar, pulled; blown (1.4)"',
      tuesday: '06:00-14:00 (10:00-10:30)',
      monday: '',
    });
    expect(peopleTable.read(row, ida, among)).toEqual({ ok: true, value: ida });
  });

  it('are new with a name alone, and change only in the columns that are there', () => {
    const read = values(peopleTable.read({ name: 'Bodo' }, null, among)) as Person;
    expect(read).toMatchObject({ name: 'Bodo', initials: 'BOD', skills: [], weekly: [], overtime: 0 });
    const learns = peopleTable.read({ name: 'Ida', skills: 'mix (learning), bake' }, ida, among);
    expect(values(learns)).toEqual({
      ...ida,
      skills: [
        { name: 'mix', pace: 1.6 },
        { name: 'bake', pace: 1 },
      ],
    });
  });

  it('say what is wrong in which column', () => {
    const row = { name: '', initials: 'LONG', skills: 'mix; mix', tuesday: 'early', overtime: 'much' };
    const columns = (r: Row) => (values(peopleTable.read(r, null, among)) as { column: string }[]).map((p) => p.column);
    expect(columns(row)).toEqual(['tuesday', 'overtime']);
    expect(columns({ ...row, tuesday: '6-14 (10-9)', overtime: '' }).sort()).toEqual([
      'initials',
      'name',
      'skills',
      'tuesday',
    ]);
  });
});

describe('tins as a table', () => {
  const tin: Item = {
    ...{ name: 'Old hearts', kind: 'heart 20 cm', units: 2, closed: [] },
    mould: { use: 'shaped tin', form: { form: 'heart', side: 200 }, depth: 60 },
  };
  it('come back as they went out; words are read, and called by their measures', () => {
    const row = tinsTable.row(tin, among);
    expect(values(tinsTable.read(row, tin, among))).toEqual(tin);
    expect(values(tinsTable.read({ tin: 'round 24, 7 deep', count: '6' }, null, among))).toMatchObject({
      units: 6,
      mould: { form: { form: 'round', diameter: 240 }, depth: 70 },
    });
  });
  it('are as deep as they were where nothing is said of it', () => {
    expect(values(tinsTable.read({ name: 'Old hearts', tin: 'heart 20', count: '3' }, tin, among))).toEqual({
      ...{ ...tin, units: 3 },
      kind: 'heart tin 20 cm',
    });
  });
  it('say what is wrong', () => {
    expect(values(tinsTable.read({ name: 'x', tin: 'the blue one', count: '0' }, null, among))).toEqual([
      { column: 'count', message: 'From 1.' },
    ]);
    expect(values(tinsTable.read({ tin: 'the blue one' }, null, among))).toMatchObject([{ column: 'tin' }]);
  });
});

describe('ingredients as a table', () => {
  const rye: KeptIngredient = {
    ...newIngredient({ name: 'Rye flour', allergens: ['gluten'], density: 0.6, flour: true }),
    ...{
      otherNames: ['dark flour; fine'],
      is: 'flour',
      supplier: 'Mill',
      stock: 1234.5,
      leastStock: 1000,
      takeOut: 30,
      keepCold: true,
    },
    packs: [
      { grams: 1000, price: 1.125 },
      { grams: 25_000, price: null },
    ],
  };
  it('come back as they went out, whatever writes decimals', () => {
    for (const decimal of ['point', 'comma', 'ask'] as const) {
      const row = ingredientsTable.row(rye, { ...among, decimal });
      expect(values(ingredientsTable.read(row, rye, { ...among, decimal }))).toEqual(rye);
    }
  });
  it('are unconfirmed until somebody says otherwise', () => {
    const read = ingredientsTable.read(
      { name: 'Oat cream', allergens: 'Gluten', packs: '10 kg = 12,50; 500' },
      null,
      among,
    );
    expect(values(read)).toMatchObject({
      ...{ name: 'Oat cream', allergens: ['gluten'], unconfirmed: true, stock: 0 },
      packs: [
        { grams: 10_000, price: 12.5 },
        { grams: 500, price: null },
      ],
    });
  });
  it('say what is wrong in which column', () => {
    const row = { name: 'X', is: 'stone', allergens: 'sand', confirmed: 'perhaps', packs: 'a sack', stock: 'some' };
    const read = values(ingredientsTable.read(row, null, among)) as { column: string }[];
    expect(read.map((p) => p.column).sort()).toEqual(['confirmed', 'packs', 'stock']);
    const rest = values(ingredientsTable.read({ name: 'X', is: 'stone', allergens: 'sand' }, null, among));
    expect((rest as { column: string }[]).map((p) => p.column).sort()).toEqual(['allergens', 'is']);
  });
});

describe('orders as a table', () => {
  const asked = {
    ...among,
    builds: [{ id: 'lemon', name: 'Lemon tower' }],
    forms: () => [{ form: 'round' as const, diameter: 240 }],
    smallest: (_: string, portions: number) => (portions > 50 ? null : '[{"form":"round","diameter":240}]'),
  };
  const order = {
    ...{ id: 7, title: 'Brandt', customer: 'Family', pickup: '2027-05-22T12:00', portions: 20, build: 'Lemon tower' },
    ...{
      tiers: [{ form: 'round' as const, diameter: 240 }],
      inscription: '25',
      avoid: ['egg'],
      note: '',
      handedOver: false,
    },
  };
  it('come in as they went out, and with the smallest size where none is named', () => {
    const row = orderRow(order);
    const form = {
      title: 'Brandt',
      pickup: '2027-05-22T12:00',
      build: 'lemon',
      size: '[{"form":"round","diameter":240}]',
      avoid: ['egg'],
    };
    expect(values(readOrderRow(row, asked))).toMatchObject(form);
    expect(values(readOrderRow({ ...row, size: '' }, asked))).toMatchObject(form);
    expect(values(readOrderRow({ ...row, size: 'round 24 + 16 cm' }, asked))).toMatchObject({
      size: '[{"form":"round","diameter":240},{"form":"round","diameter":160}]',
    });
  });
  it('say what is wrong in which column', () => {
    const columns = (r: Row) => (values(readOrderRow(r, asked)) as { column: string }[]).map((p) => p.column).sort();
    expect(columns({ ...orderRow(order), build: 'Stone', pickup: 'Saturday' })).toEqual(['build', 'pickup']);
    expect(columns({ ...orderRow(order), portions: '60', size: '' })).toEqual(['size']);
    expect(columns({ ...orderRow(order), customer: '', avoid: 'sand' })).toEqual(['avoid', 'customer']);
  });
});

describe('the bench log as a table', () => {
  it('tells how long steps took, and is read again', () => {
    const row = logRow(
      {
        when: '2027-05-20T09:40',
        what: 'finish',
        order: 'Brandt',
        step: 'Whisk',
        people: ['Ida'],
        planned: 12,
        took: 15.5,
      },
      among,
    );
    expect(values(readLogRow(row, among))).toEqual({
      when: '2027-05-20T09:40',
      step: 'Whisk',
      planned: 12,
      took: 15.5,
    });
    expect(values(readLogRow({ ...row, what: 'start' }, among))).toBeNull();
    expect(values(readLogRow({ when: row.when, step: 'Whisk' }, among))).toBeNull();
  });
  it('says what is wrong in which column', () => {
    const columns = (r: Row) => (values(readLogRow(r, among)) as { column: string }[]).map((p) => p.column);
    expect(columns({ when: '2027-13-40 09:40', planned: '12', took: '0' })).toEqual(['when', 'step', 'took']);
    expect(columns({ when: '2027-05-20 9:40', step: 'Whisk', planned: 'x', took: '5' })).toEqual(['planned']);
  });
});
