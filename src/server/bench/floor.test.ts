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
