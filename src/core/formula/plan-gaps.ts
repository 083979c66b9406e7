import { say } from '../words/say';
import { durationText } from '../time/duration-text';
import type { Formula, FormulaStep } from './formula';

/** Something that a formula does not say and a good plan would need. */
export interface PlanGap {
  /** Key of the step that it is about; null for the formula itself. */
  step: string | null;
  text: string;
}

/** Words by which a step is known to want a machine. */
const MIXES = /\b(?:whip|whisk|beat|cream|knead|mix)\w*\b/i;
const HEATS = /\b(?:boil|simmer|cook|melt|temper|caramel|scald|heat|reduce)\w*\b/i;
/** Longer than this nothing waits on the open bench without somebody having meant it. Minutes. */
const LONG_ON_THE_BENCH = 240;

/**
 * What a formula leaves open that a plan would guess, too well or too badly: machines that nothing names, tins that are thought free, shelves that
 * nobody keeps, steps that hang in the air. Told, never refused: a formula may mean it so.
 */
export function planGaps({ steps, waits, keeping, batter, parts = [], lines }: Formula): PlanGap[] {
  const gaps: PlanGap[] = [];
  const tell = (step: string | null, text: string) => gaps.push({ step, text });
  const keys = new Set(steps.map((s) => s.key));
  for (const s of steps) {
    if (s.work === 'hands' && (s.uses ?? []).length === 0) {
      if (MIXES.test(s.name))
        tell(s.key, say`“${s.name}” names no mixer: the plan lets two people use the same one at once.`);
      else if (HEATS.test(s.name))
        tell(s.key, say`“${s.name}” names no hob: the plan thinks that there is always one free.`);
    }
    if (s.work === 'hands' && s.skill == null)
      tell(s.key, say`“${s.name}” asks for no skill: anybody may be given it.`);
    if (s.minutes.low === s.minutes.high && s.minutes.likely > 5)
      tell(
        s.key,
        say`“${s.name}” always takes ${durationText(s.minutes.likely)}: chances are reckoned as if it never varied.`,
      );
  }
  const baked = steps.findIndex((s) => s.work === 'oven');
  if (batter !== undefined && baked < 0) tell(null, say`It is a batter, and no step bakes it.`);
  if (batter !== undefined && baked >= 0 && !steps.some((s) => s.tinsUntil))
    tell(
      null,
      say`No step says until when the tin is held: it is thought free after the first step by hand that follows the oven.`,
    );
  gaps.push(...hanging(steps, waits));
  for (const w of waits) {
    if (!keys.has(w.from) || !keys.has(w.to)) continue;
    const name = steps.find((s) => s.key === w.to)!.name;
    if (w.place === null && !w.ovenOff && w.min >= LONG_ON_THE_BENCH)
      tell(w.to, say`Before “${name}” it waits ${durationText(w.min)} on the bench: no shelf is kept for it.`);
  }
  if (keeping.place === null && keeping.max >= 6 * LONG_ON_THE_BENCH)
    tell(null, say`It keeps for ${durationText(keeping.max)} and stands nowhere: no shelf is kept for it.`);
  if (keeping.place !== null && keeping.units === 0) tell(null, say`It is kept in a place, and takes no shelf there.`);
  for (const { step } of [...lines, ...parts])
    if (step !== undefined && !keys.has(step))
      tell(null, say`Something goes into a step that is not there: it goes into the first.`);
  return gaps;
}

/** Steps after which nothing comes though others do, and which nothing comes before: they may be done whenever. */
function hanging(steps: readonly FormulaStep[], waits: Formula['waits']): PlanGap[] {
  if (steps.length < 2) return [];
  const last = steps.at(-1)!.key;
  const tied = (key: string) => waits.some((w) => w.from === key || w.to === key);
  return steps
    .filter((s, i) => s.key !== last && steps.findIndex((x) => x.key === s.key) === i)
    .filter((s) => !waits.some((w) => w.from === s.key))
    .map((s) => ({
      step: s.key,
      text: tied(s.key)
        ? say`Nothing waits for “${s.name}”: it may end after everything else.`
        : say`“${s.name}” is tied to no other step: it may be done at any time.`,
    }));
}
