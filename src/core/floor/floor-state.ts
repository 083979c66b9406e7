/**
 * What happened on the floor, as values. The state of a day is never stored: it is read off the events, so that
 * every tap can be taken back and nothing that was told is lost.
 */
export type FloorEvent =
  | { id: number; kind: 'start'; minute: number; step: string; people: string[]; equipment: string[] }
  | { id: number; kind: 'finish'; minute: number; step: string }
  | { id: number; kind: 'extend'; minute: number; step: string; minutes: number }
  | { id: number; kind: 'take back'; minute: number; event: number };

/** A step that is under way or done. Minutes after the origin. */
export interface StepState {
  step: string;
  state: 'running' | 'done';
  start: number;
  /** When it ended; null while it runs. */
  end: number | null;
  /** Minutes that were added while it ran. */
  extended: number;
  people: string[];
  equipment: string[];
  /** The last event that made it so, to take back. */
  event: number;
}

/** State of every step that was begun. Events must be in the order of their ids. */
export function floorState(events: FloorEvent[]): Map<string, StepState> {
  const takenBack = new Set(events.flatMap((e) => (e.kind === 'take back' ? [e.event] : [])));
  const steps = new Map<string, StepState>();
  for (const e of events) {
    if (takenBack.has(e.id) || e.kind === 'take back') continue;
    const now = steps.get(e.step);
    if (e.kind === 'start')
      steps.set(e.step, {
        step: e.step,
        state: 'running',
        start: e.minute,
        end: null,
        extended: 0,
        people: e.people,
        equipment: e.equipment,
        event: e.id,
      });
    else if (now && e.kind === 'finish')
      steps.set(e.step, { ...now, state: 'done', end: Math.max(now.start, e.minute), event: e.id });
    else if (now && e.kind === 'extend') steps.set(e.step, { ...now, extended: now.extended + e.minutes, event: e.id });
  }
  return steps;
}
