import { withFormulaAt, withFormulaEverywhere } from '../../core/compose/edits/parts';
import { withForm, withTierOnTop } from '../../core/compose/edits/pieces';
import type { Design } from '../../core/design/design';
import { designCodec } from '../../core/stored/design';
import type { ComposerView } from './composer';
import { formulaOf } from '../../core/design/design';
import { allergensOf } from '../../core/formula/within';
import { openDemoKitchen, orderCalled, sendTo } from '../testing/demo-kitchen';

const kitchen = await openDemoKitchen();
const { answerOrder } = await import('./answer-order');
const { beginCopy, beginFrom, composerKitchen, loadBeginnings, loadComposer, loadOlderOrders } =
  await import('./composer');
const { loadOrder } = await import('./order-pages');
const { changeOrder, takeOrder } = await import('./orders');
const { loadKitchen } = await import('../situation/load-kitchen');
const { loadSituation } = await import('../situation/load-situation');

afterAll(() => kitchen.close());

const sent = (design: Design) => JSON.stringify(designCodec.write(design));
const library = async () => (await loadKitchen(kitchen.db))!.library;
const composer = async (...asked: Parameters<typeof loadComposer> extends [unknown, ...infer Rest] ? Rest : never) =>
  (await loadComposer(kitchen.db, ...asked)) as ComposerView;
const begun = () => composer(null, { build: 'walnut-ganache', portions: '12' });
const typed = async (design: Design, change: object = {}) => ({
  ...(await begun()).values,
  ...{ title: 'Lantern makers', customer: 'Ida', pickup: '2027-05-27T12:00', portions: 12, design: sent(design) },
  ...change,
});
const twoTiers = async () => {
  const { blocks, formulas } = await library();
  const two = withTierOnTop(
    withForm((await begun()).design, 't1', { form: 'round', diameter: 240 }),
    { form: 'round', diameter: 150 },
    blocks,
  );
  const layers = two.pieces[1]!.inside.flatMap((i, at) => (i.is === 'layer' ? [at] : []));
  return layers.reduce(
    (d, at) => withFormulaAt(d, { on: 'inside', piece: two.pieces[1]!.key, at }, formulas.get('lemon-sponge')!),
    two,
  );
};

describe('an order that is composed', () => {
  it('begins from a build, and knows of the kitchen what a breakdown asks and no prices', async () => {
    const view = await begun();
    expect(view.design.pieces.length).toBeGreaterThan(0);
    expect(view.values.swaps).toEqual({});
    const own = (await composerKitchen(kitchen.db))!;
    expect(own.formulas.length).toBeGreaterThan(40);
    expect(own.blocks.length).toBeGreaterThan(30);
    expect(JSON.stringify(own.ingredients)).not.toContain('packs');
    expect(await beginFrom(kitchen.db, { build: 'nothing', portions: 12 })).toBeNull();
    expect(
      (await beginFrom(kitchen.db, { build: 'hayloft-tower', portions: 60 }))!.design.pieces.length,
    ).toBeGreaterThan(1);
  });

  it('says where what its eaters must not get comes near it by shared things', async () => {
    const { formulas } = await library();
    const lemon = withFormulaEverywhere((await begun()).design, 'layers', formulas.get('lemon-sponge')!);
    const change = { avoid: ['nuts'], without: ['crumbs'], pickup: '2027-05-22T12:00' };
    const asked = await answerOrder(kitchen.db, null, await typed(lemon, change));
    if (!asked.ok) throw new Error(JSON.stringify(asked));
    // The mixer is on nuts for somebody else in the same shift.
    expect(asked.answer.contacts).toContainEqual(expect.stringMatching(/^nuts: .*mixer.* of .* until .* Clean it/i));
    const free = await answerOrder(kitchen.db, null, await typed(lemon, { ...change, avoid: [] }));
    expect(free).toMatchObject({ ok: true, answer: { contacts: [] } });
  });

  it('that cannot be ready is told the first pickup for which it can', async () => {
    const design = await twoTiers();
    const soon = await answerOrder(kitchen.db, null, await typed(design, { pickup: '2027-05-20T11:00' }));
    if (!soon.ok) throw new Error(soon.message);
    expect(soon.answer.status.state).toBe('misses');
    const { earliest } = soon.answer;
    expect(Date.parse(earliest!.value)).toBeGreaterThan(Date.parse('2027-05-20T11:00'));
    const then = await answerOrder(kitchen.db, null, await typed(design, { pickup: earliest!.value }));
    if (!then.ok) throw new Error(then.message);
    expect(['holds', 'tight']).toContain(then.answer.status.state);
    expect(then.answer.earliest).toBeNull();
  });

  it('is answered without being saved, then taken as it was composed', async () => {
    const design = await twoTiers();
    const before = (await loadSituation(kitchen.db))!.orders.length;
    const asked = await answerOrder(kitchen.db, null, await typed(design));
    if (!asked.ok) throw new Error(asked.message);
    expect(asked.answer.status.state).toBe('holds');
    expect(asked.answer.firstHands).toMatch(/\d\d:\d\d/);
    expect((await loadSituation(kitchen.db))!.orders).toHaveLength(before);

    const taken = await takeOrder(kitchen.db, await typed(design));
    if (!taken.ok) throw new Error(taken.message);
    const view = (await loadOrder(kitchen.db, taken.id))!;
    expect(view.sizeName).toMatch(/^2 tiers/);
    expect(view.parts.map((p) => p.formula.id)).toEqual(expect.arrayContaining(['walnut-sponge', 'lemon-sponge']));
    const again = await composer(taken.id);
    expect(again.design).toEqual(design);

    // And it is composed on: what was set by hand for parts that are gone goes with them.
    const everywhere = (await library()).formulas.get('almond-sponge')!;
    const roles = design.parts.filter((p) => p.layers).map((p) => p.role);
    const other = roles.reduce((d, role) => withFormulaEverywhere(d, role, everywhere), design);
    const changed = await changeOrder(kitchen.db, taken.id, again.version, await typed(other));
    expect(changed).toMatchObject({ ok: true });
    const parts = (await loadOrder(kitchen.db, taken.id))!.parts.map((p) => p.formula.id);
    expect([parts.includes('almond-sponge'), parts.includes('walnut-sponge')]).toEqual([true, false]);
  });

  it('brings what it had exchanged into its design', async () => {
    const id = await orderCalled('Tollgate vegan');
    const swaps = (await loadSituation(kitchen.db))!.orders.find((o) => o.id === id)!.swaps;
    const view = await composer(id);
    for (const [role, by] of Object.entries(swaps))
      expect(view.design.parts.find((p) => p.role === role)!.made).toEqual({ formula: by });
  });

  it('is refused for what cannot be, beside the field, and a cake beyond all measure is not reckoned', async () => {
    const design = await twoTiers();
    const wrong = async (change: object) => (await sendTo('take-order', await typed(design, change))).fields ?? {};
    expect(Object.keys(await wrong({ design: 'no cake' }))).toEqual(['design']);
    expect(Object.keys(await wrong({ design: '{}' }))).toEqual(['design']);
    const [first, ...others] = design.pieces;
    const with1 = (piece: object) => sent({ ...design, pieces: [{ ...first!, ...piece }, ...others] });
    expect((await wrong({ design: with1({ form: { form: 'round', diameter: 265 } }) })).design).toMatch(/no tin/);
    expect((await wrong({ design: with1({ count: 1_000_000_000 }) })).design).toMatch(/At most 400/);
    expect((await wrong({ design: with1({ form: { form: 'round', diameter: 1e12 } }) })).design).toBeTruthy();
    expect((await wrong({ design: sent({ ...design, parts: [] }) })).design).toMatch(/There is no part/);
    expect((await wrong({ avoid: ['nuts'] })).design).toMatch(/nuts/);
    expect((await wrong({ portions: 300 })).design).toMatch(/portion/);
  });

  it('begins by a flavour, in cakes of several kinds that are large enough, and without what must not be in it', async () => {
    const names = (list: Awaited<ReturnType<typeof loadBeginnings>>) => list.map((o) => o.name);
    const any = await loadBeginnings(kitchen.db, 40, '', '');
    expect(any.length).toBeGreaterThan(5);
    expect(new Set(any.map((o) => o.kind)).size).toBeGreaterThan(1);
    for (const o of any) expect([o.portions >= 40, o.pieces.length > 0]).toEqual([true, true]);
    const lemon = await loadBeginnings(kitchen.db, 20, 'lemon', '');
    const { formulas, ingredients } = await library();
    for (const o of lemon) {
      const { design } = (await beginFrom(kitchen.db, { ...o, swaps: JSON.stringify(o.swaps) }))!;
      const made = design.parts.map((p) => `${p.label} ${formulas.get(formulaOf(p) ?? '')?.name ?? ''}`).join(' ');
      expect(`${o.name} ${made}`).toMatch(/lemon/i);
    }
    // Of what clashes something else takes the place, or the cake is not offered.
    const without = await loadBeginnings(kitchen.db, 20, 'walnut', 'nuts');
    for (const o of without) {
      const { design } = (await beginFrom(kitchen.db, { ...o, swaps: JSON.stringify(o.swaps) }))!;
      const brings = design.parts.flatMap((p) => {
        const f = formulas.get(formulaOf(p) ?? '');
        return f ? allergensOf(f, ingredients, formulas).map((a) => a.allergen) : [];
      });
      expect(brings).not.toContain('nuts');
    }
    expect(names(await loadBeginnings(kitchen.db, 20, 'zzzzzz', ''))).toEqual([]);
  });

  it('begins as an older order, with what was said of it but its names', async () => {
    const [first] = await loadOlderOrders(kitchen.db);
    expect(first).toMatchObject({ title: expect.any(String), cake: expect.any(String) });
    const id = await orderCalled('Tollgate vegan');
    const copied = (await beginCopy(kitchen.db, id))!;
    const view = await composer(null, { copy: id });
    expect(view.design).toEqual(copied.design);
    expect(view.values).toMatchObject({ title: '', customer: '', avoid: copied.values.avoid });
    expect(await beginCopy(kitchen.db, 99_999)).toBeNull();
  });
});
