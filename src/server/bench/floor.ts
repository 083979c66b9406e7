import { say } from '../../core/words/say';
import type { KitchenDb } from '../../data/kitchen-db';
import { begunTooEarly } from '../../core/floor/begun-too-early';
import { isFloorKind } from '../../core/kinds/events';
import { checkProblem, goneTooFar, type CheckAnswer } from '../../core/floor/check-answer';
import { unusual } from '../../core/floor/unusual';
import type { ToldEvent } from '../../core/stored/event';
import { appendEvents } from '../../data/repositories/events';
import { readOrder } from '../../data/repositories/orders';
import { readPlan, type PlanRow } from '../../data/repositories/plans';
import { batchNumberOf, orderNumberOf, ownerOf } from '../../core/ids/ids';
import { cakeSteps } from '../../core/situation/whose-step';
import { timeOf } from '../../core/time/clock';
import { durationText } from '../../core/time/duration-text';
import { type Situation } from '../situation/situation';
import { drawnAt } from '../store/drawn-at';
import { replan } from '../plan/replan';
import { askFirst, refuse, type Result } from '../shared/result';
import { commit } from '../shared/commit';
import { LOOK_AGAIN } from '../shared/door';
import { keepBegun } from '../situation/keep-work';
import { loadSituation } from '../situation/load-situation';
import { stoodLines, type StoodLine } from '../situation/stood-words';
import { whenTold } from './when-told';

/** What a tap is decided on: nobody else can tell anything until it is. */
interface Tap {
  plan: PlanRow;
  situation: Situation;
}

/**
 * Runs one tap: looks, decides and appends what was told, all in one transaction. It answers as soon as the event is kept; the plan
 * follows, one for all taps that came meanwhile.
 */
async function tap(
  db: KitchenDb,
  step: string,
  reason: string,
  decide: (tap: Tap) => ToldEvent[] | string | Result<never>,
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
      return refuse(left ? say`This order has been handed over.` : say`This step is not there any more.`);
    }
    const decided = decide({ plan, situation });
    if (typeof decided === 'string') return refuse(decided);
    if (!Array.isArray(decided)) return decided;
    const about = { at, order: own?.id ?? null };
    await appendEvents(
      tx,
      decided.map((e) => ({ ...e, ...about, ...(isFloorKind(e.kind) && { owner: ownerOf(step) }) })),
    );
    if (decided.some((e) => e.kind === 'start')) await keepBegun(tx, situation, [step]);
    return { ok: true };
  });
  if (told.ok) void replan(db, reason);
  return told;
}

/** What is told with a tap: when it was, if not now; that it is so though it is asked; and why. */
export interface Told {
  /** ISO instant. */
  when?: string | undefined;
  sure?: true | undefined;
  why?: string | undefined;
}

/** Somebody begins a step. What it waits for must be done. */
export function startStep(db: KitchenDb, step: string, person: string, told: Told = {}): Promise<Result> {
  return tap(db, step, say`a step was begun`, (tapped) => {
    const { plan, situation } = tapped;
    const { states, kitchen } = situation;
    const placed = plan.plan.steps.find((s) => s.id === step);
    const known = plan.problem.steps.find((s) => s.id === step);
    if (!placed || !known) return say`This step is not in the plan any more.`;
    if (!kitchen.team.some((p) => p.id === person)) return say`There is nobody of that name.`;
    if (known.work === 'collect') return say`An order is handed over on its own page.`;
    if (states.has(step)) return say`“${known.name}” has been begun already.`;
    const inPlan = new Set(plan.plan.steps.map((s) => s.id));
    const missing = plan.problem.waits.find(
      (w) => w.to === step && inPlan.has(w.from) && states.get(w.from)?.state !== 'done',
    );
    if (missing) {
      const before = plan.problem.steps.find((s) => s.id === missing.from)!;
      return say`Not yet: “${before.name}” has to be done first.`;
    }
    const at = whenTold(told.when, db, kitchen.clock);
    if (!at.ok) return at;
    const asked = askBefore(tapped, step, at.minute ?? situation.minute, told);
    if (asked) return asked;
    const people =
      known.work !== 'hands'
        ? []
        : placed.people.includes(person)
          ? placed.people
          : [person, ...placed.people.slice(1)];
    const ahead = placed.start - (at.minute ?? situation.minute);
    const body = { step, people, equipment: placed.equipment, ahead, ...(at.when && { when: at.when }) };
    const stood = stoodBefore(tapped, step, at.minute ?? situation.minute);
    return [...stood.map((s) => anywayEvent(s, told.why!)), { kind: 'start', body }];
  });
}

/** What has to be answered before a step is begun at a minute: what it is made of has stood too long, or will. */
function askBefore(tapped: Tap, step: string, minute: number, told: Told): Result<never> | null {
  const { plan, situation } = tapped;
  const [stood] = stoodBefore(tapped, step, minute);
  if (stood && !told.why?.trim()) return askFirst('why', say`${stood.text}. Use it anyway? Say why.`);
  const early = told.sure ? null : begunTooEarly(plan, step, minute);
  if (!early) return null;
  const { clock } = situation.kitchen;
  const name = (id: string) => plan.problem.steps.find((s) => s.id === id)!.name;
  const at = (m: number) => timeOf(m, clock).toFormat('HH:mm');
  return askFirst(
    'sure',
    say`“${name(step)}” is planned for ${at(early.planned)}. Begun now it is done at ${at(early.done)}, and “${name(early.to)}” is planned for ${at(early.begins)}: it would stand ${durationText(early.stands)}, and ${durationText(early.allowed)} are allowed. Begin it all the same?`,
  );
}

/** What had stood too long before a step by a minute: by when it was begun, not by when somebody comes to tell it. */
const stoodBefore = ({ plan, situation }: Tap, step: string, minute: number) =>
  stoodLines({ ...situation, minute }, plan).filter((s) => s.to === step);

const anywayEvent = ({ from, to, stood, allowed }: StoodLine, why: string): ToldEvent => ({
  kind: 'use anyway',
  body: { step: to, after: from, stood, allowed, reason: why.trim() },
});

/** What has stood too long is used all the same, with the reason. */
export function takeAnyway(db: KitchenDb, step: string, why: string): Promise<Result> {
  return tap(db, step, say`what had stood is used`, (tapped) => {
    const lines = stoodBefore(tapped, step, tapped.situation.minute);
    if (lines.length === 0) return say`Nothing stands too long here.`;
    return why.trim() === ''
      ? askFirst('why', say`${lines[0]!.text}. Use it anyway? Say why.`)
      : lines.map((s) => anywayEvent(s, why));
  });
}

/** A running step is done; where it has a check, only with its answer. */
export function finishStep(db: KitchenDb, step: string, answer?: CheckAnswer, told: Told = {}): Promise<Result> {
  return tap(db, step, say`a step was finished`, ({ plan, situation }) => {
    const state = situation.states.get(step);
    if (!state) return say`This step has not been begun.`;
    if (state.state === 'done') return say`This step is done already.`;
    const own = cakeSteps(situation).find((s) => s.id === step);
    const check = own?.check ?? null;
    const shut = checkProblem(check, answer);
    if (shut) return shut;
    const { clock } = situation.kitchen;
    const at = whenTold(told.when, db, clock);
    if (!at.ok) return at;
    const end = at.minute ?? situation.minute;
    const begun = timeOf(state.start, clock).toFormat('HH:mm');
    if (end < state.start) return refuse(LOOK_AGAIN, { when: say`It was begun at ${begun}.` });
    const odd = own && !told.sure && at.minute === null ? unusual(end - state.start, own.minutes) : null;
    if (odd)
      return askFirst(
        'when',
        say`“${own!.name}” was begun at ${begun}: ${durationText(end - state.start)} ago. Usually it takes ${usual(own!.minutes)}. ${odd === 'short' ? say`Is it really done?` : say`Did it end just now?`}`,
      );
    const why = check && answer && goneTooFar(check, answer) ? answer.why?.trim() : undefined;
    const read = check && { kind: check.kind, text: check.text, value: answer?.value ?? null, ...(why && { why }) };
    const checked = read ? { check: read } : {};
    const known = plan.problem.steps.find((s) => s.id === step);
    const worked = { step, ...(known && { name: known.name, likely: known.minutes.likely }) };
    const body = { ...worked, ...checked, ...(at.when && { when: at.when }) };
    return [{ kind: 'finish', body }, ...drawnAt(step, situation)];
  });
}

const usual = ({ low, high }: { low: number; high: number }) =>
  low === high ? durationText(low) : say`${durationText(low)} to ${durationText(high)}`;

export const MOST_EXTENSION = 240;

/** A running step is not done yet: it needs so many minutes from now. */
export function extendStep(db: KitchenDb, step: string, minutes: number): Promise<Result> {
  return tap(db, step, say`a step needs more time`, ({ situation }) => {
    if (!Number.isInteger(minutes) || minutes < 1 || minutes > MOST_EXTENSION) return say`That is not a time.`;
    if (situation.states.get(step)?.state !== 'running') return say`This step is not running.`;
    return [{ kind: 'not yet', body: { step, minutes } }];
  });
}
