import { offerFromStore } from '../../core/store/offer';
import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadOrderForm } = await import('../orders/order-form');
const { changeOrder, takeOrder } = await import('../orders/orders');
const { finishStep, startStep } = await import('../bench/floor');
const { takeBackStep } = await import('../bench/corrections');
const { loadSituation } = await import('../situation/load-situation');
const { loadPlanned } = await import('../plan/load-planned');
const { readStore } = await import('../../data/repositories/store');
const { countLot, loadStore, moveLot, putIntoStore, reserveLot, throwAway } = await import('./store');

afterAll(() => kitchen.close());

const round = (diameter: number) => ({ form: 'round' as const, diameter });
const size = (diameter: number) => ({ size: { form: round(diameter), height: 25 } });
const layers = (amount: number, more: object = {}) =>
  putIntoStore(kitchen.db, { formula: 'genoise', amount, ...size(200), shelf: 'shelf 2', from: 'made', ...more });
const lots = async () => (await readStore(kitchen.db)).lots.map((l) => [l.id, l.amount]);
const typed = async (change: object = {}) => ({
  ...(await loadOrderForm(kitchen.db, null))!.form.values,
  ...{ title: 'Dune readers', customer: 'Ada', pickup: '2027-05-27T12:00', portions: 9, build: 'strawberry-cloud' },
  ...{ size: JSON.stringify([round(200)]) },
  ...change,
});
const order = async (id: number) => (await loadSituation(kitchen.db))!.orders.find((o) => o.id === id)!;
const stepsOf = async (id: number) =>
  (await loadSituation(kitchen.db))!.breakdowns.get(id)!.steps.filter((s) => s.id.startsWith(`o${id}.layers.`));

describe('the store of own parts', () => {
  it('takes in what its formula says is kept there, and refuses all else beside its field', async () => {
    const wrong = async (change: object) =>
      Object.keys(((await layers(4, change)) as { fields?: Record<string, string> }).fields ?? {});
    expect(await wrong({ formula: 'nothing' })).toEqual(['formula']);
    expect(await wrong({ formula: 'quince-curd' })).toEqual(['formula']);
    expect(await wrong({ amount: 1.5 })).toEqual(['amount']);
    expect(await wrong({ amount: 0 })).toEqual(['amount']);
    expect(await wrong({ size: undefined })).toEqual(['size']);
    expect(await wrong({ place: 'cellar of the moon' })).toEqual(['place']);
    expect(await wrong({ madeOn: '2040-01-01' })).toEqual(['madeOn']);
    expect(await lots()).toEqual([]);
    expect(await layers(12, { besides: ['nuts'] })).toEqual({ ok: true, lot: 'l1' });
    const [lot] = (await readStore(kitchen.db)).lots;
    expect(lot!.allergens).toEqual(expect.arrayContaining(['egg', 'gluten', 'nuts']));
    expect(Date.parse(lot!.useBy)).toBeGreaterThan(Date.parse(lot!.madeOn));
  });

  it('is drawn on by a new order, and what that takes out at the bench is gone, until it is taken back', async () => {
    const taken = await takeOrder(kitchen.db, await typed());
    if (!taken.ok) throw new Error(taken.message);
    const { fromStore = [] } = await order(taken.id);
    expect(fromStore.map((d) => [d.lot, d.role, d.amount])).toEqual([['l1', 'layers', 4]]);
    const [step] = await stepsOf(taken.id);
    expect((await stepsOf(taken.id)).map((s) => s.id)).toEqual([`o${taken.id}.layers.take-out`]);
    expect(step!.how).toContain('shelf 2');

    const { plan } = (await loadPlanned(kitchen.db))!;
    const person = plan.plan.steps.find((s) => s.id === step!.id)!.people[0]!;
    expect(await startStep(kitchen.db, step!.id, person, { sure: true })).toMatchObject({ ok: true });
    expect(await lots()).toEqual([['l1', 12]]);
    expect(await finishStep(kitchen.db, step!.id, undefined, { sure: true })).toMatchObject({ ok: true });
    expect(await lots()).toEqual([['l1', 8]]);
    expect(await takeBackStep(kitchen.db, step!.id, true)).toMatchObject({ ok: true });
    expect(await lots()).toEqual([['l1', 12]]);
    expect(await finishStep(kitchen.db, step!.id, undefined, { sure: true })).toMatchObject({ ok: true });

    // It has been begun: it goes on with what it was promised, whatever else of it is changed.
    const { version } = await order(taken.id);
    const changed = await changeOrder(kitchen.db, taken.id, version, await typed({ note: 'candles' }));
    expect(changed).toMatchObject({ ok: true });
    expect((await order(taken.id)).fromStore).toEqual(fromStore);
    expect((await stepsOf(taken.id)).map((s) => s.id)).toEqual([step!.id]);
  });

  it('is not drawn on by somebody who must not eat what came in, nor where it is kept for somebody', async () => {
    const nuts = await takeOrder(kitchen.db, await typed({ title: 'No nuts', avoid: ['nuts'] }));
    if (!nuts.ok) throw new Error(nuts.message);
    expect((await order(nuts.id)).fromStore).toBeUndefined();
    expect(await reserveLot(kitchen.db, 'l1', 'the fair')).toMatchObject({ ok: true });
    const free = await takeOrder(kitchen.db, await typed({ title: 'Too late' }));
    if (!free.ok) throw new Error(free.message);
    expect((await order(free.id)).fromStore).toBeUndefined();
    expect(await reserveLot(kitchen.db, 'l1', null)).toMatchObject({ ok: true });
    // Changed, it is offered what is free again.
    const { version } = await order(free.id);
    await changeOrder(kitchen.db, free.id, version, await typed({ title: 'In time' }));
    expect((await order(free.id)).fromStore).toHaveLength(1);
  });

  it('that was counted short leaves who leaves last without: it is made for that order', async () => {
    const later = await takeOrder(kitchen.db, await typed({ title: 'Later', pickup: '2027-05-28T12:00' }));
    if (!later.ok) throw new Error(later.message);
    const before = (await loadSituation(kitchen.db))!.orders.filter((o) => (o.fromStore ?? []).length > 0);
    expect(before.map((o) => o.title).sort()).toEqual(['Dune readers', 'In time', 'Later']);
    expect(await countLot(kitchen.db, 'l1', 6)).toMatchObject({ ok: true });
    const after = (await loadSituation(kitchen.db))!.orders.filter((o) => (o.fromStore ?? []).length > 0);
    expect(after.map((o) => o.title).sort()).toEqual(['Dune readers', 'In time']);
    expect((await stepsOf(later.id)).length).toBeGreaterThan(2);

    expect(await throwAway(kitchen.db, 'l1', 3, '')).toMatchObject({ fields: { reason: expect.any(String) } });
    expect(await throwAway(kitchen.db, 'l1', 30, 'torn')).toMatchObject({ fields: { amount: expect.any(String) } });
    expect(await throwAway(kitchen.db, 'l1', 5, 'frost got at it')).toMatchObject({ ok: true });
    const left = (await loadSituation(kitchen.db))!.orders.filter((o) => (o.fromStore ?? []).length > 0);
    // What has been taken out is in its cake.
    expect(left.map((o) => o.title)).toEqual(['Dune readers']);
  });

  it('is moved, and what it holds is what all that was told of it comes to', async () => {
    expect(await moveLot(kitchen.db, 'l1', 'fridge', 'door')).toMatchObject({ ok: true });
    expect(await moveLot(kitchen.db, 'l1', 'roof', '')).toMatchObject({ fields: { place: expect.any(String) } });
    expect(await moveLot(kitchen.db, 'l99', 'fridge', '')).toMatchObject({ ok: false });
    for (let i = 0; i < 101; i++) expect(await countLotOnly(i + 1)).toBe(i + 1);
    const { store, again } = (await loadStore(kitchen.db))!;
    expect(store.lots).toHaveLength(1);
    expect(store.lots[0]).toMatchObject({ id: 'l1', amount: 101, place: 'fridge', shelf: 'door' });
    expect(again).toEqual([]);
    const situation = (await loadSituation(kitchen.db))!;
    const own = situation.breakdowns.get(situation.orders.find((o) => o.title === 'In time')!.id)!;
    const asking = { ...own, usedBy: '2027-05-27', avoid: [] };
    expect(offerFromStore(asking, store, []).map((d) => d.place)).toEqual(['fridge']);
  });
});

/** Counts without planning anew each time. */
async function countLotOnly(amount: number): Promise<number> {
  const { appendEvents } = await import('../../data/repositories/events');
  const { commit } = await import('../shared/commit');
  await commit(kitchen.db, async (tx) => {
    await appendEvents(tx, [{ at: tx.now(), kind: 'lot counted', order: null, body: { lot: 'l1', amount } }]);
    return { ok: true };
  });
  return (await readStore(kitchen.db)).lots[0]!.amount;
}
