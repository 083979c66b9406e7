import { openDemoKitchen, sendTo } from './testing/demo-kitchen';

const kitchen = await openDemoKitchen('use-cases');
const { readWorked } = await import('../data/repositories/events');
const { loadBatches, acceptBatch, splitBatch } = await import('./pull-list/batches');
const { changePart } = await import('./orders/change-part');
const { finishStep, startStep, takeBackStep } = await import('./bench/floor');
const { loadFormula, loadFormulaForm } = await import('./formulas/formula-pages');
const { readRecipeFile, saveFormula } = await import('./formulas/formulas');
const { loadKitchenSettings, saveKitchen, saveReading } = await import('./kitchen/kitchen-settings');
const { loadOrder, loadOrderForm } = await import('./orders/order-pages');
const { changeOrder, takeOrder } = await import('./orders/orders');
const { batchNumberOf } = await import('../core/ids/ids');
const { cakeSteps } = await import('../core/situation/whose-step');
const { loadSituation } = await import('./situation/load-situation');
const { loadPullList, tickLine } = await import('./pull-list/pull-list');
const { reviewOrder } = await import('./orders/review-order');
const { loadSearch } = await import('./search/search');
const { benchView } = await import('./bench/bench-view');
const { loadPlanned } = await import('./plan/load-planned');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('an order', () => {
  const typed = async (change: object = {}) => ({
    ...(await loadOrderForm(null))!.form.values,
    ...{ title: 'Sluice keepers', customer: 'Ada', pickup: '2027-05-26T12:00', portions: 9, build: 'walnut-ganache' },
    ...{ size: JSON.stringify([{ form: 'round', diameter: 240 }]) },
    ...change,
  });

  it('is reviewed without being saved, then taken with the versions of its formulas', async () => {
    const before = (await loadSearch()).filter((f) => f.group === 'Orders').length;
    const reviewed = await reviewOrder(null, await typed());
    if (!reviewed.ok) throw new Error(reviewed.message);
    expect(reviewed.review.status.state).toBe('holds');
    expect(reviewed.review.parts.find((p) => p.role === 'crumbs')!.drawn[0]).toMatch(/left over from walnut sponge/);
    expect((await loadSearch()).filter((f) => f.group === 'Orders')).toHaveLength(before);
    const taken = await takeOrder(await typed());
    if (!taken.ok) throw new Error(taken.message);
    const view = (await loadOrder(taken.id))!;
    expect(view.leftOvers[0]).toMatch(/trimmings of Walnut sponge: .* into toasted crumbs/);
    expect(view.newer).toEqual([]);
  });

  it('is refused for what is wrong, field by field', async () => {
    const wrong = async (change: object) => {
      return (await sendTo('take-order', await typed(change))).fields ?? {};
    };
    expect(Object.keys(await wrong({ avoid: ['nuts'] }))).toEqual(['avoid']);
    expect(Object.keys(await wrong({ size: '[{"form":"round","diameter":777}]' }))).toEqual(['size']);
    expect(Object.keys(await wrong({ swaps: { frosting: 'quince-curd' } }))).toEqual(['swaps']);
    expect(Object.keys(await wrong({ swaps: 7 }))).toEqual(['swaps']);
    expect(Object.keys(await wrong({ portions: 90 }))).toEqual(['size']);
    expect(Object.keys(await wrong({ pickup: '2026-01-01T10:00' }))).toEqual(['pickup']);
  });

  it('has its parts changed one by one, but never to what its eaters must not get', async () => {
    const id = 6;
    const view = async () => (await loadOrder(id))!;
    const change = async (c: Parameters<typeof changePart>[2]) => changePart(id, (await view()).version, c);
    expect(message(await change({ kind: 'formula', role: 'frosting', formula: 'vanilla-whip' }))).toContain(
      'That would bring Tollgate vegan milk (Whipped mascarpone cream)',
    );
    expect(message(await change({ kind: 'formula', role: 'frosting', formula: 'plum-compote' }))).toContain(
      'cannot stand in',
    );
    expect(await change({ kind: 'formula', role: 'filling', formula: 'raspberry-compote' })).toMatchObject({
      ok: true,
    });
    expect((await view()).parts.find((p) => p.role === 'filling')).toMatchObject({ exchanged: true });
    expect(await change({ kind: 'amount', role: 'filling', grams: 1234 })).toMatchObject({ ok: true });
    expect((await view()).parts.find((p) => p.role === 'filling')!.grams).toBe(1234);
    expect(message(await change({ kind: 'amount', role: 'filling', grams: -1 }))).toContain('above 0');
    expect(message(await changePart(id, 1, { kind: 'amount', role: 'filling', grams: null }))).toContain(
      'Somebody else',
    );
    expect(await change({ kind: 'amount', role: 'filling', grams: null })).toMatchObject({ ok: true });
    expect((await view()).parts.find((p) => p.role === 'filling')!.computed).toBeNull();
  });

  it('keeps what was set by hand when it is edited, as long as the build is the same', async () => {
    const { form, version } = (await loadOrderForm(6))!;
    expect(form.values.swaps).toEqual({ filling: 'raspberry-compote' });
    const result = await changeOrder(6, version, { ...form.values, inscription: 'Still' });
    expect(result.ok).toBe(true);
    expect((await loadOrder(6))!.parts.find((p) => p.role === 'filling')!.exchanged).toBe(true);
  });
});

describe('a formula', () => {
  it('has versions: planned orders keep theirs, and a stale save is told', async () => {
    const { form, version } = (await loadFormulaForm('quince-curd'))!;
    const edited = { ...form, loss: 20, note: 'boils longer' };
    expect(await saveFormula('quince-curd', version, edited)).toEqual({ ok: true, id: 'quince-curd', version: 2 });
    expect(message(await saveFormula('quince-curd', version, edited))).toContain('Somebody else has saved');
    const view = (await loadFormula('quince-curd'))!;
    expect(view.versions.map((v) => [v.version, v.note])).toEqual([
      [2, 'boils longer'],
      [1, 'as the demo has it'],
    ]);
    expect(view.older.map((o) => o.title)).toContain('Abara christening');
    const order = (await loadOrder(4))!;
    expect(order.newer).toEqual([{ id: 'quince-curd', name: 'Quince curd', has: 1, newest: 2 }]);
    const grams = order.parts.find((p) => p.role === 'filling')!.lines[0]!.grams;
    expect(await changePart(4, order.version, { kind: 'newest formulas' })).toMatchObject({ ok: true });
    const after = (await loadOrder(4))!;
    expect(after.newer).toEqual([]);
    expect(after.parts.find((p) => p.role === 'filling')!.lines[0]!.grams / grams).toBeCloseTo(0.92 / 0.8, 1);
    expect((await loadFormula('quince-curd', 1))!.formula.loss).toBeCloseTo(0.08, 9);
    expect(await loadFormula('quince-curd', 7)).toBeNull();
  });
  it('with an unknown ingredient or a wrong number is refused beside the field', async () => {
    const { form } = (await loadFormulaForm(null))!;
    const filled = { ...form, name: 'Air', family: 'Nothing', steps: [{ ...form.steps[0]!, name: 'Wait' }] };
    const unknown = await saveFormula(null, 0, { ...filled, lines: [{ ingredient: 'moon', grams: 5 }] });
    expect(unknown).toMatchObject({ ok: false, fields: { 'lines.0.ingredient': expect.any(String) } });
    const negative = await sendTo('save-formula', {
      ...{ ...filled, id: null, version: 0 },
      lines: [{ ingredient: 'milk', grams: -5 }],
    });
    expect(negative).toMatchObject({ ok: false, fields: { 'lines.0.grams': 'Above 0.' } });
  });
  it('comes from a web page, from a table, or not at all', async () => {
    const page =
      '<html><script type="application/ld+json">{"@type":"Recipe","name":"Web","recipeIngredient":["100 g butter"]}</script></html>';
    const web = await readRecipeFile('x.html', page, 'US');
    expect(web.ok && web.recipes[0]!.form.lines).toEqual([{ ingredient: 'butter', grams: 100 }]);
    const table = await readRecipeFile('Aunt.csv', 'name;amount;unit\nmilk;2;dl\n', 'metric');
    expect(table.ok && table.recipes[0]!.form.name).toBe('Aunt');
    expect(message(await readRecipeFile('x', '{"@type":"Recipe"', 'US'))).toContain('not JSON');
    expect(message(await readRecipeFile('x', '{"a":1}', 'US'))).toContain('no recipe');
    expect(message(await readRecipeFile('x', 'y'.repeat(500_000), 'US'))).toContain('too large');
  });
});

describe('a batch for several orders', () => {
  it('is accepted, shows on the ladders of all, is begun and finished at the bench, and splits no more', async () => {
    const { proposals } = (await loadBatches())!;
    const wanted = proposals.find((p) => p.members.length >= 2)!;
    expect(wanted.saves.minutes).toBeGreaterThan(0);
    expect(message(await acceptBatch([wanted.members[0]!]))).toContain('Some of this');
    expect(await acceptBatch(wanted.members)).toMatchObject({ ok: true });
    const { accepted } = (await loadBatches())!;
    expect(accepted).toHaveLength(1);

    const { situation, plan } = (await loadPlanned())!;
    const first = plan.plan.steps
      .filter((s) => !Number.isNaN(batchNumberOf(s.id)))
      .sort((a, b) => a.start - b.start)[0]!;
    const { ladderOf } = await import('./ladder/ladder-view');
    for (const m of wanted.members) {
      const ladder = ladderOf(Number(m.order.slice(1)), situation, plan);
      expect(ladder.rungs.filter((r) => r.shared).map((r) => r.step)).toContain(first.id);
    }
    const [person] = first.people;
    const bench = benchView(person!, situation, plan)!;
    const mine = [bench.now, ...bench.then].find((s) => s?.step === first.id);
    if (mine) expect(mine.order).toBe(wanted.members.map((m) => m.name).join(' + '));

    expect(await startStep(first.id, person!)).toMatchObject({ ok: true });
    expect((await loadSituation(kitchen.db))!.states.get(first.id)).toMatchObject({ state: 'running' });
    expect(message(await splitBatch(accepted[0]!.id))).toContain('It has been begun');
    const check = cakeSteps(situation).find((s) => s.id === first.id)!.check;
    if (check) expect(message(await finishStep(first.id))).toContain('First:');
    expect(
      await finishStep(first.id, { holds: true, ...(check?.limit === undefined ? {} : { value: check.limit }) }),
    ).toMatchObject({ ok: true });
    expect(await takeBackStep(first.id)).toMatchObject({ ok: true });
    expect(await takeBackStep(first.id)).toMatchObject({ ok: true });
    expect(await splitBatch(accepted[0]!.id)).toMatchObject({ ok: true });
    expect((await loadBatches())!.accepted).toEqual([]);
  });
});

describe('checks at the bench', () => {
  it('hold a step until they are answered, with the number where one is read', async () => {
    const { situation, plan } = (await loadPlanned())!;
    const checked = cakeSteps(situation).filter((s) => s.check?.limit !== undefined && s.work === 'hands');
    const free = checked.find(
      (s) =>
        plan.plan.steps.some((p) => p.id === s.id) &&
        !situation.states.has(s.id) &&
        !plan.problem.waits.some((w) => w.to === s.id),
    )!;
    const person = plan.plan.steps.find((p) => p.id === free.id)!.people[0]!;
    expect(await startStep(free.id, person)).toMatchObject({ ok: true });
    expect(message(await finishStep(free.id))).toContain(free.check!.text);
    const limit = free.check!.limit!;
    const wrong = free.check!.kind === 'temperature at most' ? limit + 5 : limit - 5;
    expect(message(await finishStep(free.id, { holds: true, value: wrong }))).toContain(free.check!.otherwise);
    expect(await finishStep(free.id, { holds: true, value: limit })).toMatchObject({ ok: true });

    // How long it took is kept for the days to come, as long as it is not taken back.
    const worked = () => readWorked(kitchen.db, situation.kitchen.clock);
    const { name, minutes } = plan.problem.steps.find((s) => s.id === free.id)!;
    expect((await worked()).at(-1)).toEqual({ name, likely: minutes.likely, took: expect.any(Number) });
    const before = (await worked()).length;
    expect(await takeBackStep(free.id)).toMatchObject({ ok: true });
    expect(await worked()).toHaveLength(before - 1);
    expect(await finishStep(free.id, { holds: true, value: limit })).toMatchObject({ ok: true });
  });
});

describe('the pull list', () => {
  it('keeps ticks, and reads any day', async () => {
    const list = (await loadPullList(undefined, 3))!;
    const { key } = list.list.weighOuts[0]!;
    await tickLine(key, true);
    await tickLine(key, true);
    expect((await loadPullList(undefined, 3))!.ticked).toContain(key);
    await tickLine(key, false);
    expect((await loadPullList(undefined, 3))!.ticked).not.toContain(key);
    expect((await loadPullList('2027-02-31', -4))!.days).toBe(1);
    expect((await loadPullList('2031-01-01', 99))!).toMatchObject({ day: '2031-01-01', days: 14 });
    expect((await sendTo('tick', { key: '', ticked: true })).ok).toBe(false);
  });
});

describe('the kitchen’s settings', () => {
  it('are changed within their bounds, and a stale change is told', async () => {
    const view = (await loadKitchenSettings())!;
    expect(await saveKitchen(view.version, { figures: { bowlLoss: 3, nothing: 1 } })).toMatchObject({
      ok: false,
      fields: { bowlLoss: 'A number from 0 to 0.9.', nothing: 'There is no such figure.' },
    });
    expect(
      await saveKitchen(view.version, { figures: { bowlLoss: 0.12, 'cooling.ganache.bench.likely': 60 } }),
    ).toMatchObject({ ok: true });
    expect(message(await saveKitchen(view.version, { choices: { cloth: 'damp' } }))).toContain('Somebody else');
    const after = (await loadKitchenSettings())!;
    expect(after.figures.find((f) => f.path === 'bowlLoss')).toMatchObject({ value: 0.12, start: 0.1 });
    expect(message(await saveKitchen(after.version, { choices: { cloth: 'silk' } }))).toContain('no answer');
    expect(await saveKitchen(after.version, { choices: { cloth: 'damp' } })).toMatchObject({ ok: true });
    const reading = { weight: 'oz', volume: 'cups', temperature: 'F', length: 'in', country: 'US' } as const;
    expect(await saveReading('bo', reading)).toMatchObject({ ok: true });
    expect((await loadKitchenSettings())!.people.find((p) => p.id === 'bo')!.reading).toEqual(reading);
    const stone = await sendTo('save-reading', { person: 'bo', reading: { ...reading, weight: 'stone' } });
    expect(stone.fields).toEqual({ 'reading.weight': 'g or oz.' });
    expect((await saveReading('nobody', null)).ok).toBe(false);
  });
});
