import { PORTION_KINDS } from '../../shape/portions';
import type { Coefficients } from './coefficients';

/** One figure of a kitchen, as it is edited. */
export interface Figure {
  /** "glaze.runOff" */
  path: string;
  group: string;
  label: string;
  unit: string;
  value: number;
  /** What it was to begin with. */
  start: number;
}

type Entry = [path: string, group: string, label: string, unit: string, most?: number];

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** The figures that stand on their own; those of lists (nozzles, cooling, sheets) are named after their keys. */
const ENTRIES: Entry[] = [
  ...(['butter', 'foam', 'chiffon', 'oil', 'sheet', 'yeast'] as const).flatMap((b): Entry[] => [
    [`batter.${b}.fill`, 'Batter', `${b}: tin filled to`, 'share', 1],
    [`batter.${b}.density`, 'Batter', `${b}: weighs`, 'g/ml', 3],
  ]),
  ['sheetDepth', 'Batter', 'Sheets are spread', 'mm'],
  ['bowlKilos', 'Batter', 'Largest bowl holds', 'kg'],
  ['trim', 'Layers and fillings', 'Levelling takes off a domed layer', 'share', 0.6],
  ['sawCut', 'Layers and fillings', 'A cut between layers takes', 'mm', 10],
  ['fillingThickness', 'Layers and fillings', 'Filling', 'mm'],
  ['damWidth', 'Layers and fillings', 'Dam, wide', 'mm'],
  ['soak.butter', 'Layers and fillings', 'Soak, butter cake', 'g/cm²', 3],
  ['soak.foam', 'Layers and fillings', 'Soak, foam', 'g/cm²', 3],
  ['crumbCoat', 'Coats and covers', 'Crumb coat', 'mm'],
  ['finalCoat', 'Coats and covers', 'Final coat', 'mm'],
  ['bowlLoss', 'Coats and covers', 'Stays in bowl and bag', 'share', 0.9],
  ['paste.thickness', 'Coats and covers', 'Sugar paste, rolled', 'mm'],
  ['paste.margin', 'Coats and covers', 'Disc beyond d + 2h', 'mm'],
  ['paste.density', 'Coats and covers', 'Sugar paste weighs', 'g/ml', 3],
  ['glaze.thickness', 'Glaze and drip', 'Glaze', 'mm'],
  ['glaze.density', 'Glaze and drip', 'Glaze weighs', 'g/ml', 3],
  ['glaze.runOff', 'Glaze and drip', 'Runs off', 'share', 3],
  ['glaze.returns', 'Glaze and drip', 'of that is caught', 'share', 1],
  ['drip.gramsPerCm2', 'Glaze and drip', 'Drip, per cm and cm of length', 'g', 10],
  ['drip.meanLength', 'Glaze and drip', 'Drip, mean length', 'mm'],
  ['portions.fingerArea', 'Portions', 'Finger portion', 'cm²'],
  ['portions.partyArea', 'Portions', 'Party portion', 'cm²'],
  ['portions.dessertArea', 'Portions', 'Dessert portion', 'cm²'],
  ['portions.sliceWidth', 'Portions', 'Slice of a roll', 'mm'],
  ...PORTION_KINDS.flatMap((kind): Entry[] => [
    [`portions.bands.${kind}.low`, 'Portions', `${capital(kind)} portion weighs from`, 'g'],
    [`portions.bands.${kind}.high`, 'Portions', `${capital(kind)} portion weighs to`, 'g'],
    [`cutting.wedgeRim.${kind}`, 'Portions', `${capital(kind)} wedge, along the rim`, 'mm'],
    [`cutting.piece.${kind}.length`, 'Portions', `${capital(kind)} piece of a strip, long`, 'mm'],
    [`cutting.piece.${kind}.width`, 'Portions', `${capital(kind)} piece of a strip, wide`, 'mm'],
  ]),
  ['cutting.leastPiece', 'Portions', 'A piece at the rim counts from', 'share', 1],
  ['stand.drumMargin', 'Boards and boxes', 'Drum beyond the tier', 'mm'],
  ['stand.boxMargin', 'Boards and boxes', 'Box above the cake', 'mm'],
  ['stand.filmOverlap', 'Boards and boxes', 'Film overlaps', 'mm'],
  ['egg.weight', 'Eggs, gelatine, yeast', 'Egg with its shell', 'g'],
  ['egg.shares.shell', 'Eggs, gelatine, yeast', 'of it shell', 'share', 1],
  ['egg.shares.white', 'Eggs, gelatine, yeast', 'of it white', 'share', 1],
  ['egg.shares.yolk', 'Eggs, gelatine, yeast', 'of it yolk', 'share', 1],
  ['yeast.active dry', 'Eggs, gelatine, yeast', 'Active dry for 1 g fresh', 'g', 3],
  ['yeast.instant', 'Eggs, gelatine, yeast', 'Instant for 1 g fresh', 'g', 3],
  ['ganache.ratios.drip', 'Ganache, dark to 1 of cream', 'Drip', '', 9],
  ['ganache.ratios.pour', 'Ganache, dark to 1 of cream', 'Pour', '', 9],
  ['ganache.ratios.spread', 'Ganache, dark to 1 of cream', 'Spread', '', 9],
  ['ganache.ratios.whip', 'Ganache, dark to 1 of cream', 'Whip', '', 9],
  ['ganache.ratios.truffle', 'Ganache, dark to 1 of cream', 'Truffle', '', 9],
  ['ganache.chocolate.milk', 'Ganache, dark to 1 of cream', 'Milk, times dark', '', 9],
  ['ganache.chocolate.white', 'Ganache, dark to 1 of cream', 'White, times dark', '', 9],
  ['fanOffset', 'Heat', 'Fan oven, less', '°C'],
  ['bakeSpread', 'Heat', 'Estimated bake time, either way', 'share', 0.9],
  ['leads.lineTins', 'Lead times', 'Line tins before', 'min'],
  ['leads.chillBowl', 'Lead times', 'Chill the bowl before', 'min'],
  ['leads.soakGelatine', 'Lead times', 'Soak gelatine before', 'min'],
  ['leads.heatOven', 'Lead times', 'Heat the oven before', 'min'],
  ['readyBefore', 'Lead times', 'Ready before the pickup', 'min'],
  ['tightBelow', 'Lead times', 'Tight below', 'min'],
  ['daysAhead', 'Lead times', 'Orders are taken ahead', 'days', 400],
];

const MOST = 2000;

function entries(figures: Coefficients): Entry[] {
  return [
    ...ENTRIES,
    ...Object.keys(figures.nozzles).map((n): Entry => [`nozzles.${n}`, 'Nozzles', n, 'g/cm', 50]),
    ...Object.keys(figures.cooling).flatMap((thing): Entry[] =>
      (['bench', 'fridge', 'freezer'] as const).map((place) => [
        `cooling.${thing}.${place}.likely`,
        'Cooling, τ',
        `${thing}, ${place}`,
        'min',
      ]),
    ),
  ];
}

/** All figures of a kitchen with what they started from. */
export function figureList(figures: Coefficients, start: Coefficients): Figure[] {
  return entries(figures).map(([path, group, label, unit]) => {
    const value = at(figures, path) ?? 0;
    return { path, group, label, unit, value, start: at(start, path) ?? value };
  });
}

/** The figures with some of them set; what is no figure or out of bounds comes back by its path. */
export function withFigures(
  figures: Coefficients,
  set: Record<string, number>,
): { ok: true; figures: Coefficients } | { ok: false; fields: Record<string, string> } {
  const known = new Map(entries(figures).map((e) => [e[0], e]));
  const fields: Record<string, string> = {};
  const changed = structuredClone(figures);
  for (const [path, value] of Object.entries(set)) {
    const most = known.get(path)?.[4] ?? MOST;
    if (!known.has(path)) fields[path] = 'There is no such figure.';
    else if (typeof value !== 'number' || !Number.isFinite(value) || value < 0 || value > most)
      fields[path] = `A number from 0 to ${most}.`;
    else put(changed, path, value);
  }
  return Object.keys(fields).length > 0 ? { ok: false, fields } : { ok: true, figures: changed };
}

type Tree = Record<string, unknown>;

/** Keys may hold dots no more than the last part of a nozzle's name does: paths are split at the first fitting key. */
function at(tree: unknown, path: string): number | null {
  if (typeof tree === 'number') return path === '' ? tree : null;
  if (typeof tree !== 'object' || tree === null) return null;
  for (const [key, value] of Object.entries(tree)) {
    if (path === key) return at(value, '');
    if (path.startsWith(`${key}.`)) return at(value, path.slice(key.length + 1));
  }
  return null;
}

function put(tree: unknown, path: string, value: number): void {
  for (const key of Object.keys(tree as Tree)) {
    if (path === key) {
      // The bounds of a time constant move with it.
      if (key === 'likely') scaleBounds(tree as { low: number; likely: number; high: number }, value);
      (tree as Tree)[key] = value;
    } else if (path.startsWith(`${key}.`)) put((tree as Tree)[key], path.slice(key.length + 1), value);
  }
}

function scaleBounds(tau: { low: number; likely: number; high: number }, likely: number): void {
  if (tau.likely === 0) return;
  tau.low = (tau.low / tau.likely) * likely;
  tau.high = (tau.high / tau.likely) * likely;
}
