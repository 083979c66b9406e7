/** What is known of a kind of event. */
interface EventKindTraits {
  /** Told from the floor of a step: the state of the day is read off these. */
  floor: boolean;
}

/** Every kind of event that is ever appended. A new one is a line here; old ones stay, since what was told stays. */
const KINDS = {
  'formula saved': { floor: false },
  'build saved': { floor: false },
  'kitchen changed': { floor: false },
  'kitchen made': { floor: false },
  'entry saved': { floor: false },
  'library added': { floor: false },
  'old record': { floor: false },
  'plan edit': { floor: false },
  'batch accepted': { floor: false },
  'batch split': { floor: false },
  start: { floor: true },
  finish: { floor: true },
  extend: { floor: true },
  'not yet': { floor: true },
  correct: { floor: true },
  'take back': { floor: true },
  'use anyway': { floor: true },
  'order taken': { floor: false },
  'order changed': { floor: false },
  'handed over': { floor: false },
  'brought back': { floor: false },
  lapsed: { floor: false },
  'rules applied': { floor: false },
  'lot kept': { floor: false },
  'lot drawn': { floor: false },
  'lot returned': { floor: false },
  'lot counted': { floor: false },
  'lot thrown': { floor: false },
  'lot moved': { floor: false },
  'lot reserved': { floor: false },
} as const satisfies Record<string, EventKindTraits>;

export type EventKind = keyof typeof KINDS;
export const EVENT_KINDS = Object.keys(KINDS) as EventKind[];
/** Told of the store of own parts: what lies in it is read off these. */
export const STORE_KINDS = EVENT_KINDS.filter((k) => k.startsWith('lot '));
export const isFloorKind = (kind: EventKind): boolean => KINDS[kind].floor;
export const FLOOR_KINDS = EVENT_KINDS.filter(isFloorKind);
