import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { contradictions } from '../../core/floor/contradictions';
import { floorState, putRight, type FloorEvent } from '../../core/floor/floor-state';
import { ownerOf, orderNumberOf } from '../../core/ids/ids';
import { comparePlans } from '../../core/plan-reading/compare-plans';
import { readingOf } from '../../core/plan-reading/plan-reading';
import { problemOf } from '../../core/situation/problem-of';
import { cakeSteps } from '../../core/situation/whose-step';
import { timeOf } from '../../core/time/clock';
import { durationText } from '../../core/time/duration-text';
import { appendEvents } from '../../data/repositories/events';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { returnedAt } from '../store/drawn-at';
import { QUICK } from '../plan/limits';
import { planInThread } from '../plan/planner-thread';
import { replan } from '../plan/replan';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { askFirst, refuse, type Result } from '../shared/result';
import { letGoUnbegun } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import type { Situation } from '../situation/situation';
import { stoodLines } from '../situation/stood-words';
import { whenTold } from './when-told';

/** Something that was told, put right: it was at another time, or never. */
export interface Correction {
  /** The event that told it. */
  event: number;
  /** ISO instant; null takes it back. */
  when: string | null;
  /** What follows from it has been seen. */
  sure?: true | undefined;
}

/** A correction that can be made, and how the floor stands with it. */
interface Corrected {
  step: string;
  told: FloorEvent;
  /** The instant that is kept; null where it is taken back. */
  when: string | null;
  after: Situation;
}

/** Anybody puts right what was told of a cake that is still here, in any order. What contradicts it then is asked about first. */
export async function correctTold(db: KitchenDb, wanted: Correction): Promise<Result> {
  const at = db.now();
  const done = await commit(db, async (tx): Promise<Result> => {
    const situation = await loadSituation(tx);
    const plan = await readPlan(tx);
    if (!situation || !plan) return refuse(say`There is no plan yet.`);
    const corrected = correctedBy(wanted, situation, db);
    if (!corrected.ok) return corrected;
    const { step, after, told, when } = corrected;
    const odd = contradicted(situation, after, plan);
    if (odd.length > 0 && !wanted.sure) return askFirst('sure', say`${odd.join(' ')} Put it right all the same?`);
    const about = { at, order: Number.isNaN(orderNumberOf(step)) ? null : orderNumberOf(step), owner: ownerOf(step) };
    const { event } = wanted;
    await appendEvents(tx, [
      when === null
        ? { kind: 'take back', body: { event }, ...about }
        : { kind: 'correct', body: { event, when }, ...about },
      ...(when === null && told.kind === 'finish'
        ? returnedAt(step, situation).map((e) => ({ ...e, at, order: about.order }))
        : []),
    ]);
    if (told.kind === 'start' && situation.states.has(step) && !after.states.has(step))
      await letGoUnbegun(tx, situation, step);
    return { ok: true };
  });
  if (done.ok) void replan(db, wanted.when === null ? say`a tap was taken back` : say`a tap was put right`);
  return done;
}

/** Takes the last thing back that was told of a step. */
export async function takeBackStep(db: KitchenDb, step: string, sure?: true): Promise<Result> {
  const state = (await loadSituation(db))?.states.get(step);
  return state
    ? correctTold(db, { event: state.event, when: null, sure })
    : refuse(say`There is nothing to take back.`);
}

/** What follows from a correction, in words: what contradicts it, what stands too long then, and what moves in the plan. */
export async function whatFollows(db: KitchenDb, wanted: Correction): Promise<Result<{ follows: string[] }>> {
  const situation = await loadSituation(db);
  const plan = await readPlan(db);
  if (!situation || !plan) return refuse(say`There is no plan yet.`);
  const corrected = correctedBy(wanted, situation, db);
  if (!corrected.ok) return corrected;
  const { after } = corrected;
  const stoodBefore = new Set(stoodLines(situation, plan).map((s) => `${s.from}>${s.to}`));
  const stands = stoodLines(after, plan).filter((s) => !stoodBefore.has(`${s.from}>${s.to}`));
  return {
    ok: true,
    follows: [
      ...contradicted(situation, after, plan),
      ...stands.map((s) => `${s.text}.`),
      ...(await plannedThen(db, after, plan)),
    ],
  };
}

function correctedBy({ event, when }: Correction, situation: Situation, db: KitchenDb): Result<Corrected> {
  const { told: all, kitchen, minute } = situation;
  const told = all.find((e) => e.id === event);
  if (!told || !('step' in told)) return refuse(say`This was not told of a cake that is still here.`);
  if (putRight(all).takenBack.has(event)) return refuse(say`This has been taken back already.`);
  const next = Math.max(...all.map((e) => e.id)) + 1;
  if (when === null) {
    const events: FloorEvent[] = [...all, { id: next, kind: 'take back', minute, event }];
    return { ok: true, step: told.step, told, when, after: withTold(situation, events) };
  }
  if (told.kind !== 'start' && told.kind !== 'finish') return refuse(say`Only a beginning and an end have a time.`);
  const at = whenTold(when, db, kitchen.clock);
  if (!at.ok) return at;
  const state = situation.states.get(told.step);
  const text = (m: number) => timeOf(m, kitchen.clock).toFormat('HH:mm');
  if (state && told.kind === 'finish' && at.minute! < state.start)
    return refuse(LOOK_AGAIN, { when: say`It was begun at ${text(state.start)}.` });
  if (state?.end && told.kind === 'start' && at.minute! > state.end)
    return refuse(LOOK_AGAIN, { when: say`It was done at ${text(state.end)}.` });
  const events: FloorEvent[] = [...all, { id: next, kind: 'correct', minute, event, to: at.minute! }];
  return { ok: true, step: told.step, told, when: at.when, after: withTold(situation, events) };
}

const withTold = (situation: Situation, told: FloorEvent[]): Situation => ({
  ...situation,
  ...{ told, states: floorState(told) },
});

/** What cannot be so any more, and was so before. */
function contradicted(before: Situation, after: Situation, plan: PlanRow): string[] {
  const waits = readingOf(plan).waits.map((w) => w.wait);
  const was = new Set(contradictions(before.states, waits).map((c) => `${c.before}>${c.step}`));
  const names = new Map(cakeSteps(before).map((s) => [s.id as string, s.name]));
  const name = (id: string) => `“${names.get(id) ?? id}”`;
  const at = (m: number) => timeOf(m, before.kitchen.clock).toFormat('HH:mm');
  return contradictions(after.states, waits)
    .filter((c) => !was.has(`${c.before}>${c.step}`))
    .map((c) => {
      const begun = say`${name(c.step)} was begun at ${at(after.states.get(c.step)!.start)}`;
      if (c.told === 'not begun') return say`${begun}, though ${name(c.before)} would not be begun.`;
      if (c.told === 'running') return say`${begun}, though ${name(c.before)} would still be under way.`;
      return say`${begun}, before the end of ${name(c.before)} at ${at(after.states.get(c.before)!.end!)}.`;
    });
}

/** What the plan would be then, against what it is now. */
async function plannedThen(db: KitchenDb, after: Situation, plan: PlanRow): Promise<string[]> {
  const { problem } = problemOf(after);
  const before = { plan: plan.plan, waits: plan.stood };
  const answer = await planInThread(db.kitchen, { problem, before, ...QUICK }, 'trials');
  if (!answer.ok) return answer.problems.map((p) => p.message);
  const { moved, orders } = comparePlans(plan, { problem: answer.given.problem, plan: answer.plan });
  const late = (minutes: number | null) =>
    minutes === null ? say`without a place` : minutes > 0 ? say`${durationText(minutes)} late` : say`on time`;
  return [
    ...orders.map((o) => say`${o.name}: ${late(o.to)} (now ${late(o.from)}).`),
    moved.length === 0
      ? say`Nothing moves in the plan.`
      : say`${moved.length} ${moved.length === 1 ? say`rung moves` : say`rungs move`} in the plan.`,
  ];
}
