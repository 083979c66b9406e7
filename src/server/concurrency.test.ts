import { orderId } from '../core/ids/ids';
import { startPostgres } from '../data/testing/postgres-server.mjs';
import { openKitchenOfFew, openKitchenOfFewAt, plansSettled, sendTo } from './testing/demo-kitchen';

const postgres = await startPostgres();
if (!postgres) console.warn('PostgreSQL is not installed here: what happens at once is tested on PGlite only.');
afterAll(() => postgres?.stop());

const databases: [string, string | null][] = [
  ['PGlite', null],
  ...(postgres ? [['PostgreSQL', postgres.url] as [string, string]] : []),
];

describe.each(databases)('at once, on %s', (name, url) => {
  let kitchen: Awaited<ReturnType<typeof openKitchenOfFew>>;
  const load = async () => ({
    ...(await import('./situation/load-situation')),
    ...(await import('./plan/load-planned')),
    ...(await import('./testing/load-batches')),
    ...(await import('../data/repositories/events')),
    ...(await import('../data/repositories/edits')),
  });
  const situation = async () => (await (await load()).loadPlanned(kitchen.db))!;
  beforeAll(async () => {
    kitchen = await (url ? openKitchenOfFewAt(url) : openKitchenOfFew());
  });
  afterAll(async () => {
    await plansSettled();
    await kitchen.close();
  });

  /** Sends the same thing several times at once; how many were done, and what the others were told. */
  async function atOnce(times: number, ...[door, input]: Parameters<typeof sendTo>) {
    const answers = await Promise.all(Array.from({ length: times }, () => sendTo(door, input)));
    return { done: answers.filter((a) => a.ok).length, told: new Set(answers.flatMap((a) => a.message ?? [])) };
  }

  /** Steps that could begin now, each with somebody for it. */
  async function free(count: number): Promise<{ step: string; person: string }[]> {
    const { situation: s, plan } = await situation();
    const blocked = new Set(plan.problem.waits.filter((w) => s.states.get(w.from)?.state !== 'done').map((w) => w.to));
    return plan.plan.steps
      .filter((p) => p.people.length === 1 && !s.states.has(p.id) && !blocked.has(p.id))
      .slice(0, count)
      .map((p) => ({ step: p.id, person: p.people[0]! }));
  }

  it('a step is begun once, whoever else begins it', async () => {
    const steps = await free(8);
    expect(steps).toHaveLength(8);
    for (const { step, person } of steps) {
      const { done, told } = await atOnce(6, 'start-step', { step, person, sure: true });
      expect({ step, done }).toEqual({ step, done: 1 });
      expect([...told]).toEqual([expect.stringContaining('has been begun already')]);
    }
    for (const { step } of steps) expect((await atOnce(4, 'take-back-step', { step, sure: true })).done).toBe(1);
  });

  it('a step is finished once, and an order of many taps keeps every one of them', async () => {
    const steps = await free(5);
    const answers = await Promise.all(steps.map((s) => sendTo('start-step', { ...s, sure: true })));
    expect(answers.map((a) => a.ok)).toEqual([true, true, true, true, true]);
    const extended = await Promise.all(steps.map(({ step }) => sendTo('extend-step', { step, minutes: 5 })));
    expect(extended.filter((a) => !a.ok)).toEqual([]);
    const { situation: s } = await situation();
    for (const { step } of steps)
      expect(s.states.get(step)).toMatchObject({ state: 'running', until: expect.any(Number) });
  });

  it('the same key is one write, also when all of them come together', async () => {
    const [next] = await free(1);
    const begun = async () => {
      const { readFloor } = await load();
      const { situation: s } = await situation();
      const orders = s.orders.map((o) => orderId(o.id));
      const told = await readFloor(kitchen.db, orders, s.kitchen.clock);
      return told.filter((e) => e.kind === 'start' && e.step === next!.step).length;
    };
    const before = await begun();
    const answers = await Promise.all(Array.from({ length: 6 }, () => sendTo('start-step', next, `one-key-${name}`)));
    expect(answers.filter((a) => !a.ok)).toEqual([]);
    expect(await begun()).toBe(before + 1);
  });

  it('a batch is accepted once, and split once', async () => {
    const { proposals } = (await (await load()).loadBatches(kitchen.db))!;
    const { members } = proposals.find((p) => p.members.length >= 2)!;
    const wanted = { members: members.map(({ order, role }) => ({ order, role })) };
    expect((await atOnce(4, 'accept-batch', wanted)).done).toBe(1);
    const { accepted } = (await (await load()).loadBatches(kitchen.db))!;
    expect(accepted).toHaveLength(1);
    expect((await atOnce(4, 'split-batch', { id: accepted[0]!.id })).done).toBe(1);
  });

  it('an edit is undone once', async () => {
    const { readEdits } = await load();
    const before = (await readEdits(kitchen.db)).done.length;
    expect(await sendTo('steer', { wanted: [{ kind: 'more', key: 'mixer-1', to: 1 }] })).toMatchObject({ ok: true });
    expect((await atOnce(4, 'undo', {})).done).toBe(1);
    const { done, undone } = await readEdits(kitchen.db);
    expect([done.length, undone.length]).toEqual([before, 1]);
  });

  it('of two who change the kitchen or an order the second is told', async () => {
    const { situation: s } = await situation();
    const { version } = s.kitchen.rows.kitchen;
    expect((await atOnce(3, 'save-kitchen', { version, change: { choices: { cloth: 'damp' } } })).done).toBe(1);
    const order = s.orders.find((o) => o.title === 'Tollgate vegan')!;
    const change = { kind: 'amount', role: 'filling', grams: 1234 };
    expect((await atOnce(3, 'change-part', { id: order.id, version: order.version, change })).done).toBe(1);
  });

  it('the demo is loaded once', async () => {
    const { loadDemo } = await import('./demo/load-demo');
    const again = await Promise.all([loadDemo('UTC'), loadDemo('UTC')]);
    expect(again).toEqual(again.map(() => ({ ok: false, message: 'The demo kitchen is here already.' })));
  });
});
