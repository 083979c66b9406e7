import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { acceptBatch, splitBatch } = await import('./batches');
const { loadBatches } = await import('../testing/load-batches');
const { finishStep, startStep } = await import('../bench/floor');
const { takeBackStep } = await import('../bench/corrections');
const { batchNumberOf } = await import('../../core/ids/ids');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { loadSituation } = await import('../situation/load-situation');
const { benchView } = await import('../bench/bench-view');
const { loadPlanned } = await import('../plan/load-planned');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('a batch for several orders', () => {
  it('is accepted, shows on the ladders of all, is begun and finished at the bench, and splits no more', async () => {
    const { proposals } = (await loadBatches(kitchen.db))!;
    const wanted = proposals.find((p) => p.members.length >= 2)!;
    expect(wanted.saves.minutes).toBeGreaterThan(0);
    expect(message(await acceptBatch(kitchen.db, [wanted.members[0]!]))).toContain('Some of this');
    expect(await acceptBatch(kitchen.db, wanted.members)).toMatchObject({ ok: true });
    const { accepted } = (await loadBatches(kitchen.db))!;
    expect(accepted).toHaveLength(1);

    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const first = plan.plan.steps
      .filter((s) => !Number.isNaN(batchNumberOf(s.id)))
      .sort((a, b) => a.start - b.start)[0]!;
    const { ladderOf } = await import('../ladder/ladder-view');
    for (const m of wanted.members) {
      const ladder = ladderOf(Number(m.order.slice(1)), situation, plan);
      expect(ladder.rungs.filter((r) => r.shared).map((r) => r.step)).toContain(first.id);
    }
    const [person] = first.people;
    expect(await startStep(kitchen.db, first.id, person!, { sure: true })).toMatchObject({ ok: true });
    const begun = (await loadPlanned(kitchen.db))!;
    const bench = benchView(person!, begun.situation, begun.plan)!;
    expect(bench.now!.step).toBe(first.id);
    expect(bench.now!.order.split(' + ').sort()).toEqual(wanted.members.map((m) => m.name).sort());
    expect((await loadSituation(kitchen.db))!.states.get(first.id)).toMatchObject({ state: 'running' });
    expect(message(await splitBatch(kitchen.db, accepted[0]!.id))).toContain('It has been begun');
    const check = cakeSteps(situation).find((s) => s.id === first.id)!.check;
    if (check) expect(message(await finishStep(kitchen.db, first.id))).toContain('First:');
    expect(
      await finishStep(
        kitchen.db,
        first.id,
        { holds: true, ...(check?.limit === undefined ? {} : { value: check.limit }) },
        { sure: true },
      ),
    ).toMatchObject({ ok: true });
    expect(await takeBackStep(kitchen.db, first.id)).toMatchObject({ ok: true });
    expect(await takeBackStep(kitchen.db, first.id)).toMatchObject({ ok: true });
    expect(await splitBatch(kitchen.db, accepted[0]!.id)).toMatchObject({ ok: true });
    expect((await loadBatches(kitchen.db))!.accepted).toEqual([]);
  });
});
