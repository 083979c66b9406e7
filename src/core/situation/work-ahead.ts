import { say } from '../words/say';
import type { School } from '../formula/formula';
import type { Choices } from '../formula/schools';
import { aheadId } from '../ids/ids';
import { lengthOf, type Problem, type Step, type Wait } from '../planning-format/problem';

/** How much a kitchen would rather have its hands free in the last hours before a pickup. */
export type WorkAhead = 'fresh' | 'some' | 'most';

/** The question to a kitchen; the first is the start. */
export const WORK_AHEAD: Omit<School, 'choices'> & { choices: { key: WorkAhead; name: string; effect: string }[] } = {
  key: 'work-ahead',
  question: say`Work in the last hours before a pickup`,
  choices: [
    { key: 'fresh', name: say`As it comes`, effect: say`the freshest cakes, and mornings that are full` },
    { key: 'some', name: say`Some of it earlier`, effect: say`what keeps and ages little is made before` },
    { key: 'most', name: say`Most of it earlier`, effect: say`whatever keeps is made before, though it ages` },
  ],
};

/** What a kitchen has chosen. */
export const workAheadOf = (choices: Choices): WorkAhead =>
  WORK_AHEAD.choices.find((c) => c.key === choices[WORK_AHEAD.key])?.key ?? 'fresh';

/** What a minute of work costs for each minute that it lies too late: beside ageing of 0.01 to 0.03 a minute of a wait. */
const RATE: Readonly<Record<Exclude<WorkAhead, 'fresh'>, number>> = { some: 0.001, most: 0.003 };

/**
 * The problem in which work had rather not lie in the last hours before a pickup: a wish from every step for hands that may lie earlier to the
 * hand-over, at a price for each minute of work. What is placed already has no wish.
 */
export function withWorkAhead(problem: Problem, ahead: WorkAhead, hours: number): Problem {
  if (ahead === 'fresh' || hours <= 0) return problem;
  const least = Math.round(hours * 60);
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  const into = new Map<string, Wait[]>();
  for (const w of problem.waits) into.set(w.to, [...(into.get(w.to) ?? []), w]);
  const wished = new Set<string>();
  const waits: Wait[] = [];
  // What serves several cakes has to be there for the first of them.
  for (const order of [...problem.orders].sort((a, b) => a.pickup - b.pickup)) {
    for (const [id, most] of longestGaps(order.collect, steps, into)) {
      const step = steps.get(id)!;
      if (most < least || step.work !== 'hands' || step.placed || wished.has(id)) continue;
      wished.add(id);
      const cost = RATE[ahead] * lengthOf(step) * (step.people?.count ?? 1);
      waits.push({
        ...{ id: aheadId(id), from: id, to: order.collect, min: 0, max: null, place: null, units: 0, ageing: 0 },
        ...{ why: '', wish: { least, cost } },
        ...(step.when ? { when: step.when } : {}),
      });
    }
  }
  return { ...problem, waits: [...problem.waits, ...waits] };
}

/** The longest that may lie between the end of each step and a hand-over, for all that leads to it, by the longest waits between. */
function longestGaps(collect: string, steps: ReadonlyMap<string, Step>, into: ReadonlyMap<string, Wait[]>) {
  const most = new Map<string, number>([[collect, 0]]);
  const open = [collect];
  for (let to = open.pop(); to !== undefined; to = open.pop()) {
    const after = to === collect ? 0 : lengthOf(steps.get(to)!) + most.get(to)!;
    for (const w of into.get(to) ?? []) {
      const gap = (w.max ?? Infinity) + after;
      if (most.has(w.from) && gap >= most.get(w.from)!) continue;
      most.set(w.from, gap);
      open.push(w.from);
    }
  }
  most.delete(collect);
  return most;
}
