import type { Check, Reminder } from '../formula/formula';
import type { Minutes } from '../time/minutes';
import type { BlockKind } from './kinds/kind';

export interface RouteChoice {
  route: string;
  choice: string;
}

/** Two ways to the same end, of which the plan or the order takes one. */
export interface Route {
  key: string;
  name: string;
  choices: { key: string; name: string }[];
}

/** How long something stands, and where. Minutes;  `max` null: as long as one likes. `place` null: where it is. */
export interface BlockWait {
  min: number;
  max: number | null;
  place: string | null;
  why: string;
  ageing?: number;
  /** Shelves for each piece; 1 where nothing is said. */
  units?: number;
}

/** Minutes of a stage: more for each further piece, each portion, each item of what it takes, each 100 cm² of top and side. */
interface StageMinutes extends Minutes {
  perTier?: number;
  perPortion?: number;
  perPiece?: number;
  perArea?: number;
}

/** One rung of work on pieces or on the whole cake. */
export interface BlockStage {
  key: string;
  /** Parts that it is named after stand in brackets with their role: "Border and [fruit:wheels]". See `stageName`. */
  name: string;
  /** What it is called on one piece, where that differs. */
  oneTier?: string;
  minutes: StageMinutes;
  skill: string | null;
  people?: number;
  uses?: { kind: string; units: number }[];
  how: string;
  /** It writes what the cake says. Of its name, "[inscription:inscription]" is there where the cake says something. */
  inscribes?: true;
  sign?: string;
  caution?: string;
  check?: Check;
  reminders?: Reminder[];
}

/**
 * One kind of work on a cake, as a kitchen keeps it: data that it edits. What a block can be at all is told by its kind, which is code; how long it
 * takes here, who does it, what must hold before and after, and what the bench reads are the kitchen's.
 */
export interface Block {
  id: string;
  name: string;
  story: string;
  kind: BlockKind;
  /** In their order; the first has the block's own key. */
  stages: BlockStage[];
  /** Between its own stages, each after the one before it; on one choice of its route or always. */
  between?: (BlockWait & { choice?: string })[];
  /** Its ways, where there are several: "set in the freezer, or a night in the fridge". */
  route?: Route;
  /** How what it works on must have stood right before it. */
  before?: BlockWait;
  /** How that stands after it. */
  after?: BlockWait;
  /** What was frozen in it thaws at least so long before it is cut or boxed; on one choice of its route or always. */
  thaw?: { min: number; why: string; choice?: string };
  /** What it puts on does not bear the cold: from here on the cake stands dry, each time so many minutes at most. */
  dry?: number;
  /** What its pieces are held in from its first stage to the end of its last. */
  holds?: 'ring';
  /** What it is has not been agreed when it is put on a cake: it is asked for until somebody says what. */
  open?: true;
  /** Out of use here: it is added to no cake any more. Cakes that have it keep it. */
  retired?: boolean;
}

/** A block as it is kept in a list: its id, and whether it is in use, stand beside it. */
export type KeptBlock = Omit<Block, 'id' | 'retired'>;
