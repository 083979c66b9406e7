import type { SharedWork } from '../batching/batch';
import type { Breakdown } from '../breakdown/breakdown';
import type { Build } from '../design/build';
import type { Kitchen } from '../breakdown/kitchen';
import type { FloorEvent, StepState } from '../floor/floor-state';
import type { Allergen, Formula } from '../formula/formula';
import type { Habit } from '../planner/dispatch/earliest-times';
import type { Equipment } from '../planning-format/problem';
import type { Oven } from '../kitchen/as-planned';
import type { StandingWork } from '../kitchen/standing-work';
import type { EditHistory } from '../steering/edit-history';
import type { Adjustments } from '../steering/plan-edit';
import type { Clock } from '../time/clock';
import type { TeamCalendar } from '../time/team-calendar';
import type { Margins } from './free-minutes';
import type { KeptBatch, KeptBreakdown, MakingAnswers } from './kept-work';
import type { TeamMember } from './make-problem';

/** A kitchen as planning asks it. */
export interface PlanningKitchen {
  clock: Clock;
  library: Kitchen;
  /** Formulas as they were before their newest version, by `id@version`. */
  olderFormulas: ReadonlyMap<string, Formula>;
  /** The newest version of each formula. */
  newestVersions: ReadonlyMap<string, number>;
  builds: ReadonlyMap<string, Build>;
  team: TeamMember[];
  /** Their shifts in minutes, made as they are asked for. */
  calendar: TeamCalendar;
  equipment: Equipment[];
  /** What of the equipment bakes, with how each oven differs from what formulas say. */
  ovens: Oven[];
  /** What else these hands and things do each week. */
  standingWork: StandingWork[];
}

/** An order as it is broken down. */
export interface BreakableOrder extends MakingAnswers {
  id: number;
  /** Its work as it was broken down when its first step was told; none before. */
  kept?: KeptBreakdown | null;
}

/** An order that is to be planned. */
export interface OpenOrder extends BreakableOrder {
  title: string;
  pickup: Date;
  portions: number;
  /** What a late minute of it counts, 1 for most. */
  weight: number;
  avoid: Allergen[];
}

/** A batch that was accepted for several orders. */
export interface AcceptedBatch {
  id: number;
  members: { order: number; role: string }[];
  /** Its work as it was when its first step was told; none before. */
  kept?: KeptBatch | null;
}

/** Everything that is planned from: orders with their breakdowns, what happened, and what the lead wants. */
export interface Situation<
  Of extends PlanningKitchen = PlanningKitchen,
  Taken extends OpenOrder = OpenOrder,
  Made extends AcceptedBatch = AcceptedBatch,
> {
  /** By the name of a step, how long such steps took before as parts of their likely minutes, sorted; none where the plan is lean. */
  paces: Record<string, number[]>;
  /** Does its work begin as soon as it can, or when the wall says? Where the plan is lean nobody asks. */
  begins: Habit;
  /** How much more or less than is reckoned the newest plan keeps free before orders leave; none where the plan is lean. */
  margins: Margins;
  kitchen: Of;
  orders: Taken[];
  breakdowns: Map<number, Breakdown>;
  batches: Made[];
  /** What the batches put in the place of their members' own steps. */
  shared: SharedWork;
  /** What was told from the floor of these orders and batches, in order; and how every step stands by it. */
  told: FloorEvent[];
  states: Map<string, StepState>;
  /** Every edit of the plan that was made, and what the lead wants after them: pins, who does what, who is away, what is closed. */
  edits: EditHistory;
  adjustments: Adjustments;
  /** Now, in minutes after the clock's origin. */
  minute: number;
}
