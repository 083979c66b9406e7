import { orderId } from '../../core/ids/ids';
import { breakDownOrder } from '../../core/situation/break-down-orders';
import { openKitchenOfFew, plansSettled } from '../testing/demo-kitchen';

const { db, close } = await openKitchenOfFew();
const { agreedAt } = await import('./agreed-at');
const { loadSituation } = await import('../situation/load-situation');

afterAll(async () => {
  await plansSettled();
  await close();
});

it('what was agreed stands at the work that has to do with it, what must not be forgotten at all of it', async () => {
  const { orders, kitchen } = (await loadSituation(db))!;
  const [some] = orders.filter((o) => o.title.includes('Orchard wedding'));
  const order = {
    ...some!,
    ...{ inscription: 'Una', note: 'Bring the knife' },
    details: { colours: 'sage', box: 'tall', inscriptionAt: 'on the lower tier' },
  };
  const steps = breakDownOrder(order, kitchen).steps.filter((s) => s.role === null);
  const told = steps.map((s) => [s.id, agreedAt(s.id, order, { kitchen })] as const);
  const having = (words: string) => told.filter(([, lines]) => lines.some((l) => l.includes(words))).map(([id]) => id);
  expect(having('Bring the knife')).toEqual(steps.map((s) => s.id));
  expect(having('Box: tall')).toHaveLength(1);
  expect(having('Written on it: “Una”, on the lower tier')).toEqual(
    ['decorate', 'box', 'hand-over'].map((key) => `${orderId(order.id)}.${key}`),
  );
  const colours = having('sage');
  expect(colours.length).toBeGreaterThan(0);
  expect(colours.length).toBeLessThan(steps.length);
  // Building and standing show nothing of the colours, coats do.
  const named = (ids: readonly string[]) => steps.filter((s) => ids.includes(s.id)).map((s) => s.name);
  expect(named(colours).join()).toMatch(/coat|cover|paste/i);
  expect(named(colours).join()).not.toMatch(/stand tiers|fill/i);
});
