import { STARTER_SETS } from '../kitchen/starter-sets';
import { groupOf, type Item, type ItemGroup } from '../kitchen/item';
import { newIngredient } from '../kitchen/kept-ingredient';
import { ingredientForm, ingredientFormOf, ingredientOf } from './ingredient-input';
import { ITEM_FORMS, itemFormOf, itemOf } from './item-input';
import { newKitchenForm, readingIn } from './new-kitchen-input';
import { openingForm, openingOf } from './opening-input';
import { personForm, personFormOf, personOf } from './person-input';
import { standingForm, standingFormOf, standingOf } from './standing-input';
import { supplierForm, supplierOf } from './supplier-input';
import { starterIngredients } from '../../data/kitchens/starter';
import { demoItems, demoTeam } from '../../data/kitchens/demo-parts';

function withoutId<T extends { id: string }>({ id, ...rest }: T): Omit<T, 'id'> {
  void id;
  return rest;
}
const typing = { length: 'cm', decimal: 'point' } as const;
/** Paths that are wrong. */
const wrong = async (schema: { validate: (v: unknown, o: object) => Promise<unknown> }, value: unknown) =>
  schema.validate(value, { abortEarly: false }).then(
    () => [],
    (e: { inner: { path?: string }[]; path?: string }) => (e.inner.length > 0 ? e.inner.map((x) => x.path) : [e.path]),
  );

describe('people in their form', () => {
  it('opened and saved untouched, nothing of them changes', async () => {
    for (const p of demoTeam(4).map(withoutId)) {
      const full = {
        ...p,
        overtime: 60,
        left: '2027-08-01',
        reading: null,
        away: [{ from: '2027-06-01', until: '2027-06-02', why: '' }],
      };
      const form = await personForm.validate(personFormOf(full));
      expect(personOf(form, full)).toEqual(full);
    }
  });
  it('say what is wrong beside the field', async () => {
    const p = withoutId(demoTeam(4)[0]!);
    const form = personFormOf(p);
    const shift = { start: '06:00', end: '14:00', breaks: [] };
    expect(await wrong(personForm, { ...form, name: ' ', initials: 'ABCD' })).toEqual(['name', 'initials']);
    expect(await wrong(personForm, { ...form, weekly: [{ weekday: 1, ...shift, end: '06:00' }] })).toEqual([
      'weekly[0].end',
    ]);
    expect(await wrong(personForm, { ...form, weekly: [{ weekday: 1, ...shift, start: '25:00' }] })).toEqual([
      'weekly[0].start',
    ]);
    expect(
      await wrong(personForm, {
        ...form,
        weekly: [{ weekday: 1, ...shift, breaks: [{ start: '10:30', end: '10:00' }] }],
      }),
    ).toEqual(['weekly[0].breaks[0].end']);
    expect(await wrong(personForm, { ...form, skills: [{ name: 'mix', pace: 9 }] })).toEqual(['skills[0].pace']);
    expect(
      await wrong(personForm, {
        ...form,
        skills: [
          { name: 'mix', pace: 1 },
          { name: 'mix', pace: 2 },
        ],
      }),
    ).toEqual(['skills']);
    expect(await wrong(personForm, { ...form, away: [{ from: '2027-06-03', until: '2027-06-02', why: '' }] })).toEqual([
      'away[0].until',
    ]);
    const day = { date: '2027-06-01', shifts: [], why: '' };
    expect(await wrong(personForm, { ...form, days: [day, day] })).toEqual(['days']);
  });
});

describe('things in their forms', () => {
  const all: Item[] = [...demoItems.map(withoutId), ...STARTER_SETS.flatMap((s) => s.items)];
  it('opened and saved untouched, nothing of them changes', async () => {
    for (const item of all) {
      const group = groupOf(item);
      const form = (await ITEM_FORMS[group].validate(itemFormOf(group, item))) as never;
      expect(itemOf(group, form, item, typing)).toEqual({ ok: true, item });
    }
  });
  it('a tin is read from words, and named by its size where it has no name', () => {
    const tin = (words: string) => itemOf('tins', { name: '', words, units: 2, closed: [] }, null, typing);
    expect(tin('round 26, 10 deep')).toMatchObject({
      ok: true,
      item: { name: 'Tins, round 26 cm, 10 cm deep', kind: 'tin 26 cm, 10 deep' },
    });
    expect(tin('blue')).toMatchObject({ ok: false, fields: { words: expect.stringContaining('blue') } });
  });
  it('a tin that is corrected has the name of its new size; one that somebody named keeps its name', () => {
    const first = itemOf('tins', { name: '', words: 'round 26', units: 2, closed: [] }, null, typing);
    if (!first.ok) throw new Error('It can be read.');
    const corrected = (name: string) =>
      itemOf('tins', { name, words: 'round 28', units: 2, closed: [] }, { ...first.item, name }, typing);
    expect(corrected('Tins, round 26 cm')).toMatchObject({ item: { name: 'Tins, round 28 cm', kind: 'tin 28 cm' } });
    expect(corrected('Tins, round 26 cm (2)')).toMatchObject({ item: { name: 'Tins, round 28 cm' } });
    expect(corrected('The good ones')).toMatchObject({ item: { name: 'The good ones', kind: 'tin 28 cm' } });
  });
  it('say what is wrong beside the field', async () => {
    const start = (group: ItemGroup) =>
      itemFormOf(
        group,
        all.find((i) => groupOf(i) === group)!,
      );
    expect(await wrong(ITEM_FORMS.ovens, { ...start('ovens'), units: 0, deckLength: 60 })).toEqual([
      'units',
      'deckWidth',
    ]);
    expect(await wrong(ITEM_FORMS.machines, { ...start('machines'), kind: 'Oven' })).toEqual(['kind']);
    expect(
      await wrong(ITEM_FORMS.machines, { ...start('machines'), batches: [{ batter: 'foam', least: 900, most: 100 }] }),
    ).toEqual(['batches[0].most']);
    expect(await wrong(ITEM_FORMS.places, { ...start('places'), kind: 'cellar' })).toEqual(['kind']);
    const closed = [{ from: '2027-05-22T14:00', until: '2027-05-22T13:00', why: '' }];
    expect(await wrong(ITEM_FORMS.tins, { ...start('tins'), closed })).toEqual(['closed[0].until']);
  });
});

describe('an ingredient in its form', () => {
  it('opened and saved untouched, nothing of it changes', async () => {
    for (const i of starterIngredients.map(withoutId)) {
      const kept = newIngredient(i);
      const form = await ingredientForm.validate(ingredientFormOf(kept));
      expect(ingredientOf(form, kept)).toEqual(kept);
    }
  });
  it('is unconfirmed until somebody has read its label', async () => {
    const form = await ingredientForm.validate({ name: 'Pistachio', stock: 0, leastStock: 0, allergens: ['nuts'] });
    expect(ingredientOf(form, null)).toMatchObject({ unconfirmed: true, allergens: ['nuts'] });
    expect(ingredientOf({ ...form, confirmed: true }, null)).not.toHaveProperty('unconfirmed');
  });
  it('gets the marks of what it is', async () => {
    const form = await ingredientForm.validate({ name: 'x', stock: 0, leastStock: 0, is: 'egg white' });
    expect(ingredientOf(form, null)).toMatchObject({ is: 'egg white', egg: 'white' });
    expect(ingredientOf({ ...form, is: 'flour' }, null)).toMatchObject({ flour: true });
    expect(ingredientOf({ ...form, is: 'flour' }, null)).not.toHaveProperty('egg');
  });
});

describe('the smaller forms', () => {
  it('of standing work, of suppliers, of pickup hours', async () => {
    const work = {
      name: 'Rolls',
      weekdays: [5, 2, 2],
      start: '05:00',
      end: '06:00',
      people: ['una'],
      count: 3,
      skill: 'bake',
    };
    const read = standingOf(await standingForm.validate({ ...work, items: [], except: [] }));
    // Who is named needs no number.
    expect(read).toMatchObject({ weekdays: [2, 5], count: 0, skill: null });
    expect(standingOf(await standingForm.validate(standingFormOf(read)))).toEqual(read);
    expect(await wrong(standingForm, { ...work, weekdays: [], end: '05:00' })).toEqual(['weekdays', 'end']);
    const delivery = { weekday: 2, at: '07:00', daysBefore: 0, orderBy: '08:00' };
    expect(await wrong(supplierForm, { name: 'Mill', deliveries: [delivery] })).toEqual(['deliveries[0].orderBy']);
    expect(
      supplierOf(await supplierForm.validate({ name: ' Mill ', deliveries: [{ ...delivery, daysBefore: 1 }] })).name,
    ).toBe('Mill');
    const closed = ['2027-06-03', '2027-05-01', '2027-06-03'].map((date, i) => ({ date, why: `${i}` }));
    expect(openingOf(await openingForm.validate({ hours: [], closed })).closed).toEqual([
      { date: '2027-05-01', why: '1' },
      { date: '2027-06-03', why: '2' },
    ]);
    expect(await wrong(openingForm, { hours: [{ weekday: 1, start: '10:00', end: '09:00' }] })).toEqual([
      'hours[0].end',
    ]);
  });
  it('of a new kitchen: who weighs in ounces measures in cups', async () => {
    const form = {
      name: 'Yard',
      zone: 'Europe/Oslo',
      country: 'US',
      decimal: 'point',
      weight: 'oz',
      temperature: 'F',
      length: 'in',
    };
    expect(readingIn(await newKitchenForm.validate(form))).toMatchObject({
      volume: 'cups',
      country: 'US',
      temperature: 'F',
    });
    expect(await wrong(newKitchenForm, { ...form, name: '', zone: 'Moon/Sea' })).toEqual(['name', 'zone']);
  });
});
