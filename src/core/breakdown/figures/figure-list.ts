import { say, term } from '../../words/say';
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
    [`batter.${b}.fill`, say`Batter`, say`${term(b)}: tin filled to`, 'share', 1],
    [`batter.${b}.density`, say`Batter`, say`${term(b)}: weighs`, 'g/ml', 3],
  ]),
  ['sheetDepth', say`Batter`, say`Sheets are spread`, 'mm'],
  ['bowlKilos', say`Batter`, say`Largest bowl holds`, 'kg'],
  ['trim', say`Layers and fillings`, say`Levelling takes off a domed layer`, 'share', 0.6],
  ['sawCut', say`Layers and fillings`, say`A cut between layers takes`, 'mm', 10],
  ['fillingThickness', say`Layers and fillings`, say`Filling`, 'mm'],
  ['damWidth', say`Layers and fillings`, say`Dam, wide`, 'mm'],
  ['soak.butter', say`Layers and fillings`, say`Soak, butter cake`, 'g/cm²', 3],
  ['soak.foam', say`Layers and fillings`, say`Soak, foam`, 'g/cm²', 3],
  ['crumbCoat', say`Coats and covers`, say`Crumb coat`, 'mm'],
  ['finalCoat', say`Coats and covers`, say`Final coat`, 'mm'],
  ['bowlLoss', say`Coats and covers`, say`Stays in bowl and bag`, 'share', 0.9],
  ['paste.thickness', say`Coats and covers`, say`Sugar paste, rolled`, 'mm'],
  ['paste.margin', say`Coats and covers`, say`Disc beyond d + 2h`, 'mm'],
  ['paste.density', say`Coats and covers`, say`Sugar paste weighs`, 'g/ml', 3],
  ['glaze.thickness', say`Glaze and drip`, say`Glaze`, 'mm'],
  ['glaze.density', say`Glaze and drip`, say`Glaze weighs`, 'g/ml', 3],
  ['glaze.runOff', say`Glaze and drip`, say`Runs off`, 'share', 3],
  ['glaze.returns', say`Glaze and drip`, say`of that is caught`, 'share', 1],
  ['drip.gramsPerCm2', say`Glaze and drip`, say`Drip, per cm and cm of length`, 'g', 10],
  ['drip.meanLength', say`Glaze and drip`, say`Drip, mean length`, 'mm'],
  ['portions.fingerArea', say`Portions`, say`Finger portion`, 'cm²'],
  ['portions.partyArea', say`Portions`, say`Party portion`, 'cm²'],
  ['portions.dessertArea', say`Portions`, say`Dessert portion`, 'cm²'],
  ['portions.sliceWidth', say`Portions`, say`Slice of a roll`, 'mm'],
  ...PORTION_KINDS.flatMap((kind): Entry[] => [
    [`portions.bands.${kind}.low`, say`Portions`, say`${capital(term(kind))} portion weighs from`, 'g'],
    [`portions.bands.${kind}.high`, say`Portions`, say`${capital(term(kind))} portion weighs to`, 'g'],
    [`cutting.wedgeRim.${kind}`, say`Portions`, say`${capital(term(kind))} wedge, along the rim`, 'mm'],
    [`cutting.piece.${kind}.length`, say`Portions`, say`${capital(term(kind))} piece of a strip, long`, 'mm'],
    [`cutting.piece.${kind}.width`, say`Portions`, say`${capital(term(kind))} piece of a strip, wide`, 'mm'],
  ]),
  ['cutting.leastPiece', say`Portions`, say`A piece at the rim counts from`, 'share', 1],
  ['stand.drumMargin', say`Boards and boxes`, say`Drum beyond the tier`, 'mm'],
  ['stand.boxMargin', say`Boards and boxes`, say`Box above the cake`, 'mm'],
  ['stand.filmOverlap', say`Boards and boxes`, say`Film overlaps`, 'mm'],
  ['stand.drumDensity', say`Boards and boxes`, say`Drum weighs`, 'g/cm²', 3],
  ['egg.weight', say`Eggs, gelatine, yeast`, say`Egg with its shell`, 'g'],
  ['egg.shares.shell', say`Eggs, gelatine, yeast`, say`of it shell`, 'share', 1],
  ['egg.shares.white', say`Eggs, gelatine, yeast`, say`of it white`, 'share', 1],
  ['egg.shares.yolk', say`Eggs, gelatine, yeast`, say`of it yolk`, 'share', 1],
  ['yeast.active dry', say`Eggs, gelatine, yeast`, say`Active dry for 1 g fresh`, 'g', 3],
  ['yeast.instant', say`Eggs, gelatine, yeast`, say`Instant for 1 g fresh`, 'g', 3],
  ['ganache.ratios.drip', say`Ganache, dark to 1 of cream`, say`Drip`, '', 9],
  ['ganache.ratios.pour', say`Ganache, dark to 1 of cream`, say`Pour`, '', 9],
  ['ganache.ratios.spread', say`Ganache, dark to 1 of cream`, say`Spread`, '', 9],
  ['ganache.ratios.whip', say`Ganache, dark to 1 of cream`, say`Whip`, '', 9],
  ['ganache.ratios.truffle', say`Ganache, dark to 1 of cream`, say`Truffle`, '', 9],
  ['ganache.chocolate.milk', say`Ganache, dark to 1 of cream`, say`Milk, times dark`, '', 9],
  ['ganache.chocolate.white', say`Ganache, dark to 1 of cream`, say`White, times dark`, '', 9],
  ['fanOffset', say`Heat`, say`Fan oven, less`, '°C'],
  ['bakeSpread', say`Heat`, say`Estimated bake time, either way`, 'share', 0.9],
  ['leads.lineTins', say`Lead times`, say`Line tins before`, 'min'],
  ['leads.chillBowl', say`Lead times`, say`Chill the bowl before`, 'min'],
  ['leads.soakGelatine', say`Lead times`, say`Soak gelatine before`, 'min'],
  ['leads.heatOven', say`Lead times`, say`Heat the oven before`, 'min'],
  ['readyBefore', say`Lead times`, say`Ready before the pickup`, 'min'],
  ['tightBelow', say`Lead times`, say`Tight below`, 'min'],
  ['lastHours', say`Lead times`, say`Last hours before a pickup`, say`hours`, 48],
  ['daysAhead', say`Lead times`, say`Orders are taken ahead`, say`days`, 400],
  ['warmth.coldOut', say`Standing until it is eaten`, say`What keeps cold, out of the cold at most`, 'min'],
  ['warmth.hotOut', say`Standing until it is eaten`, say`The same where it is hot`, 'min'],
  ['warmth.hotFrom', say`Standing until it is eaten`, say`It is hot from`, '°C', 60],
];

const MOST = 2000;

function entries(figures: Coefficients): Entry[] {
  return [
    ...ENTRIES,
    ...Object.keys(figures.nozzles).map((n): Entry => [`nozzles.${n}`, say`Nozzles`, n, 'g/cm', 50]),
    ...Object.keys(figures.cooling).flatMap((thing): Entry[] =>
      (['bench', 'fridge', 'freezer'] as const).map((place) => [
        `cooling.${thing}.${place}.likely`,
        say`Cooling, τ`,
        `${term(thing)}, ${term(place)}`,
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
    if (!known.has(path)) fields[path] = say`There is no such figure.`;
    else if (typeof value !== 'number' || !Number.isFinite(value) || value < 0 || value > most)
      fields[path] = say`A number from 0 to ${most}.`;
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
