import { openKitchenOfFew, plansSettled, sendTo } from '../testing/demo-kitchen';

const { db, close } = await openKitchenOfFew();
const { loadKitchen } = await import('../situation/load-kitchen');

afterAll(async () => {
  await plansSettled();
  await close();
});

it('tins that were entered twice are one set: a batch takes what is needed from both', async () => {
  const owned = async () => (await loadKitchen(db))!.library.moulds.find((m) => m.kind.includes('24'))!;
  const before = await owned();
  expect(await sendTo('add-tins', { text: 'round 24, 2 of them' })).toMatchObject({ ok: true });
  const after = await owned();
  expect(after.owned).toBe(before.owned + 2);
  const { equipment } = (await loadKitchen(db))!;
  // So many has the one item that the plan knows, not two with less.
  expect(equipment.filter((e) => e.kind === after.kind).map((e) => e.units)).toEqual([after.owned]);
});
