/** The planning documents as the checker reads them. Minutes after the origin; half-open intervals. */
export type Interval = [start: number, end: number];

export interface Lasts {
  low: number;
  likely: number;
  high: number;
  planned?: number;
}

export interface Condition {
  route: string;
  choice: string;
}

interface OvenChoice {
  equipment: string;
  celsius: number;
  minutes: Lasts;
}

export interface GivenStep {
  id: string;
  order: string | null;
  work: 'hands' | 'oven' | 'machine' | 'collect';
  minutes: Lasts;
  people: { count: number; skill: string | null } | null;
  uses: { kind: string; units: number }[];
  oven: { celsius: number; units: number; choices?: OvenChoice[] } | null;
  earliest?: number | null;
  when?: Condition;
  placed?: {
    start: number;
    end: number;
    people: string[];
    equipment: string[];
    state: 'done' | 'running' | 'pinned';
  } | null;
}

export interface GivenWait {
  id: string;
  from: string;
  to: string;
  min: number;
  max?: number | null;
  place?: string | null;
  units: number;
  ageing: number;
  when?: Condition;
  wish?: { least: number; cost: number };
  attended?: boolean;
  sameItemAs?: string;
  heat?: 'off';
}

interface GivenHold {
  id: string;
  kind: string;
  units: number;
  from: string;
  until: string;
  when?: Condition;
}

export interface GivenProblem {
  horizon: number;
  now: number;
  people: { id: string; skills: string[]; shifts: Interval[]; pace?: Record<string, number> }[];
  equipment: {
    id: string;
    kind: string;
    units: number;
    heatRate?: number;
    coolRate?: number;
    closed?: Interval[] | null;
  }[];
  orders: { id: string; pickup: number; weight: number; collect: string }[];
  steps: GivenStep[];
  waits: GivenWait[];
  holds: GivenHold[];
  routes?: { id: string; choices: string[]; cost?: Record<string, number> }[];
}

/** One line of a plan's list of steps. */
export interface ListedStep {
  id: string;
  start: number;
  end: number;
  people: string[];
  equipment: string[];
}

/** A plan whose shape has been looked at; what its values mean has not. */
export interface ListedPlan {
  status: string;
  routes: Record<string, string>;
  steps: ListedStep[];
  waits: { id: string; equipment: string }[];
  holds: { id: string; equipment: string }[];
  unplaced: { order: string; reason: string }[];
  score: { unplaced: number; lateness: number; ageing: number; ovenChanges: number; cost: number };
  bound: number | null;
}
