import type { KitchenId } from '../../core/ids/ids';
import { openKitchenOfFew, orderCalled, planner } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { canWeTake } = await import('../orders/capacity');
const { loadChances, stopChances } = await import('../plan/chances');
const { loadOrderForm } = await import('../orders/order-form');
const { orderId } = await import('../../core/ids/ids');
const { helpFor } = await import('../orders/remedies/remedies');
const { redoEdit, steer, takeOver, undoEdit } = await import('./steering');
const { tryWhatIf } = await import('../wall/what-if');
const { tryAdjustments, trials } = await import('./trials');
const { moveView } = await import('../steps/move-view');
const { loadPlanned } = await import('../plan/load-planned');
const { loadWall } = await import('../wall/wall');

afterAll(() => kitchen.close());

const planned = async () => (await loadPlanned(kitchen.db))!;
const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';
const MOSS = await orderCalled('Moss engagement');

/** A step of later on that one person does with bare hands, and that could as well begin five minutes earlier, all else as it is. */
async function aStep() {
  const { situation, plan } = await planned();
  const { steps } = plan.plan;
  const at = new Map(steps.map((s) => [s.id, s]));
  const step = steps.find((s) => {
    const { start, end, people } = s;
    if (start <= situation.minute + 120 || people.length !== 1 || s.equipment.length > 0) return false;
    const busy = steps.some((x) => x !== s && x.people.includes(people[0]!) && x.end > start - 5 && x.start < start);
    const there = plan.problem.people.find((p) => p.id === people[0])!;
    if (busy || !there.shifts.some(([from, until]) => from <= start - 5 && end <= until)) return false;
    return plan.problem.waits.every((w) => {
      const [before, after] = [at.get(w.from), at.get(w.to)];
      if (w.to === s.id && before) return start - 5 - before.end >= w.min;
      return w.from !== s.id || !after || w.max === null || after.start - (end - 5) <= w.max;
    });
  })!;
  return { step, plan, situation };
}
const startOf = async (id: string) => (await planned()).plan.plan.steps.find((s) => s.id === id)!.start;

describe('the lead', () => {
  it('pins a step, undoes it and does it again', async () => {
    const { step, plan } = await aStep();
    const to = { start: step.start - 5, people: step.people, equipment: step.equipment };
    expect(await steer(kitchen.db, [{ kind: 'pin', key: step.id, to }])).toMatchObject({ ok: true });
    expect(await startOf(step.id)).toBe(step.start - 5);
    const wall = (await loadWall(kitchen.db))!;
    expect(wall.edits.undo).toContain('pin “');
    expect(wall.ladders.flatMap((l) => l.rungs).find((r) => r.step === step.id)?.pinned).toBe(true);
    expect(await undoEdit(kitchen.db)).toMatchObject({ ok: true });
    expect((await loadWall(kitchen.db))!.edits).toMatchObject({ undo: null, redo: expect.stringContaining('pin “') });
    expect((await planned()).situation.adjustments.pin).toEqual({});
    // Back to the minute, for everybody.
    expect((await planned()).plan.plan.steps).toEqual(plan.plan.steps);
    expect(await redoEdit(kitchen.db)).toMatchObject({ ok: true });
    expect(await startOf(step.id)).toBe(step.start - 5);
    expect(await undoEdit(kitchen.db)).toMatchObject({ ok: true });
  });

  it('is told why a step cannot be pinned', async () => {
    const { step, situation } = await aStep();
    const pin = (change: object) =>
      steer(kitchen.db, [
        {
          kind: 'pin',
          key: step.id,
          to: { start: step.start, people: step.people, equipment: step.equipment, ...change },
        },
      ]);
    expect(message(await pin({ start: situation.minute - 60 }))).toContain('that is over');
    expect(message(await pin({ start: step.start + 14 * 60 }))).toMatch(/is not on shift|finds no place/);
    expect((await planned()).situation.adjustments.pin).toEqual({});
  });

  it('gives a step to somebody else, and only that person does it from then on', async () => {
    const { situation, plan } = await planned();
    const other = (id: string) =>
      moveView(id, situation, plan)!.hands.find((h) => !moveView(id, situation, plan)!.has.includes(h.id));
    const step = plan.plan.steps.find((s) => s.start > situation.minute + 200 && s.people.length === 1 && other(s.id))!;
    const to = other(step.id)!;
    expect(await steer(kitchen.db, [{ kind: 'give', key: step.id, to: [to.id] }])).toMatchObject({ ok: true });
    expect((await planned()).plan.plan.steps.find((s) => s.id === step.id)!.people).toEqual([to.id]);
    expect(await undoEdit(kitchen.db)).toMatchObject({ ok: true });
  });

  it('sees what moves with a step', async () => {
    const { step, situation, plan } = await aStep();
    const view = moveView(step.id, situation, plan)!;
    expect(view.network.steps.map((s) => s.id)).toContain(step.id);
    for (const w of view.network.waits) {
      const ends = [w.from, w.to].map((id) => view.network.steps.find((s) => s.id === id));
      expect(ends.filter((e) => e === undefined)).toEqual([]);
    }
    expect(view.pickups.length).toBeGreaterThan(0);
    expect(moveView('o1.nothing', situation, plan)).toBeNull();
  });
});

describe('help that does not come', () => {
  it('ends with what was found by then, and is asked for again after it failed', async () => {
    const held = globalThis as unknown as { zestPlanners: unknown; zestHelp: Map<string, unknown> };
    const { zestPlanners } = held;
    const stuck = { quiet: () => Promise.resolve(), ask: () => new Promise(() => undefined) };
    held.zestPlanners = { get: () => stuck };
    // The time for trying and the patience beyond it are over at once.
    const help = await helpFor(kitchen.db, MOSS, -4.9);
    expect(help).toMatchObject({ remedies: [], chain: [] });
    held.zestHelp.clear();
    held.zestPlanners = { get: () => ({ ...stuck, ask: () => Promise.reject(new Error('it fell over')) }) };
    await expect(helpFor(kitchen.db, MOSS)).rejects.toThrow('it fell over');
    expect(held.zestHelp.size).toBe(0);
    held.zestPlanners = zestPlanners;
  });
});

describe('a late order', () => {
  it('is told what fixes its time, what would help, and the help is taken over as it was tried', async () => {
    // As long as it takes: how much can be tried in the time that somebody waits depends on the machine.
    const help = (await helpFor(kitchen.db, MOSS, Infinity))!;
    expect(help.alone).toBe(false);
    expect(help.chain[0]).toMatch(/^It can leave at Fri \d\d:\d\d at the earliest: “Check and box” ends/);
    expect(help.chain.length).toBeGreaterThanOrEqual(2);
    const overtime = help.remedies.find((r) => r.label.includes('more, Fri 21 May'))!;
    expect(overtime).toMatchObject({ works: true, label: expect.stringMatching(/ works? \d.* more, Fri 21 May/) });
    // Only what makes it on time, and what the customer pays for last: to the quarter of an hour at which it is ready.
    expect(help.remedies.filter((r) => !(r.works && r.late === 0))).toEqual([]);
    expect(help.remedies.at(-1)!.label).toContain('Pickup of Moss engagement');
    expect(await helpFor(kitchen.db, MOSS)).toBe(help);
    // However much was tried, what helps can be taken over, and nothing else is kept of it.
    const { kept } = trials(kitchen.db.kitchen);
    expect(help.remedies.filter((r) => !kept.has(r.trial))).toEqual([]);
    expect(kept.size).toBeLessThan(30);
    expect(await takeOver(kitchen.db, overtime.trial)).toMatchObject({ ok: true });
    expect((await loadWall(kitchen.db))!.ladders.find((l) => l.order === MOSS)!.status.state).not.toBe('misses');
    expect(message(await takeOver(kitchen.db, overtime.trial))).toContain('too old');
    expect(await undoEdit(kitchen.db)).toMatchObject({ ok: true });
    expect((await loadWall(kitchen.db))!.ladders.find((l) => l.order === MOSS)!.status.state).toBe('misses');
  });

  it('keeps what others changed when an answer of it is undone', async () => {
    const moved = new Date('2027-05-21T12:00:00Z');
    const before = (await planned()).situation.orders.find((o) => o.id === MOSS)!;
    await steer(kitchen.db, [{ kind: 'order', key: `${MOSS}`, to: { pickup: moved.toISOString() } }]);
    await steer(kitchen.db, [{ kind: 'order', key: `${MOSS}`, to: { choices: { level: 'upside-down' } } }]);
    const after = (await planned()).situation.orders.find((o) => o.id === MOSS)!;
    expect([after.pickup, after.choices]).toEqual([moved, { level: 'upside-down' }]);
    await undoEdit(kitchen.db);
    await undoEdit(kitchen.db);
    const undone = (await planned()).situation.orders.find((o) => o.id === MOSS)!;
    expect([undone.pickup, undone.choices]).toEqual([before.pickup, before.choices]);
  });
});

describe('supposing', () => {
  it('shows the wall of the copy and changes nothing', async () => {
    const { situation, plan } = await planned();
    const [busiest] = [...new Set(plan.plan.steps.flatMap((s) => s.people))];
    const tried = await tryWhatIf(kitchen.db, [
      { kind: 'away', key: busiest!, to: [[situation.minute, situation.minute + 900]] },
    ]);
    if (!tried.ok) throw new Error(tried.message);
    expect(tried.trial.label).toContain('away');
    expect(tried.trial.comparison.moved.length).toBeGreaterThan(0);
    const rungs = tried.trial.wall.ladders.flatMap((l) => l.rungs);
    const theirs = rungs.filter((r) => r.state === 'planned' && r.who.some((w) => w.id === busiest));
    expect(theirs.length).toBeGreaterThan(0);
    expect(theirs.filter((j) => j.start >= situation.minute && j.end <= situation.minute + 900)).toEqual([]);
    expect((await planned()).plan.id).toBe(plan.id);
    expect((await planned()).situation.adjustments).toEqual(situation.adjustments);
  });

  it('holds one order more, which cannot be taken over before it is written', async () => {
    const tried = await tryWhatIf(kitchen.db, [], {
      build: 'walnut-ganache',
      portions: 20,
      pickup: '2027-05-22T12:00',
    });
    if (!tried.ok) throw new Error(tried.message);
    const more = tried.trial.wall.ladders.find((l) => l.order === 0)!;
    expect(more.rungs.length).toBeGreaterThan(4);
    expect(tried.trial.comparison.orders).toContainEqual(
      expect.objectContaining({ order: orderId(0), from: null, to: 0 }),
    );
    expect(message(await takeOver(kitchen.db, tried.trial.id))).toContain('Write the order first');
    expect(
      message(await tryWhatIf(kitchen.db, [], { build: 'nothing', portions: 20, pickup: '2027-05-22T12:00' })),
    ).toContain('no such build');
  });

  it('is planned again with the same edit if the plan has changed meanwhile', async () => {
    const { step, situation } = await aStep();
    const tried = await tryAdjustments(kitchen.db, [
      { kind: 'closed', key: 'mixer-1', to: [[situation.minute, situation.minute + 60]] },
    ]);
    if (!tried.ok) throw new Error(tried.message);
    const pin = { start: step.start, people: step.people, equipment: step.equipment };
    expect(await steer(kitchen.db, [{ kind: 'pin', key: step.id, to: pin }])).toMatchObject({ ok: true });
    expect(await takeOver(kitchen.db, tried.trial.id)).toMatchObject({ ok: true });
    const { adjustments } = (await planned()).situation;
    expect(Object.keys(adjustments.pin)).toEqual([step.id]);
    expect(Object.keys(adjustments.closed)).toEqual(['mixer-1']);
    await undoEdit(kitchen.db);
    await undoEdit(kitchen.db);
  });
});

describe('the counter', () => {
  it('asks whether one more fits, and begins the order with what it asked', async () => {
    // On a day on which nothing else is made.
    const asked = { build: 'walnut-ganache', portions: 20, pickup: '2027-05-27T12:00' };
    const answered = await canWeTake(kitchen.db, asked);
    if (!answered.ok) throw new Error(answered.message);
    expect(answered.answer).toMatchObject({ fits: 'yes', sentence: expect.stringContaining('nobody else moves') });
    const { form } = (await loadOrderForm(kitchen.db, null, {
      ...asked,
      portions: '20',
      size: answered.answer.cake.size,
    }))!;
    expect(form.values).toMatchObject({ ...asked, size: answered.answer.cake.size });
  });

  it('is told the earliest where it is too soon, and what is wrong with the question', async () => {
    const soon = await canWeTake(kitchen.db, { build: 'walnut-ganache', portions: 20, pickup: '2027-05-20T11:00' });
    if (!soon.ok) throw new Error(soon.message);
    expect(soon.answer.fits).toBe('no');
    expect(Date.parse(soon.answer.earliest!.value)).toBeGreaterThan(Date.parse('2027-05-20T11:00'));
    const again = await canWeTake(kitchen.db, {
      build: 'walnut-ganache',
      portions: 20,
      pickup: soon.answer.earliest!.value,
    });
    expect(again.ok && again.answer.fits).toBe('yes');
    expect(
      message(await canWeTake(kitchen.db, { build: 'walnut-ganache', portions: 0, pickup: '2027-05-22T12:00' })),
    ).toContain('portions');
    expect(
      message(await canWeTake(kitchen.db, { build: 'walnut-ganache', portions: 9, pickup: '2026-05-22T12:00' })),
    ).toContain('has passed');
  });
});

it('the days lived through give every order on the wall a chance', async () => {
  planner.days = 500;
  const chances = (await loadChances(kitchen.db))!;
  const { plan } = await planned();
  expect(chances).toMatchObject({ plan: plan.id, days: 500 });
  expect(chances.orders.length).toBe(plan.problem.orders.length - plan.plan.unplaced.length);
  expect(chances.orders.find((o) => o.order === MOSS)!.chance).toBe(0);
  // A step of another order is named with it.
  const titles = new Map(plan.problem.orders.map((o) => [o.id as string, o.name]));
  const deciding = chances.orders.flatMap((o) => o.deciding.map((d) => ({ ...d, own: orderId(o.order) as string })));
  const others = deciding.filter((d) => d.step.split('.')[0] !== d.own && titles.has(d.step.split('.')[0]!));
  expect(others.map((d) => d.whose)).toEqual(others.map((d) => titles.get(d.step.split('.')[0]!)));
  expect(others.length).toBeGreaterThan(0);
  expect(deciding.filter((d) => d.step.split('.')[0] === d.own && d.whose !== null)).toEqual([]);
  expect(await loadChances(kitchen.db)).toEqual(chances);
  // Ended by somebody who waits for a plan: who had asked gets no chances from a day or two, but those of the plan that stands then.
  stopChances(kitchen.db.kitchen);
  const { zestChances } = globalThis as unknown as { zestChances: Map<KitchenId, unknown> };
  const begun = jest.spyOn(zestChances, 'set').mockImplementationOnce(function (
    this: Map<KitchenId, unknown>,
    id,
    lived,
  ) {
    Map.prototype.set.call(this, id, lived);
    stopChances(id);
    return this;
  });
  const asked = loadChances(kitchen.db);
  expect(await asked).toMatchObject({ plan: plan.id, days: 500 });
  expect(begun).toHaveBeenCalledTimes(2);
  begun.mockRestore();
  planner.days = 40;
});
