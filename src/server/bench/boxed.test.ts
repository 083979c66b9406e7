import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadPlanned } = await import('../plan/load-planned');

afterAll(() => kitchen.close());

describe('a cake that is boxed', () => {
  it('in the last minutes is ready: nobody has it as late, nor while its customer lets it wait', async () => {
    const { appendEvents } = await import('../../data/repositories/events');
    const { riseCounts } = await import('../../data/repositories/counts');
    const { replan } = await import('../plan/replan');
    const { loadWall } = await import('../wall/wall');
    const { orders } = await import('../../data/schema');
    const { eq, and } = await import('drizzle-orm');
    const { handOverId, orderId, orderNumberOf } = await import('../../core/ids/ids');
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const now = kitchen.db.now().getTime();
    const at = (minutes: number) => new Date(now + minutes * 60_000);
    const open = situation.orders.filter((o) =>
      plan.problem.steps.every((s) => s.order !== orderId(o.id) || !situation.states.has(s.id)),
    );
    const order = open.find((o) => plan.plan.steps.some((s) => orderNumberOf(s.id) === o.id))!.id;
    const own = plan.plan.steps.filter((s) => orderNumberOf(s.id) === order && s.people.length > 0);
    // Its customer comes in ten minutes, and it has been iced all morning; the box is closed just now.
    await kitchen.db.rows
      .update(orders)
      .set({ pickup: at(10) })
      .where(and(eq(orders.kitchen, kitchen.db.kitchen), eq(orders.id, order)));
    const done = plan.plan.steps.filter((s) => orderNumberOf(s.id) === order && s.id !== handOverId(orderId(order)));
    const last = own.reduce((a, b) => (b.end > a.end ? b : a));
    const begun = done.map(({ id: step, people, equipment }) => ({ step, people, equipment }));
    await appendEvents(kitchen.db, [
      ...begun.map((body) => ({ at: at(body.step === last.id ? -8 : -60), kind: 'start' as const, order, body })),
      ...begun
        .filter((b) => b.step !== last.id)
        .map(({ step }) => ({ at: at(-20), kind: 'finish' as const, order, body: { step } })),
    ]);
    await riseCounts(kitchen.db, true);
    await replan(kitchen.db, 'a box is closed');
    const statusAt = async (minutes: number) => {
      const { ladders, headline } = (await loadWall({ ...kitchen.db, now: () => at(minutes) }))!;
      const { status, title } = ladders.find((l) => l.order === order)!;
      return { state: status.state, late: headline.tone === 'misses' && headline.text.includes(title) };
    };
    expect(['holds', 'tight']).toContain((await statusAt(0)).state);
    await appendEvents(kitchen.db, [{ at: at(0), kind: 'finish', order, body: { step: last.id } }]);
    await riseCounts(kitchen.db, true);
    await replan(kitchen.db, 'a box is closed');
    const { plan: after } = (await loadPlanned(kitchen.db))!;
    const collect = after.problem.orders.find((o) => o.id === orderId(order))!;
    expect(after.plan.steps.find((s) => s.id === collect.collect)!.start).toBe(collect.pickup);
    // An hour after the pickup nobody has come for it.
    for (const minutes of [0, 30, 70]) expect(await statusAt(minutes)).toEqual({ state: 'ready', late: false });
  });
});
