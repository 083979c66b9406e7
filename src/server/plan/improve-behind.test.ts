import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { improveOnce, improveSoon, stopImproving, whatChanged } = await import('./improve-behind');
const { readPlan } = await import('../../data/repositories/plans');
const { saveKitchen, loadKitchenSettings } = await import('../kitchen/kitchen-settings');
const { checkPlan } = await import('../../core/plan-check/check-plan');

afterAll(() => kitchen.close());

const limits = { seconds: 60, rounds: 300 };

describe('a plan that is searched on', () => {
  it('is saved after the one that it is better than, with what it changed', async () => {
    const before = (await readPlan(kitchen.db))!;
    const better = (await improveOnce(kitchen.db, limits))!;
    expect(better).toMatchObject({ previous: before.id });
    expect((await readPlan(kitchen.db))!.id).toBe(better.id);
    expect(better.reason).toMatch(/^searched on: moved \d+, (saved \d+ min late|younger parts)$/);
    expect(better.plan.score.cost).toBeLessThan(before.plan.score.cost);
    expect(checkPlan(better.problem, better.plan).errors).toEqual([]);
  });
  it('is given up as soon as somebody waits for another', async () => {
    const before = (await readPlan(kitchen.db))!;
    const searching = improveOnce(kitchen.db, limits);
    stopImproving(kitchen.db.kitchen);
    expect(await searching).toBeNull();
    expect((await readPlan(kitchen.db))!.id).toBe(before.id);
  });
  it('is given up where another plan has been saved, and is to be searched on', async () => {
    const before = (await readPlan(kitchen.db))!;
    const searching = improveOnce(kitchen.db, limits);
    improveSoon(kitchen.db);
    expect(await searching).toBeNull();
    expect((await readPlan(kitchen.db))!.id).toBe(before.id);
  });
  it('waits until nobody has asked for a plan for a while, and is off where a setting says so', async () => {
    const { version } = (await loadKitchenSettings(kitchen.db))!;
    await saveKitchen(kitchen.db, version, { choices: { 'work-ahead': 'most' } });
    const before = (await readPlan(kitchen.db))!;
    const grows = async () => {
      for (let i = 0; i < 200; i++) {
        if ((await readPlan(kitchen.db))!.id > before.id) return true;
        await new Promise((r) => setTimeout(r, 50));
      }
      return false;
    };
    improveSoon(kitchen.db, 0);
    await new Promise((r) => setTimeout(r, 300));
    expect((await readPlan(kitchen.db))!.id).toBe(before.id);
    process.env.ZEST_IMPROVE = '1';
    improveSoon(kitchen.db, 0);
    stopImproving(kitchen.db.kitchen);
    await new Promise((r) => setTimeout(r, 300));
    expect((await readPlan(kitchen.db))!.id).toBe(before.id);
    improveSoon(kitchen.db, 0);
    expect(await grows()).toBe(true);
    process.env.ZEST_IMPROVE = '0';
    stopImproving(kitchen.db.kitchen);
  });
  it('does not go on by itself where it was told to end: whoever told it makes a plan', async () => {
    process.env.ZEST_IMPROVE = '1';
    const timers = jest.spyOn(globalThis, 'setTimeout');
    // Somebody taps just as the search has read what there is.
    const now = () => {
      stopImproving(kitchen.db.kitchen);
      return kitchen.db.now();
    };
    improveSoon({ ...kitchen.db, now }, 0);
    await new Promise((r) => setTimeout(r, 500));
    const set = timers.mock.calls.map(([, ms]) => ms);
    timers.mockRestore();
    process.env.ZEST_IMPROVE = '0';
    stopImproving(kitchen.db.kitchen);
    expect(set).not.toContain(3000);
  });
  it('tells what it changed', () => {
    const told = (moved: number, savedLate: number, fewerLate: number) => whatChanged({ moved, savedLate, fewerLate });
    expect([told(3, 40, 2), told(5, 0, 2), told(1, 0, 0)]).toEqual([
      'searched on: moved 3, saved 40 min late',
      'searched on: moved 5, 2 late cakes fewer in 100',
      'searched on: moved 1, younger parts',
    ]);
  });
});
