import { checkProblem, type CheckAnswer } from '../core/floor/check-answer';
import { floorState, type StepState } from '../core/floor/floor-state';
import { database, type Db } from '../data/database';
import { appendEvents, readFloor, type FinishBody, type NewEvent } from '../data/repositories/events';
import { clockOf, readKitchen } from '../data/repositories/kitchen';
import { readOpenOrders, readOrder } from '../data/repositories/orders';
import { readPlan, type PlanRow } from '../data/repositories/plans';
import { now } from './clock';
import { tellChanged } from './live';
import { batchIdOf, brokenSteps, loadSituation, orderIdOf, replanNow } from './planning';
import { refuse, type Result } from './result';

/** What a tap is checked against, read inside its own transaction. */
interface Tap {
  plan: PlanRow;
  states: Map<string, StepState>;
  at: Date;
}

/**
 * Runs one tap: reads the floor, decides, appends the event, all in one transaction; then plans again. The event
 * stands even if planning should fail: what was told is never lost.
 */
async function tap(
  step: string,
  reason: string,
  decide: (tap: Tap) => Omit<NewEvent, 'at' | 'order'> | string,
): Promise<Result> {
  const db = await database();
  const at = now();
  const order = orderIdOf(step);
  const refused = await db.transaction(async (tx) => {
    const inside = tx as Db;
    const kitchen = await readKitchen(inside);
    const plan = await readPlan(inside);
    const row = Number.isNaN(order) ? null : await readOrder(inside, order);
    // A shared batch belongs to no order: it is there as long as the plan knows it.
    const shared = !Number.isNaN(batchIdOf(step)) && plan?.problem.steps.some((s) => s.id === step);
    if (!kitchen || !plan || (!row && !shared)) return 'This step is not there any more.';
    if (row && row.state !== 'open') return 'This order has been handed over.';
    const states = floorState(await readFloor(inside, await openOrderIds(inside), clockOf(kitchen.kitchen)));
    const decided = decide({ plan, states, at });
    if (typeof decided === 'string') return decided;
    await appendEvents(inside, [{ ...decided, at, order: row?.id ?? null }]);
    return null;
  });
  if (refused !== null) return refuse(refused);
  tellChanged();
  await replanNow(reason);
  return { ok: true };
}

const openOrderIds = async (db: Db) => (await readOpenOrders(db)).map((o) => o.id);

/** Somebody begins a step. What it waits for must be done. */
export function startStep(step: string, person: string): Promise<Result> {
  return tap(step, 'a step was begun', ({ plan, states }) => {
    const planned = plan.plan.steps.find((s) => s.id === step);
    const known = plan.problem.steps.find((s) => s.id === step);
    if (!planned || !known) return 'This step is not in the plan any more.';
    if (states.has(step)) return `“${known.name}” has been begun already.`;
    const inPlan = new Set(plan.plan.steps.map((s) => s.id));
    const missing = plan.problem.waits.find(
      (w) => w.to === step && inPlan.has(w.from) && states.get(w.from)?.state !== 'done',
    );
    if (missing) {
      const before = plan.problem.steps.find((s) => s.id === missing.from)!;
      return `Not yet: “${before.name}” has to be done first.`;
    }
    const people =
      known.work !== 'hands'
        ? []
        : planned.people.includes(person)
          ? planned.people
          : [person, ...planned.people.slice(1)];
    return { kind: 'start', body: { step, people, equipment: planned.equipment } };
  });
}

/** A running step is done; where it has a check, only with its answer. */
export async function finishStep(step: string, answer?: CheckAnswer): Promise<Result> {
  const situation = await loadSituation(await database());
  const check = situation ? (brokenSteps(situation).find((s) => s.id === step)?.check ?? null) : null;
  const shut = checkProblem(check, answer);
  return tap(step, 'a step was finished', ({ plan, states }) => {
    const state = states.get(step);
    if (!state) return 'This step has not been begun.';
    if (state.state === 'done') return 'This step is done already.';
    if (shut) return shut;
    const checked = check ? { check: { kind: check.kind, text: check.text, value: answer?.value ?? null } } : {};
    const known = plan.problem.steps.find((s) => s.id === step);
    const worked: FinishBody = { step, ...(known && { name: known.name, likely: known.minutes.likely }) };
    return { kind: 'finish', body: { ...worked, ...checked } };
  });
}

const MOST_EXTENSION = 240;

/** A running step needs more time. */
export function extendStep(step: string, minutes: number): Promise<Result> {
  return tap(step, 'a step needs more time', ({ states }) => {
    if (!Number.isInteger(minutes) || minutes < 1 || minutes > MOST_EXTENSION) return 'That is not a time.';
    if (states.get(step)?.state !== 'running') return 'This step is not running.';
    return { kind: 'extend', body: { step, minutes } };
  });
}

/** Takes the last thing back that was told of a step. */
export function takeBackStep(step: string): Promise<Result> {
  return tap(step, 'a tap was taken back', ({ plan, states }) => {
    const state = states.get(step);
    if (!state) return 'There is nothing to take back.';
    const follower = plan.problem.waits.find((w) => w.from === step && states.has(w.to));
    if (state.state === 'done' && follower) return 'What comes after it has been begun: take that back first.';
    return { kind: 'take back', body: { event: state.event } };
  });
}
