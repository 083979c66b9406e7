import { openKitchenOfFew, orderCalled, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadOrderForm } = await import('./order-form');
const { loadOrders } = await import('./order-pages');
const { lapseEnquiries } = await import('./lapse');
const { pictureFile } = await import('./pictures');
const { readOrder } = await import('../../data/repositories/orders');
const { readPictures, setPictures } = await import('../../data/repositories/pictures');
const { bringBack } = await import('./orders');
const { readPlan } = await import('../../data/repositories/plans');

afterAll(() => kitchen.close());

const { db } = kitchen;
const at = (text: string) => ({ ...db, now: () => new Date(text) });
const typed = async (change: object = {}) => ({
  ...(await loadOrderForm(db, null))!.form.values,
  ...{ title: 'Ferry wedding', customer: 'Ada', pickup: '2027-05-29T12:00', portions: 9, build: 'walnut-ganache' },
  ...{ size: JSON.stringify([{ form: 'round', diameter: 240 }]) },
  ...change,
});
const taken = async (change: object) => {
  const answer = await sendTo('take-order', await typed(change));
  if (!answer.ok) throw new Error(JSON.stringify(answer));
  return (await readOrder(db, answer.id as number))!;
};
const planned = async () => (await readPlan(db))!.problem.orders.map((o) => o.id as string);

/** The smallest thing that begins as a JPEG does. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]).toString('base64');
const picture = async () => {
  const answer = await sendTo('add-picture', { words: 'Front', width: 30, height: 20, bytes: JPEG });
  if (!answer.ok) throw new Error(answer.message);
  return answer.id as number;
};

describe('what is agreed for an order', () => {
  it('is kept with it, and stays where a change does not name it', async () => {
    const order = await taken({
      ...{ colours: ' dusty pink ', inscriptionAt: 'on the board', goesTo: 'Quay 3', box: 'tall box' },
      ...{ standsHours: 3, standsCelsius: '', standsOutdoors: true },
    });
    const agreed = { colours: 'dusty pink', inscriptionAt: 'on the board', goesTo: 'Quay 3', box: 'tall box' };
    expect(order.details).toEqual({ ...agreed, stands: { hours: 3, celsius: 22, outdoors: true } });
    const opened = (await loadOrderForm(db, order.id))!;
    expect(opened.form.values).toMatchObject({ ...agreed, standsHours: 3, standsCelsius: 22, standsOutdoors: true });
    const { colours, standsHours, ...rest } = opened.form.values;
    void [colours, standsHours];
    const change = { ...rest, id: order.id, version: order.version };
    expect(await sendTo('change-order', { ...change, goesTo: '' })).toMatchObject({ ok: true });
    const { goesTo, ...without } = order.details;
    void goesTo;
    expect((await readOrder(db, order.id))!.details).toEqual(without);
  });

  it('is refused beside its field', async () => {
    const wrong = async (change: object) => (await sendTo('take-order', await typed(change))).fields ?? {};
    expect(await wrong({ standsHours: 80 })).toEqual({ standsHours: '0 to 72 hours.' });
    expect(await wrong({ standsCelsius: 'warm' })).toEqual({ standsCelsius: 'How warm? A number.' });
    expect(await wrong({ holdsUntil: '2027-05-01' })).toEqual({ holdsUntil: 'This day is over.' });
    expect(await wrong({ holdsUntil: '2027-05-30' })).toEqual({ holdsUntil: 'It is collected before that.' });
    expect(await wrong({ holdsUntil: 'soon' })).toEqual({ holdsUntil: 'Choose a day.' });
  });

  it('holds its place as an enquiry until its day is over, and then lapses', async () => {
    const order = await taken({ title: 'Perhaps', holdsUntil: '2027-05-24' });
    expect(order.holdsUntil).toEqual(new Date('2027-05-25T00:00:00Z'));
    expect(await planned()).toContain(`o${order.id}`);
    expect(await lapseEnquiries(at('2027-05-24T23:59:00Z'))).toEqual([]);
    expect(await lapseEnquiries(at('2027-05-25T00:00:00Z'))).toEqual(['Perhaps']);
    expect((await readOrder(db, order.id))!.state).toBe('lapsed');
    expect(await planned()).not.toContain(`o${order.id}`);
    expect(await lapseEnquiries(at('2027-05-25T00:00:00Z'))).toEqual([]);
    // Taken up after all it is an order, and does not lapse again.
    const lapsed = (await readOrder(db, order.id))!;
    expect(await bringBack(db, order.id, lapsed.version)).toMatchObject({ ok: true });
    expect(await readOrder(db, order.id)).toMatchObject({ state: 'open', holdsUntil: null });
    expect(await planned()).toContain(`o${order.id}`);
  });

  it('does not lapse once it is begun', async () => {
    const id = await orderCalled('Harbour choir');
    const { form, version } = (await loadOrderForm(db, id))!;
    const change = { ...form.values, id, version, holdsUntil: '2027-05-20' };
    expect(await sendTo('change-order', change)).toMatchObject({ ok: true });
    expect(await lapseEnquiries(at('2027-05-23T00:00:00Z'))).toEqual([]);
    expect((await readOrder(db, id))!.state).toBe('open');
  });

  it('is told on the order list: what is an enquiry, what has lapsed, what is one order', async () => {
    const first = await taken({ title: 'Two of them', holdsUntil: '2027-05-28' });
    const second = await taken({ title: 'The other', together: first.id });
    const list = (await loadOrders(db))!;
    expect(list.open.find((o) => o.id === first.id)).toMatchObject({ heldUntil: 'Fri 28 May' });
    expect((await readOrder(db, second.id))!.together).toBe(first.id);
    expect(await sendTo('take-order', await typed({ together: 9999 }))).toMatchObject({
      fields: { together: 'There is no such order.' },
    });
  });
});

describe('pictures', () => {
  it('come before their order and go with it; one that is taken away can be given back', async () => {
    const [a, b] = [await picture(), await picture()];
    const order = await taken({ title: 'Pictured', pictures: [a, b] });
    const ids = async () => (await readPictures(db, order.id)).map((p) => p.id);
    expect(await ids()).toEqual([a, b]);
    const change = async (pictures: number[] | undefined) => {
      const { form, version } = (await loadOrderForm(db, order.id))!;
      expect(await sendTo('change-order', { ...form.values, pictures, id: order.id, version })).toMatchObject({
        ok: true,
      });
      return ids();
    };
    expect(await change([b])).toEqual([b]);
    expect(await change([a, b])).toEqual([a, b]);
    expect(await change(undefined)).toEqual([a, b]);
    const shown = (await pictureFile(db, a))!;
    expect([shown.type, [...(shown.content as Uint8Array)]]).toEqual(['image/jpeg', [0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]]);
  });

  it('of no order go after an hour, counted from when they were taken out of one; only so many are kept', async () => {
    const { forgetOldPictures } = await import('./pictures');
    const in_ = (minutes: number) => ({ ...db, now: () => new Date(db.now().getTime() + minutes * 60_000) });
    const there = async (id: number) => (await pictureFile(db, id)) !== null;
    const [a, b] = [await picture(), await picture()];
    const order = await taken({ title: 'Pictured twice', pictures: [a] });
    await forgetOldPictures(in_(61));
    expect([await there(a), await there(b)]).toEqual([true, false]);
    await setPictures(in_(120), order.id, []);
    await forgetOldPictures(in_(179));
    expect(await there(a)).toBe(true);
    await forgetOldPictures(in_(181));
    expect(await there(a)).toBe(false);
    for (let i = 0; i < 60; i++) await picture();
    const add = () => sendTo('add-picture', { words: 'Front', width: 30, height: 20, bytes: JPEG });
    expect(await add()).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^60 pictures are of no order yet/),
    });
    await forgetOldPictures(in_(61));
    expect(await add()).toMatchObject({ ok: true });
  });

  it('of another order stay there', async () => {
    const a = await picture();
    const one = await taken({ title: 'Has it', pictures: [a] });
    const other = await taken({ title: 'Wants it', pictures: [a] });
    expect((await readPictures(db, one.id)).map((p) => p.id)).toEqual([a]);
    expect(await readPictures(db, other.id)).toEqual([]);
  });

  it('are what their bytes say, and nothing else is kept', async () => {
    const page = Buffer.from('<svg onload="alert(1)">').toString('base64');
    expect(await sendTo('add-picture', { words: '', width: 1, height: 1, bytes: page })).toMatchObject({
      ok: false,
      message: 'This is no picture that can be shown: JPEG, PNG or WebP.',
    });
    expect(await sendTo('add-picture', { words: '', width: 1, height: 1, bytes: 'no base64!' })).toMatchObject({
      fields: { bytes: 'This is no picture that can be shown: JPEG, PNG or WebP.' },
    });
  });
});
