/**
 * Makes the demo's record of six weeks: orders drawn by a seed, planned by the planner, and worked with durations that are drawn too.
 * The same seed makes the same record. See `cli/README.md`.
 */
import { writeFileSync } from 'node:fs';
import { breakDown } from '../src/core/breakdown/break-down';
import { orderId, isHandOver, orderNumberOf } from '../src/core/ids/ids';
import { checkKind } from '../src/core/kinds/checks';
import type { Check } from '../src/core/formula/formula';
import { seededRandom, shuffle } from '../src/core/planner/model/random';
import { solve } from '../src/core/planner/solve';
import { COOLING, temperatureAfter } from '../src/core/records/cooling';
import { makeProblem } from '../src/core/situation/make-problem';
import { demoBuilds } from '../src/data/demo/builds';
import { demoLibrary } from '../src/data/demo/demo-library';
import { demoEquipment, demoPeople, demoShifts } from '../src/data/demo/kitchen';
import { occasions, pastCustomers, pastWeeks, usualOrders, usualPickups } from '../src/data/demo/past-weeks';
import type { PastOrder, PastProbe, PastStep } from '../src/data/demo/record';

const OUT = 'src/data/demo/record.json';
const DAY = 1440;
/** The demo works by its own plan from three days before its anchor: its orders are not of the record. */
const LIVES_FROM = -3;
/** The team aims at being ready so many minutes before a pickup. */
const MARGIN = 60;
const LEAST_AGE = (pastWeeks + 1) * 7;
const random = seededRandom(20_270_520);
const pick = <T>(list: T[]): T => list[Math.floor(random() * list.length)]!;

const minuteOfDay = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));

/** The earlier in the list, the more often it was asked for. */
const pickUsual = () => usualOrders[Math.floor(random() ** 1.5 * usualOrders.length)]!;

function drawOrders(): Omit<PastOrder, 'ready'>[] {
  const customers = shuffle(pastCustomers, random);
  const weeks = Array.from({ length: pastWeeks }, (_, i) => pastWeeks - i);
  return weeks.flatMap((week) =>
    usualPickups
      .filter(() => random() < 0.92)
      .map(([day, time]) => {
        const { build, sizes } = pickUsual();
        const tiers = pick(sizes);
        const customer = customers.pop()!;
        const made = breakDown({ id: orderId(0), build: demoBuilds.find((b) => b.id === build)!, tiers }, demoLibrary);
        const portions = Math.max(1, Math.floor(made.cake.portions * (0.86 + 0.12 * random())));
        const title = `${customer.split(' ')[1]} ${pick(occasions)}`;
        return { title, customer, day: day - 7 * week, time, build, tiers, portions };
      }),
  );
}

/** A standard normal number (Box and Muller). */
const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** How this kitchen differs from what its formulas say: some work takes longer than anybody planned, some goes quicker. */
const HABITS: [RegExp, number][] = [
  [/turn out|release|unmould/i, 1.3],
  [/coat|smooth/i, 1.12],
  [/box/i, 0.85],
  [/whip|mix|cook/i, 1.06],
  [/decorate|rosette|border|blossom/i, 1.15],
];
const PACE: Record<string, number> = {
  ines: 0.94,
  bo: 1.02,
  tamsin: 0.97,
  karel: 1.12,
  odile: 0.92,
  juno: 1.08,
  wim: 1,
};

/** Minutes that a step took: log-normal about the kitchen's habit and the person's pace, and now and then something goes wrong. */
function drawMinutes(name: string, likely: number, people: string[], alone: boolean): number {
  const habit = HABITS.find(([of]) => of.test(name))?.[1] ?? 1;
  // What ends by itself is told a little late, never early.
  if (alone) return Math.max(1, Math.round(likely * Math.exp(0.04 * normal()) - 2.5 * Math.log(1 - random())));
  const mishap = random() < 0.04 ? 1.4 + random() : 1;
  const pace = PACE[people[0] ?? ''] ?? 1;
  return Math.max(1, Math.round(likely * habit * pace * mishap * Math.exp(0.17 * normal())));
}

function drawReading(check: Check): number | null {
  const { unit } = checkKind(check.kind);
  if (unit === null || check.limit === undefined) return null;
  const most = check.tooFar === undefined ? Infinity : Math.abs(check.tooFar - check.limit);
  const beyond = Math.min(most, -Math.log(1 - random()) * (unit === 'g' ? 12 : 1.1));
  return Math.round((check.limit + (check.kind === 'temperature at most' ? -beyond : beyond)) * 10) / 10;
}

/** The record works as planned, but for how long things take: a step waits for what is before it and for its people. */
function work(orders: Omit<PastOrder, 'ready'>[]): { orders: PastOrder[]; work: PastStep[] } {
  const origin = -LEAST_AGE * DAY;
  const breakdowns = orders.map((o, i) =>
    breakDown({ id: orderId(i), build: demoBuilds.find((b) => b.id === o.build)!, tiers: o.tiers }, demoLibrary),
  );
  const planned = orders.map((o, i) => ({
    ...{ id: orderId(i), name: o.title, pickup: o.day * DAY + minuteOfDay(o.time) - MARGIN - origin },
    ...{ weight: 1, breakdown: breakdowns[i]! },
  }));
  // Any week without a change of clocks will do; the anchor is its Thursday.
  const anchor = new Date('2027-03-11T00:00:00Z');
  const clock = { origin: new Date(anchor.getTime() + origin * 60_000).toISOString(), zone: 'UTC' };
  const team = demoPeople.map((p) => ({ ...p, weekly: demoShifts(p, 4), daysOff: [] }));
  const problem = makeProblem(planned, team, demoEquipment, clock, 0);
  const answer = solve(problem, { seed: 1, rounds: 400, stop: () => false });
  if (!answer.ok || answer.plan.unplaced.length > 0) throw new Error('The weeks cannot be planned.');
  const steps = new Map(problem.steps.map((s) => [s.id, s]));
  const checks = new Map(breakdowns.flatMap((b) => b.steps.map((s) => [s.id as string, s.check] as const)));
  const freeFrom = new Map<string, number>();
  const ends = new Map<string, number>();
  const worked = answer.plan.steps
    .filter((s) => !isHandOver(s.id))
    .sort((a, b) => a.start - b.start)
    .map((s): PastStep => {
      const { name, minutes, work: kind } = steps.get(s.id)!;
      const after = problem.waits.filter((w) => w.to === s.id).map((w) => (ends.get(w.from) ?? 0) + w.min);
      const start = Math.max(s.start, ...after, ...s.people.map((p) => freeFrom.get(p) ?? 0));
      const took = drawMinutes(name, minutes.likely, s.people, kind === 'oven' || kind === 'machine');
      ends.set(s.id, start + took);
      for (const p of s.people) freeFrom.set(p, start + took);
      const check = checks.get(s.id);
      return {
        ...{ order: orderNumberOf(s.id)!, step: s.id.slice(s.id.indexOf('.') + 1), name, likely: minutes.likely },
        ...{ start: start + origin, took, people: s.people, equipment: s.equipment },
        ...(check && { check: { kind: check.kind, text: check.text, value: drawReading(check) } }),
      };
    });
  const readyOf = (order: number) => Math.max(...worked.filter((w) => w.order === order).map((w) => w.start + w.took));
  return { orders: orders.map((o, i) => ({ ...o, ready: readyOf(i) })), work: worked };
}

/** A probe was put into something twice a week. */
function drawProbes(): PastProbe[] {
  const things = Object.keys(COOLING);
  return Array.from({ length: pastWeeks * 2 }, (_, i) => {
    const thing = things[i % things.length]!;
    const place = pick(['bench', 'fridge'] as const);
    const ambient = Math.round((place === 'bench' ? 20.5 : 3.5) * 10 + 15 * random()) / 10;
    const tau = COOLING[thing]![place].likely * (1.1 + 0.08 * normal());
    const from = 70 + 24 * random();
    const start = (-7 * (pastWeeks - Math.floor(i / 2)) + (i % 2)) * DAY + 480 + Math.floor(180 * random());
    const readings = [0, 10, 20, 35, 50, 70, 95].map((minutes) => ({
      minutes,
      celsius: Math.round((temperatureAfter(minutes, from, ambient, tau) + 0.35 * normal()) * 10) / 10,
    }));
    return { thing, place, ambient, start, readings };
  });
}

const { orders, work: steps } = work(drawOrders());
const tooLate = steps.filter((s) => s.start + s.took > LIVES_FROM * DAY);
if (tooLate.length > 0) throw new Error('The record runs into the days that the demo lives through.');
const record = { orders, work: steps, probes: drawProbes() };
const lines = (list: object[]) => list.map((x) => JSON.stringify(x)).join(',\n');
writeFileSync(
  OUT,
  `{"orders":[\n${lines(record.orders)}\n],"work":[\n${lines(record.work)}\n],"probes":[\n${lines(record.probes)}\n]}\n`,
);
process.stdout.write(`${orders.length} orders, ${steps.length} steps in ${OUT}.\n`);
