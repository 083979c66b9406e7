import type { KitchenDb } from '../../data/kitchen-db';
import { checkProblem, type CheckAnswer } from '../../core/floor/check-answer';
import type { ToldEvent } from '../../core/stored/event';
import { appendEvents } from '../../data/repositories/events';
import { readOrder } from '../../data/repositories/orders';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { batchNumberOf, orderNumberOf, ownerOf } from '../../core/ids/ids';
import { cakeSteps } from '../../core/situation/whose-step';
import { type Situation } from '../situation/situation';
import { replan } from '../plan/replan';
import { refuse, type Result } from '../shared/result';
import { commit } from '../shared/commit';
import { keepBegun, letGoUnbegun } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';

/** What a tap is decided on: nobody else can tell anything until it is. */
interface Tap {
  plan: PlanRow;
  situation: Situation;
}

/**
 * Runs one tap: looks, decides and appends the event, all in one transaction. It answers as soon as the event is kept; the plan
 * follows, one for all taps that came meanwhile.
 */
async function tap(
  db: KitchenDb,
  step: string,
  reason: string,
  decide: (tap: Tap) => ToldEvent | string,
): Promise<Result> {
  const at = db.now();
  const order = orderNumberOf(step);
  const told = await commit(db, async (tx): Promise<Result> => {
    const situation = await loadSituation(tx);
    const plan = await readPlan(tx);
    const own = situation?.orders.find((o) => o.id === order);
    // A shared batch belongs to no order: it is there as long as the plan knows it.
    const shared = !Number.isNaN(batchNumberOf(step)) && plan?.problem.steps.some((s) => s.id === step);
    if (!situation || !plan || (!own && !shared)) {
      const left = Number.isSafeInteger(order) ? await readOrder(tx, order) : null;
      return refuse(left ? 'This order has been handed over.' : 'This step is not there any more.');
    }
    const decided = decide({ plan, situation });
    if (typeof decided === 'string') return refuse(decided);
    await appendEvents(tx, [{ ...decided, at, order: own?.id ?? null, owner: ownerOf(step) }]);
    if (decided.kind === 'start') await keepBegun(tx, situation, [step]);
    if (decided.kind === 'take back' && situation.states.get(step)?.state === 'running')
      await letGoUnbegun(tx, situation, step);
    return { ok: true };
  });
  if (told.ok) void replan(db, reason);
  return told;
}

/** Somebody begins a step. What it waits for must be done. */
export function startStep(db: KitchenDb, step: string, person: string): Promise<Result> {
  return tap(db, step, 'a step was begun', ({ plan, situation }) => {
    const { states, kitchen } = situation;
    const placed = plan.plan.steps.find((s) => s.id === step);
    const known = plan.problem.steps.find((s) => s.id === step);
    if (!placed || !known) return 'This step is not in the plan any more.';
    if (!kitchen.team.some((p) => p.id === person)) return 'There is nobody of that name.';
    if (known.work === 'collect') return 'An order is handed over on its own page.';
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
        : placed.people.includes(person)
          ? placed.people
          : [person, ...placed.people.slice(1)];
    return { kind: 'start', body: { step, people, equipment: placed.equipment } };
  });
}

/** A running step is done; where it has a check, only with its answer. */
export function finishStep(db: KitchenDb, step: string, answer?: CheckAnswer): Promise<Result> {
  return tap(db, step, 'a step was finished', ({ plan, situation }) => {
    const state = situation.states.get(step);
    if (!state) return 'This step has not been begun.';
    if (state.state === 'done') return 'This step is done already.';
    const check = cakeSteps(situation).find((s) => s.id === step)?.check ?? null;
    const shut = checkProblem(check, answer);
    if (shut) return shut;
    const checked = check ? { check: { kind: check.kind, text: check.text, value: answer?.value ?? null } } : {};
    const known = plan.problem.steps.find((s) => s.id === step);
    const worked = { step, ...(known && { name: known.name, likely: known.minutes.likely }) };
    return { kind: 'finish', body: { ...worked, ...checked } };
  });
}

export const MOST_EXTENSION = 240;

/** A running step needs more time. */
export function extendStep(db: KitchenDb, step: string, minutes: number): Promise<Result> {
  return tap(db, step, 'a step needs more time', ({ situation }) => {
    if (!Number.isInteger(minutes) || minutes < 1 || minutes > MOST_EXTENSION) return 'That is not a time.';
    if (situation.states.get(step)?.state !== 'running') return 'This step is not running.';
    return { kind: 'extend', body: { step, minutes } };
  });
}

/** Takes the last thing back that was told of a step. */
export function takeBackStep(db: KitchenDb, step: string): Promise<Result> {
  return tap(db, step, 'a tap was taken back', ({ plan, situation: { states } }) => {
    const state = states.get(step);
    if (!state) return 'There is nothing to take back.';
    const follower = plan.problem.waits.find((w) => w.from === step && states.has(w.to));
    if (state.state === 'done' && follower) return 'What comes after it has been begun: take that back first.';
    return { kind: 'take back', body: { event: state.event } };
  });
}
