import { openKitchenOfFew } from '../testing/demo-kitchen';

const kitchen = await openKitchenOfFew();
const { readWorkLog } = await import('../../data/repositories/work-log');
const { extendStep, finishStep, startStep, takeAnyway } = await import('./floor');
const { correctTold, takeBackStep, whatFollows } = await import('./corrections');
const { cakeSteps } = await import('../../core/situation/whose-step');
const { loadPlanned } = await import('../plan/load-planned');
const { timeOf } = await import('../../core/time/clock');

const message = (r: { ok: boolean }) => (r as { message?: string }).message ?? '';

afterAll(() => kitchen.close());

describe('checks at the bench', () => {
  it('hold a step until they are answered, with the number where one is read', async () => {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const checked = cakeSteps(situation).filter((s) => s.check?.limit !== undefined && s.work === 'hands');
    const free = checked.find(
      (s) =>
        plan.plan.steps.some((p) => p.id === s.id) &&
        !situation.states.has(s.id) &&
        !plan.problem.waits.some((w) => w.to === s.id),
    )!;
    const person = plan.plan.steps.find((p) => p.id === free.id)!.people[0]!;
    expect(await startStep(kitchen.db, free.id, person, { sure: true })).toMatchObject({ ok: true });
    expect(message(await finishStep(kitchen.db, free.id))).toContain(free.check!.text);
    const limit = free.check!.limit!;
    const wrong = free.check!.kind === 'temperature at most' ? limit + 5 : limit - 5;
    expect(message(await finishStep(kitchen.db, free.id, { holds: true, value: wrong }))).toContain(
      free.check!.otherwise,
    );
    expect(await finishStep(kitchen.db, free.id, { holds: true, value: limit }, { sure: true })).toMatchObject({
      ok: true,
    });

    // How long it took is kept for the days to come, as long as it is not taken back.
    const worked = async () => (await readWorkLog(kitchen.db, situation.kitchen.clock)).done;
    const { name, minutes } = plan.problem.steps.find((s) => s.id === free.id)!;
    const ahead = plan.plan.steps.find((p) => p.id === free.id)!.start - situation.minute;
    expect((await worked()).at(-1)).toMatchObject({ name, likely: minutes.likely, took: expect.any(Number), ahead });
    const before = (await worked()).length;
    expect(await takeBackStep(kitchen.db, free.id)).toMatchObject({ ok: true });
    expect(await worked()).toHaveLength(before - 1);
    expect(await finishStep(kitchen.db, free.id, { holds: true, value: limit }, { sure: true })).toMatchObject({
      ok: true,
    });
  });
});

describe('what was read too far', () => {
  it('is used only for a reason, told to the lead while it can be made anew, and kept by its order', async () => {
    const { loadWall } = await import('../wall/wall');
    const { loadOrder } = await import('../orders/order-pages');
    const { orderNumberOf } = await import('../../core/ids/ids');
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const ranged = cakeSteps(situation).find(
      (s) =>
        s.check?.tooFar !== undefined &&
        s.check.beyond &&
        !situation.states.has(s.id) &&
        plan.plan.steps.some((p) => p.id === s.id && p.people.length > 0) &&
        plan.problem.waits.some((w) => w.from === s.id),
    )!;
    const order = orderNumberOf(ranged.id);
    const title = situation.orders.find((o) => o.id === order)!.title;
    const { limit, tooFar, beyond } = ranged.check!;
    const value = tooFar! + Math.sign(tooFar! - limit!) * 11;
    const person = plan.plan.steps.find((p) => p.id === ranged.id)!.people[0]!;
    expect(await startStep(kitchen.db, ranged.id, person, { sure: true })).toMatchObject({ ok: true });
    const finish = (why?: string) => finishStep(kitchen.db, ranged.id, { holds: true, value, why }, { sure: true });
    expect(message(await finish())).toContain(beyond!);
    expect(message(await finish())).not.toContain(ranged.check!.otherwise);
    expect(message(await finish(' '))).toContain('has gone too far');
    expect(await finish('strained, smells clean')).toMatchObject({ ok: true });
    const said = `read ${value} °C`;
    const { headline } = (await loadWall(kitchen.db))!;
    expect(headline.text).toContain(`${title}: “${ranged.name}” ${said}`);
    expect(headline).toMatchObject({ tone: 'tight', fix: { order } });
    expect(headline.text).toContain('strained, smells clean');
    const kept = { tooFar: true, text: expect.stringContaining(said) };
    expect((await loadOrder(kitchen.db, order))!.planned!.readings).toContainEqual(kept);
    // After half an hour it has been seen: what is late stands in front of it again.
    const later = { ...kitchen.db, now: () => new Date(kitchen.db.now().getTime() + 31 * 60_000) };
    const wall = (await loadWall(later))!;
    expect(wall.headline.counts.misses).toBeGreaterThan(0);
    expect(wall.headline.text).not.toContain(said);
    // What comes after it has begun: too late to make it anew, and the wall speaks of other things again; the order keeps it.
    const next = plan.problem.waits.find((w) => w.from === ranged.id)!.to;
    expect(await startStep(kitchen.db, next, person, { sure: true, why: 'so it is' })).toMatchObject({ ok: true });
    expect((await loadWall(kitchen.db))!.headline.text).not.toContain(said);
    expect((await loadOrder(kitchen.db, order))!.planned!.readings).toContainEqual(kept);
    expect(await takeBackStep(kitchen.db, next, true)).toMatchObject({ ok: true });
    expect(await takeBackStep(kitchen.db, ranged.id, true)).toMatchObject({ ok: true });
    expect((await loadOrder(kitchen.db, order))!.planned!.readings).not.toContainEqual(kept);
  });
});

describe('what stands longer than it may', () => {
  it('is said on the wall, on its order and at the bench, with since when and how long was allowed', async () => {
    const { appendEvents } = await import('../../data/repositories/events');
    const { riseCounts } = await import('../../data/repositories/counts');
    const { replan } = await import('../plan/replan');
    const { loadWall } = await import('../wall/wall');
    const { loadOrder } = await import('../orders/order-pages');
    const { Bench } = await import('./bench-reader');
    const { orderNumberOf } = await import('../../core/ids/ids');
    const before = (await loadPlanned(kitchen.db))!;
    const { states } = before.situation;
    const planned = before.plan.plan.steps;
    // A mix that nobody has begun, that waits for nothing, and must go into the oven within minutes.
    const wait = before.plan.problem.waits.find(
      (w) =>
        w.max !== null &&
        w.max <= 15 &&
        !states.has(w.from) &&
        planned.some((s) => s.id === w.from && s.people.length > 0) &&
        planned.some((s) => s.id === w.to) &&
        !before.plan.problem.waits.some((x) => x.to === w.from),
    )!;
    const { people, equipment } = planned.find((s) => s.id === wait.from)!;
    const order = orderNumberOf(wait.from);
    const ago = (minutes: number) => new Date(kitchen.db.now().getTime() - minutes * 60_000);
    const step = wait.from;
    await appendEvents(kitchen.db, [
      { at: ago(150), kind: 'start', order, body: { step, people, equipment } },
      { at: ago(132), kind: 'finish', order, body: { step } },
    ]);
    await riseCounts(kitchen.db, true);
    await replan(kitchen.db, 'a mix stands');
    const said = /has stood since \d\d:\d\d: 2 h 1\d, and \d+ min are allowed/;
    expect((await loadWall(kitchen.db))!.headline).toMatchObject({
      tone: 'misses',
      text: expect.stringMatching(said),
      fix: { order },
    });
    expect((await loadOrder(kitchen.db, order))!.planned!.stood).toEqual([
      { step: wait.to, text: expect.stringMatching(said) },
    ]);
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const bench = new Bench(situation, plan);
    const next = plan.plan.steps.find((s) => s.id === wait.to)!;
    expect(bench.step(next).stood).toMatch(said);
    expect(bench.step(plan.plan.steps.find((s) => s.id === wait.from)!).stood).toBeNull();

    // It goes on only with a reason, which the order keeps.
    const begin = (why?: string) => startStep(kitchen.db, wait.to, people[0]!, { why, sure: true });
    expect(await begin()).toMatchObject({ ok: false, asks: 'why', message: expect.stringMatching(said) });
    // Told late of a time at which it was in time, nothing is asked, and nothing false stands on the order.
    const ended = situation.states.get(wait.from)!.end!;
    const when = timeOf(ended + 1, situation.kitchen.clock).toISO()!;
    const told = await startStep(kitchen.db, wait.to, people[0]!, { when, sure: true });
    expect(told).toEqual({ ok: true });
    expect((await loadOrder(kitchen.db, order))!.planned!.usedAnyway).toEqual([]);
    expect(await takeBackStep(kitchen.db, wait.to, true)).toMatchObject({ ok: true });
    expect(await takeAnyway(kitchen.db, wait.to, ' ')).toMatchObject({ ok: false, asks: 'why' });
    expect(await takeAnyway(kitchen.db, wait.to, 'still light')).toEqual({ ok: true });
    expect(message(await takeAnyway(kitchen.db, wait.to, 'again'))).toBe('Nothing stands too long here.');
    const later = (await loadOrder(kitchen.db, order))!.planned!;
    expect(later.stood).toEqual([]);
    expect(later.usedAnyway).toEqual([
      expect.stringMatching(/had stood too long and was used all the same, .*: still light/),
    ]);
    expect((await loadWall(kitchen.db))!.headline.text).not.toMatch(said);
    expect(message(await begin())).toBe('');
  });
});

describe('taps that are odd', () => {
  /** A step that can be begun now, and what it needs. */
  async function free(work: 'hands' | 'oven' | 'machine' = 'hands', least = 12) {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const steps = new Map(cakeSteps(situation).map((s) => [s.id as string, s]));
    const inPlan = new Set(plan.plan.steps.map((s) => s.id));
    const at = plan.plan.steps.find((p) => {
      const s = steps.get(p.id);
      const ready = plan.problem.waits.every(
        (w) => w.to !== p.id || !inPlan.has(w.from) || situation.states.get(w.from)?.state === 'done',
      );
      return s?.work === work && !s.check && s.minutes.low >= least && !situation.states.has(p.id) && ready;
    })!;
    const person = situation.kitchen.team[0]!.id;
    return { id: at.id, step: steps.get(at.id)!, person: at.people[0] ?? person, minute: situation.minute };
  }
  const ago = (minutes: number) => new Date(kitchen.db.now().getTime() - minutes * 60_000).toISOString();
  const state = async (id: string) => (await loadPlanned(kitchen.db))!.situation.states.get(id);

  it('are asked about: done at once, hours later; and are as they were told then', async () => {
    const { id, person, minute } = await free();
    expect(await startStep(kitchen.db, id, person, { sure: true })).toEqual({ ok: true });
    const early = await finishStep(kitchen.db, id);
    expect(early).toMatchObject({ ok: false, asks: 'when', message: expect.stringContaining('Is it really done?') });
    expect(await state(id)).toMatchObject({ state: 'running' });
    expect(await finishStep(kitchen.db, id, undefined, { when: ago(30), sure: true })).toMatchObject({
      ok: false,
      fields: { when: expect.stringMatching(/^It was begun at \d\d:\d\d\.$/) },
    });
    for (const [when, why] of [
      ['yesterday', 'This is no time.'],
      [ago(-30), 'This has not been yet.'],
      [ago(2000), 'This is more than a day ago.'],
    ])
      expect(await finishStep(kitchen.db, id, undefined, { when })).toMatchObject({ fields: { when: why } });
    expect(await takeBackStep(kitchen.db, id)).toEqual({ ok: true });

    // It was begun hours ago, and nobody said so; nor when it was done.
    expect(await startStep(kitchen.db, id, person, { sure: true, when: ago(300) })).toEqual({ ok: true });
    expect(await state(id)).toMatchObject({ start: minute - 300 });
    expect(await finishStep(kitchen.db, id)).toMatchObject({
      asks: 'when',
      message: expect.stringContaining('5 h ago'),
    });
    expect(await finishStep(kitchen.db, id, undefined, { when: ago(240) })).toEqual({ ok: true });
    expect(await state(id)).toMatchObject({ state: 'done', start: minute - 300, end: minute - 240 });
  });

  it('say what a step that is begun before its time would leave standing', async () => {
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const inPlan = new Map(plan.plan.steps.map((s) => [s.id, s]));
    const early = plan.problem.waits.find(({ from, to, max }) => {
      const [before, after] = [inPlan.get(from), inPlan.get(to)];
      if (max === null || max > 15 || !before || !after || situation.states.has(from)) return false;
      const free = plan.problem.waits.every((w) => w.to !== from || !inPlan.has(w.from));
      return free && before.start > situation.minute + 120;
    })!;
    const begin = (sure?: true) => startStep(kitchen.db, early.from, inPlan.get(early.from)!.people[0]!, { sure });
    expect(await begin()).toMatchObject({
      ...{ ok: false, asks: 'sure' },
      message: expect.stringMatching(/it would stand .* Begin it all the same\?$/),
    });
    expect(await begin(true)).toEqual({ ok: true });
    expect(await takeBackStep(kitchen.db, early.from)).toEqual({ ok: true });
  });

  it('“not yet” counts from now; and what runs counts from when it was begun, however often it is planned anew', async () => {
    const { Bench } = await import('./bench-reader');
    const { replan } = await import('../plan/replan');
    const { id, step, person, minute } = await free('hands', 2);
    expect(await startStep(kitchen.db, id, person, { when: ago(90), sure: true })).toEqual({ ok: true });
    await replan(kitchen.db, 'once more');
    const running = async () => {
      const { situation, plan } = (await loadPlanned(kitchen.db))!;
      return new Bench(situation, plan).step(plan.plan.steps.find((s) => s.id === id)!).running;
    };
    const { low, likely } = step.minutes;
    expect(await running()).toEqual({ since: minute - 90, look: minute - 90 + low, due: minute - 90 + likely });
    expect(await extendStep(kitchen.db, id, 10)).toEqual({ ok: true });
    const from = (await loadPlanned(kitchen.db))!.situation.minute;
    expect(await running()).toEqual({
      since: minute - 90,
      look: from + 10,
      due: Math.max(from + 10, minute - 90 + likely),
    });
    await replan(kitchen.db, 'and again');
    const { plan } = (await loadPlanned(kitchen.db))!;
    expect(plan.problem.steps.find((s) => s.id === id)!.placed!.end).toBe(from + 10);
    expect(await finishStep(kitchen.db, id, undefined, { sure: true })).toEqual({ ok: true });
  });

  it('are put right by anybody, in any order, once what follows has been seen', async () => {
    const { loadTold } = await import('./told-view');
    const { situation, plan } = (await loadPlanned(kitchen.db))!;
    const steps = new Map(cakeSteps(situation).map((s) => [s.id as string, s]));
    const inPlan = new Set(plan.plan.steps.map((s) => s.id));
    const { states } = situation;
    const open = (id: string) => inPlan.has(id) && !states.has(id) && !steps.get(id)?.check;
    // A step by hand that waits for nothing, and an oven or a machine that waits for it alone.
    const pair = plan.problem.waits.find(({ from, to, min }) => {
      const before = (id: string) => plan.problem.waits.filter((w) => w.to === id && inPlan.has(w.from));
      const alone = steps.get(to)?.work === 'oven' || steps.get(to)?.work === 'machine';
      return min >= 0 && alone && open(from) && open(to) && before(from).length === 0 && before(to).length === 1;
    })!;
    const person = plan.plan.steps.find((s) => s.id === pair.from)!.people[0] ?? situation.kitchen.team[0]!.id;
    const told = { sure: true, why: 'tried out' } as const;
    expect(await startStep(kitchen.db, pair.from, person, { ...told, when: ago(120) })).toEqual({ ok: true });
    expect(await finishStep(kitchen.db, pair.from, undefined, { ...told, when: ago(90) })).toEqual({ ok: true });
    expect(await startStep(kitchen.db, pair.to, person, { ...told, when: ago(80) })).toEqual({ ok: true });
    const line = async (id: string, what: string) =>
      (await loadTold(kitchen.db))!.lines.find(
        (l) => l.step === steps.get(id)!.name && l.what === what && !l.takenBack && l.minute < situation.minute - 60,
      )!;
    // The oven was tapped wrongly: it went in an hour later than that.
    const began = await line(pair.to, 'begun');
    expect(began).toMatchObject({ timed: true, first: null });
    expect(await correctTold(kitchen.db, { event: began.event, when: ago(20) })).toEqual({ ok: true });
    expect(await state(pair.to)).toMatchObject({ state: 'running', start: situation.minute - 20 });
    const after = (await loadTold(kitchen.db))!.lines.find((l) => l.event === began.event)!;
    expect(after).toMatchObject({ minute: situation.minute - 20, first: began.minute });

    // What came before it can be put right all the same: what that would contradict is said, and asked about.
    const ended = (await loadTold(kitchen.db))!.lines.find(
      (l) => l.step === steps.get(pair.from)!.name && l.what === 'done' && !l.takenBack,
    )!;
    const wrong = { event: ended.event, when: ago(10) };
    const seen = await whatFollows(kitchen.db, wrong);
    expect(seen).toMatchObject({
      ok: true,
      follows: expect.arrayContaining([expect.stringContaining('before the end of')]),
    });
    expect((seen as { follows: string[] }).follows.at(-1)).toMatch(/in the plan\.$/);
    expect(await correctTold(kitchen.db, wrong)).toMatchObject({ ok: false, asks: 'sure' });
    expect(await correctTold(kitchen.db, { event: ended.event, when: ago(200) })).toMatchObject({
      fields: { when: expect.stringContaining('It was begun at') },
    });
    const never = { event: ended.event, when: null };
    expect(await whatFollows(kitchen.db, never)).toMatchObject({
      follows: expect.arrayContaining([expect.stringContaining('would still be under way')]),
    });
    expect(await correctTold(kitchen.db, never)).toMatchObject({ ok: false, asks: 'sure' });
    expect(await correctTold(kitchen.db, { ...never, sure: true })).toEqual({ ok: true });
    expect(await state(pair.from)).toMatchObject({ state: 'running' });
    expect(message(await correctTold(kitchen.db, { ...never, sure: true }))).toBe('This has been taken back already.');
    // Without its beginning, nothing of it is left.
    const first = (await loadTold(kitchen.db))!.lines.find(
      (l) => l.step === steps.get(pair.from)!.name && l.what === 'begun' && !l.takenBack,
    )!;
    expect(await correctTold(kitchen.db, { event: first.event, when: null, sure: true })).toEqual({ ok: true });
    expect(await state(pair.from)).toBeUndefined();
    expect(message(await correctTold(kitchen.db, { event: 999_999, when: null }))).toContain('still here');
    expect((await loadTold(kitchen.db))!.lines.filter((l) => l.takenBack).length).toBeGreaterThan(1);
  });
});
