import { fc } from '../testing/chance';
import { NO_EDITS, undoable, withEdit } from './edit-history';
import { checkPlan } from '../plan-check/check-plan';
import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import { comparePlans } from '../plan-reading/compare-plans';
import { moveAlong, type Network } from './move-along';
import {
  applyEdit,
  editFor,
  invertEdit,
  NO_ADJUSTMENTS,
  type MadeEdit,
  type Adjustment,
  type Adjustments,
} from './plan-edit';
import { withAdjustments } from '../situation/with-adjustments';
import { without } from '../time/spans';

const span = fc
  .tuple(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1, max: 90 }))
  .map(([a, l]): [number, number] => [a, a + l]);
const key = fc.constantFrom('a', 'b', 'c');
const adjustment: fc.Arbitrary<Adjustment> = fc.oneof(
  fc.record({
    kind: fc.constant('pin' as const),
    key,
    to: fc.option(fc.record({ start: fc.nat(900), people: fc.array(key), equipment: fc.array(key) })),
  }),
  fc.record({ kind: fc.constant('give' as const), key, to: fc.option(fc.array(key)) }),
  fc.record({
    kind: fc.constantFrom('away' as const, 'longer' as const, 'closed' as const),
    key,
    to: fc.option(fc.array(span)),
  }),
  fc.record({ kind: fc.constant('more' as const), key, to: fc.option(fc.integer({ min: 1, max: 3 })) }),
);

describe('edits of the plan', () => {
  it('are undone by their inverse, and survive being written as JSON', () => {
    fc.assert(
      fc.property(
        fc.array(adjustment, { minLength: 1, maxLength: 6 }),
        fc.array(adjustment, { maxLength: 6 }),
        (wanted, before) => {
          const adjustments = applyEdit(NO_ADJUSTMENTS, editFor(NO_ADJUSTMENTS, before));
          const edit = JSON.parse(JSON.stringify(editFor(adjustments, wanted))) as ReturnType<typeof editFor>;
          expect(applyEdit(applyEdit(adjustments, edit), invertEdit(edit))).toEqual(adjustments);
          expect(invertEdit(invertEdit(edit))).toEqual(edit);
        },
      ),
    );
  });

  it('change the answers of an order field by field', () => {
    const adjustments: Adjustments = {
      ...NO_ADJUSTMENTS,
      order: { 3: { pickup: 'then', without: ['roses'], choices: {} } },
    };
    const edit = editFor(adjustments, [{ kind: 'order', key: '3', to: { without: [] } }]);
    expect(edit).toEqual({ kind: 'order', key: '3', from: { without: ['roses'] }, to: { without: [] } });
    expect(applyEdit(adjustments, edit).order[3]).toEqual({ pickup: 'then', without: [], choices: {} });
  });

  it('are undone and done again in their order; a new one ends what could be done again', () => {
    const made: MadeEdit[] = [];
    const history = () => made.reduce(withEdit, NO_EDITS);
    const wants = (to: number) => {
      made.push({
        id: made.length + 1,
        edit: editFor(history().adjustments, [{ kind: 'more', key: 'tin', to }]),
        undoes: null,
        before: 0,
      });
    };
    const take = (which: 'undo' | 'redo') => {
      const one = undoable(history())[which]!;
      made.push({ id: made.length + 1, edit: invertEdit(one.edit), undoes: one.id, before: 0 });
    };
    const tins = () => history().adjustments.more.tin ?? 0;
    wants(1);
    wants(2);
    take('undo');
    expect(tins()).toBe(1);
    take('undo');
    expect([tins(), undoable(history()).undo]).toEqual([0, null]);
    take('redo');
    take('redo');
    expect([tins(), undoable(history()).redo]).toEqual([2, null]);
    take('undo');
    wants(5);
    expect([tins(), undoable(history()).redo]).toEqual([5, null]);
    take('undo');
    expect(tins()).toBe(1);
  });
});

describe('adjustments in a problem', () => {
  it('cut and lengthen shifts, close and add items', () => {
    const problem = generateProblem({ cakes: 2, seed: 1 });
    const [person] = problem.people;
    const [oven] = problem.equipment;
    const adjusted = withAdjustments(problem, {
      ...NO_ADJUSTMENTS,
      away: { [person!.id]: [[400, 500]] },
      longer: { [person!.id]: [[100, 200]] },
      closed: { [oven!.id]: [[0, 60]] },
      more: { [oven!.id]: 2 },
    }).problem;
    const { shifts } = adjusted.people[0]!;
    expect(shifts[0]).toEqual([100, 200]);
    expect(shifts.some(([a, b]) => a < 500 && b > 400)).toBe(false);
    expect(adjusted.equipment[0]).toMatchObject({ closed: [[0, 60]], units: oven!.units + 2 });
    expect(problem.people[0]).toBe(person);
  });

  it('give a step to one person only, whatever the usual skill, and pin it', () => {
    const problem = generateProblem({ cakes: 3, seed: 2 });
    const step = problem.steps.find((s) => s.name === 'Decorate')!;
    const baker = problem.people.find((p) => !p.skills.includes('pipe'))!;
    const { problem: given, lapsed } = withAdjustments(problem, { ...NO_ADJUSTMENTS, give: { [step.id]: [baker.id] } });
    expect(lapsed).toEqual([]);
    const solved = solve(given, { seed: 1, rounds: 5, stop: () => false });
    if (!solved.ok) throw new Error('no plan');
    expect(checkPlan(given, solved.plan).errors).toEqual([]);
    expect(solved.plan.steps.find((s) => s.id === step.id)!.people).toEqual([baker.id]);
    const at = solved.plan.steps.find((s) => s.id === step.id)!;
    const pin = { start: at.start, people: at.people, equipment: at.equipment };
    const pinned = withAdjustments(given, { ...NO_ADJUSTMENTS, pin: { [step.id]: pin } }).problem;
    expect(pinned.steps.find((s) => s.id === step.id)!.placed).toMatchObject({
      start: at.start,
      end: at.end,
      state: 'pinned',
    });
  });

  it('lapse where their time has passed or somebody has left', () => {
    const problem = { ...generateProblem({ cakes: 2, seed: 3 }), now: 500 };
    const step = problem.steps.find((s) => s.work === 'hands')!;
    const pin = (change: object) =>
      withAdjustments(problem, {
        ...NO_ADJUSTMENTS,
        pin: { [step.id]: { start: 600, people: ['p1'], equipment: ['mixer-1'], ...change } },
      }).lapsed;
    expect(pin({ start: 499 })).toEqual([step.id]);
    expect(pin({ people: ['nobody'] })).toEqual([step.id]);
    expect(pin({ equipment: [] })).toEqual([step.id]);
    expect(withAdjustments(problem, { ...NO_ADJUSTMENTS, give: { [step.id]: ['nobody'] } }).lapsed).toEqual([step.id]);
  });

  it('what is cut out of spans is gone, and nothing else', () => {
    const minutes = (spans: [number, number][]) => {
      const all = new Set<number>();
      for (const [a, b] of spans) for (let m = a; m < b; m++) all.add(m);
      return all;
    };
    fc.assert(
      fc.property(fc.array(span, { maxLength: 4 }), fc.array(span, { maxLength: 4 }), (spans, cuts) => {
        const left = minutes(without(spans, cuts));
        const gone = minutes(cuts);
        expect([...left].sort()).toEqual([...minutes(spans)].filter((m) => !gone.has(m)).sort());
      }),
    );
  });
});

describe('moving a step', () => {
  const step = (id: string, start: number, rest: object = {}) => ({
    ...{ id, name: id, start, minutes: 10, fixed: false, earliest: 0 },
    ...rest,
  });
  const wait = (from: string, to: string, min: number, max: number | null) => ({ from, to, min, max, why: '' });
  const chain: Network = {
    horizon: 1000,
    steps: [step('foam', 100), step('bake', 112), step('cool', 130), step('fill', 300)],
    waits: [wait('foam', 'bake', 0, 5), wait('bake', 'cool', 5, 10), wait('cool', 'fill', 60, null)],
  };
  const starts = (network: Network, id: string, at: number) => Object.fromEntries(moveAlong(network, id, at).starts);

  it('takes along what its waits hold to it, no farther than it must', () => {
    expect(starts(chain, 'foam', 150)).toEqual({ foam: 150, bake: 160, cool: 175 });
    expect(starts(chain, 'foam', 98)).toEqual({ foam: 98 });
    expect(starts(chain, 'foam', 90)).toEqual({ foam: 90, bake: 105, cool: 125 });
    expect(starts(chain, 'fill', 150)).toEqual({ fill: 150, cool: 80, bake: 65, foam: 55 });
    expect(starts(chain, 'fill', 320)).toEqual({ fill: 320 });
  });

  it('says what makes it impossible', () => {
    const hindrance = (network: Network, id: string, at: number) => moveAlong(network, id, at).hindrance;
    const fixed = { ...chain, steps: chain.steps.map((s) => (s.id === 'cool' ? { ...s, fixed: true } : s)) };
    expect(hindrance(fixed, 'cool', 140)).toMatchObject({ kind: 'stays' });
    expect(hindrance(fixed, 'fill', 150)).toMatchObject({ kind: 'wait', first: 'cool', second: 'fill', limit: 'min' });
    expect(hindrance(fixed, 'foam', 60)).toMatchObject({ kind: 'wait', first: 'bake', second: 'cool', limit: 'max' });
    expect(hindrance(chain, 'foam', -5)).toMatchObject({ kind: 'too early', step: 'foam', earliest: 0 });
    expect(hindrance(chain, 'fill', 60)).toMatchObject({ kind: 'too early', step: 'cool' });
    expect(hindrance(chain, 'foam', 960)).toMatchObject({ kind: 'too late' });
    expect(hindrance(chain, 'fill', 980)).toBeNull();
    expect(moveAlong(chain, 'nothing', 5)).toEqual({ starts: new Map(), hindrance: null });
  });

  it('leaves every wait of a made-up kitchen whole where it says that it is possible', () => {
    const problem = generateProblem({ cakes: 4, seed: 8 });
    const solved = solve(problem, { seed: 1, rounds: 5, stop: () => false });
    if (!solved.ok) throw new Error('no plan');
    const at = new Map(solved.plan.steps.map((s) => [s.id, s]));
    const taken = problem.waits.filter(
      (w) => at.has(w.from) && at.has(w.to) && (!w.when || solved.plan.routes[w.when.route] === w.when.choice),
    );
    const network: Network = {
      horizon: problem.horizon,
      steps: solved.plan.steps.map((s) => ({ ...step(s.id, s.start), minutes: s.end - s.start })),
      waits: taken,
    };
    let possible = 0;
    for (const s of solved.plan.steps)
      for (const by of [-240, -30, 45, 300]) {
        const { starts: moved, hindrance } = moveAlong(network, s.id, s.start + by);
        if (hindrance) continue;
        possible += 1;
        const now = (id: string) => moved.get(id) ?? at.get(id)!.start;
        for (const w of taken) {
          const gap = now(w.to) - now(w.from) - (at.get(w.from)!.end - at.get(w.from)!.start);
          expect(gap).toBeGreaterThanOrEqual(w.min);
          expect(gap).toBeLessThanOrEqual(w.max ?? Infinity);
        }
      }
    expect(possible).toBeGreaterThan(50);
  });
});

describe('two plans compared', () => {
  const problem = generateProblem({ cakes: 4, seed: 6 });
  const solved = solve(problem, { seed: 1, rounds: 10, stop: () => false });
  if (!solved.ok) throw new Error('no plan');
  const from = { problem, plan: solved.plan };

  it('differ in nothing from themselves', () => {
    const same = comparePlans(from, from);
    expect(same).toMatchObject({ moved: [], movedMinutes: 0, orders: [] });
    expect(same.from).toEqual(same.to);
    expect(same.from.onTime + same.from.late + same.from.leftOut).toBe(4);
    expect(same.from.lateMinutes > 0).toBe(same.from.late > 0);
  });

  it('tell who moved, how far, and what is late', () => {
    const [order] = problem.orders;
    const steps = solved.plan.steps.map((s) =>
      s.id === order!.collect ? { ...s, start: s.start + 40, end: s.end + 40 } : s,
    );
    const hands = steps.find((s) => s.people.length === 1)!;
    const moved = steps.map((s) => (s === hands ? { ...s, start: s.start - 25, end: s.end - 25 } : s));
    const told = comparePlans(from, { problem, plan: { ...solved.plan, steps: moved } });
    expect(told.moved).toEqual([
      expect.objectContaining({ step: hands.id, to: expect.objectContaining({ start: hands.start - 25 }) }),
    ]);
    expect(told.movedMinutes).toBe(25);
    expect(told.orders).toEqual([expect.objectContaining({ order: order!.id, to: told.orders[0]!.from! + 40 })]);
    const gone = comparePlans(from, {
      problem,
      plan: { ...solved.plan, steps: moved.filter((s) => s.id !== order!.collect) },
    });
    expect(gone.to.leftOut).toBe(from.plan.unplaced.length + 1);
  });
});
