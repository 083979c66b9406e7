import { openDemoKitchen, sendTo } from '../testing/demo-kitchen';

const kitchen = await openDemoKitchen('use-cases-settings');
const { loadKitchenSettings, saveKitchen, saveReading } = await import('./kitchen-settings');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('the kitchen’s settings', () => {
  it('plan with more room where the kitchen wants that: steps last longer, and their minutes stay what is likely', async () => {
    const { readPlan } = await import('../../data/repositories/plans');
    const lean = (await readPlan(kitchen.db))!;
    const { version, schools } = (await loadKitchenSettings(kitchen.db))!;
    expect(schools.at(-1)).toMatchObject({ key: 'slack', chosen: 'lean' });
    expect(await saveKitchen(kitchen.db, version, { choices: { slack: 'safe' } })).toEqual({ ok: true, planned: true });
    expect((await loadKitchenSettings(kitchen.db))!.schools.at(-1)).toMatchObject({ chosen: 'safe' });
    const safe = (await readPlan(kitchen.db))!;
    const step = safe.problem.steps.find((s) => !s.placed && s.minutes.planned !== undefined)!;
    expect(step.minutes.planned).toBeGreaterThan(step.minutes.likely);
    const worked = ({ plan, problem }: typeof safe) =>
      plan.steps
        .filter((s) => !problem.steps.find((x) => x.id === s.id)!.placed)
        .reduce((sum, s) => sum + s.end - s.start, 0);
    expect(worked(safe)).toBeGreaterThan(worked(lean));
  });

  it('are changed within their bounds, and a stale change is told', async () => {
    const view = (await loadKitchenSettings(kitchen.db))!;
    expect(await saveKitchen(kitchen.db, view.version, { figures: { bowlLoss: 3, nothing: 1 } })).toMatchObject({
      ok: false,
      fields: { bowlLoss: 'A number from 0 to 0.9.', nothing: 'There is no such figure.' },
    });
    expect(
      await saveKitchen(kitchen.db, view.version, { figures: { bowlLoss: 0.12, 'cooling.ganache.bench.likely': 60 } }),
    ).toMatchObject({ ok: true });
    expect(message(await saveKitchen(kitchen.db, view.version, { choices: { cloth: 'damp' } }))).toContain(
      'Somebody else',
    );
    const after = (await loadKitchenSettings(kitchen.db))!;
    expect(after.figures.find((f) => f.path === 'bowlLoss')).toMatchObject({ value: 0.12, start: 0.1 });
    expect(message(await saveKitchen(kitchen.db, after.version, { choices: { cloth: 'silk' } }))).toContain(
      'cannot be',
    );
    expect(await saveKitchen(kitchen.db, after.version, { choices: { cloth: 'damp' } })).toMatchObject({ ok: true });
    const reading = { weight: 'oz', volume: 'cups', temperature: 'F', length: 'in', country: 'US' } as const;
    expect(await saveReading(kitchen.db, 'bo', reading)).toMatchObject({ ok: true });
    expect((await loadKitchenSettings(kitchen.db))!.people.find((p) => p.id === 'bo')!.reading).toEqual(reading);
    const stone = await sendTo('save-reading', { person: 'bo', reading: { ...reading, weight: 'stone' } });
    expect(stone.fields).toEqual({ 'reading.weight': 'g or oz.' });
    expect((await saveReading(kitchen.db, 'nobody', null)).ok).toBe(false);
  });
});
