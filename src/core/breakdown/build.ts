import type { Check, FormulaWait, Reminder, SchoolChoice } from '../formula/formula';
import type { Minutes } from '../time/minutes';
import type { Form } from '../shape/form';
import type { PortionKind } from '../shape/portions';

/** How much of a component a cake takes. Lengths in mm; what is left out comes from the coefficients. */
export type AmountRule =
  | { rule: 'batter'; tinDepth: number; layersPerTin: number }
  | { rule: 'discs'; sheet: { length: number; width: number } }
  | { rule: 'roll sheet'; sheet: { length: number; width: number } }
  | { rule: 'filling'; thickness?: number; dammed?: boolean }
  | { rule: 'dam and coats'; crumb?: number; final?: number; dam?: boolean; topOnly?: boolean }
  | { rule: 'soak'; kind: 'butter' | 'foam' }
  | { rule: 'paste cover' }
  | { rule: 'glaze' }
  | { rule: 'mould'; share: number }
  | { rule: 'panels'; height: number; thickness: number }
  | { rule: 'pieces'; per: 'cake' | 'tier' | 'portion'; count: number; grams: number }
  | { rule: 'border'; nozzle: string; where: 'top' | 'foot' | 'both' }
  | { rule: 'rosettes'; spacing: number; grams: number }
  | { rule: 'drip'; meanLength?: number }
  /** Crumbs, nuts, powder strewn over the top or around the foot: g per cm² of a band so high (the top without it). */
  | { rule: 'strewn'; gramsPerCm2: number; height?: number }
  /** So much for each g of another component: "one part of glaze to two of mousse". */
  | { rule: 'share'; of: string; share: number }
  /** One batch for several uses; the uses are its portions. */
  | { rule: 'divided'; uses: { use: string; rule: AmountRule }[] };

export interface BuildComponent {
  /** What it is for, unique within the build: "layers", "filling". */
  role: string;
  label: string;
  formula: string;
  /** Another formula where a school asks for it: egg-free. */
  instead?: { when: SchoolChoice; formula: string }[];
  amount: AmountRule;
  /** Parts that one batch is divided into after it is made (two flavours of one buttercream), as shares that add up to 1. */
  split?: { use: string; share: number }[];
  /** The first to go when time is short. */
  optional?: boolean;
}

/** Work on the cake as a whole. */
export interface BuildStage {
  key: string;
  name: string;
  minutes: Minutes & { perTier?: number; perPortion?: number };
  skill: string | null;
  people?: number;
  uses?: { kind: string; units: number }[];
  /** Roles of the components that go in here. */
  takes: string[];
  how: string;
  sign?: string;
  caution?: string;
  check?: Check;
  reminders?: Reminder[];
  when?: { route: string; choice: string };
}

/** Between two stages, or from a stage to "hand-over". `units` are for each tier. */
export interface BuildWait extends FormulaWait {
  units: number;
  when?: { route: string; choice: string };
}

interface BuildRoute {
  key: string;
  name: string;
  choices: { key: string; name: string }[];
}

/** A recipe for a whole cake: components, stages, finish. */
export interface Build {
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
  /** mm on top of the last layer. */
  finish: number;
  /** A ring held from one stage's start to another's end. */
  ringHold?: { from: string; until: string };
  components: BuildComponent[];
  stages: BuildStage[];
  waits: BuildWait[];
  routes?: BuildRoute[];
}
