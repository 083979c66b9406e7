import { say } from '../../words/say';
import { HAND_OVER } from '../../ids/ids';
import type { Stage, StageWait, Work } from '../../design/work';

/** The stage that an inscription brings where the build has none that writes. */
const WRITE = 'inscribe';
/** Writing takes as long as setting up and a little for each letter. Minutes. */
const MINUTES = { low: 5, likely: 7, high: 12, perLetter: 0.25 };
/** What was decorated may stand so long before it is written on, and what is written before it goes on. Minutes. */
const MOST = 12 * 60;

/**
 * The work on a cake with what an inscription asks of it: the stage that writes is told the words; where no stage does, one more writes before the
 * cake is checked and boxed (or, where the last stage is a craftsman's, after it). Without an inscription the work stays as it is.
 */
export function inscribed(work: Work, inscription: string): Work {
  if (inscription === '') return work;
  const words = say` Inscription: “${inscription}”, letter for letter.`;
  if (work.stages.some((s) => s.inscribes))
    return { ...work, stages: work.stages.map((s) => (s.inscribes ? { ...s, how: s.how + words } : s)) };
  const last = work.waits.find((w) => w.to === HAND_OVER)?.from ?? work.stages.at(-1)?.key;
  const at = work.stages.findIndex((s) => s.key === last);
  if (at < 0) return work;
  const before = work.stages[at]!.skill === null;
  const extra = Math.round(MINUTES.perLetter * inscription.length);
  const stage: Stage = {
    key: freeKey(work),
    name: say`Write the inscription`,
    minutes: { low: MINUTES.low + extra, likely: MINUTES.likely + extra, high: MINUTES.high + extra },
    skill: writer(work.stages.slice(0, at + 1)),
    takes: [],
    pieces: work.stages[at]!.pieces,
    how: say`Pencil the line on paper first; pipe it on the cake, or on a plaque where the top does not take it.${words}`,
    sign: say`read aloud against the order, letter for letter`,
    inscribes: true,
  };
  const place = before ? at : at + 1;
  return {
    ...work,
    stages: [...work.stages.slice(0, place), stage, ...work.stages.slice(place)],
    waits: work.waits.flatMap((w) => (w.to === (before ? last : HAND_OVER) ? through(stage.key, w) : w)),
  };
}

/** A wait that passes by the writing on its way: what must pass, passes after it. */
function through(key: string, wait: StageWait): StageWait[] {
  const most = wait.max === null ? MOST : Math.min(MOST, wait.max);
  return [
    { ...wait, to: key, min: 0, max: most, why: say`waits to be written on` },
    { ...wait, from: key },
  ];
}

/** Who decorates writes: the skill of the last stage that asks for one. */
const writer = (stages: readonly Stage[]) => stages.findLast((s) => s.skill !== null)?.skill ?? null;

function freeKey({ stages }: Work): string {
  let key = WRITE;
  while (stages.some((s) => s.key === key)) key += '-on';
  return key;
}
