import { checkPlan } from '../../plan-check/check-plan';
import { blockersOf } from './blockers';
import { capacityFor } from './capacity';
import { decidingSteps, explainOrder } from './explain-order';
import { loadsOf } from '../../plan-reading/loads';
import type { Plan, PlannedStep } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { readyTimes } from './ready-times';
import { solve } from '../solve';
import { generateProblem } from '../testing/generate';
import { twoCakes } from '../testing/two-cakes';
import { seeds } from '../../testing/chance';

const options = { seed: 1, rounds: 100, stop: () => false };
function planOf(problem: Problem, rounds = options.rounds): Plan {
  const solved = solve(problem, { ...options, rounds });
  if (!solved.ok) throw new Error('no plan');
  return solved.plan;
}

const known = new Map<string, { problem: Problem; plan: Plan }>();
/** A made-up kitchen and a plan of it, made once for all that is asked of it. */
function planned(kitchen: { cakes: number; seed: number; days?: number }): { problem: Problem; plan: Plan } {
  const name = JSON.stringify(kitchen);
  const problem = generateProblem(kitchen);
  const made = known.get(name) ?? { problem, plan: planOf(problem, 20) };
  known.set(name, made);
  return structuredClone(made);
}

describe('who keeps an order from its pickup', () => {
  it('names the one whose hands it needs', () => {
    const problem = twoCakes([100, 100]);
    const plan = planOf(problem);
    expect(plan.score.lateness).toBe(50);
    expect(blockersOf(problem, plan, 'a')).toEqual({ order: 'a', others: ['b'], alone: true, least: true });
    expect(blockersOf(problem, plan, 'nobody')).toMatchObject({ order: 'nobody', others: [], alone: false });
  });

  it('names one where one is enough, and two where it takes both', () => {
    const crowd = twoCakes([100, 100], true);
    expect(blockersOf(crowd, planOf(crowd), 'a')).toMatchObject({ others: [expect.any(String)], least: true });
    // Two decorators: only both others together leave nobody for the first.
    const two = { ...crowd, people: [...crowd.people, { ...crowd.people[0]!, id: 'cy' }] };
    expect(blockersOf(two, planOf(two), 'a')).toMatchObject({ others: ['b', 'c'], alone: true, least: true });
  });

  it('names nobody where it could not be on time alone', () => {
    const problem = twoCakes([60, 300]);
    expect(blockersOf(problem, planOf(problem), 'a')).toMatchObject({ order: 'a', others: [], alone: false });
  });

  it('is a set that blocks by itself, of which none can be spared, on made-up kitchens', () => {
    let found = 0;
    for (const seed of seeds(1, 12)) {
      const { problem, plan } = planned({ cakes: 14, seed, days: 2 });
      for (const o of problem.orders.slice(0, 5)) {
        const { others } = blockersOf(problem, plan, o.id);
        found += others.length;
        const among = (kept: string[]) => {
          const isThere = (order: string) => order === o.id || kept.includes(order);
          const steps = problem.steps.filter((s) => s.order === null || isThere(s.order));
          const ids = new Set(steps.map((s) => s.id));
          const lean = {
            ...problem,
            ...{ steps, orders: problem.orders.filter((x) => isThere(x.id)) },
            waits: problem.waits.filter((w) => ids.has(w.from) && ids.has(w.to)),
            holds: problem.holds.filter((h) => ids.has(h.from) && ids.has(h.until)),
          };
          return blockersOf(lean, { ...plan, unplaced: plan.unplaced.filter((u) => isThere(u.order)) }, o.id).others;
        };
        if (others.length === 0) continue;
        expect(among(others).sort()).toEqual([...others].sort());
        for (const spared of others) expect(among(others.filter((x) => x !== spared))).toEqual([]);
      }
    }
    expect(found).toBeGreaterThan(0);
  });
});

describe('why an order cannot leave earlier', () => {
  it('follows its waits to the hands that are missing, and says what holds them', () => {
    const problem = twoCakes([100, 100]);
    const [out, pipe] = explainOrder(problem, planOf(problem), 'a')!;
    expect(out).toMatchObject({ start: 150, because: { kind: 'wait', at: 120, wait: { id: 'a-rest' } } });
    expect(pipe).toMatchObject({
      start: 60,
      because: { kind: 'hands', people: [{ person: 'ada', on: { id: 'b-pipe' }, until: 60 }] },
    });
  });

  it('ends at now, or at the beginning of a shift', () => {
    const problem = twoCakes([300, 400]);
    const chain = explainOrder(problem, planOf(problem), 'a')!;
    expect(chain.at(-1)!.because).toEqual({ kind: 'earliest', at: 0 });
    const later = { ...problem, people: [{ ...problem.people[0]!, shifts: [[50, 400]] as [number, number][] }] };
    const shift = explainOrder(later, planOf(later), 'a')!.at(-1)!;
    expect(shift.because).toMatchObject({ kind: 'hands', people: [{ person: 'ada', on: null, until: 50 }] });
  });

  it('explains the time that the plan has, where an order is late in it', () => {
    const problem = twoCakes([100, 100]);
    const solved = planOf(problem);
    // As somebody may have pinned it: an hour later than it could be.
    const own = new Set(problem.steps.filter((s) => s.order === 'a').map((s) => s.id));
    const steps = solved.steps.map((s) => (own.has(s.id) ? { ...s, start: s.start + 60, end: s.end + 60 } : s));
    const chain = explainOrder(problem, { ...solved, steps }, 'a')!;
    const out = problem.orders.find((o) => o.id === 'a')!.collect;
    expect(chain[0]).toMatchObject({ step: { id: out }, start: steps.find((s) => s.id === out)!.start });
    let late = 0;
    for (const seed of seeds(1, 10)) {
      const { problem: crowded, plan } = planned({ cakes: 14, seed, days: 2 });
      for (const o of crowded.orders) {
        const at = plan.steps.find((s) => s.id === o.collect);
        if (!at || at.start <= o.pickup) continue;
        late += 1;
        expect(explainOrder(crowded, plan, o.id)![0]!.start).toBe(at.start);
      }
    }
    expect(late).toBeGreaterThan(10);
  });

  it('is a chain without gaps on made-up kitchens', () => {
    let chains = 0;
    for (const seed of seeds(1, 10)) {
      const { problem, plan } = planned({ cakes: 6, seed });
      for (const o of problem.orders) {
        const chain = explainOrder(problem, plan, o.id);
        if (!chain) continue;
        chains += 1;
        expect(chain[0]!.step.id).toBe(o.collect);
        for (let i = 0; i + 1 < chain.length; i++) {
          const { because, start } = chain[i]!;
          if (because.kind === 'wait') expect(because.at + because.wait.min).toBe(start);
          expect(chain[i + 1]!.start).toBeLessThanOrEqual(start);
        }
      }
    }
    expect(chains).toBeGreaterThan(50);
  });
});

describe('when an order could be ready', () => {
  it('is never after the plan hands it over, on made-up kitchens', () => {
    let sooner = 0;
    for (const seed of seeds(1, 12)) {
      const { problem, plan } = planned({ cakes: 14, seed, days: 2 });
      for (const { order, ready } of readyTimes(problem, plan)) {
        const { collect } = problem.orders.find((o) => o.id === order)!;
        const handOver = plan.steps.find((s) => s.id === collect);
        if (!handOver) continue;
        expect([order, ready! <= handOver.start]).toEqual([order, true]);
        if (ready! < handOver.start) sooner++;
      }
    }
    expect(sooner).toBeGreaterThan(50);
  });
});

describe('can we take this too?', () => {
  it('says yes where the gaps hold it, and when it could leave at the earliest', () => {
    const plan = planOf(twoCakes([300, 390]));
    const answer = capacityFor(twoCakes([300, 390], true), plan, 'c', () => false);
    expect(answer).toMatchObject({ late: 0, earliest: 90, withOthers: null });
  });

  it('asks others where the gaps do not, and says what it costs them', () => {
    const problem = twoCakes([90, 150], true);
    const answer = capacityFor(problem, planOf(twoCakes([90, 150])), 'c', () => false);
    // The hands are on the two others until 120: ready at 210, which is 120 late.
    expect(answer).toMatchObject({ late: 120, earliest: 210 });
    const helped = answer.withOthers!;
    expect(helped.late).toBeLessThan(120);
    expect(helped.others.length).toBeGreaterThan(0);
    expect(helped.cost).toBeGreaterThan(0);
    expect(checkPlan(problem, answer.plan).errors).toEqual([]);
  });

  it('answers with plans that the checker accepts, and leaves others alone where it can', () => {
    let onTime = 0;
    for (const seed of seeds(1, 20)) {
      const problem = generateProblem({ cakes: 7, seed });
      const [added] = problem.orders;
      const ids = new Set(problem.steps.filter((s) => s.order !== added!.id).map((s) => s.id));
      const before = {
        ...problem,
        orders: problem.orders.slice(1),
        steps: problem.steps.filter((s) => ids.has(s.id)),
        waits: problem.waits.filter((w) => ids.has(w.from) && ids.has(w.to)),
        holds: problem.holds.filter((h) => ids.has(h.from) && ids.has(h.until)),
        routes: problem.routes,
      };
      const plan = planOf(before, 20);
      const answer = capacityFor(problem, plan, added!.id, () => false);
      expect({ seed, errors: checkPlan(problem, answer.plan).errors }).toEqual({ seed, errors: [] });
      if (answer.late !== 0) continue;
      onTime += 1;
      const now = new Map(answer.plan.steps.map((s) => [s.id, s]));
      const asSet = (s: PlannedStep | undefined) => s && { ...s, people: [...s.people].sort() };
      for (const s of plan.steps) expect(asSet(now.get(s.id))).toEqual(asSet(s));
    }
    expect(onTime).toBeGreaterThan(5);
  });
});

describe('the load', () => {
  it('counts work against shifts, and the most units at once', () => {
    const problem = twoCakes([300, 390]);
    const loads = loadsOf(problem, planOf(problem), [
      [0, 500],
      [500, 900],
    ]);
    expect(loads.people[0]).toEqual({
      id: 'ada',
      spans: [
        { busy: 120, there: 400 },
        { busy: 0, there: 0 },
      ],
    });
  });

  it('never uses more of an item than there is', () => {
    for (const seed of seeds(1, 15)) {
      const { problem, plan } = planned({ cakes: 6, seed });
      for (const { spans } of loadsOf(problem, plan, [[0, problem.horizon]]).items)
        for (const s of spans) expect(s.peak).toBeLessThanOrEqual(s.units);
    }
  });
});

describe('the step that decides when an order leaves', () => {
  const twoOf = (pickups: [number, number]) => {
    const problem = twoCakes(pickups);
    const solved = solve(problem, { seed: 1, rounds: 30, stop: () => false });
    if (!solved.ok) throw new Error('It has a plan.');
    return { problem, plan: solved.plan };
  };

  it('is the one that waits for hands, of an order that is late', () => {
    const { problem, plan } = twoOf([90, 90]);
    const late = plan.steps.filter((s) => s.id.endsWith('-out') && s.start > 90).map((s) => s.id[0]!);
    expect(late).toHaveLength(1);
    expect(decidingSteps(problem, plan, late)).toEqual(new Map([[late[0]!, `${late[0]}-pipe`]]));
  });

  it('is the last for hands where nothing is in the way', () => {
    const { problem, plan } = twoOf([200, 400]);
    expect(decidingSteps(problem, plan, ['b'])).toEqual(new Map([['b', 'b-pipe']]));
  });

  it('is none for an order that the plan leaves out or has never heard of, and none where nobody asks', () => {
    const { problem, plan } = twoOf([200, 400]);
    expect(decidingSteps(problem, plan, ['nobody'])).toEqual(new Map());
    expect(decidingSteps(problem, plan, [])).toEqual(new Map());
  });
});
