/**
 * Makes the demo's record of six weeks: orders drawn by a seed, planned by the planner, and worked with durations that are drawn too.
 * The same seed makes the same record. See `cli/README.md`.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { breakDown } from '../src/core/breakdown/break-down';
import { orderId, isHandOver, orderNumberOf } from '../src/core/ids/ids';
import { checkKind } from '../src/core/kinds/checks';
import type { Check } from '../src/core/formula/formula';
import { seededRandom, shuffle } from '../src/core/planner/model/random';
import { solve } from '../src/core/planner/solve';
import { COOLING, temperatureAfter } from '../src/core/records/cooling';
import { makeProblem } from '../src/core/situation/make-problem';
import { answersCodec } from '../src/core/stored/order-answers';
import { eventCodec } from '../src/core/stored/event';
import type { KitchenFile, Section } from '../src/core/kitchen-file/shape';
import { fileText } from '../src/core/kitchen-file/write';
import { starterBuilds } from '../src/data/kitchens/starter';
import { demoEquipment, demoLibrary, demoTeam, type DemoOrder } from '../src/data/kitchens/demo-parts';
import { minutesAfterAnchor, type PastStep } from '../src/data/kitchens/past-step';
import { occasions, pastCustomers, pastWeeks, usualOrders, usualPickups } from './past-weeks';

const OUT = 'src/data/kitchens/demo.json';

type PastOrder = Omit<DemoOrder, 'avoid'> & {
  customer: string;
  /** When its last step was done. */
  ready: number;
};
type PastProbe = Omit<Section<'probeSeries'>[number], 'id' | 'takenAt'> & { start: number };
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
        const made = breakDown(
          { id: orderId(0), build: starterBuilds.find((b) => b.id === build)!, tiers },
          demoLibrary,
        );
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
    breakDown({ id: orderId(i), build: starterBuilds.find((b) => b.id === o.build)!, tiers: o.tiers }, demoLibrary),
  );
  const planned = orders.map((o, i) => ({
    ...{ id: orderId(i), name: o.title, pickup: o.day * DAY + minuteOfDay(o.time) - MARGIN - origin },
    ...{ weight: 1, breakdown: breakdowns[i]! },
  }));
  // Any week without a change of clocks will do; the anchor is its Thursday.
  const anchor = new Date('2027-03-11T00:00:00Z');
  const clock = { origin: new Date(anchor.getTime() + origin * 60_000).toISOString(), zone: 'UTC' };
  const team = demoTeam(4);
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
writeRecord(orders, steps, drawProbes());
process.stdout.write(`${orders.length} orders, ${steps.length} steps in ${OUT}.\n`);

/** "-3 14:30", of a minute after the midnight of the anchor. */
function relative(minute: number): string {
  const day = Math.floor(minute / DAY);
  const pad = (n: number) => `${n}`.padStart(2, '0');
  const inDay = minute - day * DAY;
  return `${day < 0 ? '-' : '+'}${Math.abs(day)} ${pad(Math.floor(inDay / 60))}:${pad(inDay % 60)}`;
}

/** Puts the record in the place of the one in the demo’s file; the orders of its week stay, behind it. */
function writeRecord(past: PastOrder[], work: PastStep[], probes: PastProbe[]): void {
  const file = JSON.parse(readFileSync(OUT, 'utf8')) as KitchenFile;
  const before = file.orders!.filter((o) => o.state === 'handed over').length;
  const shift = past.length - before;
  const taken = (o: PastOrder) => (o.day - 9) * DAY + 600;
  const handedOver = (o: PastOrder) => Math.max(o.day * DAY + minuteOfDay(o.time), o.ready);
  const fresh = past.map(
    ({ title, customer, day, time, build, tiers, portions, ...o }, i): Section<'orders'>[number] => ({
      ...{ id: i + 1, title, customer, pickup: relative(day * DAY + minuteOfDay(time)), portions, build },
      answers: answersCodec.write({
        tiers,
        without: [],
        swaps: {},
        overrides: {},
        choices: {},
        versions: {},
        avoid: [],
      }),
      ...{ inscription: '', note: '', weight: 1, state: 'handed over', version: 2 },
      handedOverAt: relative(handedOver({ ...o, title, customer, day, time, build, tiers, portions })),
      createdAt: relative((day - 9) * DAY + 600),
    }),
  );
  const told = [
    ...past.flatMap((o, i) => {
      const { title, customer, build, tiers, portions } = o;
      const fields = { title, customer, build, tiers, portions, inscription: '', note: '', avoid: [] };
      return [
        {
          minute: taken(o),
          kind: 'order taken' as const,
          order: i + 1,
          owner: null,
          body: eventCodec('order taken')!.write(fields),
        },
        {
          minute: handedOver(o),
          kind: 'handed over' as const,
          order: i + 1,
          owner: null,
          body: eventCodec('handed over')!.write({}),
        },
      ];
    }),
    ...work.flatMap((w) => {
      const owner = orderId(w.order + 1);
      const step = `${owner}.${w.step}`;
      const { people, equipment, name, likely, check } = w;
      const end = { step, name, likely, ...(check && { check }) };
      return [
        {
          minute: w.start,
          kind: 'start' as const,
          order: w.order + 1,
          owner,
          body: eventCodec('start')!.write({ step, people, equipment }),
        },
        {
          minute: w.start + w.took,
          kind: 'finish' as const,
          order: w.order + 1,
          owner,
          body: eventCodec('finish')!.write(end),
        },
      ];
    }),
  ].sort((a, b) => a.minute - b.minute);
  const week = file.events!.filter((e) => e.order !== null && e.order > before);
  file.orders = [...fresh, ...file.orders!.slice(before).map((o) => ({ ...o, id: o.id + shift }))];
  file.events = [
    ...told.map(({ minute, ...e }) => ({ id: 0, at: relative(minute), ...e })),
    ...week.map((e) => ({ ...e, order: e.order! + shift })),
  ].map((e, i) => ({ ...e, id: i + 1 }));
  file.probeSeries = probes.map(({ start, ...p }, i) => ({ id: i + 1, ...p, takenAt: relative(start) }));
  if (file.events.some((e) => minutesAfterAnchor(e.at) > 0)) throw new Error('The record runs past the anchor.');
  writeFileSync(OUT, fileText(file));
}
