import { solve } from '../planner/solve';
import { generateProblem } from '../planner/testing/generate';
import { PlanReading, readingOf } from './plan-reading';
import { whyHere } from './why-here';

const problem = generateProblem({ cakes: 4, seed: 3 });
const solved = solve(problem, { seed: 1, rounds: 5, stop: () => false });
if (!solved.ok) throw new Error('It has a plan.');
const { plan } = solved;
const reading = readingOf({ problem, plan });

describe('a plan that is read', () => {
  it('is read once, and anew where the problem is another', () => {
    expect(readingOf({ problem, plan })).toBe(reading);
    expect(readingOf({ problem: { ...problem }, plan })).not.toBe(reading);
  });

  it('knows each step of the problem, and each that the plan holds', () => {
    for (const s of plan.steps) expect(reading.planned(s.id)).toBe(s);
    const [gone, ...kept] = plan.steps;
    const without = new PlanReading(problem, { ...plan, steps: kept });
    expect(without.planned(gone!.id)).toBeUndefined();
    expect(without.step(gone!.id)?.id).toBe(gone!.id);
    expect(without.waits.some((w) => w.wait.from === gone!.id || w.wait.to === gone!.id)).toBe(false);
  });

  it('tells the route that was taken from the others', () => {
    const routed = problem.waits.filter((w) => w.when);
    const taken = routed.filter((w) => reading.isTaken(w));
    expect(taken.length).toBeGreaterThan(0);
    expect(taken.length).toBeLessThan(routed.length);
    for (const w of taken) expect(plan.routes[w.when!.route]).toBe(w.when!.choice);
    expect(reading.isTaken({})).toBe(true);
  });

  it('has the waits of the routes that were taken, each kept', () => {
    expect(reading.waits.length).toBeGreaterThan(0);
    expect(reading.waits.length).toBeLessThan(problem.waits.length);
    for (const { wait, from, to } of reading.waits) expect(to.start - from.end).toBeGreaterThanOrEqual(wait.min);
  });

  it('says how late each order leaves', () => {
    const [order] = problem.orders;
    const handOver = plan.steps.find((s) => s.id === order!.collect)!;
    expect(reading.minutesLate(order!.id)).toBe(handOver.start - order!.pickup);
    const later = {
      ...plan,
      steps: plan.steps.map((s) => (s === handOver ? { ...s, start: order!.pickup + 7, end: order!.pickup + 7 } : s)),
    };
    expect(new PlanReading(problem, later).minutesLate(order!.id)).toBe(7);
    const without = { ...plan, steps: plan.steps.filter((s) => s !== handOver) };
    expect(new PlanReading(problem, without).minutesLate(order!.id)).toBeNull();
    expect(reading.minutesLate('nobody')).toBeNull();
  });
});

describe('why a step is where it is', () => {
  it('where so many minutes had rather lie after it, that is told', () => {
    const order = problem.orders[0]!;
    const last = problem.waits.find((w) => w.to === order.collect)!;
    const [from, to] = [reading.planned(last.from)!, reading.planned(last.to)!];
    const gap = to.start - from.end;
    const wishing = (least: number) => ({
      ...problem,
      waits: problem.waits.map((w) => (w === last ? { ...w, min: 0, wish: { least, cost: 2 } } : w)),
    });
    const kept = (least: number) =>
      whyHere(wishing(least), plan, last.from)!.notLater.filter((r) => r.kind === 'kept apart');
    expect(gap).toBeGreaterThan(0);
    expect(kept(gap)).toEqual([{ kind: 'kept apart', least: gap, step: reading.step(last.to), at: to.start }]);
    expect(kept(gap + 1)).toEqual([]);
    expect(kept(gap - 1)).toEqual([]);
  });
});
