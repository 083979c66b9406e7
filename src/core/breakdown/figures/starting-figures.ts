import type { Coefficients } from './coefficients';
import { EGG_SHARES } from '../../formula/eggs';
import { CHOCOLATE_FACTORS, GANACHE_RATIOS } from '../../formula/ganache';
import { SHEET_GRADES } from '../../formula/gelatine';
import { YEAST } from '../../formula/yeast';
import { FAN_OFFSET } from '../../measure/temperature';
import { COOLING } from '../../records/cooling';
import { CUTTING } from '../../shape/cutting-scheme';
import { NOZZLES } from '../../shape/piping';
import { STAND } from '../../shape/stand';
import { BAKE_SPREAD } from '../../shape/tin-swap';

/** Starting values of the kitchen's figures, common practice, for each kitchen to edit. */
export const startingCoefficients: Coefficients = {
  batter: {
    butter: { fill: 0.6, density: 0.9 },
    foam: { fill: 0.7, density: 0.45 },
    chiffon: { fill: 0.75, density: 0.5 },
    oil: { fill: 0.5, density: 1.05 },
    sheet: { fill: 1, density: 0.45 },
    yeast: { fill: 0.3, density: 1 },
  },
  sawCut: 1,
  sheetDepth: 10,
  soak: { butter: 0.12, foam: 0.2 },
  fillingThickness: 6,
  damWidth: 10,
  crumbCoat: 2,
  finalCoat: 5,
  bowlLoss: 0.1,
  paste: { thickness: 4, margin: 50, density: 1.35 },
  glaze: { thickness: 3, runOff: 0.4, density: 1.25, returns: 0.8 },
  drip: { gramsPerCm2: 0.5, meanLength: 40 },
  trim: 0.08,
  nozzles: NOZZLES,
  stand: STAND,
  cutting: CUTTING,
  egg: { weight: 58, shares: EGG_SHARES },
  sheetGrade: 'gold',
  sheetGrades: SHEET_GRADES,
  yeast: YEAST,
  ganache: { ratios: GANACHE_RATIOS, chocolate: CHOCOLATE_FACTORS },
  fanOffset: FAN_OFFSET,
  bakeSpread: BAKE_SPREAD,
  leads: { lineTins: 30, chillBowl: 20, soakGelatine: 10, heatOven: 25 },
  cooling: COOLING,
  portions: {
    fingerArea: 6.25,
    partyArea: 12.5,
    dessertArea: 25,
    sliceWidth: 30,
    bands: { finger: { low: 55, high: 85 }, party: { low: 100, high: 170 }, dessert: { low: 170, high: 280 } },
  },
  bowlKilos: 6,
  readyBefore: 20,
  tightBelow: 60,
  warmth: { coldOut: 120, hotOut: 60, hotFrom: 32 },
  lastHours: 6,
  daysAhead: 120,
};

/** A stored set with the starting value of every figure that it does not have yet. */
export function completeFigures(stored: Partial<Coefficients>): Coefficients {
  return fill(startingCoefficients, stored) as Coefficients;
}

function fill(start: unknown, stored: unknown): unknown {
  if (stored === undefined || stored === null) return start;
  if (!isRecord(start) || !isRecord(stored)) return stored;
  const merged: Record<string, unknown> = { ...stored };
  for (const [key, value] of Object.entries(start)) merged[key] = fill(value, stored[key]);
  return merged;
}

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
