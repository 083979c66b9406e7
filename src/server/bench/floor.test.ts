import { openDemoKitchen } from '../testing/demo-kitchen';

const kitchen = await openDemoKitchen('use-cases-floor');
const { readWorkLog } = await import('../../data/repositories/work-log');
const { finishStep, startStep, takeBackStep } = await import('./floor');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { loadPlanned } = await import('../plan/load-planned');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('checks at the bench', () => {
  it('hold a step until they are answered, with the number where one is read', async () => {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const checked = cakeSteps(situation).filter((s) => s.check?.limit !== undefined && s.work === 'hands');
    const free = checked.find(
      (s) =>
        plan.plan.steps.some((p) => p.id === s.id) &&
        !situation.states.has(s.id) &&
        !plan.problem.waits.some((w) => w.to === s.id),
    )!;
    const person = plan.plan.steps.find((p) => p.id === free.id)!.people[0]!;
    expect(await startStep(kitchen.db, free.id, person)).toMatchObject({ ok: true });
    expect(message(await finishStep(kitchen.db, free.id))).toContain(free.check!.text);
    const limit = free.check!.limit!;
    const wrong = free.check!.kind === 'temperature at most' ? limit + 5 : limit - 5;
    expect(message(await finishStep(kitchen.db, free.id, { holds: true, value: wrong }))).toContain(
      free.check!.otherwise,
    );
    expect(await finishStep(kitchen.db, free.id, { holds: true, value: limit })).toMatchObject({ ok: true });

    // How long it took is kept for the days to come, as long as it is not taken back.
    const worked = async () => (await readWorkLog(kitchen.db, situation.kitchen.clock)).done;
    const { name, minutes } = plan.problem.steps.find((s) => s.id === free.id)!;
    expect((await worked()).at(-1)).toMatchObject({ name, likely: minutes.likely, took: expect.any(Number) });
    const before = (await worked()).length;
    expect(await takeBackStep(kitchen.db, free.id)).toMatchObject({ ok: true });
    expect(await worked()).toHaveLength(before - 1);
    expect(await finishStep(kitchen.db, free.id, { holds: true, value: limit })).toMatchObject({ ok: true });
  });
});

describe('what stands longer than it may', () => {
  it('is said on the wall, on its order and at the bench, with since when and how long was allowed', async () => {
    const { appendEvents } = await import('../../data/repositories/events');
    const { riseCounts } = await import('../../data/repositories/counts');
    const { replan } = await import('../plan/replan');
    const { loadWall } = await import('../wall/wall');
    const { loadOrder } = await import('../orders/order-pages');
    const { Bench } = await import('./bench-reader');
    const { orderNumberOf } = await import('../../core/ids/ids');
    const before = (await loadPlanned(kitchen.db))!;
    const { states } = before.situation;
    const planned = before.plan.plan.steps;
    // A mix that nobody has begun, that waits for nothing, and must go into the oven within minutes.
    const wait = before.plan.problem.waits.find(
      (w) =>
        w.max !== null &&
        w.max <= 15 &&
        !states.has(w.from) &&
        planned.some((s) => s.id === w.from && s.people.length > 0) &&
        planned.some((s) => s.id === w.to) &&
        !before.plan.problem.waits.some((x) => x.to === w.from),
    )!;
    const { people, equipment } = planned.find((s) => s.id === wait.from)!;
    const order = orderNumberOf(wait.from);
    const ago = (minutes: number) => new Date(kitchen.db.now().getTime() - minutes * 60_000);
    const step = wait.from;
    await appendEvents(kitchen.db, [
      { at: ago(150), kind: 'start', order, body: { step, people, equipment } },
      { at: ago(132), kind: 'finish', order, body: { step } },
    ]);
    await riseCounts(kitchen.db, true);
    await replan(kitchen.db, 'a mix stands');
    const said = /has stood since \d\d:\d\d: 2 h 1\d, and \d+ min are allowed/;
    expect((await loadWall(kitchen.db))!.headline).toMatchObject({
      tone: 'misses',
      text: expect.stringMatching(said),
      fix: { order },
    });
    expect((await loadOrder(kitchen.db, order))!.planned!.stood).toEqual([expect.stringMatching(said)]);
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const bench = new Bench(situation, plan);
    const next = plan.plan.steps.find((s) => s.id === wait.to)!;
    expect(bench.step(next).stood).toMatch(said);
    expect(bench.step(plan.plan.steps.find((s) => s.id === wait.from)!).stood).toBeNull();
  });
});
