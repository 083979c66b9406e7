import type { Batter } from '../formula/formula';
import type { PortionSettings } from '../shape/portions';

/** The figures that each kitchen edits. Lengths in mm, densities in g/ml, shares as fractions, times in minutes. */
export interface Coefficients {
  /** How far a tin is filled, and what the batter weighs. */
  batter: Record<Batter, { fill: number; density: number }>;
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
  glaze: { thickness: number; runOff: number; density: number };
  portions: PortionSettings;
  /** The largest batter that goes into one bowl, kg. */
  bowlKilos: number;
  /** Every cake stands ready this long before its pickup. */
  readyBefore: number;
  /** An order with less than this to spare is tight. */
  tightBelow: number;
}
