import { designOfOrder } from '../../core/situation/break-down-orders';
import { routesOfOrder } from '../../core/order/routes-of-order';
import { skillNames } from '../../core/kitchen/person';
import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { comparePlans, type Comparison } from '../../core/plan-reading/compare-plans';
import {
  applyEdit,
  editFor,
  singleEdits,
  type OrderAnswers,
  type PlanEdit,
  type Adjustment,
  type Adjustments,
} from '../../core/steering/plan-edit';
import { adjustmentProblem, type Steerable } from '../../core/steering/adjustment-problem';
import { readPickup } from '../../core/order/pickup';
import { SCHOOLS } from '../../core/formula/schools';
import type { OrderRow } from '../../data/repositories/orders';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { pickupRule } from '../situation/pickup-rule';
import { clashProblem } from '../../core/order/cake-clashes';
import { planInThread } from '../plan/planner-thread';
import { breakDownAll, withOrder } from '../../core/situation/break-down-orders';
import { problemOf } from '../../core/situation/problem-of';
import type { Situation } from '../situation/situation';
import { refuse, type Result } from '../shared/result';
import { loadSituation } from '../situation/load-situation';
import type { KitchenId } from '../../core/ids/ids';
import { EditWords } from './edit-words';

/** A change of the plan that was tried on a copy, with the plan that it gives. */
export interface Trial {
  /** Names it for taking it over. */
  id: string;
  edit: PlanEdit;
  /** The edit in words. */
  label: string;
  /** The plan that it was tried against. */
  base: PlanRow;
  situation: Situation;
  /** As it would be saved. */
  plan: PlanRow;
  /** Steps whose pins cannot be held in it. */
  unpinned: string[];
  comparison: Comparison;
  /** It holds an order that is not one yet, so that it can be looked at only. */
  supposed: boolean;
}

/** How much is searched for a trial, and where: what is looked at can wait for other trials, what is being set down cannot. */
interface TrialLimits {
  seconds: number;
  rounds: number;
  enough?: number;
  thorough: boolean;
  thread?: 'plans' | 'trials';
}

/** Limits of a trial that somebody looks at. */
const TRIAL: TrialLimits = { seconds: 0.5, rounds: 20, thorough: true };
/** Limits of what is tried only to be sure that it can be: little where nothing is later by it, as improvement goes on behind. */
export const SET_DOWN: TrialLimits = { seconds: 1.5, enough: 0.05, rounds: 150, thorough: false, thread: 'plans' };

/** Trials that can still be taken over; the oldest are forgotten first. */
const MOST_KEPT = 60;

/** What is kept of a trial to take it over; the situation that it was tried in would hold whole kitchens of before. */
type KeptTrial = Pick<Trial, 'edit' | 'label' | 'plan' | 'supposed'> & { base: number };

interface Trials {
  last: number;
  kept: Map<string, KeptTrial>;
}

const held = globalThis as unknown as { zestTrials?: Map<KitchenId, Trials> };

/** The trials of a kitchen that can still be taken over. */
export function trials(kitchen: KitchenId): Trials {
  const all = (held.zestTrials ??= new Map<KitchenId, Trials>());
  const own = all.get(kitchen) ?? { last: 0, kept: new Map<string, KeptTrial>() };
  all.set(kitchen, own);
  return own;
}

/** Tries adjustments on a copy of the newest plan. Nothing is saved. */
export async function tryAdjustments(
  db: KitchenDb,
  wanted: Adjustment[],
  limits: TrialLimits = TRIAL,
): Promise<Result<{ trial: Trial }>> {
  const situation = await loadSituation(db);
  const base = await readPlan(db);
  if (!situation || !base) return refuse(say`There is no plan yet.`);
  return tryOn(db, situation, base, wanted, limits);
}

/** As `tryAdjustments`, for a situation that is at hand. */
export async function tryOn(
  db: KitchenDb,
  situation: Situation,
  base: PlanRow,
  wanted: Adjustment[],
  limits: TrialLimits = TRIAL,
  more: OrderRow | null = null,
): Promise<Result<{ trial: Trial }>> {
  const read = readAdjustments(db, wanted, situation, base);
  if (!read.ok) return read;
  const edit = editFor(adjustmentsNow(situation), read.adjustments);
  const after = situationAfter(situation, edit);
  const clash = clashProblem(situation, after);
  if (clash) return refuse(clash);
  const copy = more ? withOrder(after, more) : after;
  const { problem, hold, stood, lapsed } = problemOf(copy);
  const before = { plan: base.plan, waits: base.stood };
  const { thread = 'trials', ...searched } = limits;
  const answer = await planInThread(db.kitchen, { problem, hold, before, ...searched }, thread);
  if (!answer.ok) return refuse(answer.problems.map((p) => p.message).join(' '));
  const { given } = answer;
  const label = new EditWords(situation).say(edit);
  const tried = trials(db.kitchen);
  const { last, kept } = tried;
  const trial: Trial = {
    ...{ id: `${last + 1}`, edit, label, base, situation: copy, unpinned: [...lapsed, ...given.pins] },
    plan: {
      ...{ id: base.id, previous: base.id, madeAt: db.now(), reason: label, problem: given.problem },
      ...{ plan: answer.plan, ready: answer.ready, stood: [...stood, ...given.waits], margins: answer.margins },
    },
    comparison: comparePlans(base, { problem: given.problem, plan: answer.plan }),
    supposed: more !== null,
  };
  tried.last = last + 1;
  const { supposed } = trial;
  kept.set(trial.id, { edit, label, plan: trial.plan, supposed, base: base.id });
  for (const id of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST_KEPT))) kept.delete(id);
  return { ok: true, trial };
}

/** Adjustments whose every name is there, with pickups as instants; or what is wrong with the first that is not so. */
function readAdjustments(
  db: KitchenDb,
  wanted: Adjustment[],
  situation: Situation,
  base: PlanRow,
): Result<{ adjustments: Adjustment[] }> {
  const known = steerable(situation, base);
  const adjustments: Adjustment[] = [];
  for (const adjustment of wanted) {
    const problem = adjustmentProblem(adjustment, known);
    if (problem) return refuse(problem);
    if (adjustment.kind !== 'order' || adjustment.to?.pickup === undefined) {
      adjustments.push(adjustment);
      continue;
    }
    const read = readPickup(adjustment.to.pickup, pickupRule(db, situation.kitchen));
    if (!read.ok) return refuse(read.message);
    adjustments.push({ ...adjustment, to: { ...adjustment.to, pickup: read.pickup.toISOString() } });
  }
  return { ok: true, adjustments };
}

function steerable({ kitchen, orders }: Situation, { problem }: PlanRow): Steerable {
  const answersFor = (o: OrderRow) => {
    const questions = [...SCHOOLS, ...routesOfOrder(o, kitchen)];
    return new Map(questions.map((q) => [q.key, q.choices.map((c) => c.key)]));
  };
  const partsOf = (o: OrderRow) =>
    (designOfOrder(o, kitchen)?.parts ?? []).map((c) => ({ role: c.role, optional: c.optional ?? false }));
  return {
    people: new Set(kitchen.team.map((p) => p.id)),
    equipment: new Set(kitchen.equipment.map((e) => e.id)),
    skills: new Set(kitchen.team.flatMap(skillNames)),
    steps: new Set(problem.steps.map((s) => s.id)),
    orders: new Map(orders.map((o) => [`${o.id}`, { parts: partsOf(o), answers: answersFor(o) }])),
  };
}

/** The adjustments, and for every order its answers as they are now, so that an edit knows what it changes. */
function adjustmentsNow(situation: Situation): Adjustments {
  const answers = (o: OrderRow): OrderAnswers => ({
    ...{ pickup: o.pickup.toISOString(), without: o.without, choices: o.choices },
  });
  return { ...situation.adjustments, order: Object.fromEntries(situation.orders.map((o) => [o.id, answers(o)])) };
}

/** The situation as it would be with an edit. */
export function situationAfter(situation: Situation, edit: PlanEdit): Situation {
  const adjustments = applyEdit(situation.adjustments, edit);
  const touched = answersIn(edit);
  if (touched.size === 0) return { ...situation, adjustments };
  const orders = situation.orders.map((o) => ({ ...o, ...fieldsOf(touched.get(o.id) ?? {}) }));
  return { ...situation, ...breakDownAll(orders, situation), orders, adjustments };
}

/** The new answers of every order that an edit touches. */
export function answersIn(edit: PlanEdit): Map<number, Partial<OrderAnswers>> {
  const touched = new Map<number, Partial<OrderAnswers>>();
  for (const e of singleEdits(edit))
    if (e.kind === 'order') touched.set(Number(e.key), { ...touched.get(Number(e.key)), ...e.to });
  return touched;
}

/** The fields of an order that its answers are kept in, and no others. */
export function fieldsOf({ pickup, without, choices }: Partial<OrderAnswers>) {
  return {
    ...(pickup !== undefined ? { pickup: new Date(pickup) } : {}),
    ...(without !== undefined ? { without } : {}),
    ...(choices !== undefined ? { choices } : {}),
  };
}
