import { checkPlan } from '../../plan-check/check-plan';
import { withAdjustments } from '../../situation/with-adjustments';
import { NO_ADJUSTMENTS } from '../../steering/plan-edit';
import type { Plan } from '../../planning-format/plan';
import type { Problem } from '../../planning-format/problem';
import { seededRandom } from '../model/random';
import { HELD } from './movement';
import { replan } from './replan';
import { solve } from '../solve';
import { generateProblem } from '../testing/generate';
import { slip } from '../testing/slip';
import { twoCakes } from '../testing/two-cakes';
import { seeds } from '../../testing/chance';

const options = { seed: 1, rounds: 4, stop: () => false };

interface Kitchen {
  problem: Problem;
  plan: Plan;
}
const planned = new Map<string, Kitchen | null>();

/** A made-up kitchen and its plan, made once for all that happens to it. */
function kitchen(seed: number, cakes = 2 + (seed % 7), ways = false): Kitchen | null {
  const name = `${seed} ${cakes} ${ways}`;
  const known = planned.get(name);
  if (known !== undefined) return known && structuredClone(known);
  const problem = generateProblem({ cakes, seed, batches: seed % 3 === 0 ? 0.4 : 0, ways });
  const solved = solve(problem, options);
  const made = solved.ok ? { problem, plan: solved.plan } : null;
  planned.set(name, made);
  return made && structuredClone(made);
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

describe('planning again where the kitchen wants something else', () => {
  it('places what lies far ahead anew, and leaves what begins soon where it is', () => {
    for (const seed of [3, 5, 8]) {
      const { problem, plan } = kitchen(seed, 6)!;
      const now = [...plan.steps].sort((a, b) => a.start - b.start)[2]!.start - 5;
      const wanting: Problem = {
        ...generateProblem({ cakes: 6, seed, batches: seed % 3 === 0 ? 0.4 : 0, wishes: true }),
      };
      const steps = problem.steps.map((s) => {
        const at = plan.steps.find((p) => p.id === s.id);
        if (!at || at.start >= now) return s;
        const { start, end, people, equipment } = at;
        return { ...s, placed: { start, end, people, equipment, state: 'done' as const } };
      });
      const told = { ...wanting, steps, now };
      const [kept, freely] = [false, true].map((free) => {
        const again = replan(told, plan, { seed: 1, rounds: 0, stop: () => false, freely: free });
        if (!again.ok) throw new Error('no plan');
        expect(checkPlan(told, again.plan).errors).toEqual([]);
        return again;
      });
      expect(kept!.moved).toBe(0);
      expect(freely!.moved).toBeGreaterThan(0);
      expect(freely!.plan.score.cost).toBeLessThan(kept!.plan.score.cost);
      const soon = plan.steps.filter((s) => s.start >= now && s.start <= now + HELD);
      expect(soon.length).toBeGreaterThan(0);
      for (const s of soon) expect(freely!.plan.steps.find((p) => p.id === s.id)!.start).toBe(s.start);
    }
  });
});

describe('planning again', () => {
  it.each(Object.entries(HAPPENINGS))(
    'after %s the checker accepts the plan, repaired alone and searched on',
    (_, happen) => {
      let sound = 0;
      const asked = seeds(1, 24);
      for (const seed of asked) {
        const before = kitchen(seed, undefined, seed % 2 === 0);
        if (!before) continue;
        const problem = happen(before.problem, before.plan, seededRandom(seed));
        for (const rounds of [0, 12]) {
          const again = replan(problem, before.plan, { ...options, rounds });
          if (!again.ok) continue;
          sound += 1;
          expect({ seed, rounds, errors: checkPlan(problem, again.plan).errors }).toEqual({
            seed,
            rounds,
            errors: [],
          });
        }
      }
      expect(sound).toBeGreaterThan(1.3 * asked.length);
    },
  );

  it.each([false, true])('moves nothing where nothing has changed (with ways of doing a step: %s)', (ways) => {
    let compared = 0;
    for (const seed of seeds(31, 44)) {
      const { problem, plan } = kitchen(seed, undefined, ways)!;
      // What is late is made earlier where that can be.
      if (plan.score.lateness > 0) continue;
      compared += 1;
      const again = replan(problem, plan, { ...options, rounds: 0 });
      if (!again.ok) throw new Error('no plan');
      expect(again.moved).toBe(0);
      expect(again.plan.steps).toEqual(plan.steps);
    }
    expect(compared).toBeGreaterThan(5);
  });

  it('brings an order forward whose pickup was moved forward, and leaves the others', () => {
    for (const seed of [1, 2, 3, 4]) {
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
    const pickups: Record<string, number> = { a: 450, b: 1300, c: 390 };
    const problem = { ...all, orders: all.orders.map((o) => ({ ...o, pickup: pickups[o.id]!, weight: 1 })) };
    // Before the third came: the first at once, the second behind it.
    const at: Record<string, number> = { a: 300, b: 360 };
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

  it.each([2, 9, 12])('kitchen %i, somebody is back: late orders are helped, and what begins soon stays', (seed) => {
    const all = generateProblem({ cakes: 6, seed });
    const away = { [all.people[3]!.id]: [[0, 4000] as [number, number]] };
    const without = solve(withAdjustments(all, { ...NO_ADJUSTMENTS, away }).problem, { ...options, rounds: 40 });
    if (!without.ok) throw new Error('no plan');
    const { plan: before } = without;
    const back = { ...all, now: Math.min(...before.steps.map((s) => s.start)) - 20 };
    const repaired = replan(back, before, { ...options, rounds: 0 });
    const searched = replan(back, before, { ...options, rounds: 200 });
    if (!repaired.ok || !searched.ok) throw new Error('no plan');
    expect(repaired.plan.score.lateness).toBeLessThan(before.score.lateness);
    expect(searched.plan.score.lateness).toBeLessThan(repaired.plan.score.lateness);
    const was = new Map(before.steps.map((s) => [s.id, s.start]));
    const late = (plan: Plan) =>
      back.orders.map((o) => Math.max(0, plan.steps.find((s) => s.id === o.collect)!.start - o.pickup));
    for (const { plan } of [repaired, searched]) {
      expect(checkPlan(back, plan).errors).toEqual([]);
      const soon = plan.steps.filter((s) => was.get(s.id)! <= back.now + HELD);
      expect(soon.length).toBeGreaterThan(0);
      for (const s of soon) expect([s.id, s.start]).toEqual([s.id, was.get(s.id)]);
    }
    // Nobody pays for it: no order is later than the repair alone would have it.
    const promised = late(repaired.plan);
    late(searched.plan).forEach((minutes, i) => expect(minutes).toBeLessThanOrEqual(promised[i]!));
  });
});
