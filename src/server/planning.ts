import { applyBatches } from '../core/batching/apply-batches';
import type { SharedWork } from '../core/batching/batch';
import type { Component } from '../core/breakdown/component';
import { breakDown, type Breakdown, type BrokenStep } from '../core/breakdown/breakdown';
import { makeProblem } from '../core/breakdown/make-problem';
import { wishesAfter, type Wishes } from '../core/steering/plan-edit';
import { withWishes } from '../core/steering/with-wishes';
import type { Formula } from '../core/formula/formula';
import { floorState, type StepState } from '../core/floor/floor-state';
import { withFloor } from '../core/floor/with-floor';
import { minuteOf } from '../core/planner/calendars';
import type { Problem } from '../core/planner/problem';
import { database, type Db } from '../data/database';
import { readBatches, type BatchRow } from '../data/repositories/batches';
import { readEdits } from '../data/repositories/edits';
import { readFloor } from '../data/repositories/events';
import { readOpenOrders, type OrderRow } from '../data/repositories/orders';
import { insertPlan, readPlan, readPlanOf, type PlanRow } from '../data/repositories/plans';
import type { PlanningAnswer } from '../workers/planning-job';
import { now } from './clock';
import { loadKitchen, type LoadedKitchen } from './kitchen';
import { tellChanged } from './live';
import { planInThread } from './planner-thread';

/** Id of an order in the planning problem, and the prefix of its steps. */
export const planId = (order: number) => `o${order}`;
/** Prefix of the steps of a batch that serves several orders. */
export const batchId = (batch: number) => `b${batch}`;
export const batchIdOf = (step: string) => Number(/^b(\d+)\./.exec(step)?.[1] ?? NaN);
export const orderIdOf = (id: string) => Number(/^o(\d+)/.exec(id)?.[1] ?? NaN);

/** Everything that is planned from: orders with their breakdowns, and what happened. */
export interface Situation {
  kitchen: LoadedKitchen;
  orders: OrderRow[];
  breakdowns: Map<number, Breakdown>;
  /** Accepted batches, and what they put in the place of their members' own steps. */
  batches: BatchRow[];
  shared: SharedWork;
  states: Map<string, StepState>;
  /** What the lead wants beside: pins, who does what, who is away, what is closed. */
  wishes: Wishes;
  minute: number;
}

export async function loadSituation(db: Db): Promise<Situation | null> {
  const kitchen = await loadKitchen(db);
  if (!kitchen) return null;
  const orders = await readOpenOrders(db);
  const events = await readFloor(
    db,
    orders.map((o) => o.id),
    kitchen.clock,
  );
  const batches = await readBatches(db);
  return {
    ...{ kitchen, orders, batches },
    ...breakDownAll(orders, { batches, kitchen }),
    states: floorState(events),
    wishes: wishesAfter(await readEdits(db)),
    minute: minuteOf(now(), kitchen.clock),
  };
}

/** Breakdowns with the accepted batches in the place of their members' own steps. */
function shareBatches(
  orders: OrderRow[],
  breakdowns: Map<number, Breakdown>,
  batches: BatchRow[],
  kitchen: LoadedKitchen,
): Pick<Situation, 'breakdowns' | 'shared'> {
  const batchable = new Map(
    orders.map((o) => [planId(o.id), { name: o.title, breakdown: breakdowns.get(o.id)!, choices: o.choices }]),
  );
  const list = batches.map((b) => ({
    id: batchId(b.id),
    members: b.members.map((m) => ({ order: planId(m.order), role: m.role })),
  }));
  const applied = applyBatches(batchable, list, kitchen.library);
  return {
    breakdowns: new Map([...applied.breakdowns].map(([id, b]) => [orderIdOf(id), b])),
    shared: applied.shared,
  };
}

/** The situation with one order more, or with another version of one that is there. */
export function withOrder(situation: Situation, draft: OrderRow): Situation {
  const orders = [...situation.orders.filter((o) => o.id !== draft.id), draft];
  return { ...situation, ...breakDownAll(orders, situation), orders };
}

/** Breaks all orders of a situation down, with its batches in the place of their members' own steps. */
export function breakDownAll(orders: OrderRow[], situation: Pick<Situation, 'batches' | 'kitchen'>) {
  const breakdowns = new Map(orders.map((o) => [o.id, breakDownOrder(o, situation.kitchen)]));
  return shareBatches(orders, breakdowns, situation.batches, situation.kitchen);
}

/** What of an order decides how it is broken down. */
export type BreakableOrder = Pick<
  OrderRow,
  'id' | 'build' | 'tiers' | 'without' | 'swaps' | 'overrides' | 'choices' | 'versions'
>;

/** Breaks an order down by the versions of the formulas that it was planned with. */
export function breakDownOrder(order: BreakableOrder, kitchen: LoadedKitchen): Breakdown {
  const build = kitchen.builds.get(order.build);
  if (!build) throw new Error(`There is no build “${order.build}”.`);
  const { tiers, without, swaps, overrides, choices } = order;
  return breakDown(
    { id: planId(order.id), build, tiers, without, swaps, overrides, choices },
    { ...kitchen.library, formulas: formulasAt(order.versions, kitchen) },
  );
}

/** The kitchen's formulas, those named at the versions named. */
export function formulasAt(versions: Record<string, number>, kitchen: LoadedKitchen): ReadonlyMap<string, Formula> {
  const kept = Object.entries(versions).flatMap(([id, version]) => kitchen.olderFormulas.get(`${id}@${version}`) ?? []);
  if (kept.length === 0) return kitchen.library.formulas;
  return new Map([...kitchen.library.formulas, ...kept.map((f) => [f.id, f] as const)]);
}

/** The planning problem of a situation, with the facts of the floor and the lead's wishes in it. */
export function problemOf(situation: Situation): { problem: Problem; stood: string[]; lapsed: string[] } {
  const { kitchen, orders, breakdowns, minute } = situation;
  const planned = orders.map((o) => ({
    id: planId(o.id),
    name: o.title,
    pickup: minuteOf(o.pickup, kitchen.clock),
    weight: o.weight,
    breakdown: breakdowns.get(o.id)!,
  }));
  const problem = makeProblem(planned, kitchen.team, kitchen.equipment, kitchen.clock, minute, situation.shared);
  const floor = withFloor(problem, situation.states);
  return { ...withWishes(floor.problem, situation.wishes), stood: floor.stood };
}

/** Open orders that a step serves: its own, or all members of its batch. */
export function servedBy(step: string, situation: Pick<Situation, 'orders' | 'batches'>): OrderRow[] {
  const batch = batchIdOf(step);
  const ids = Number.isNaN(batch)
    ? [orderIdOf(step)]
    : (situation.batches.find((b) => b.id === batch)?.members.map((m) => m.order) ?? []);
  return situation.orders.filter((o) => ids.includes(o.id));
}

/** The component that a step works on; null for work on the whole cake. */
export function componentOf(step: { id: string; role: string | null }, situation: Situation): Component | null {
  const batch = batchIdOf(step.id);
  if (!Number.isNaN(batch)) return situation.shared.components.get(batchId(batch)) ?? null;
  return situation.breakdowns.get(orderIdOf(step.id))?.components.find((c) => c.role === step.role) ?? null;
}

/** Every step of the situation as the bench knows it. */
export function brokenSteps(situation: Situation): BrokenStep[] {
  return [...[...situation.breakdowns.values()].flatMap((b) => b.steps), ...situation.shared.steps];
}

/** Plans are made one after the other: each follows the one before. */
let queue: Promise<unknown> = Promise.resolve();

export interface HowToReplan {
  /** Also move neighbours for orders that were late before; else only for what has changed. */
  helpLate?: boolean;
  /** The plan to keep to, by its number; else the newest. */
  like?: number;
}

/**
 * Plans again around what is so now, keeping to the newest plan, and saves it. Returns null without a kitchen.
 */
export function replanNow(reason: string, how: HowToReplan = {}): Promise<PlanRow | null> {
  const next = queue.then(() => replanAndSave(reason, how));
  queue = next.catch(() => undefined);
  return next;
}

const TRIES = 4;
/** Limits of a re-plan that somebody waits for, and of a first plan. */
const QUICK = { seconds: 1, rounds: 150 };
const FIRST = { seconds: 3, rounds: 600 };

async function replanAndSave(reason: string, { helpLate = false, like }: HowToReplan): Promise<PlanRow | null> {
  const db = await database();
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const previous = await readPlan(db);
    const situation = await loadSituation(db);
    if (!situation) return null;
    const old = like === undefined ? previous : await readPlanOf(db, like);
    const { problem, stood } = problemOf(situation);
    const limits = previous ? QUICK : FIRST;
    const { answer, lifted } = await planKindly({ problem, old: (old ?? previous)?.plan ?? null, helpLate, ...limits });
    if (!answer.ok) throw new Error(answer.problems.map((p) => p.message).join(' '));
    const saved = await insertPlan(db, {
      previous: previous?.id ?? 0,
      madeAt: now(),
      reason,
      problem: lifted.problem,
      plan: answer.plan,
      ready: answer.ready,
      stood: [...stood, ...lifted.waits],
    });
    if (saved) {
      tellChanged();
      return saved;
    }
    // Another process planned meanwhile: begin again from its plan.
  }
  throw new Error('Others are planning at the same time. Try again in a moment.');
}

/** A plan, and what had to be given up of what was wanted so that it could be. */
export interface KindPlan {
  answer: PlanningAnswer;
  lifted: { problem: Problem; waits: string[]; pins: string[] };
}

/**
 * Plans; and where an order that has been begun or has pinned steps would fall out of the plan, gives up first its pins, and
 * then the longest waits after its facts: half a cake is not to vanish from the wall because a part has stood too long.
 */
export async function planKindly(...[request, desk]: Parameters<typeof planInThread>): Promise<KindPlan> {
  const answer = await planInThread(request, desk);
  const without = lostIn(answer, request.problem);
  // A pinned batch that cannot stand makes every plan impossible: then all pins go.
  const unpinned = withoutPins(request.problem, (order) => !answer.ok || without.has(order ?? ''));
  const again = unpinned.pins.length > 0 ? await planInThread({ ...request, problem: unpinned.problem }, desk) : answer;
  const lost = lostIn(again, unpinned.problem);
  if (lost.size === 0) return { answer: again, lifted: { ...unpinned, waits: [] } };
  const fact = new Map(unpinned.problem.steps.map((s) => [s.id, s.placed && lost.has(s.order ?? '')]));
  const waits = unpinned.problem.waits.filter((w) => w.max !== null && fact.get(w.from)).map((w) => w.id);
  const lifted = {
    ...unpinned.problem,
    waits: unpinned.problem.waits.map((w) => (waits.includes(w.id) ? { ...w, max: null } : w)),
  };
  return {
    answer: await planInThread({ ...request, problem: lifted }, desk),
    lifted: { problem: lifted, waits, pins: unpinned.pins },
  };
}

/** Orders with placed steps that the plan leaves out. */
function lostIn(answer: PlanningAnswer, problem: Problem): Set<string> {
  const placed = new Set(problem.steps.filter((s) => s.placed).map((s) => s.order));
  return new Set(answer.ok ? answer.plan.unplaced.map((u) => u.order).filter((o) => placed.has(o)) : []);
}

function withoutPins(problem: Problem, goes: (order: string | null) => boolean): { problem: Problem; pins: string[] } {
  const pins = problem.steps.filter((s) => s.placed?.state === 'pinned' && goes(s.order)).map((s) => s.id);
  const steps = problem.steps.map((s) => {
    if (!pins.includes(s.id)) return s;
    const free = { ...s };
    delete free.placed;
    return free;
  });
  return { problem: { ...problem, steps }, pins };
}
