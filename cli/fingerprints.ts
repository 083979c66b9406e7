/**
 * Records, or compares, the SHA-256 of forty fixed problems and of the plans made of them. See `cli/README.md`.
 * Exit 0: recorded, or nothing differs; 1: something differs, named on standard output; 2: the arguments are wrong.
 */
import { batchId, orderId, type OrderId } from '../src/core/ids/ids';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { applyBatches } from '../src/core/batching/apply-batches';
import { proposeBatches } from '../src/core/batching/propose-batches';
import type { Breakdown } from '../src/core/breakdown/breakdown';
import { breakDown } from '../src/core/breakdown/break-down';
import { formsOfBuild } from '../src/core/breakdown/forms-of-build';
import { makeProblem, type PlannedOrder } from '../src/core/situation/make-problem';
import { explainOrder } from '../src/core/planner/answers/explain-order';
import { minuteOf } from '../src/core/time/clock';
import type { Plan } from '../src/core/planning-format/plan';
import type { Problem } from '../src/core/planning-format/problem';
import { readProblem } from '../src/core/planning-format/read-problem';
import { readyTimes } from '../src/core/planner/answers/ready-times';
import { replan } from '../src/core/planner/replanning/replan';
import { simulate } from '../src/core/planner/answers/simulate';
import { solve } from '../src/core/planner/solve';
import { generateProblem } from '../src/core/planner/testing/generate';
import { slip } from '../src/core/planner/testing/slip';
import { starterBuilds } from '../src/data/kitchens/starter';
import { demoLibrary } from '../src/data/kitchens/demo-parts';
import { demoEquipment, demoTeam } from '../src/data/kitchens/demo-parts';
import { demoOrders } from '../src/data/kitchens/demo-parts';

const ROUNDS = 60;
const clock = { origin: '2027-05-17T00:00:00.000+00:00', zone: 'UTC' };
const MONDAY = 1;
const team = demoTeam(MONDAY);

const planned = (id: OrderId, name: string, pickup: number, breakdown: Breakdown): PlannedOrder => ({
  ...{ id, name, pickup, weight: 1, breakdown },
});
const problemFrom = (orders: PlannedOrder[], shared?: Pick<Breakdown, 'steps' | 'waits' | 'holds'>): Problem =>
  makeProblem(orders, team, demoEquipment, clock, 0, shared);

/** One order of every build, in the largest sizes that it is made in. */
function buildProblems(): [string, Problem][] {
  return starterBuilds.map((build) => {
    const tiers = formsOfBuild(build, demoLibrary.moulds).slice(-Math.min(build.mostTiers, 2)).reverse();
    const breakdown = breakDown({ id: orderId(1), build, tiers }, demoLibrary);
    return [`build ${build.id}`, problemFrom([planned(orderId(1), build.name, 4 * 1440 + 840, breakdown)])];
  });
}

/** The orders of the demo, each by itself or with the batches that are proposed. */
function weekProblem(batched: boolean): Problem {
  const orders = demoOrders.map((o, i) => {
    const build = starterBuilds.find((b) => b.id === o.build)!;
    const [hour, minute] = o.time.split(':').map(Number);
    const pickup = minuteOf(new Date(Date.UTC(2027, 4, 19 + o.day, hour, minute)), clock);
    return planned(
      orderId(i + 1),
      o.title,
      pickup,
      breakDown({ id: orderId(i + 1), build, tiers: o.tiers }, demoLibrary),
    );
  });
  if (!batched) return problemFrom(orders);
  const proposed = proposeBatches(
    orders.flatMap(({ id, name, pickup, breakdown }) =>
      breakdown.components.map((component) => ({
        ...{ order: id, name, component, neededAt: pickup - 1440, choices: {} },
      })),
    ),
    demoLibrary,
  );
  const applied = applyBatches(
    new Map(orders.map((o) => [o.id, { name: o.name, breakdown: o.breakdown, choices: {} }])),
    proposed.map((p, i) => ({ id: batchId(i + 1), members: p.members })),
    demoLibrary,
  );
  return problemFrom(
    orders.map((o) => ({ ...o, breakdown: applied.breakdowns.get(o.id)! })),
    applied.shared,
  );
}

function fixedProblems(): [string, Problem][] {
  const list = buildProblems();
  list.push(['demo week', weekProblem(false)], ['demo week with batches', weekProblem(true)]);
  for (let seed = 1; seed <= 40 - 17 - 2; seed++)
    list.push([
      `made-up kitchen ${seed}`,
      generateProblem({ cakes: 2 + (seed % 9), seed, batches: seed % 3 === 0 ? 0.4 : 0, facts: seed % 4 === 0 }),
    ]);
  return list;
}

const sha = (value: unknown) => createHash('sha256').update(JSON.stringify(value)).digest('hex');
function withoutSeconds(plan: Plan): Partial<Plan> {
  const bare: Partial<Plan> = { ...plan };
  delete bare.seconds;
  return bare;
}

function fingerprint(problem: Problem): Record<string, string> {
  const read = readProblem(JSON.parse(JSON.stringify(problem)));
  if (!read.ok) return { problem: sha(problem), plan: sha(read.problems) };
  const options = { seed: 1, rounds: ROUNDS, stop: () => false };
  const solved = solve(read.problem, options);
  if (!solved.ok) return { problem: sha(problem), plan: sha(solved.problems) };
  const { plan } = solved;
  const hands = plan.steps.filter((s) => s.people.length > 0).sort((a, b) => a.start - b.start);
  const slipped = hands.length > 0 ? slip(read.problem, plan, hands[Math.floor(hands.length / 3)]!) : read.problem;
  const again = replan(slipped, plan, options);
  return {
    problem: sha(problem),
    plan: sha(withoutSeconds(plan)),
    'plan after a slip': sha(again.ok ? withoutSeconds(again.plan) : again.problems),
    answers: sha([
      readyTimes(read.problem, plan),
      read.problem.orders.map((o) => explainOrder(read.problem, plan, o.id)),
      simulate(read.problem, plan, 200, 1),
    ]),
  };
}

const [mode, file, ...rest] = process.argv.slice(2);
if (
  (mode !== 'record' && mode !== 'compare') ||
  !file ||
  rest.length > 0 ||
  (mode === 'compare' && !existsSync(file))
) {
  process.stderr.write('Usage: npm run fingerprints -- record FILE.json, later: compare FILE.json\n');
  process.exit(2);
}
const now = Object.fromEntries(fixedProblems().map(([name, problem]) => [name, fingerprint(problem)]));
if (mode === 'record') {
  writeFileSync(file, `${JSON.stringify(now, null, 1)}\n`);
  console.log(`Recorded ${Object.keys(now).length} problems.`);
} else {
  const before = JSON.parse(readFileSync(file, 'utf8')) as typeof now;
  const differing = [...new Set([...Object.keys(before), ...Object.keys(now)])].flatMap((name) =>
    ['problem', 'plan', 'plan after a slip', 'answers']
      .filter((what) => before[name]?.[what] !== now[name]?.[what])
      .map((what) => `${name}: ${what}`),
  );
  console.log(
    differing.length === 0 ? `All ${Object.keys(now).length} problems are as recorded.` : differing.join('\n'),
  );
  process.exit(differing.length === 0 ? 0 : 1);
}
