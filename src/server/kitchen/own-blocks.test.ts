import { blockFormOf } from '../../core/input/block-input';
import { starterBlocks } from '../../data/kitchens/starter';
import { openKitchenOfFew, sendTo } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { loadKitchen } = await import('../situation/load-kitchen');
const { loadKitchenSections } = await import('./kitchen-sections');

afterAll(() => kitchen.close());

const blocks = async () => (await loadKitchen(kitchen.db))!.library.blocks;
const shown = async (id: string) => (await loadKitchenSections(kitchen.db))!.blocks.find((b) => b.block.id === id)!;
const form = (id: string, change: object) => ({ ...blockFormOf(starterBlocks.get(id)!), ...change, sure: true });
const quick = (id: string, likely: number) =>
  blockFormOf(starterBlocks.get(id)!).stages.map((s) => ({ ...s, low: likely, likely, high: likely }));

describe('work on cakes that a kitchen makes its own', () => {
  it('new work is made like another, under a name and an id of its own', async () => {
    const sent = form('drip', { id: null, version: 0, name: 'Caramel drip' });
    expect(await sendTo('save-block', sent)).toMatchObject({ ok: true, id: 'caramel-drip', version: 1 });
    expect((await blocks()).get('caramel-drip')).toMatchObject({ kind: 'drip', name: 'Caramel drip' });
    expect(await shown('caramel-drip')).toMatchObject({ is: 'own', touches: 0 });
    expect((await sendTo('save-block', { ...sent, name: 'Drip' })).fields).toEqual({ name: expect.any(String) });
    expect((await sendTo('save-block', { ...sent, name: 'Other', like: 'none' })).message).toMatch(/not here any more/);
  }, 120_000);

  it('its own version of what ships stands in its place, also in cakes that have it, until it is as it ships again', async () => {
    expect(await shown('final-coat')).toMatchObject({ is: 'shipped', version: 0 });
    const sent = form('final-coat', { id: 'final-coat', version: 0, stages: quick('final-coat', 3) });
    expect(await sendTo('save-block', sent)).toMatchObject({ ok: true, id: 'final-coat' });
    expect((await blocks()).get('final-coat')!.stages[0]!.minutes.likely).toBe(3);
    expect(await shown('final-coat')).toMatchObject({ is: 'own version', version: 1 });
    const retired = await sendTo('retire-entry', {
      ...{ register: 'blocks', id: 'final-coat', version: 1, retired: true, sure: true },
    });
    expect(retired).toMatchObject({ ok: true });
    expect((await blocks()).get('final-coat')).toEqual(starterBlocks.get('final-coat'));
    expect(await shown('final-coat')).toMatchObject({ is: 'shipped', version: 2, retiredAt: null });
    // Saved again it is its own again.
    expect(await sendTo('save-block', { ...sent, version: 2 })).toMatchObject({ ok: true });
    expect(await shown('final-coat')).toMatchObject({ is: 'own version', version: 3 });
  }, 240_000);

  it('what is taken out of use is added to no cake any more, and cakes that have it keep it', async () => {
    const retire = { register: 'blocks', id: 'caramel-drip', version: 1, retired: true };
    expect(await sendTo('retire-entry', retire)).toMatchObject({ ok: true });
    expect((await blocks()).get('caramel-drip')).toMatchObject({ retired: true });
  }, 120_000);

  it('a block of its own is in what is not begun yet, as long as it is in use', async () => {
    const { breakDown } = await import('../../core/breakdown/break-down');
    const { orderId } = await import('../../core/ids/ids');
    const { putBack, retireEntry, saveEntry } = await import('./entries');
    const minutes = async () => {
      const { library, builds } = (await loadKitchen(kitchen.db))!;
      const build = builds.get('yoghurt-drops')!;
      const { steps } = breakDown({ id: orderId(1), build, tiers: build.design.pieces.map((p) => p.form) }, library);
      return steps.filter((s) => s.role === null).map((s) => s.minutes.likely);
    };
    const before = await minutes();
    const used = (await loadKitchen(kitchen.db))!.builds.get('yoghurt-drops')!.design.blocks[0]!.block;
    const { id, ...shipped } = starterBlocks.get(used)!;
    const [first, ...others] = shipped.stages;
    const longer = { ...first!, minutes: { ...first!.minutes, low: 90, likely: 95, high: 99 } };
    const { insertEntries } = await import('../../data/repositories/entries');
    const wrong = { ...shipped, stages: [{ ...first!, minutes: { low: 5, likely: 2, high: 9 } }] };
    expect(await saveEntry(kitchen.db, 'blocks', { id: null, version: 0, value: wrong })).toMatchObject({
      fields: { 'stages.0.minutes': expect.any(String) },
    });
    const { commit } = await import('../shared/commit');
    await commit(
      kitchen.db,
      async (tx) => {
        await insertEntries(tx, 'blocks', [{ ...shipped, id }]);
        return { ok: true };
      },
      { library: true },
    );
    expect(await minutes()).toEqual(before);
    const value = { ...shipped, name: 'Our own way', stages: [longer, ...others] };
    const saved = await saveEntry(kitchen.db, 'blocks', { id, version: 1, value, sure: true });
    expect(saved).toMatchObject({ ok: true, planned: true });
    const after = await minutes();
    expect(after.reduce((a, b) => a + b, 0) - before.reduce((a, b) => a + b, 0)).toBeGreaterThan(60);
    // Out of use it gives its place back to what ships, and designs that name it go on with that.
    expect(await retireEntry(kitchen.db, 'blocks', { id, version: 2, retired: true, sure: true })).toMatchObject({
      ok: true,
    });
    expect(await minutes()).toEqual(before);
    const { readNewest } = await import('../../data/repositories/events');
    const told = await readNewest(kitchen.db, ['entry saved'], 2);
    expect(await putBack(kitchen.db, told[1]!.id, true)).toMatchObject({ ok: true });
    expect(await minutes()).toEqual(before);
  });
});
