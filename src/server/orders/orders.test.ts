import { openKitchenOfFew, orderCalled, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { changePart } = await import('./change-part');
const { loadOrderForm } = await import('./order-form');
const { loadOrder } = await import('./order-pages');
const { changeOrder, takeOrder } = await import('./orders');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('an order', () => {
  const typed = async (change: object = {}) => ({
    ...(await loadOrderForm(kitchen.db, null))!.form.values,
    ...{ title: 'Sluice keepers', customer: 'Ada', pickup: '2027-05-26T12:00', portions: 9, build: 'walnut-ganache' },
    ...{ size: JSON.stringify([{ form: 'round', diameter: 240 }]) },
    ...change,
  });

  it('is taken with the versions of its formulas', async () => {
    const taken = await takeOrder(kitchen.db, await typed());
    if (!taken.ok) throw new Error(taken.message);
    const view = (await loadOrder(kitchen.db, taken.id))!;
    expect(view.leftOvers[0]).toMatch(/trimmings of Walnut sponge: .* into toasted crumbs/);
    expect(view.newer).toEqual([]);
  });

  it('is refused for what is wrong, field by field', async () => {
    const wrong = async (change: object) => {
      return (await sendTo('take-order', await typed(change))).fields ?? {};
    };
    expect(Object.keys(await wrong({ avoid: ['nuts'] }))).toEqual(['build']);
    expect(Object.keys(await wrong({ size: '[{"form":"round","diameter":777}]' }))).toEqual(['size']);
    expect(Object.keys(await wrong({ swaps: { frosting: 'quince-curd' } }))).toEqual(['swaps']);
    expect(Object.keys(await wrong({ swaps: 7 }))).toEqual(['swaps']);
    expect(Object.keys(await wrong({ portions: 90 }))).toEqual(['size']);
    expect(Object.keys(await wrong({ pickup: '2026-01-01T10:00' }))).toEqual(['pickup']);
  });

  it('has its parts changed one by one, but never to what its eaters must not get', async () => {
    const id = await orderCalled('Tollgate vegan');
    const view = async () => (await loadOrder(kitchen.db, id))!;
    const change = async (c: Parameters<typeof changePart>[3]) => changePart(kitchen.db, id, (await view()).version, c);
    expect(message(await change({ kind: 'formula', role: 'frosting', formula: 'vanilla-whip' }))).toContain(
      'That would bring Tollgate vegan milk (Whipped mascarpone cream)',
    );
    expect(message(await change({ kind: 'formula', role: 'frosting', formula: 'plum-compote' }))).toContain(
      'cannot stand in',
    );
    expect(await change({ kind: 'formula', role: 'filling', formula: 'raspberry-compote' })).toMatchObject({
      ok: true,
    });
    expect((await view()).parts.find((p) => p.role === 'filling')).toMatchObject({ exchanged: true });
    expect(await change({ kind: 'amount', role: 'filling', grams: 1234 })).toMatchObject({ ok: true });
    expect((await view()).parts.find((p) => p.role === 'filling')!.grams).toBe(1234);
    expect(message(await change({ kind: 'amount', role: 'filling', grams: -1 }))).toContain('above 0');
    expect(message(await changePart(kitchen.db, id, 1, { kind: 'amount', role: 'filling', grams: null }))).toContain(
      'Somebody else',
    );
    expect(await change({ kind: 'amount', role: 'filling', grams: null })).toMatchObject({ ok: true });
    expect((await view()).parts.find((p) => p.role === 'filling')!.computed).toBeNull();
  });

  it('stands after a change as the trial said it would, and as if it were planned again', async () => {
    const { answerOrder } = await import('./answer-order');
    const { replan } = await import('../plan/replan');
    const { loadWall } = await import('../wall/wall');
    const says = new Set<string>();
    for (const [title, pickup] of [
      ['Orchard wedding', '2027-05-21T16:00'],
      ['Rowing eight', '2027-05-21T10:00'],
      ['Varga anniversary', '2027-05-21T09:00'],
    ] as const) {
      const id = await orderCalled(title);
      const { form, version } = (await loadOrderForm(kitchen.db, id))!;
      const typed = { ...form.values, pickup };
      const answered = await answerOrder(kitchen.db, id, typed);
      if (!answered.ok) throw new Error(answered.message);
      const { status } = answered.answer;
      const changed = await changeOrder(kitchen.db, id, version, typed);
      expect(changed).toMatchObject({ ok: true, planned: true });
      const stands = async () => (await loadWall(kitchen.db))!.ladders.find((l) => l.order === id)!.status;
      const late = (s: typeof status) => (s.state === 'misses' ? s.late : 0);
      const saved = await stands();
      expect([title, late(saved)]).toEqual([title, late(status)]);
      await replan(kitchen.db, 'a test looks for more', { thorough: true });
      expect([title, late(await stands()) > late(saved) - 15]).toEqual([title, true]);
      says.add(saved.state);
    }
    expect(says.size).toBeGreaterThan(1);
  });

  it('keeps what was set by hand when it is edited, as long as the build is the same', async () => {
    const id = await orderCalled('Tollgate vegan');
    const { form, version } = (await loadOrderForm(kitchen.db, id))!;
    expect(form.values.swaps).toEqual({ filling: 'raspberry-compote' });
    const result = await changeOrder(kitchen.db, id, version, { ...form.values, inscription: 'Still' });
    expect(result).toMatchObject({ ok: true });
    expect((await loadOrder(kitchen.db, id))!.parts.find((p) => p.role === 'filling')!.exchanged).toBe(true);
  });
});
