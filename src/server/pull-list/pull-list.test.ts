import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadPullList, tickLine } = await import('./pull-list');

afterAll(() => kitchen.close());

describe('the pull list', () => {
  it('keeps ticks, and reads any day', async () => {
    const list = (await loadPullList(kitchen.db, undefined, 3))!;
    const { key } = list.list.weighOuts[0]!;
    await tickLine(kitchen.db, key, true);
    await tickLine(kitchen.db, key, true);
    expect((await loadPullList(kitchen.db, undefined, 3))!.ticked).toContain(key);
    await tickLine(kitchen.db, key, false);
    expect((await loadPullList(kitchen.db, undefined, 3))!.ticked).not.toContain(key);
    expect((await loadPullList(kitchen.db, '2027-02-31', -4))!.days).toBe(1);
    expect((await loadPullList(kitchen.db, '2031-01-01', 99))!).toMatchObject({ day: '2031-01-01', days: 14 });
    expect((await sendTo('tick', { key: '', ticked: true })).ok).toBe(false);
  });
});
