import { checkPlan } from '../../plan-check/check-plan';
import { withAdjustments } from '../../situation/with-adjustments';
import { NO_ADJUSTMENTS } from '../../steering/plan-edit';
import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { seededRandom } from '../model/random';
import { replan } from './replan';
import { solve } from '../solve';
import { generateProblem } from '../testing/generate';
import { slip } from '../testing/slip';
import { twoCakes } from '../testing/two-cakes';

const options = { seed: 1, rounds: 4, stop: () => false };

/** A made-up kitchen and its plan. */
function kitchen(seed: number, cakes = 2 + (seed % 7)): { problem: Problem; plan: Plan } | null {
  const problem = generateProblem({ cakes, seed, batches: seed % 3 === 0 ? 0.4 : 0 });
  const solved = solve(problem, options);
  return solved.ok ? { problem, plan: solved.plan } : null;
}

/** Things that happen to a plan, each as a new problem. */
const HAPPENINGS: Record<string, (problem: Problem, plan: Plan, random: () => number) => Problem> = {
  'a pickup moved': (problem, _, random) => {
    const at = Math.floor(random() * problem.orders.length);
    const by = random() < 0.5 ? 95 : -95;
    const orders = problem.orders.map((o, i) => (i === at ? { ...o, pickup: Math.max(30, o.pickup + by) } : o));
    return { ...problem, orders };
  },
  'somebody away': (problem, plan, random) => {
    const busy = plan.steps.filter((s) => s.people.length > 0);
    const { people, start } = busy[Math.floor(random() * busy.length)]!;
    return withAdjustments(problem, { ...NO_ADJUSTMENTS, away: { [people[0]!]: [[start - 60, start + 300]] } }).problem;
  },
  'an oven down': (problem, plan, random) => {
    const loads = problem.steps.filter((s) => s.oven).flatMap((s) => plan.steps.find((p) => p.id === s.id) ?? []);
    const load = loads[Math.floor(random() * loads.length)];
    if (!load) return problem;
    const oven = load.equipment.at(-1)!;
    return withAdjustments(problem, { ...NO_ADJUSTMENTS, closed: { [oven]: [[load.start - 5, load.start + 120]] } })
      .problem;
  },
  'a step that takes longer': (problem, plan, random) => {
    const hands = plan.steps.filter((s) => s.people.length > 0).sort((a, b) => a.start - b.start);
    const slipped = hands[Math.floor(random() * Math.ceil(hands.length / 2))]!;
    return slip(problem, plan, slipped);
  },
  'a step pinned elsewhere': (problem, plan, random) => {
    const hands = plan.steps.filter((s) => s.people.length > 0);
    const { id, start, people, equipment } = hands[Math.floor(random() * hands.length)]!;
    return withAdjustments(problem, { ...NO_ADJUSTMENTS, pin: { [id]: { start: start - 10, people, equipment } } })
      .problem;
  },
};

describe('planning again', () => {
  it.each(Object.entries(HAPPENINGS))(
    'after %s the checker accepts the plan, with or without help for the late',
    (_, happen) => {
      let planned = 0;
      for (let seed = 1; seed <= 24; seed++) {
        const before = kitchen(seed);
        if (!before) continue;
        const problem = happen(before.problem, before.plan, seededRandom(seed));
        for (const helpLate of [false, true]) {
          const again = replan(problem, before.plan, { ...options, helpLate });
          if (!again.ok) continue;
          planned += 1;
          expect({ seed, helpLate, errors: checkPlan(problem, again.plan).errors }).toEqual({
            seed,
            helpLate,
            errors: [],
          });
        }
      }
      expect(planned).toBeGreaterThan(30);
    },
  );

  it('moves nothing where nothing has changed', () => {
    for (let seed = 31; seed <= 40; seed++) {
      const { problem, plan } = kitchen(seed)!;
      const again = replan(problem, plan, options);
      if (!again.ok) throw new Error('no plan');
      expect(again.moved).toBe(0);
      expect(again.plan.steps).toEqual(plan.steps);
    }
  });

  it('brings an order forward whose pickup was moved forward, and leaves the others', () => {
    for (let seed = 1; seed <= 4; seed++) {
      const problem = generateProblem({ cakes: 5, seed });
      const solved = solve(problem, { seed: 1, rounds: 60, stop: () => false });
      if (!solved.ok) throw new Error('no plan');
      const last = [...problem.orders].sort((a, b) => b.pickup - a.pickup)[0]!;
      const orders = problem.orders.map((o) => (o.id === last.id ? { ...o, pickup: o.pickup - 1440 } : o));
      const again = replan({ ...problem, orders }, solved.plan, { seed: 1, rounds: 0, stop: () => false });
      if (!again.ok) throw new Error('no plan');
      expect(again.plan.score.lateness).toBe(solved.plan.score.lateness);
      const own = new Set(problem.steps.filter((s) => s.order === last.id).map((s) => s.id));
      const was = new Map(solved.plan.steps.map((s) => [s.id, s.start]));
      for (const s of again.plan.steps) if (!own.has(s.id)) expect(s.start).toBe(was.get(s.id));
    }
  });

  it('moves only the order whose pickup was moved later, where the others leave it room', () => {
    const { problem, plan } = kitchen(9, 6)!;
    const last = [...problem.orders].sort((a, b) => b.pickup - a.pickup)[0]!;
    const orders = problem.orders.map((o) => (o.id === last.id ? { ...o, pickup: o.pickup + 30 } : o));
    const again = replan({ ...problem, orders }, plan, options);
    if (!again.ok) throw new Error('no plan');
    const was = new Map(plan.steps.map((s) => [s.id, s]));
    const own = new Set(problem.steps.filter((s) => s.order === last.id).map((s) => s.id));
    for (const s of again.plan.steps) if (!own.has(s.id)) expect(s).toEqual(was.get(s.id));
    expect(again.plan.steps.find((s) => s.id === last.collect)!.start).toBe(last.pickup + 30);
  });

  it('whoever made room and is late for it asks in turn', () => {
    const all = twoCakes([150, 1000], true);
    const pickups: Record<string, number> = { a: 150, b: 1000, c: 90 };
    const problem = { ...all, orders: all.orders.map((o) => ({ ...o, pickup: pickups[o.id]!, weight: 1 })) };
    // Before the third came: the first at once, the second behind it.
    const at: Record<string, number> = { a: 0, b: 60 };
    const own = (id: string) => id[0]! in at;
    const old = {
      ...{ routes: {}, unplaced: [], waits: [], holds: [] },
      steps: problem.steps
        .filter((s) => own(s.id))
        .map((s) => {
          const start = s.work === 'collect' ? problem.orders.find((o) => o.collect === s.id)!.pickup : at[s.order!]!;
          const people = s.work === 'collect' ? [] : ['ada'];
          return { id: s.id, start, end: start + s.minutes.likely, people, equipment: [] };
        }),
    } as unknown as Plan;
    const again = replan(problem, old, options);
    if (!again.ok) throw new Error('no plan');
    expect(again.plan.score.lateness).toBe(0);
    expect(checkPlan(problem, again.plan).errors).toEqual([]);
  });

  it('plans what was late anew where that helps a good deal, and asks neighbours only when it is asked to', () => {
    const { problem, plan } = kitchen(4, 3)!;
    // The same plan, but with hands that were missing when it was made.
    const late = problem.orders.map((o) => ({ ...o, pickup: Math.min(o.pickup, 900) }));
    const tight = { ...problem, orders: late };
    const first = replan(tight, plan, { ...options, helpLate: true });
    if (!first.ok) throw new Error('no plan');
    const freed = withAdjustments(tight, {
      ...NO_ADJUSTMENTS,
      longer: Object.fromEntries(problem.people.map((p) => [p.id, [[0, 900]]])),
    }).problem;
    const kept = replan(freed, first.plan, options);
    const helped = replan(freed, first.plan, { ...options, helpLate: true });
    if (!kept.ok || !helped.ok) throw new Error('no plan');
    expect(kept.plan.score.lateness).toBeLessThan(first.plan.score.lateness);
    expect(helped.plan.score.lateness).toBeLessThanOrEqual(kept.plan.score.lateness);
    // Who was on time stays to the minute.
    const was = new Map(first.plan.steps.map((s) => [s.id, s.start]));
    const onTime = tight.orders.filter((o) => was.get(o.collect) === o.pickup).map((o) => o.id);
    const theirs = tight.steps.filter((s) => s.order !== null && onTime.includes(s.order)).map((s) => s.id);
    for (const s of kept.plan.steps) if (theirs.includes(s.id)) expect(s.start).toBe(was.get(s.id));
    // A few minutes are not worth a wall that changes.
    const barely = tight.orders.map((o) => ({ ...o, pickup: Math.max(was.get(o.collect)! - 10, 30) }));
    const still = replan({ ...tight, orders: barely }, first.plan, options);
    expect(still.ok && still.moved).toBe(0);
  });
});
