import { openKitchenOfFew, plansSettled, sendTo } from '../testing/demo-kitchen';

const { db, close } = await openKitchenOfFew();
const { loadOrder } = await import('./order-pages');
const { loadPlanned } = await import('../plan/load-planned');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { openSteps } = await import('../../core/floor/open-steps');
const { orderId, ownerOf } = await import('../../core/ids/ids');
const { readCompiledVersions } = await import('../../data/repositories/compiled');
const { loadKitchenSettings } = await import('../kitchen/kitchen-settings');

afterAll(async () => {
  await plansSettled();
  await close();
});

const order = async (id: number) => (await loadOrder(db, id))!;
const grams = async (id: number, role: string) => (await order(id)).parts.find((p) => p.role === role)!.grams;
const kept = async (id: number) => (await readCompiledVersions(db, [orderId(id)])).get(orderId(id)) ?? null;
const bowlLoss = async (share: number) =>
  sendTo('save-kitchen', {
    version: (await loadKitchenSettings(db))!.version,
    change: { figures: { bowlLoss: share } },
  });

/** A step of an order that nothing has been told of, which could begin now, and somebody for it. */
async function firstStep() {
  const { situation, plan } = (await loadPlanned(db))!;
  const begun = new Set([...situation.states.keys()].map(ownerOf));
  const blocked = new Set(plan.problem.waits.map((w) => w.to));
  const placed = plan.plan.steps.find(
    (p) => p.people.length === 1 && !begun.has(ownerOf(p.id)) && ownerOf(p.id).startsWith('o') && !blocked.has(p.id),
  )!;
  return { step: placed.id, person: placed.people[0]!, id: Number(ownerOf(placed.id).slice(1)) };
}

describe('an order that has been begun', () => {
  it('is made as it was broken down then, until the lead says otherwise', async () => {
    const { step, person, id } = await firstStep();
    expect(await kept(id)).toBeNull();
    expect((await order(id)).newerRules).toBeNull();
    expect(await sendTo('start-step', { step, person, sure: true })).toMatchObject({ ok: true });
    expect(await kept(id)).toBe(1);
    const before = await order(id);
    expect(before.newerRules).toEqual({ changes: [], lost: [] });

    const other = (await loadPlanned(db))!.situation.orders.find((o) => o.id !== id && !o.kept)!;
    const sum = (parts: { grams: number }[]) => parts.reduce((total, p) => total + p.grams, 0);
    const others = sum((await order(other.id)).parts);
    expect(await bowlLoss(0.2)).toMatchObject({ ok: true });
    expect(sum((await order(other.id)).parts)).toBeGreaterThan(others);
    const after = await order(id);
    expect(after.parts).toEqual(before.parts);
    expect(after.newerRules!.changes.length).toBeGreaterThan(0);
    expect(after.newerRules!.changes.join(' ')).toMatch(/\d g → \d/);

    // What is changed on the order itself is broken down anew, by the figures that it was begun with.
    const role = before.parts.find((p) => p.computed === null && p.grams > 0)!.role;
    const rest = before.parts.filter((p) => p.role !== role).map((p) => [p.role, p.grams]);
    const change = { kind: 'amount', role, grams: 777 };
    expect(await sendTo('change-part', { id, version: after.version, change })).toMatchObject({ ok: true });
    const changed = await order(id);
    expect(await grams(id, role)).toBe(777);
    expect(changed.parts.filter((p) => p.role !== role).map((p) => [p.role, p.grams])).toEqual(rest);

    // What is new is taken over once.
    expect(await sendTo('take-newer-rules', { id, version: changed.version })).toMatchObject({ ok: true });
    const taken = await order(id);
    expect(taken.newerRules).toEqual({ changes: [], lost: [] });
    expect(sum(taken.parts)).toBeGreaterThan(sum(changed.parts));
    expect(await sendTo('take-newer-rules', { id, version: taken.version })).toMatchObject({
      ok: false,
      message: 'There is nothing new to take over.',
    });
    const { situation, plan } = (await loadPlanned(db))!;
    expect(openSteps(plan.problem, plan.plan, situation.states, orderId(id))).toContainEqual(
      expect.objectContaining({ id: step }),
    );
    expect(situation.states.get(step)?.state).toBe('running');
  });

  it('is let go of when its only tap is taken back', async () => {
    const { step, person, id } = await firstStep();
    expect(await sendTo('start-step', { step, person, sure: true })).toMatchObject({ ok: true });
    expect(await kept(id)).toBe(1);
    expect(await sendTo('take-back-step', { step })).toMatchObject({ ok: true });
    expect(await kept(id)).toBeNull();
  });

  it('finds every step that was told', async () => {
    const { situation } = (await loadPlanned(db))!;
    const known = new Set<string>(cakeSteps(situation).map((s) => s.id));
    expect(situation.states.size).toBeGreaterThan(3);
    for (const step of situation.states.keys()) expect(known).toContain(step);
  });
});
