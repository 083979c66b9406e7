import { say } from '../../core/words/say';
import { NO_EDITS, undoable } from '../../core/steering/edit-history';
import { invertEdit, type MadeEdit, type Adjustment } from '../../core/steering/plan-edit';
import type { KitchenDb } from '../../data/kitchen-db';
import { appendEdit } from '../../data/repositories/edits';
import { appendEvents } from '../../data/repositories/events';
import { updateOrder } from '../../data/repositories/orders';
import { readPlan } from '../../data/repositories/plans';
import { clashProblem } from '../../core/order/cake-clashes';
import { type Kept, refuse, type Result } from '../shared/result';
import type { Situation } from '../situation/situation';
import { improveSoon } from '../plan/improve-behind';
import { makeWay } from '../plan/make-way';
import { savePlan } from '../plan/save-plan';
import { planned } from '../plan/replan';
import { commit } from '../shared/commit';
import { keepAnswers } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import { EditWords } from './edit-words';
import { trials, tryAdjustments, situationAfter, answersIn, fieldsOf, SET_DOWN } from './trials';

/** Takes a trial over: its plan as it was shown, or if the plan has changed meanwhile, planned again with the same edit. */
export async function takeOver(db: KitchenDb, id: string): Promise<Kept> {
  const trial = trials(db.kitchen).kept.get(id);
  if (!trial) return refuse(say`This trial is too old: try it again.`);
  if (trial.supposed) return refuse(say`Write the order first: a supposed one cannot be made.`);
  const kept = await commit(db, async (tx) =>
    save(tx, await loadSituation(tx), { edit: trial.edit, undoes: null, before: trial.base }),
  );
  if (!kept.ok) return kept;
  trials(db.kitchen).kept.delete(id);
  const { base, plan } = trial;
  const { madeAt, reason, problem, ready, stood, margins } = plan;
  const saved = await savePlan(db, {
    madeAt,
    reason,
    problem,
    plan: plan.plan,
    ready,
    stood,
    margins,
    previous: base,
  });
  if (saved) improveSoon(db);
  return { ok: true, planned: saved ? true : await planned(db, trial.label, { thorough: true }) };
}

/** Makes adjustments come true at once, if they can: a pin that cannot be held is refused with the reason. */
export async function steer(db: KitchenDb, wanted: Adjustment[]): Promise<Kept<{ label: string }>> {
  makeWay(db.kitchen);
  const steered = await setDown(db, wanted);
  // Where nothing came of it, what went on behind goes on.
  if (!steered.ok) improveSoon(db);
  return steered;
}

async function setDown(db: KitchenDb, wanted: Adjustment[]): Promise<Kept<{ label: string }>> {
  const tried = await tryAdjustments(db, wanted, SET_DOWN);
  if (!tried.ok) return tried;
  const { trial } = tried;
  const failed = wanted.find((w) => (w.kind === 'pin' || w.kind === 'give') && w.to && trial.unpinned.includes(w.key));
  if (failed) return refuse(new EditWords(trial.situation).whyNotHeld(failed, trial));
  const taken = await takeOver(db, trial.id);
  return taken.ok ? { ...taken, label: trial.label } : taken;
}

/** Takes the last edit back. */
export async function undoEdit(db: KitchenDb): Promise<Kept> {
  return undoOrRedo(db, 'undo');
}

/** Makes the edit again that was taken back last. */
export async function redoEdit(db: KitchenDb): Promise<Kept> {
  return undoOrRedo(db, 'redo');
}

async function undoOrRedo(db: KitchenDb, which: 'undo' | 'redo'): Promise<Kept> {
  const kept = await commit(db, async (tx): Promise<Result<{ like: number }>> => {
    const situation = await loadSituation(tx);
    const made = undoable(situation?.edits ?? NO_EDITS)[which];
    if (!situation || !made)
      return refuse(which === 'undo' ? say`There is nothing to undo.` : say`There is nothing to do again.`);
    const edit = invertEdit(made.edit);
    const clash = clashProblem(situation, situationAfter(situation, edit));
    if (clash) return refuse(clash);
    const newest = await readPlan(tx);
    const saved = await save(tx, situation, { edit, undoes: made.id, before: newest?.id ?? 0 });
    return saved.ok ? { ok: true, like: made.before } : saved;
  });
  if (!kept.ok) return kept;
  return { ok: true, planned: await planned(db, say`an edit was taken back`, { like: kept.like }) };
}

/** Writes an edit down, and what it changes on orders. */
async function save(tx: KitchenDb, situation: Situation | null, made: Omit<MadeEdit, 'id'>): Promise<Result> {
  if (!situation) return refuse(say`There is no kitchen yet.`);
  const at = tx.now();
  await appendEdit(tx, at, made);
  for (const [id, answers] of answersIn(made.edit)) {
    const row = situation.orders.find((o) => o.id === id);
    const changed = row && (await updateOrder(tx, id, row.version, fieldsOf(answers)));
    if (!changed) return refuse(say`An order of this change is not open any more.`);
    await keepAnswers(tx, situation.kitchen, row, changed);
    const was = { pickup: row.pickup.toISOString(), without: row.without, choices: { ...row.choices } };
    const from = Object.fromEntries(Object.keys(answers).map((k) => [k, was[k as keyof typeof was]]));
    await appendEvents(tx, [{ at, kind: 'order changed', order: id, body: { from, to: answers } }]);
  }
  return { ok: true };
}

/** What the wall needs to offer undoing. */
export function lastEdits(situation: Situation): { undo: string | null; redo: string | null } {
  const { undo, redo } = undoable(situation.edits);
  const words = new EditWords(situation);
  return { undo: undo && words.say(undo.edit), redo: redo && words.say(invertEdit(redo.edit)) };
}
