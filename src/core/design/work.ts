import type { AmountRule } from './amount-rule';
import type { BlockStage, Route, RouteChoice } from './block';
import type { Design, DesignWait, Inside, Piece } from './design';

type Of<I extends Inside['is']> = Omit<Extract<Inside, { is: I }>, 'is' | 'role' | 'dam'>;

/** How much a use takes: as a block says, or by what lies inside. */
export type UseRule =
  | AmountRule
  | { rule: 'layers' }
  | ({ rule: 'soak' } & Of<'soak'>)
  | ({ rule: 'filling' } & Of<'filling'> & { dammed: boolean })
  /** The rings of firm frosting around the fillings that have one. */
  | { rule: 'dam' }
  | ({ rule: 'insert' } & Of<'insert'>)
  | { rule: 'rest' };

/** One use of a part: at which stage, on which pieces, and how much. A batch is the sum of its uses. */
export interface Use {
  role: string;
  /** Key of the stage that takes it. */
  at: string | null;
  /** Places of the pieces in the design. */
  pieces: number[];
  /** What its portion is called, where the design says so. */
  name?: string;
  rule: UseRule;
  /** It goes into another part before that is baked. */
  into?: string;
}

/** A rung of work on pieces or on the whole cake. */
export interface Stage extends BlockStage {
  pieces: number[];
  /** Roles of the parts that go in here. */
  takes: string[];
  when?: RouteChoice;
}

/** A wait between stages, for the pieces that both have. */
export interface StageWait extends DesignWait {
  pieces: number[];
}

/** What a design asks to be done: its uses of parts, and its stages with what lies between them. The breakdown makes steps of it. */
export interface Work {
  design: Design;
  uses: Use[];
  /** For each piece, the uses of what lies in it, in its order; `dam` of what has one. */
  inside: { use: number; dam: number | null }[][];
  stages: Stage[];
  waits: StageWait[];
  holds: { from: string; until: string; pieces: number[] }[];
  routes: Route[];
}

/** So many of a piece. */
export const countOf = ({ count = 1 }: Pick<Piece, 'count'>): number => count;
