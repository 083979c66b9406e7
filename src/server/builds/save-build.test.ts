import type { Design } from '../../core/design/design';
import { designCodec } from '../../core/stored/design';
import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadKitchen } = await import('../situation/load-kitchen');
const { sizesFor } = await import('./sizes');
const { beginFrom, loadComposer } = await import('../orders/composer');
const { loadChanges } = await import('../kitchen/changes');
const { beginningsFor } = await import('./beginnings');
const { loadBuild, loadBuilds } = await import('./build-pages');
const { readOpenOrders } = await import('../../data/repositories/orders');

afterAll(() => kitchen.close());

const buildOf = async (id: string) => (await loadKitchen(kitchen.db))!.builds.get(id)!;
const designOf = async (id: string) => (await buildOf(id)).design;
const said = (design: Design, change: object = {}) => ({
  ...{ id: null, version: 0, name: 'Ridge walk', story: 'Walnut and ganache.', sizes: 'moulds', chosen: [] },
  ...{ mostTiers: 2, fixed: [], design: JSON.stringify(designCodec.write(design)) },
  ...change,
});
const fieldsOf = async (design: Design, change: object) =>
  Object.keys((await sendTo('save-build', said(design, change))).fields ?? {});

describe('a cake that is kept as a build', () => {
  it('can be begun from in all sizes of its mould, and is told', async () => {
    const design = await designOf('walnut-ganache');
    const saved = await sendTo('save-build', said(design));
    expect(saved).toMatchObject({ ok: true, id: 'ridge-walk', version: 1 });
    const own = (await loadKitchen(kitchen.db))!;
    expect(own.builds.get('ridge-walk')).toMatchObject({ mould: 'tin', mostTiers: 2, name: 'Ridge walk' });
    expect(sizesFor('ridge-walk', 40, own).length).toBeGreaterThan(1);
    expect((await beginFrom(kitchen.db, { build: 'ridge-walk', portions: 20 }))!.design.pieces.length).toBeGreaterThan(
      0,
    );
    expect((await loadChanges(kitchen.db))![0]!.what).toBe('Ridge walk was saved as a build');
  });

  it('or only as it is, or in some sizes; what cannot vary says so beside its field', async () => {
    const hut = await designOf('beach-hut');
    const only = { name: 'Own hut', sizes: 'one' };
    expect(await fieldsOf(hut, { name: 'Own hut' })).toEqual(['sizes']);
    expect(await sendTo('save-build', said(hut, only))).toMatchObject({ id: 'own-hut' });
    expect((await beginFrom(kitchen.db, { build: 'own-hut', portions: 12 }))!.design.pieces).toHaveLength(
      hut.pieces.length,
    );
    expect(await fieldsOf(hut, { ...only, name: 'own hut' })).toEqual(['name']);
    expect(await fieldsOf(hut, { ...only, name: '' })).toEqual(['name']);
    expect(await fieldsOf(hut, { ...only, name: 'Other', design: '[]' })).toEqual(['design']);
    expect(await fieldsOf({ ...hut, parts: [] }, { ...only, name: 'Other' })).toEqual(['design']);
    expect(await fieldsOf(hut, { name: 'Other', mostTiers: 40 })).toEqual(['mostTiers']);
    const layered = await designOf('walnut-ganache');
    expect(await fieldsOf(layered, { name: 'Other', sizes: 'chosen' })).toEqual(['chosen']);
    expect(
      await fieldsOf(layered, { name: 'Other', sizes: 'chosen', chosen: [{ form: 'round', diameter: -2 }] }),
    ).toEqual(['chosen.0']);
    const two = [200, 240].map((diameter) => ({ form: 'round', diameter }));
    expect(
      await sendTo('save-build', said(layered, { name: 'Two sizes', sizes: 'chosen', chosen: two })),
    ).toMatchObject({ ok: true });
    const own = (await loadKitchen(kitchen.db))!;
    const sizes = sizesFor('two-sizes', 30, own).flatMap((s) => JSON.parse(s.value) as { diameter: number }[]);
    expect(sizes.length).toBeGreaterThan(0);
    expect(sizes.filter((s) => !(s.diameter === 200 || s.diameter === 240))).toEqual([]);
  });
});

describe('a build that is changed', () => {
  it('leaves orders that began from it as they are, and can be put back', async () => {
    const order = (await readOpenOrders(kitchen.db)).find((o) => o.build === 'walnut-ganache' && !o.design)!;
    expect(order).toBeDefined();
    const before = await designOf('walnut-ganache');
    const view = (await loadBuild(kitchen.db, 'walnut-ganache'))!;
    expect(view.orders).toBeGreaterThan(0);
    const thick = {
      ...before,
      pieces: before.pieces.map((p) => ({
        ...p,
        inside: p.inside.map((i) => (i.is === 'layer' ? { ...i, mm: 31 } : i)),
      })),
    };
    const sent = said(thick, { ...view.said, id: 'walnut-ganache', version: view.version });
    expect(await sendTo('save-build', sent)).toMatchObject({ ok: true, version: view.version + 1 });
    expect((await designOf('walnut-ganache')).pieces[0]!.inside[0]).toMatchObject({ mm: 31 });
    const after = (await readOpenOrders(kitchen.db)).find((o) => o.id === order.id)!;
    expect(after.design!.pieces[0]!.inside[0]).toMatchObject({ mm: 24 });
    // Who had opened the version before is told, and nothing is lost.
    expect((await sendTo('save-build', sent)).message).toMatch(/Somebody else has changed this build/);
    const [told] = (await loadChanges(kitchen.db))!;
    expect(told).toMatchObject({ what: `${before.name} was changed`, canPutBack: true });
    expect(await sendTo('put-back', { event: told!.event })).toMatchObject({ ok: true });
    expect((await designOf('walnut-ganache')).pieces[0]!.inside[0]).toMatchObject({ mm: 24 });
  });

  it('may say what makes it what it is: that is not exchanged for a wish', async () => {
    const without = async () =>
      beginningsFor({ portions: 20, words: 'walnut', avoid: ['nuts'] }, (await loadKitchen(kitchen.db))!).map(
        (b) => b.build,
      );
    expect(await without()).toContain('walnut-ganache');
    const view = (await loadBuild(kitchen.db, 'walnut-ganache'))!;
    const change = { ...view.said, id: 'walnut-ganache', version: view.version, fixed: ['layers', 'not there'] };
    expect(await sendTo('save-build', said(view.design, change))).toMatchObject({ ok: true });
    expect(await buildOf('walnut-ganache')).toMatchObject({ fixed: ['layers'] });
    expect(await without()).not.toContain('walnut-ganache');
  });

  it('is offered no more once it is out of use, until it comes back', async () => {
    const offered = async () =>
      beginningsFor({ portions: 20, words: 'Two winds', avoid: [] }, (await loadKitchen(kitchen.db))!).map(
        (b) => b.build,
      );
    expect(await offered()).toContain('two-winds');
    const { version } = (await loadBuild(kitchen.db, 'two-winds'))!;
    expect(await sendTo('retire-build', { id: 'two-winds', version, retired: true })).toMatchObject({ ok: true });
    expect(await offered()).not.toContain('two-winds');
    expect((await loadBuilds(kitchen.db))!.at(-1)).toMatchObject({ id: 'two-winds', retired: true });
    // Its name is free meanwhile; it does not come back under one that is taken.
    const design = await designOf('two-winds');
    expect(await sendTo('save-build', said(design, { name: 'Two winds' }))).toMatchObject({ ok: true });
    const back = { id: 'two-winds', version: version + 1, retired: false };
    expect((await sendTo('retire-build', back)).message).toBe('There is a build of this name.');
    expect(await sendTo('retire-build', { id: 'two-winds-2', version: 1, retired: true })).toMatchObject({ ok: true });
    expect(await sendTo('retire-build', back)).toMatchObject({ ok: true });
    expect(await offered()).toContain('two-winds');
    expect((await sendTo('retire-build', { ...back, id: 'none' })).message).toMatch(/not here any more/);
  });
});

describe('a new build', () => {
  it('begins as a plain cake of the kitchen’s own formulas, or like another', async () => {
    const plain = (await loadBuild(kitchen.db, null))!;
    expect(plain).toMatchObject({ id: null, version: 0, said: { name: '', sizes: 'moulds' } });
    expect(await sendTo('save-build', said(plain.design, { name: 'Plain' }))).toMatchObject({ ok: true });
    const view = await loadComposer(kitchen.db, null, { build: 'plain', portions: '12' });
    expect(view).toMatchObject({ values: { build: 'plain' } });
    const like = (await loadBuild(kitchen.db, null, 'two-winds'))!;
    expect(like.design).toEqual(await designOf('two-winds'));
    expect(await loadBuild(kitchen.db, 'no such build')).toBeNull();
  });
});
