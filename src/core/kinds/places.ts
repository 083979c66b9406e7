import { say } from '../words/say';

/** What is known of a place where a part is between two steps, or while a machine has it. */
interface PlaceKind {
  /** As the legend says it. */
  name: string;
  /** Parts wait there on shelves of their own: a formula can ask for it, and the plan counts the shelves. */
  stores: boolean;
  /** Colder than the room: what lies there keeps, and its shelves are shown on the wall. */
  cools: boolean;
  /** Where several parts wait at once, the highest is drawn on top: it must not be forgotten. */
  urgency: number;
}

/** Every place, in the order in which legends and choices name them. A new one is a line here; the compiler says what it misses. */
export const PLACES = {
  oven: { name: say`oven`, stores: false, cools: false, urgency: 5 },
  bench: { name: say`bench rest`, stores: false, cools: false, urgency: 0 },
  fridge: { name: say`fridge`, stores: true, cools: true, urgency: 3 },
  freezer: { name: say`freezer`, stores: true, cools: true, urgency: 4 },
  'dry box': { name: say`dry box`, stores: true, cools: false, urgency: 2 },
  machine: { name: say`machine, or left alone`, stores: false, cools: false, urgency: 1 },
} as const satisfies Record<string, PlaceKind>;

export type Place = keyof typeof PLACES;
/** A place whose shelves a wait can ask for. */
export type StorePlace = { [P in Place]: (typeof PLACES)[P]['stores'] extends true ? P : never }[Place];

export const ALL_PLACES = Object.keys(PLACES) as Place[];
export const STORE_PLACES = ALL_PLACES.filter((p): p is StorePlace => PLACES[p].stores);

/** The place of a wait: one that stores, or the open bench. */
export function waitingPlace(place: string | null): StorePlace | 'bench' {
  return STORE_PLACES.find((p) => p === place) ?? 'bench';
}
