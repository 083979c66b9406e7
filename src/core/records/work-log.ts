import type { Worked } from './pace';

/** What is told of a step's beginning and end, in the order in which it was told. Minutes after the clock's origin. */
export type LoggedEvent =
  | { id: number; kind: 'start'; minute: number; step: string; ahead?: number | undefined }
  | { id: number; kind: 'finish'; minute: number; step: string; name?: string | undefined; likely?: number | undefined }
  | { id: number; kind: 'extend' | 'not yet' | 'use anyway'; minute: number; step: string }
  | { id: number; kind: 'old record'; minute: number; name: string; likely: number; took: number }
  | { id: number; kind: 'correct'; minute: number; event: number; to: number }
  | { id: number; kind: 'take back'; minute: number; event: number };

interface Done extends Worked {
  /** The event that told its end, and the one that told its beginning. */
  event: number;
  begun: number;
  step: string;
  start: number;
  /** Minutes that it was begun before the plan of that time had it; not known of what was told before this was. */
  ahead?: number;
}

/** How long steps took, as far as it has been told: a value that each event is added to, so that a log need not be read from its start. */
export interface WorkLog {
  /** In the order in which they were finished. */
  done: Done[];
  /** Steps that have been begun and not finished: when, and by which event. */
  running: Record<string, { start: number; event: number; ahead?: number }>;
}

export const NO_WORK: WorkLog = { done: [], running: {} };

/** Older records than the last so many of a name teach nothing any more. */
const MOST_OF_A_NAME = 60;

/** The log with one event more. A finish that tells neither name nor minutes is no record. */
export function withLogged(log: WorkLog, e: LoggedEvent): WorkLog {
  switch (e.kind) {
    case 'extend':
    case 'not yet':
    case 'use anyway':
      return log;
    case 'start':
      return { ...log, running: { ...log.running, [e.step]: { start: e.minute, event: e.id, ...aheadBy(e.ahead) } } };
    case 'finish': {
      const begun = log.running[e.step];
      if (!begun) return log;
      const running = without(log.running, e.step);
      if (e.name === undefined || e.likely === undefined) return { ...log, running };
      const took = Math.max(0, e.minute - begun.start);
      const one = {
        name: e.name,
        likely: e.likely,
        took,
        event: e.id,
        begun: begun.event,
        step: e.step,
        start: begun.start,
        ...aheadBy(begun.ahead),
      };
      return { done: lastOfEach([...log.done, one], e.name), running };
    }
    case 'old record': {
      const { name, likely, took, id, minute } = e;
      const one = { ...{ name, likely, took, event: id, begun: id, step: '' }, start: minute - took };
      // It was before everything that was worked here.
      return { ...log, done: lastOfEach([one, ...log.done], name) };
    }
    case 'correct':
      return corrected(log, e);
    case 'take back': {
      const ended = log.done.find((d) => d.event === e.event);
      if (ended)
        return {
          done: log.done.filter((d) => d !== ended),
          running: {
            ...log.running,
            [ended.step]: { start: ended.start, event: ended.begun, ...aheadBy(ended.ahead) },
          },
        };
      // Without its beginning a step was not worked, though its end was told.
      if (log.done.some((d) => d.begun === e.event))
        return { ...log, done: log.done.filter((d) => d.begun !== e.event) };
      const step = runningSince(log, e.event);
      return step === undefined ? log : { ...log, running: without(log.running, step) };
    }
  }
}

/** The log once what an event told was at another minute. */
function corrected(log: WorkLog, { event, to }: { event: number; to: number }): WorkLog {
  const done = log.done.map((d) => {
    const end = d.start + d.took;
    if (d.event === event) return { ...d, took: Math.max(0, to - d.start) };
    if (d.begun !== event) return d;
    return { ...d, start: to, took: Math.max(0, end - to), ...aheadBy(d.ahead, d.start - to) };
  });
  const step = runningSince(log, event);
  if (step === undefined) return { ...log, done };
  const was = log.running[step]!;
  const begun = { start: to, event, ...aheadBy(was.ahead, was.start - to) };
  return { done, running: { ...log.running, [step]: begun } };
}

/** What was begun so many minutes ahead, and as many earlier; nothing where that is not known. */
const aheadBy = (ahead: number | undefined, earlier = 0) => (ahead === undefined ? {} : { ahead: ahead + earlier });

const runningSince = (log: WorkLog, event: number) =>
  Object.keys(log.running).find((s) => log.running[s]!.event === event);

function without<T>(record: Record<string, T>, key: string): Record<string, T> {
  const rest = { ...record };
  delete rest[key];
  return rest;
}

/** Without the oldest of a name, where there are more of it than are looked at. */
function lastOfEach(done: Done[], name: string): Done[] {
  const own = done.filter((d) => d.name === name);
  return own.length > MOST_OF_A_NAME ? done.filter((d) => d !== own[0]) : done;
}
