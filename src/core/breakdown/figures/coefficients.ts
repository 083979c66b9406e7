import type { EggShares } from '../../formula/eggs';
import type { Batter } from '../../formula/formula';
import type { Chocolate, GanacheUse } from '../../formula/ganache';
import type { SheetGrade } from '../../formula/gelatine';
import type { Yeast } from '../../formula/yeast';
import type { TimeConstant } from '../../records/cooling';
import type { CuttingFigures } from '../../shape/cutting-scheme';
import type { PortionSettings } from '../../shape/portions';
import type { StandFigures } from '../../shape/stand';

/** The figures that each kitchen edits. Lengths in mm, densities in g/ml, shares as fractions, times in minutes. */
export interface Coefficients {
  /** How far a tin is filled, and what the batter weighs. */
  batter: Record<Batter, { fill: number; density: number }>;
  /** What a cut between two layers takes. */
  sawCut: number;
  /** Depth to which sheet batter is spread. */
  sheetDepth: number;
  /** g per cm² and cut face. */
  soak: { butter: number; foam: number };
  fillingThickness: number;
  /** Width of the ring of firm frosting around a soft filling. */
  damWidth: number;
  crumbCoat: number;
  finalCoat: number;
  /** What stays in bowl and bag of everything spread or piped. */
  bowlLoss: number;
  /** Rolled covers: thickness, what the disc needs beyond top and twice the height, and density. */
  paste: { thickness: number; margin: number; density: number };
  /** Poured glaze: thickness on top and side, and what runs off on top of it. */
  glaze: {
    thickness: number;
    runOff: number;
    density: number;
    /** Share of the run-off that can be caught, sieved and used again. */
    returns: number;
  };
  /** Drip: g per cm of perimeter and per cm of mean length, and that length. */
  drip: { gramsPerCm2: number; meanLength: number };
  /** What levelling takes off a domed layer, as a share. */
  trim: number;
  /** g of border per cm, by nozzle. */
  nozzles: Record<string, number>;
  stand: StandFigures;
  cutting: CuttingFigures;
  /** g with shell, and what is what of it. */
  egg: { weight: number; shares: EggShares };
  /** The gelatine that is in the house. */
  sheetGrade: SheetGrade;
  sheetGrades: Record<SheetGrade, { bloom: number; grams: number }>;
  yeast: Record<Yeast, number>;
  ganache: { ratios: Record<GanacheUse, number>; chocolate: Record<Chocolate, number> };
  /** °C less for a fan oven. */
  fanOffset: number;
  /** How far an estimated bake time may be off, as a share. */
  bakeSpread: number;
  /** Lead times of what is prepared before a step. */
  leads: { lineTins: number; chillBowl: number; soakGelatine: number; heatOven: number };
  /** τ by thing and place. */
  cooling: Record<string, Record<'bench' | 'fridge' | 'freezer', TimeConstant>>;
  portions: PortionSettings;
  /** The largest batter that goes into one bowl, kg. */
  bowlKilos: number;
  /** Every cake stands ready this long before its pickup. */
  readyBefore: number;
  /** An order with less than this to spare is tight. */
  tightBelow: number;
  /** Minutes that what keeps in the cold may be out of it, and where it is so warm or warmer, °C. */
  warmth: { coldOut: number; hotOut: number; hotFrom: number };
  /** Hours before a pickup in which a kitchen may want its hands free. */
  lastHours: number;
  /** Days ahead for which orders are taken. */
  daysAhead: number;
}
