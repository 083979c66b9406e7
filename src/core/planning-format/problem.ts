import { valueAt } from '../ids/value-at';
import type { Minutes } from '../time/minutes';
import type { Span } from '../time/spans';

/**
 * The planning problem, version 1 of the open format.
 *
 * All times are whole minutes after `origin`; intervals are half-open, `[start, end)`.
 * Ids are unique within their list.
 */
export interface Problem {
  format: 'zest-ladder/problem';
  version: 1;
  /** Instant of minute 0, ISO 8601 with offset. */
  origin: string;
  /** Nothing may end after it. */
  horizon: number;
  /** Nothing that is not already placed may start before it. */
  now: number;
  people: Person[];
  equipment: Equipment[];
  orders: Order[];
  steps: Step[];
  waits: Wait[];
  holds: Hold[];
  routes: Route[];
}

export interface Person {
  id: string;
  name: string;
  skills: string[];
  /** Disjoint and sorted, breaks already cut out. */
  shifts: Span[];
  /** By skill, how long this person takes at it, times the usual; 1 where none is named. */
  pace?: Record<string, number>;
}

export interface Equipment {
  id: string;
  kind: string;
  /** Capacity: deck slots, shelves, tins in the set. */
  units: number;
  /** °C per minute, ovens only. */
  heatRate?: number;
  /** °C per minute, ovens only. */
  coolRate?: number;
  closed?: Span[];
}

export interface Order {
  id: string;
  name: string;
  pickup: number;
  /** Weight of a late minute. */
  weight: number;
  /** Id of the hand-over step. */
  collect: string;
}

export type Work = 'hands' | 'oven' | 'machine' | 'collect';

/** The kind of equipment that an oven step bakes in. */
export const OVEN = 'oven';

/** Work that goes on by itself, and needs somebody on shift when it goes in and when it comes out. */
export const runsByItself = (work: Work) => work === 'oven' || work === 'machine';

/** The kinds of equipment that a step takes one item of each, in the order of a placed step's `equipment`: its uses, then its oven. */
export const kindsTaken = ({ uses, oven }: Pick<Step, 'uses' | 'oven'>): string[] => [
  ...uses.map((u) => u.kind),
  ...(oven ? [OVEN] : []),
];

/** What carries it exists only where this choice of the route is taken. */
export interface When {
  route: string;
  choice: string;
}

export interface Placed {
  start: number;
  end: number;
  people: string[];
  equipment: string[];
  state: 'done' | 'running' | 'pinned';
}

/** How long a step takes, and how long a plan lets it last where that is not what is likely. */
export interface StepMinutes extends Minutes {
  planned?: number;
}

/** How long a plan lets a step last at the usual pace, in any oven. Minutes. */
export const lengthOf = ({ minutes }: { minutes: StepMinutes }): number => minutes.planned ?? minutes.likely;

/** An oven that will do for a step, with the temperature and the time that it takes in there. */
export interface OvenChoice {
  equipment: string;
  celsius: number;
  minutes: StepMinutes;
}

interface OvenNeed {
  celsius: number;
  units: number;
  /** Only these ovens will do; any of them where there is no list. */
  choices?: OvenChoice[];
}

export interface Step {
  id: string;
  name: string;
  /** Null where a batch serves several orders. */
  order: string | null;
  work: Work;
  minutes: StepMinutes;
  people: { count: number; skill: string | null } | null;
  uses: { kind: string; units: number }[];
  oven: OvenNeed | null;
  earliest: number | null;
  when?: When;
  placed?: Placed;
}

/** The gap from the end of `from` to the start of `to` lies in `[min, max]`. */
export interface Wait {
  id: string;
  from: string;
  to: string;
  min: number;
  max: number | null;
  /** Kind of equipment that the gap keeps busy; null is the open bench. */
  place: string | null;
  units: number;
  /** Cost of each minute beyond `min`. */
  ageing: number;
  /** A shorter gap than `least` is allowed, and costs so much for each minute that it falls short. */
  wish?: Wish;
  /** Somebody is on shift at every minute of the gap. */
  attended?: boolean;
  /** The gap keeps an item of its place that this step uses. */
  sameItemAs?: string;
  /** Beside `sameItemAs` an oven: nothing is baked in it meanwhile. */
  heat?: 'off';
  why: string;
  when?: When;
}

export interface Wish {
  least: number;
  cost: number;
}

/** Units of one item stay busy from the start of `from` to the end of `until`. */
export interface Hold {
  id: string;
  kind: string;
  units: number;
  from: string;
  until: string;
  when?: When;
}

export interface Route {
  id: string;
  choices: string[];
  /** What taking a choice costs; nothing where it is not named. */
  cost?: Record<string, number>;
}

/** What taking a choice of a route costs. */
export const costOfChoice = ({ cost }: Route, choice: string): number => valueAt(cost, choice) ?? 0;

/** Index of the choice of a route that costs least; the first of those. */
export function cheapestChoice(route: Route): number {
  const costs = route.choices.map((choice) => costOfChoice(route, choice));
  return costs.indexOf(Math.min(...costs));
}
