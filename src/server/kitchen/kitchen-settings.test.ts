import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadKitchenSettings, saveKitchen, saveReading } = await import('./kitchen-settings');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('the kitchen’s settings', () => {
  it('plan with more room where the kitchen wants that: steps last longer, and their minutes stay what is likely', async () => {
    const { readPlan } = await import('../../data/repositories/plans');
    const lean = (await readPlan(kitchen.db))!;
    const { version, schools } = (await loadKitchenSettings(kitchen.db))!;
    expect(schools.find((s) => s.key === 'slack')).toMatchObject({ chosen: 'lean', ofPlan: true });
    expect(await saveKitchen(kitchen.db, version, { choices: { slack: 'safe' } })).toEqual({ ok: true, planned: true });
    const after = (await loadKitchenSettings(kitchen.db))!;
    expect(after.schools.find((s) => s.key === 'slack')).toMatchObject({ chosen: 'safe' });
    const safe = (await readPlan(kitchen.db))!;
    const step = safe.problem.steps.find((s) => !s.placed && s.minutes.planned !== undefined)!;
    expect(step.minutes.planned).toBeGreaterThan(step.minutes.likely);
    const worked = ({ plan, problem }: typeof safe) =>
      plan.steps
        .filter((s) => !problem.steps.find((x) => x.id === s.id)!.placed)
        .reduce((sum, s) => sum + s.end - s.start, 0);
    expect(worked(safe)).toBeGreaterThan(worked(lean));
  });

  it('let work that keeps be made before the last hours; each answer can be tried on the plan before', async () => {
    const { readPlan } = await import('../../data/repositories/plans');
    const { tryChoices } = await import('./try-choices');
    const { shareInLastHours } = await import('../../core/plan-reading/last-hours');
    expect(message(await tryChoices(kitchen.db, 'cloth'))).toBe('There is no such question.');
    const before = (await readPlan(kitchen.db))!;
    const tried = await tryChoices(kitchen.db, 'work-ahead');
    if (!tried.ok) throw new Error(tried.message);
    expect(tried.hours).toBe(6);
    const [fresh, some, most] = tried.tried.map((t) => t.inLastHours);
    expect(some).toBeLessThan(fresh!);
    expect(most).toBeLessThan(some!);
    expect(tried.tried[2]!.age).toBeGreaterThan(tried.tried[0]!.age);
    for (const t of tried.tried) expect(t.lateOfHundred).toBeGreaterThanOrEqual(0);
    // Nothing is saved by that; by choosing it is.
    expect((await readPlan(kitchen.db))!.id).toBe(before.id);
    const { version } = (await loadKitchenSettings(kitchen.db))!;
    expect(await saveKitchen(kitchen.db, version, { choices: { 'work-ahead': 'most' } })).toMatchObject({ ok: true });
    const after = (await readPlan(kitchen.db))!;
    expect(shareInLastHours(after, 6)).toBeLessThan(shareInLastHours(before, 6));
    const { stepView } = await import('../steps/step-view');
    const { loadPlanned } = await import('../plan/load-planned');
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const views = plan.plan.steps.map((s) => stepView(s.id, situation, plan));
    expect(views.flatMap((v) => v?.notLater ?? [])).toContainEqual(
      expect.stringMatching(/^It keeps, and so it is made before/),
    );
    // A wish is no wait of the cake.
    const handOver = plan.problem.steps.find((s) => s.work === 'collect')!.name;
    expect(views.flatMap((v) => v?.waits ?? [])).not.toContain(`0 min at least before “${handOver}”`);
    expect(await saveKitchen(kitchen.db, version + 1, { choices: { 'work-ahead': 'fresh' } })).toMatchObject({
      ok: true,
    });
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
    // In what units the house reads changes no plan.
    const { readPlan } = await import('../../data/repositories/plans');
    const plan = (await readPlan(kitchen.db))!.id;
    const { version } = (await loadKitchenSettings(kitchen.db))!;
    expect(await saveKitchen(kitchen.db, version, { reading })).toEqual({ ok: true, planned: true });
    expect((await loadKitchenSettings(kitchen.db))!.reading).toEqual(reading);
    expect((await readPlan(kitchen.db))!.id).toBe(plan);
    // Nor does when its work begins: that says how likely cakes are ready.
    const { loadChances } = await import('../plan/chances');
    const habit = async (begins: string) => {
      const { version: now } = (await loadKitchenSettings(kitchen.db))!;
      expect(await saveKitchen(kitchen.db, now, { choices: { begins } })).toEqual({ ok: true, planned: true });
      expect((await loadKitchenSettings(kitchen.db))!.schools.find((s) => s.key === 'begins')!.chosen).toBe(begins);
      expect((await readPlan(kitchen.db))!.id).toBe(plan);
      return (await loadChances(kitchen.db))!.orders.reduce((sum, o) => sum + o.chance, 0);
    };
    expect(await habit('wall')).not.toBe(await habit('early'));
    const stone = await sendTo('save-reading', { person: 'bo', reading: { ...reading, weight: 'stone' } });
    expect(stone.fields).toEqual({ 'reading.weight': 'g or oz.' });
    expect((await saveReading(kitchen.db, 'nobody', null)).ok).toBe(false);
  });
});

it('a section that is called as what every object has is none', async () => {
  const { inSection, loadKitchenSections, sectionTitle } = await import('./kitchen-sections');
  const view = (await loadKitchenSections(kitchen.db))!;
  for (const section of ['toString', 'constructor', '__proto__', 'hasOwnProperty']) {
    expect([section, sectionTitle(section)]).toEqual([section, 'Kitchen']);
    expect(inSection(view, section)).toMatchObject({ people: [], items: [], ingredients: [], blocks: [] });
  }
  expect([sectionTitle('tins'), inSection(view, 'people').people.length > 0]).toEqual(['Tins', true]);
});
