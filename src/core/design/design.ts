import type { SchoolChoice } from '../formula/formula';
import type { Form } from '../shape/form';
import type { PortionKind } from '../shape/portions';
import type { AmountRule } from './amount-rule';
import type { BlockStage, BlockWait, Route, RouteChoice } from './block';
import type { Lies } from './lies';
import type { Texture } from './texture';
import type { Measure } from './measure';

/**
 * What one cake is, as a value: its pieces, what is inside them from the bottom up, the batches that it is made of, and the work on it in its order.
 * An order owns its design; a build is a design that the kitchen keeps to begin from. Lengths in mm, weights in g.
 */
export interface Design {
  name: string;
  portion: PortionKind;
  /** One batch each, unless the kitchen's figures ask for more; all uses of a part come out of it. */
  parts: DesignPart[];
  /** From the bottom up; what cannot stand on the one before it stands beside it. */
  pieces: Piece[];
  /** The work, in the order in which it is done. */
  blocks: DesignBlock[];
  /** Waits between blocks where the kitchen has told all of them itself; else they follow from what the blocks need. */
  waits?: DesignWait[];
  /** A ring or mould held from the start of one block to the end of another, where the kitchen has told it itself. */
  ringHold?: { from: string; until: string };
  routes?: Route[];
}

/** What a part is made by: a formula, or an ingredient that is bought as it is. */
type Made = { formula: string } | { bought: string };

/** One batch. */
export interface DesignPart {
  /** What it is for, unique within the design: "layers", "filling". */
  role: string;
  label: string;
  made: Made;
  /** Another formula where a school asks for it: egg-free. */
  instead?: { when: SchoolChoice; formula: string }[];
  /** Where its layers come from, if it makes any. */
  layers?: Layers;
  /** The whole batch, g, where it is said and not computed from what the uses take. */
  batch?: number;
  /** Parts that the batch is divided into after it is made (two flavours of one buttercream), as shares that add up to 1. */
  split?: { use: string; share: number }[];
  /** Made of what another part leaves over; where that is too little, the other's batch grows. */
  drawsOn?: string;
  /** The first to go when time is short. */
  optional?: boolean;
  /** What it is made by is planned for the time being. */
  undecided?: Undecided;
}

/** Something that has not been agreed yet: what stands in its place is what it usually takes. */
export interface Undecided {
  /** In words: "topper", "which blossoms". */
  what: string;
  /** The day by which it is to be agreed, ISO. */
  by: string;
}

/** The formula that makes a part; undefined of what is bought. */
export const formulaOf = ({ made }: Pick<DesignPart, 'made'>): string | undefined =>
  'formula' in made ? made.formula : undefined;

/** All formulas that a part can be made by. */
export const formulasOfPart = (part: DesignPart): string[] => [
  ...[formulaOf(part)].filter((id) => id !== undefined),
  ...(part.instead ?? []).map((i) => i.formula),
];

/** Where layers come from. */
export type Layers =
  /** Tins of the piece's form: at most so many layers out of one; the depth counts where the kitchen has not told that of its tins. */
  | { from: 'tins'; depth: number; most: number }
  /** Cut from sheets; `halves`: a layer may be two halves; `patched`: one between others may be pieced together from what is cut off. */
  | { from: 'sheets'; sheet: SheetSize; halves?: boolean; patched?: boolean }
  /** Spread, piped or rolled to the cake's own size, on sheets. */
  | { from: 'own size'; sheet: SheetSize }
  /** One whole sheet for each roll. */
  | { from: 'rolled sheet'; sheet: SheetSize };

interface SheetSize {
  length: number;
  width: number;
}

/** A body that stands by itself: a tier, a ring cake, a roll, a bar, a dome, a block that is cut to shape. */
export interface Piece {
  key: string;
  name?: string;
  /** As it is finished, without its coats. */
  form: Form;
  /** So many of it, all alike; 1 where nothing is said. */
  count?: number;
  /** What its layers are baked in, where that is larger than the piece: its side is trimmed off. */
  tin?: Form;
  /** Built in a ring, frame or mould of this height that is filled up. */
  ringHeight?: number;
  /** From the bottom up. */
  inside: Inside[];
  /** Cut from other pieces and put together: two squares and a loaf become a house. Its height is then told. */
  madeOf?: { pieces: string[]; height: number };
  /** Coated and not eaten: of foam, it has no inside. Its height. */
  dummy?: number;
  /** It is sold in slices of so many mm, after so many are trimmed off each end. */
  slices?: { width: number; trim: number };
}

/** One thing inside a piece. */
export type Inside =
  | { is: 'layer'; role: string; mm: number }
  /** Drunk by the layer under it: by its kind's figure for each cm² and soaked face, or as a measure says. */
  | {
      is: 'soak';
      role: string;
      amount: { kind: 'butter' | 'foam' } | Exclude<Measure, 'usual' | { mm: number }>;
      faces?: number;
    }
  /** Spread to the edge, or inside a dam of another part. */
  | { is: 'filling'; role: string; amount: Measure; dam?: string }
  /** Narrower than the ring or mould it lies in. */
  | { is: 'insert'; role: string; mm: number; inset: number }
  /** What everything else leaves free of a ring or mould. */
  | { is: 'rest'; role: string };

/** A part that a block takes. Without an amount it is what lies inside the pieces that it builds. */
export interface BlockTake {
  role: string;
  amount?: AmountRule;
  /** What this portion of the batch is called: "rope along the top". */
  use?: string;
  /** Where it lies, where somebody has said so. */
  lies?: Lies;
  /** How a coat is finished, where somebody has said so. */
  texture?: Texture;
}

/** One kind of work in its place: which block of the kitchen's library, on what, with what, and what is otherwise here. */
export interface DesignBlock {
  /** Unique within the design; its first stage has it for its key. */
  key: string;
  block: string;
  /** Keys of the pieces that it works on; all of them where nothing is said. */
  pieces?: string[];
  takes: BlockTake[];
  /** What its first stage says in place of the library. */
  stage?: Partial<Omit<BlockStage, 'key'>>;
  /** Its stages as a whole, in place of the library's with their waits, ways and ring. */
  ownStages?: BlockStage[];
  /** What follows it in place of the library. */
  after?: BlockWait;
  /** On one choice of a route of the design only. */
  when?: RouteChoice;
  undecided?: Undecided;
}

/** Between two stages, or from a stage to "hand-over". `units` are for each piece. */
export interface DesignWait extends BlockWait {
  from: string;
  to: string;
  units: number;
  when?: RouteChoice;
}
