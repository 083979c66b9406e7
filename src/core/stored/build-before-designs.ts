import type { Check, FormulaWait, Reminder, SchoolChoice } from '../formula/formula';
import type { Minutes } from '../time/minutes';
import type { Form } from '../shape/form';
import type { PortionKind } from '../shape/portions';

interface SheetSize {
  length: number;
  width: number;
}

/** How much of a component a cake takes. Lengths in mm; what is left out comes from the coefficients. */
export type BuildAmount =
  /** Layers from tins: at most so many out of one; the depth counts where the kitchen has not told that of its tins. */
  | { rule: 'batter'; tinDepth: number; layersPerTin: number }
  /** Layers cut from sheets; `halves`: a layer may be two halves; `patched`: one between others may be pieced together from what is cut off. */
  | { rule: 'discs'; sheet: SheetSize; halves?: boolean; patched?: boolean }
  /** A base under everything, spread, piped or rolled to the cake’s own size, baked on sheets. */
  | { rule: 'base'; thickness: number; sheet: SheetSize }
  | { rule: 'roll sheet'; sheet: SheetSize }
  /** In every gap; `onTop`: on the last layer too. */
  | { rule: 'filling'; thickness?: number; dammed?: boolean; onTop?: boolean }
  | { rule: 'dam and coats'; crumb?: number; final?: number; dam?: boolean; topOnly?: boolean }
  | { rule: 'soak'; kind: 'butter' | 'foam' }
  | { rule: 'paste cover' }
  | { rule: 'glaze' }
  /** A disc inside a ring or mould, so far from its rim. */
  | { rule: 'insert'; thickness: number; inset: number }
  /** What everything else in a ring or mould leaves free. */
  | { rule: 'rest of the ring' }
  | { rule: 'panels'; height: number; thickness: number }
  | { rule: 'pieces'; per: 'cake' | 'tier' | 'portion'; count: number; grams: number }
  | { rule: 'border'; nozzle: string; where: 'top' | 'foot' | 'both' }
  | { rule: 'rosettes'; spacing: number; grams: number }
  /** Drops around the rim; `flood`: mm over the whole top. */
  | { rule: 'drip'; meanLength?: number; flood?: number }
  /** Crumbs, nuts, powder strewn over the top or around the foot: g per cm² of a band so high (the top without it). */
  | { rule: 'strewn'; gramsPerCm2: number; height?: number }
  /** So much for each g of another component: "one part of glaze to two of mousse". */
  | { rule: 'share'; of: string; share: number }
  /** One batch for several uses; the uses are its portions. */
  | { rule: 'divided'; uses: { use: string; rule: BuildAmount }[] };

export interface BuildComponent {
  /** What it is for, unique within the build: "layers", "filling". */
  role: string;
  label: string;
  formula: string;
  /** Another formula where a school asks for it: egg-free. */
  instead?: { when: SchoolChoice; formula: string }[];
  amount: BuildAmount;
  /** Parts that one batch is divided into after it is made (two flavours of one buttercream), as shares that add up to 1. */
  split?: { use: string; share: number }[];
  /** The first to go when time is short. */
  optional?: boolean;
}

/** Work on the cake as a whole. */
export interface BuildStage {
  key: string;
  /** Parts that it is named after stand in brackets with their role: "Border and [fruit:wheels]". See `stageName`. */
  name: string;
  /** What it is called on a cake of one tier, where that differs. */
  oneTier?: string;
  /** More for each further tier, each portion, each piece of what it takes, each 100 cm² of top and side. */
  minutes: Minutes & { perTier?: number; perPortion?: number; perPiece?: number; perArea?: number };
  skill: string | null;
  people?: number;
  uses?: { kind: string; units: number }[];
  /** Roles of the components that go in here. */
  takes: string[];
  how: string;
  /** It writes what the cake says. Of its name, "[inscription:inscription]" is there where the cake says something. */
  inscribes?: true;
  sign?: string;
  caution?: string;
  check?: Check;
  reminders?: Reminder[];
  when?: { route: string; choice: string };
}

/** Between two stages, or from a stage to "hand-over". `units` are for each tier. */
interface BuildWait extends FormulaWait {
  units: number;
  when?: { route: string; choice: string };
}

interface BuildRoute {
  key: string;
  name: string;
  choices: { key: string; name: string }[];
}

/** A recipe for a whole cake as it was before builds were designs: components, stages, finish, all tiers alike. */
export interface FormerBuild {
  id: string;
  name: string;
  story: string;
  /** Kind of mould whose owned sizes it can have; or sizes of its own. */
  mould: 'tin' | 'ring' | 'square tin' | null;
  sizes?: Form[];
  mostTiers: number;
  portion: PortionKind;
  layers: number;
  layerHeight: number;
  fillingThickness?: number;
  /** Built in a ring or mould of this height, mm, that is filled up. */
  ringHeight?: number;
  /** A ring held from one stage's start to another's end. */
  ringHold?: { from: string; until: string };
  components: BuildComponent[];
  stages: BuildStage[];
  waits: BuildWait[];
  routes?: BuildRoute[];
}
