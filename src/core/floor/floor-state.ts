/**
 * What happened on the floor, as values. The state of a day is never stored: it is read off the events, so that
 * everything that was told can be put right or taken back, in any order, and nothing is lost.
 */
export type FloorEvent =
  | { id: number; kind: 'start'; minute: number; step: string; people: string[]; equipment: string[] }
  | { id: number; kind: 'finish'; minute: number; step: string; check?: Read | undefined }
  /** So many minutes more than were planned. */
  | { id: number; kind: 'extend'; minute: number; step: string; minutes: number }
  /** So many minutes from `minute` on. */
  | { id: number; kind: 'not yet'; minute: number; step: string; minutes: number }
  /** What an event told was at another minute. */
  | { id: number; kind: 'correct'; minute: number; event: number; to: number }
  | { id: number; kind: 'take back'; minute: number; event: number }
  | { id: number; kind: 'use anyway'; minute: number; step: string; after: string; allowed: number; reason: string };

/** What was looked at when a step was done: the number that was read, in the unit of its kind, null where nothing is measured. */
export interface Read {
  kind: string;
  text: string;
  value: number | null;
  /** It had gone too far: why it was used all the same. */
  why?: string | undefined;
}

/** A step that is under way or done. Minutes after the origin. */
export interface StepState {
  step: string;
  state: 'running' | 'done';
  start: number;
  /** When it ended; null while it runs. */
  end: number | null;
  /** Minutes that were added while it ran. */
  extended: number;
  /** The minute until which it needs at least, as it was told while it ran; null where nothing was. */
  until: number | null;
  people: string[];
  equipment: string[];
  /** The last event that made it so, to take back. */
  event: number;
}

/** State of every step that was begun. Events must be in the order of their ids. */
export function floorState(events: FloorEvent[]): Map<string, StepState> {
  const steps = new Map<string, StepState>();
  for (const e of asItWas(events)) {
    const now = steps.get(e.step);
    if (e.kind === 'start')
      steps.set(e.step, {
        ...{ step: e.step, state: 'running', start: e.minute, end: null, extended: 0, until: null, event: e.id },
        ...{ people: e.people, equipment: e.equipment },
      });
    else if (now && e.kind === 'finish')
      steps.set(e.step, { ...now, state: 'done', end: Math.max(now.start, e.minute), event: e.id });
    else if (now && e.kind === 'extend') steps.set(e.step, { ...now, extended: now.extended + e.minutes, event: e.id });
    else if (now && e.kind === 'not yet') steps.set(e.step, { ...now, until: e.minute + e.minutes, event: e.id });
  }
  return steps;
}

type Told = Extract<FloorEvent, { step: string }>;

/** Which events were taken back, and at which minute others really were, by their ids; the last word counts. */
export function putRight(events: FloorEvent[]): { takenBack: Set<number>; corrected: Map<number, number> } {
  return {
    takenBack: new Set(events.flatMap((e) => (e.kind === 'take back' ? [e.event] : []))),
    corrected: new Map(events.flatMap((e) => (e.kind === 'correct' ? [[e.event, e.to] as const] : []))),
  };
}

/** What was told of steps and not taken back, each at the minute at which it really was. */
function asItWas(events: FloorEvent[]): Told[] {
  const { takenBack, corrected } = putRight(events);
  return events.flatMap((e): Told[] => {
    if (!('step' in e) || takenBack.has(e.id)) return [];
    const minute = corrected.get(e.id);
    return [minute === undefined ? e : { ...e, minute }];
  });
}

/** What stood too long and is used all the same: the step that made it and the one that it is used for, with the reason. */
export function usedAnyway(
  events: FloorEvent[],
): { after: string; step: string; minute: number; allowed: number; reason: string }[] {
  return asItWas(events).flatMap((e) => (e.kind === 'use anyway' ? [e] : []));
}

/** The numbers that were read at the ends of steps, in the order in which they were told. */
export function readings(events: FloorEvent[]): (Read & { step: string; minute: number; value: number })[] {
  return asItWas(events).flatMap((e) => {
    const value = e.kind === 'finish' ? (e.check?.value ?? null) : null;
    return e.kind === 'finish' && value !== null ? [{ ...e.check!, value, step: e.step, minute: e.minute }] : [];
  });
}

/** When a running step is expected to end: its likely minutes from its start, or as long as somebody said. */
export function expectedEnd({ start, extended, until }: StepState, likely: number): number {
  return Math.max(start + likely + extended, until ?? -Infinity);
}
