import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';
import type { KitchenDb } from '../../data/kitchen-db';

let db: KitchenDb;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await openKitchenOfFew());
}, 240_000);
afterAll(() => close());

const sections = async () => (await (await import('./kitchen-sections')).loadKitchenSections(db))!;
const formOf = async (id: string) => {
  const { personFormOf } = await import('../../core/input/person-input');
  const p = (await sections()).people.find((x) => x.id === id)!;
  return { ...personFormOf(p), id, version: p.version };
};
const situation = async () => (await (await import('../situation/load-situation')).loadSituation(db))!;

describe('changes of the kitchen', () => {
  it('say who made them, where their device says it, and can be taken back from every page', async () => {
    const form = await formOf('karel');
    const wanted = { ...form, overtime: 15 };
    expect(await sendTo('save-person', wanted, undefined, { ...db, by: 'bo' })).toMatchObject({ ok: true });
    const { lastChange, team } = await sections();
    expect(lastChange).toMatchObject({ what: 'Karel was changed', by: 'Bo' });
    expect(team).toContainEqual({ id: 'bo', name: 'Bo' });
    expect(await sendTo('put-back', { event: lastChange!.event })).toMatchObject({ ok: true });
    expect((await formOf('karel')).overtime).toBe(form.overtime);
    // Once more brings it again.
    const again = (await sections()).lastChange!;
    expect(again.by).toBeNull();
    expect(await sendTo('put-back', { event: again.event })).toMatchObject({ ok: true });
    expect((await formOf('karel')).overtime).toBe(15);
  });

  it('are not put back without asking where open orders leave later by it', async () => {
    const form = await formOf('odile');
    const away = [{ from: '2027-05-20', until: '2027-05-24', why: 'ill' }];
    expect(await sendTo('save-person', { ...form, away, sure: true })).toMatchObject({ ok: true });
    const { version } = await formOf('odile');
    expect(await sendTo('save-person', { ...form, version, away: [] })).toMatchObject({ ok: true });
    const { event } = (await sections()).lastChange!;
    expect(await sendTo('put-back', { event })).toMatchObject({ ok: false, asks: 'sure' });
    expect((await formOf('odile')).away).toEqual([]);
    expect(await sendTo('put-back', { event, sure: true })).toMatchObject({ ok: true });
    expect((await formOf('odile')).away).toEqual(away);
    const last = (await sections()).lastChange!;
    expect(await sendTo('put-back', { event: last.event })).toMatchObject({ ok: true });
  }, 60_000);

  it('of figures are shown on an example cake before they are saved', async () => {
    const tried = await sendTo('try-figures', { build: 'walnut-ganache', figures: { fillingThickness: 12 } });
    expect(tried).toMatchObject({ ok: true, example: expect.stringContaining(',') });
    const { changes } = tried as unknown as { changes: string[] };
    expect(changes).toContainEqual(expect.stringMatching(/\d g → .*\d g|kg/));
    const first = await sendTo('try-figures', { build: null, figures: { fillingThickness: 12 } });
    expect((first as unknown as { changes: string[] }).changes.length).toBeGreaterThan(0);
    const same = await sendTo('try-figures', { build: 'walnut-ganache', figures: { daysAhead: 50 } });
    expect(same).toMatchObject({ ok: true, changes: [] });
    const wrong = await sendTo('try-figures', { build: 'walnut-ganache', figures: { fillingThickness: -4 } });
    expect(wrong).toMatchObject({ ok: false, fields: { fillingThickness: expect.any(String) } });
  });
});

describe('what a kitchen tells of its people and its buying', () => {
  it('nobody is asked for more overtime than they may be', async () => {
    const { extraSpans } = await import('../orders/remedies/remedy-ideas');
    const { readPlan } = await import('../../data/repositories/plans');
    const spans = async () => {
      const now = await situation();
      return extraSpans({ situation: now, plan: (await readPlan(db))! }, [], now.orders.at(-1)!.id);
    };
    const before = await spans();
    expect(before.find((s) => s.person === 'ines')?.most).toBe(60);
    const { person } = before.find((s) => s.person !== 'ines')!;
    expect(await sendTo('save-person', { ...(await formOf(person)), overtime: 0, sure: true })).toMatchObject({
      ok: true,
    });
    const after = await spans();
    expect(after.filter((s) => s.person === person)).toEqual([]);
    expect(after.length).toBeLessThan(before.length);
  });

  it('an order says what it costs, and what cannot be bought in time', async () => {
    const { loadOrder } = await import('../orders/order-pages');
    const now = await situation();
    const { readPlan } = await import('../../data/repositories/plans');
    const { costText, notInTime } = await import('../orders/buying');
    const order = now.orders.at(-1)!;
    const breakdown = now.breakdowns.get(order.id)!;
    expect(costText(breakdown, now.kitchen)).toBeNull();
    const { ingredient, grams } = breakdown.components
      .flatMap((c) => c.lines)
      .find((l) => {
        const known = now.kitchen.library.ingredients.get(l.ingredient);
        return known?.supplier && !known.egg && l.grams > 20;
      })!;
    const { ingredientFormOf } = await import('../../core/input/ingredient-input');
    const kept = (await sections()).ingredients.find((i) => i.id === ingredient)!;
    const packs = [{ grams: 1000, price: 10 }];
    const form = { ...ingredientFormOf(kept), packs, stock: 0, id: ingredient, version: kept.version, sure: true };
    expect(await sendTo('save-ingredient', form)).toMatchObject({ ok: true });
    // Comes on Wednesdays only, and the order leaves before the next.
    const supplier = { id: null, version: 0, name: kept.supplier!, note: '' };
    const deliveries = [{ weekday: 3, at: '07:00', daysBefore: 1, orderBy: '12:00' }];
    expect(await sendTo('save-supplier', { ...supplier, deliveries })).toMatchObject({ ok: true });
    const then = await situation();
    const cost = costText(then.breakdowns.get(order.id)!, then.kitchen)!;
    expect(cost).toContain('Its ingredients cost');
    expect(Number(/cost ([\d.]+)/.exec(cost)![1])).toBeGreaterThanOrEqual(Number((grams / 100).toFixed(2)));
    const late = notInTime(order.id, then, (await readPlan(db))!);
    expect(late.join(' ')).toContain(kept.name);
    expect(late.join(' ')).toContain('Cannot be there by');
    expect((await loadOrder(db, order.id))!.planned!.notInTime).toEqual(late);
  }, 60_000);

  it('standing work is drawn where it has somebody or an oven', async () => {
    const work = { name: 'Rolls', weekdays: [5], start: '07:00', end: '08:00', people: ['ines'], count: 0, skill: '' };
    const sent = { id: null, version: 0, ...work, items: ['oven-1'], except: [], sure: true };
    expect(await sendTo('save-standing-work', sent)).toMatchObject({ ok: true });
    const { standingOf } = await import('../wall/strips-view');
    const { readPlan } = await import('../../data/repositories/plans');
    const standing = standingOf(await situation(), (await readPlan(db))!);
    expect(standing('ines')[0]).toMatchObject({ name: 'Rolls' });
    expect(standing('oven-1')[0]!.end - standing('oven-1')[0]!.start).toBe(60);
    expect(standing('bo')).toEqual([]);
  }, 60_000);
});
