import { designCodec } from '../../core/stored/design';
import { isOf, orderId } from '../../core/ids/ids';
import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadComposer } = await import('../orders/composer');
const { takeOrder } = await import('../orders/orders');
const { loadOrder } = await import('../orders/order-pages');
const { loadRunSheet } = await import('../orders/run-sheet');
const { loadPlanned } = await import('../plan/load-planned');
const { Bench } = await import('./bench-reader');

afterAll(() => kitchen.close());

it('what the eaters must not get is told at the first step of their cake on each thing that has just had it', async () => {
  const begun = await loadComposer(kitchen.db, null, { build: 'two-winds', portions: '14' });
  if (!begun || begun === 'no builds') throw new Error('There is no such build.');
  const taken = await takeOrder(kitchen.db, {
    ...begun.values,
    ...{ title: 'Without nuts', customer: 'Ida', pickup: '2027-05-22T12:00', portions: 14, avoid: ['nuts'] },
    design: JSON.stringify(designCodec.write(begun.design)),
  });
  if (!taken.ok) throw new Error(taken.message);
  const { situation, plan } = (await loadPlanned(kitchen.db))!;
  const bench = new Bench(situation, plan!);
  const own = plan!.plan.steps.filter((s) => isOf(s.id, orderId(taken.id)));
  const told = own.flatMap((s) => bench.step(s).contacts);
  expect(told.length).toBeGreaterThan(0);
  expect(told.filter((t) => !/^nuts: /.test(t))).toEqual([]);
  // The order and its run sheet say the same.
  expect([...(await loadOrder(kitchen.db, taken.id))!.contacts].sort()).toEqual([...told].sort());
  const sheet = (await loadRunSheet(kitchen.db, taken.id))!;
  expect(sheet.rows.flatMap((r) => r.cautions)).toEqual(expect.arrayContaining(told));
  // Nobody else's eaters are told of it.
  const others = plan!.plan.steps.filter((s) => isOf(s.id, orderId(98)));
  expect(others.flatMap((s) => bench.step(s).contacts)).toEqual([]);
}, 120_000);
