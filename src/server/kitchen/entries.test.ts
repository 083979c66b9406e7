import { openKitchenOfFew, sendTo, type Sent } from '../testing/demo-kitchen';
import { sql } from 'drizzle-orm';
import type { KitchenDb } from '../../data/kitchen-db';

let db: KitchenDb;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await openKitchenOfFew());
}, 240_000);
afterAll(() => close());

const sections = async () => (await (await import('./kitchen-sections')).loadKitchenSections(db))!;
const person = async (id: string) => (await sections()).people.find((p) => p.id === id)!;
const formOf = async (id: string) => {
  const { personFormOf } = await import('../../core/input/person-input');
  const p = await person(id);
  return { ...personFormOf(p), id, version: p.version };
};
const problem = async () => {
  const { loadSituation } = await import('../situation/load-situation');
  const { problemOf } = await import('../../core/situation/problem-of');
  return problemOf((await loadSituation(db))!).problem;
};
const fresh = { id: null, version: 0 };
const place = { name: 'Fridge 3', closed: [], kind: 'fridge', units: 9, celsius: 3, litres: null, free: [] };

describe('an entry of the kitchen', () => {
  it('is saved, planned with, told, and put back as it was', async () => {
    const form = await formOf('bo');
    const saved = await sendTo('save-person', {
      ...form,
      skills: [...form.skills, { name: 'sugar', pace: 1.6 }],
      sure: true,
    });
    expect(saved).toMatchObject({ ok: true, id: 'bo', version: form.version + 1, planned: true });
    const bo = (await problem()).people.find((p) => p.id === 'bo')!;
    expect([bo.skills.at(-1), bo.pace]).toEqual(['sugar', { sugar: 1.6 }]);
    const { loadChanges } = await import('./changes');
    const [change] = (await loadChanges(db))!;
    expect(change).toMatchObject({ what: 'Bo was changed', canPutBack: true, fields: [{ name: 'skills' }] });
    expect(await sendTo('put-back', { event: change!.event })).toMatchObject({ ok: true });
    expect((await person('bo')).skills).toEqual(form.skills);
    expect((await problem()).people.find((p) => p.id === 'bo')!.pace).toBeUndefined();
  });

  it('that changes nothing that is planned with is kept without a trial', async () => {
    const { laterWith } = await import('./try-entry');
    const { entries } = (await (await import('../situation/load-kitchen')).loadKitchen(db))!.rows;
    const { planner } = await import('../testing/demo-kitchen');
    planner.fails = 'nothing is to be planned';
    const renamed = entries.people.map((p) => (p.id === 'bo' ? { ...p, name: 'Boris', colour: 'rose' as const } : p));
    expect(await laterWith(db, 'people', renamed)).toBeNull();
    planner.fails = null;
  });

  it('that somebody else has changed meanwhile is refused, and that is told as it is', async () => {
    const form = await formOf('wim');
    expect(await sendTo('save-person', { ...form, overtime: 60 })).toMatchObject({ ok: true });
    expect(await sendTo('save-person', { ...form, overtime: 90 })).toMatchObject({
      ok: false,
      message: expect.stringContaining('Somebody else'),
    });
    expect((await person('wim')).overtime).toBe(60);
  });

  it('says what is wrong beside the field', async () => {
    const form = await formOf('wim');
    expect(await sendTo('save-person', { ...form, name: 'Bo', initials: 'BO' })).toMatchObject({
      ok: false,
      fields: { name: 'Somebody of this name is here already.', initials: 'These are Bo’s.' },
    });
    const tin = { ...fresh, name: '', closed: [], words: 'the blue one', units: 1 };
    expect(await sendTo('save-tin', tin)).toMatchObject({
      ok: false,
      fields: { words: expect.stringContaining('the') },
    });
    expect(
      await sendTo('save-oven', { ...fresh, ...place, name: 'Oven 1, deck', fan: false, minutes: 0, celsius: 0 }),
    ).toMatchObject({
      ok: false,
      fields: { name: 'There is one of this name already.' },
    });
  });

  it('may be called what every object answers to', async () => {
    const name = 'constructor';
    const tin = { ...fresh, name, closed: [], words: 'round 26, 7 deep', units: 2 };
    expect(await sendTo('save-tin', tin)).toMatchObject({ ok: true, id: 'constructor-1', planned: true });
    const machine = { ...fresh, name: 'toString', closed: [], kind: name, units: 1, litres: null, batches: [] };
    expect(await sendTo('save-machine', machine)).toMatchObject({ ok: true });
    const form = await formOf('wim');
    const skills = [...form.skills, { name, pace: 1.5 }];
    expect(await sendTo('save-person', { ...form, skills, sure: true })).toMatchObject({ ok: true, planned: true });
    const { people, equipment } = await problem();
    expect(people.find((p) => p.id === 'wim')!.pace).toEqual({ constructor: 1.5 });
    expect(equipment.filter((e) => e.kind === name).map((e) => [e.units, e.heatRate])).toEqual([[1, undefined]]);
  });

  it('asks first where open orders leave later by it, and changes nothing until somebody is sure', async () => {
    const form = await formOf('odile');
    const away = [{ from: '2027-05-20', until: '2027-05-24', why: 'ill' }];
    const asked = await sendTo('save-person', { ...form, away });
    expect(asked).toMatchObject({
      ok: false,
      asks: 'sure',
      message: expect.stringMatching(/^With this .* (leaves .* later|finds no place)/),
    });
    expect((await person('odile')).away).toEqual([]);
    expect(await sendTo('save-person', { ...form, away, sure: true })).toMatchObject({ ok: true });
    const odile = (await problem()).people.find((p) => p.id === 'odile')!;
    const { minuteOf } = await import('../../core/time/clock');
    const { loadKitchen } = await import('../situation/load-kitchen');
    const { clock } = (await loadKitchen(db))!;
    const [from, until] = ['2027-05-20T00:00:00Z', '2027-05-25T00:00:00Z'].map((t) => minuteOf(t, clock));
    expect(odile.shifts.filter(([a, b]) => b > from! && a < until!)).toEqual([]);
    const { version } = await person('odile');
    expect(await sendTo('save-person', { ...form, version, away: [] })).toMatchObject({ ok: true });
  }, 60_000);

  it('is taken out of use, never deleted: its past stays, and it comes back', async () => {
    const made = (await sendTo('save-place', { ...fresh, ...place })) as Sent & { id: string; version: number };
    expect(made).toMatchObject({ ok: true, id: 'fridge-3', version: 1 });
    expect((await problem()).equipment.find((e) => e.id === 'fridge-3')).toMatchObject({ kind: 'fridge', units: 9 });
    const retire = { register: 'items', id: 'fridge-3', version: 1, retired: true };
    expect(await sendTo('retire-entry', retire)).toMatchObject({ ok: true });
    expect((await sections()).items.find((i) => i.id === 'fridge-3')!.retiredAt).not.toBeNull();
    expect((await problem()).equipment.find((e) => e.id === 'fridge-3')!.closed).toHaveLength(1);
    expect(await sendTo('retire-entry', { ...retire, version: 2, retired: false })).toMatchObject({
      ok: true,
      version: 3,
    });
    expect((await problem()).equipment.find((e) => e.id === 'fridge-3')!.closed).toBeUndefined();
    // Whoever did something that was told stays known by name, and the plan goes on around it.
    const bo = await person('bo');
    expect(
      await sendTo('retire-entry', { register: 'people', id: 'bo', version: bo.version, retired: true, sure: true }),
    ).toMatchObject({ ok: true, planned: true });
    const { namesOf } = await import('../situation/names');
    const { loadSituation } = await import('../situation/load-situation');
    expect(namesOf((await loadSituation(db))!).person('bo')).toBe('Bo');
    expect(
      await sendTo('retire-entry', { register: 'people', id: 'bo', version: bo.version + 1, retired: false }),
    ).toMatchObject({ ok: true, planned: true });
  }, 60_000);

  it('an oven of its own bakes at its own temperature and time, and the bench is told', async () => {
    const { itemFormOf } = await import('../../core/input/item-input');
    const oven = (await sections()).items.find((i) => i.id === 'oven-1')!;
    const form = {
      ...itemFormOf('ovens', oven),
      id: 'oven-1',
      version: oven.version,
      celsius: 5,
      minutes: 2,
      sure: true,
    };
    expect(await sendTo('save-oven', form)).toMatchObject({ ok: true, planned: true });
    const own = await problem();
    const bake = own.steps.find((s) => s.oven && !s.placed)!;
    const of = (id: string) => bake.oven!.choices!.find((c) => c.equipment === id)!;
    expect(of('oven-1').celsius).toBe(of('oven-2').celsius + 5);
    expect(of('oven-1').minutes.likely).toBe(bake.minutes.likely + 2);
    const { readPlan } = await import('../../data/repositories/plans');
    const { loadStep } = await import('../steps/load-step');
    const plan = (await readPlan(db))!;
    const at = plan.plan.steps.find(
      (s) =>
        s.equipment.at(-1) === 'oven-1' &&
        plan.problem.steps.find((x) => x.id === s.id)?.oven &&
        !plan.problem.steps.find((x) => x.id === s.id)?.placed,
    );
    if (at) {
      const celsius = plan.problem.steps
        .find((x) => x.id === at.id)!
        .oven!.choices!.find((c) => c.equipment === 'oven-1')!.celsius;
      const view = (await loadStep(db, at.id))!;
      expect(view.with.at(-1)).toContain(`${celsius} °C`);
      expect(view.prepare.join(' ')).toContain(`Heat Oven 1, deck to ${celsius} °C`);
    }
    expect(at).toBeDefined();
    expect(await sendTo('save-oven', { ...form, version: form.version + 1, celsius: 0, minutes: 0 })).toMatchObject({
      ok: true,
    });
  }, 60_000);

  it('standing work takes its hands and things out of every plan', async () => {
    const work = {
      name: 'Rolls',
      weekdays: [5, 6],
      start: '07:00',
      end: '08:00',
      people: ['ines'],
      count: 0,
      skill: '',
      items: ['mixer-2'],
      except: [],
    };
    expect(await sendTo('save-standing-work', { ...fresh, ...work, sure: true })).toMatchObject({
      ok: true,
      planned: true,
    });
    const own = await problem();
    const { minuteOf } = await import('../../core/time/clock');
    const { loadKitchen } = await import('../situation/load-kitchen');
    const { clock } = (await loadKitchen(db))!;
    const friday = minuteOf('2027-05-21T07:00:00Z', clock);
    expect(own.people.find((p) => p.id === 'ines')!.shifts.some(([a, b]) => a < friday + 60 && b > friday)).toBe(false);
    expect(own.equipment.find((e) => e.id === 'mixer-2')!.closed).toContainEqual([friday, friday + 60]);
    expect(
      await sendTo('retire-entry', { register: 'standing work', id: 'rolls', version: 1, retired: true }),
    ).toMatchObject({ ok: true });
    expect((await problem()).equipment.find((e) => e.id === 'mixer-2')!.closed).toBeUndefined();
  }, 60_000);

  it('tins come in as a list in words, all of them or none', async () => {
    const text = 'round 26, 7 deep, 2 of them\n\nring 26, 3 of them\nsomething';
    expect(await sendTo('add-tins', { text })).toMatchObject({
      ok: false,
      fields: { 4: expect.stringContaining('something') },
    });
    expect((await sections()).items.some((i) => i.kind === 'ring 26 cm')).toBe(false);
    expect(await sendTo('add-tins', { text: text.replace('\nsomething', '') })).toMatchObject({ ok: true, added: 2 });
    expect((await sections()).items.find((i) => i.kind === 'ring 26 cm')).toMatchObject({
      units: 3,
      name: 'Rings, 26 cm',
    });
    expect(await sendTo('add-starter-set', { key: 'rings' })).toMatchObject({ ok: true });
    expect(await sendTo('add-starter-set', { key: 'rings' })).toMatchObject({ ok: false });
  });

  it('pickup hours hold for new orders, and for none that was taken', async () => {
    const { version } = await sections();
    const hours = [{ weekday: 6, start: '08:00', end: '12:00' }];
    expect(await sendTo('save-opening', { version, hours, closed: [] })).toMatchObject({ ok: true });
    const ask = (pickup: string) => sendTo('can-we-take', { build: 'walnut-ganache', portions: 12, pickup });
    expect(await ask('2027-05-26T12:00')).toMatchObject({
      ok: false,
      message: 'Nothing is collected on that weekday.',
    });
    const answer = await ask('2027-05-29T11:00');
    expect(answer).toMatchObject({ ok: true });
    expect(await sendTo('save-opening', { version, hours: [], closed: [] })).toMatchObject({ ok: false });
    expect(await sendTo('save-opening', { version: version + 1, hours: [], closed: [] })).toMatchObject({ ok: true });
  });

  it('another name is taken at once, another time zone only while nothing was ordered', async () => {
    const { version, name, zone } = await sections();
    const moved = { version, name, zone: 'Europe/Oslo' };
    expect(await sendTo('rename-kitchen', moved)).toMatchObject({ ok: false, fields: { zone: expect.any(String) } });
    expect((await sections()).zone).toBe(zone);
    expect(await sendTo('rename-kitchen', { version, name: 'Fennel', zone })).toMatchObject({ ok: true });
    expect(await sendTo('rename-kitchen', { version: version + 1, name, zone })).toMatchObject({ ok: true });
  });

  it('a supplier that delivers on days of its own is ordered from in time, or cannot be', async () => {
    const { loadPullList } = await import('../pull-list/pull-list');
    // What the kitchen has in stock would do for its few orders.
    await db.rows.execute(
      sql`update entries set body = jsonb_set(body, '{stock}', '0') where register = 'ingredients'`,
    );
    await db.rows.execute(sql`update counts set "all" = "all" + 1`);
    const before = (await loadPullList(db, '2027-05-20', 7))!;
    const group = before.list.shopping.find((g) => g.neededAt !== null && g.lines.some((l) => l.buy > 0))!;
    expect(before.orderBy).toEqual({});
    // It comes on the day before what is needed, or after it.
    const { timeOf } = await import('../../core/time/clock');
    const needed = timeOf(group.neededAt!, before.clock);
    const day = needed.plus({ days: 1 });
    const late = [{ weekday: day.weekday, at: '07:00', daysBefore: 1, orderBy: '14:00' }];
    const supplier = { ...fresh, name: group.supplier, deliveries: late, note: '' };
    const saved = (await sendTo('save-supplier', supplier)) as Sent & { id: string };
    expect(saved).toMatchObject({ ok: true });
    expect((await loadPullList(db, '2027-05-20', 7))!.orderBy[group.supplier]).toMatchObject({
      late: true,
      text: expect.stringMatching(/^Cannot be there by .* Fetch it\.$/),
    });
    const everyDay = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({
      weekday,
      at: '00:30',
      daysBefore: 0,
      orderBy: '00:10',
    }));
    const again = { ...supplier, id: saved.id, version: 1, deliveries: everyDay };
    expect(await sendTo('save-supplier', again)).toMatchObject({ ok: true });
    const after = (await loadPullList(db, '2027-05-20', 7))!.orderBy[group.supplier]!;
    const inTime =
      needed.startOf('day') >
      timeOf((await (await import('../situation/load-situation')).loadSituation(db))!.minute, before.clock);
    expect(after.late).toBe(!inTime);
  });

  it('a kitchen is made beside others, empty, with a name of its own, and says what it lacks', async () => {
    const { makeKitchen } = await import('./new-kitchen');
    const form = {
      name: 'Sorrel Yard',
      zone: 'UTC',
      country: 'metric',
      decimal: 'point',
      weight: 'g',
      temperature: 'C',
      length: 'cm',
    } as const;
    expect(await makeKitchen(form)).toEqual({ ok: true, kitchen: 'sorrel-yard' });
    expect(await makeKitchen({ ...form, name: 'sorrel yard' })).toMatchObject({
      ok: false,
      fields: { name: expect.any(String) },
    });
    expect(await makeKitchen({ ...form, name: 'Demo' })).toEqual({ ok: true, kitchen: 'demo-2' });
    const { openKitchen } = await import('../shared/open-kitchen');
    const { loadKitchenSections } = await import('./kitchen-sections');
    const { addFromLibrary, loadStarterLibrary } = await import('./starter-library');
    const own = (await openKitchen('sorrel-yard'))!;
    const view = (await loadKitchenSections(own))!;
    expect(view.setUp).toEqual([]);
    expect(view.missing[0]!.say).toBe('Nobody works here yet.');
    expect(await addFromLibrary(own, { formulas: ['quince-curd'], builds: ['walnut-ganache'] })).toMatchObject({
      ok: true,
    });
    const library = (await loadStarterLibrary(own))!;
    const cake = library.builds.find((b) => b.id === 'walnut-ganache')!;
    expect(cake.here).toBe(true);
    expect(cake.formulas.filter((id) => !library.formulas.find((f) => f.id === id)!.here)).toEqual([]);
    expect((await loadKitchenSections(own))!.ingredients.filter((i) => i.stock !== 0)).toEqual([]);
    expect(await addFromLibrary(own, { formulas: ['quince-curd'], builds: [] })).toMatchObject({ ok: false });
    // What is done in one is not done in another.
    expect((await sections()).counts.library).toBeGreaterThan(50);
  });
});
