import { openKitchenOfFew, orderCalled, planner, plansSettled, sendTo } from '../testing/demo-kitchen';
import { WELL_MADE } from '../testing/malformed';

const kitchen = await openKitchenOfFew();
const { loadWall } = await import('../wall/wall');
const { loadOrders, loadOrder } = await import('../orders/order-pages');

afterAll(() => kitchen.close());
afterEach(async () => {
  planner.fails = null;
  await plansSettled();
});

describe('where planning fails', () => {
  it('an order is kept all the same, is not taken twice, and the wall says so until a plan knows it', async () => {
    planner.fails = 'The planner has burnt its fingers.';
    const taken = await sendTo('take-order', WELL_MADE['take-order'], 'kept-all-the-same');
    expect(taken).toEqual({ ok: true, id: expect.any(Number), planned: false });
    const again = await sendTo('take-order', WELL_MADE['take-order'], 'kept-all-the-same');
    expect(again.id).toBe(taken.id);
    const named = async () => (await loadOrders(kitchen.db))!.open.filter((o) => o.title === 'Sluice keepers');
    expect(await named()).toEqual([expect.objectContaining({ id: taken.id, status: null })]);
    expect(await loadOrder(kitchen.db, taken.id as number)).not.toBeNull();
    expect((await loadWall(kitchen.db))!.headline).toMatchObject({
      tone: 'misses',
      text: expect.stringMatching(/^Planning failed.*burnt its fingers/),
      fix: { label: 'Plan again', replan: true },
    });
    planner.fails = null;
    expect(await sendTo('replan', {})).toMatchObject({ ok: true });
    expect((await loadWall(kitchen.db))!.headline.text).not.toContain('Planning failed');
    expect((await named())[0]!.status).not.toBeNull();
  });

  it('a tap is kept, and so are settings', async () => {
    const { situation, plan } = (await (await import('./load-planned')).loadPlanned(kitchen.db))!;
    const blocked = new Set(plan.problem.waits.map((w) => w.to));
    const free = plan.plan.steps.find(
      (s) => s.people.length === 1 && !situation.states.has(s.id) && !blocked.has(s.id),
    )!;
    planner.fails = 'It is out.';
    expect(await sendTo('start-step', { step: free.id, person: free.people[0], sure: true })).toEqual({ ok: true });
    await plansSettled();
    expect(
      (await (await import('./load-planned')).loadPlanned(kitchen.db))!.situation.states.get(free.id),
    ).toMatchObject({
      state: 'running',
    });
    const { version } = situation.kitchen.rows.kitchen;
    expect(await sendTo('save-kitchen', { version, change: { choices: { cloth: 'damp' } } })).toEqual({
      ok: true,
      planned: false,
    });
  });
});

describe('plans that are asked for at once', () => {
  it('are made together: whoever asks while one is made gets the next', async () => {
    const { replan } = await import('./replan');
    const { plans } = await import('../../data/schema');
    const count = async () => (await kitchen.db.rows.select().from(plans)).length;
    const before = await count();
    const made = await Promise.all(Array.from({ length: 12 }, (_, i) => replan(kitchen.db, `reason ${i}`)));
    expect(made.filter((m) => m.plan === null)).toEqual([]);
    expect((await count()) - before).toBeLessThanOrEqual(2);
    expect(made.at(-1)!.plan!.reason).toContain('reason 11');
  });
});

describe('what eaters must not get', () => {
  let vegan = 0;
  beforeAll(async () => void (vegan = await orderCalled('Tollgate vegan')));
  const version = async (id: number) => (await loadOrder(kitchen.db, id))!.version;
  const contains = async (id: number) => (await loadOrder(kitchen.db, id))!.allergens;

  it('is asked when a part that was left out is taken in again, and shown on the wall where it is so already', async () => {
    const { updateOrder } = await import('../../data/repositories/orders');
    const { riseCounts } = await import('../../data/repositories/counts');
    const [first] = await contains(vegan);
    const set = async (avoid: string[]) => {
      await updateOrder(kitchen.db, vegan, await version(vegan), { avoid: avoid as never });
      await riseCounts(kitchen.db, true);
    };
    await set([first!.allergen]);
    expect((await loadWall(kitchen.db))!.headline).toMatchObject({
      text: expect.stringContaining(`contains what its eaters must not get: ${first!.allergen}`),
      fix: { order: vegan },
    });
    // What is so already is not held against another change.
    const amount = { kind: 'amount', role: 'filling', grams: 1100 };
    expect(await sendTo('change-part', { id: vegan, version: await version(vegan), change: amount })).toMatchObject({
      ok: true,
    });
    await set(['milk']);
    const swap = { kind: 'formula', role: 'frosting', formula: 'vanilla-whip' };
    expect(await sendTo('change-part', { id: vegan, version: await version(vegan), change: swap })).toMatchObject({
      ok: false,
      message: expect.stringContaining('That would bring'),
    });
  });

  it('is asked when a formula is saved, for the orders that would take it, and no others', async () => {
    const { loadFormulaForm } = await import('../formulas/formula-pages');
    const { loadPlanned } = await import('./load-planned');
    const { updateOrder } = await import('../../data/repositories/orders');
    const { riseCounts } = await import('../../data/repositories/counts');
    const order = (await loadPlanned(kitchen.db))!.situation.orders.find((o) => o.id === vegan)!;
    const { id } = (await loadOrder(kitchen.db, vegan))!.parts.find((p) => p.role === 'filling')!.formula;
    const set = async (versions: Record<string, number>) => {
      await updateOrder(kitchen.db, vegan, await version(vegan), { versions, avoid: ['milk'] });
      await riseCounts(kitchen.db, true);
    };
    const save = async () => {
      const { form, version: opened } = (await loadFormulaForm(kitchen.db, id))!;
      const lines = [...form.lines, { ingredient: 'milk', grams: 10 }];
      return sendTo('save-formula', { ...form, lines, id, version: opened });
    };
    // An order of before versions were kept takes the newest; one that has its version keeps it.
    await set(Object.fromEntries(Object.entries(order.versions).filter(([key]) => key !== id)));
    expect(await save()).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^That would bring Tollgate vegan/),
    });
    await set(order.versions);
    expect(await save()).toMatchObject({ ok: true });
    const newest = { id: vegan, version: await version(vegan), change: { kind: 'newest formulas' } };
    expect(await sendTo('change-part', newest)).toMatchObject({ ok: false, message: expect.stringContaining('milk') });
  });
});
