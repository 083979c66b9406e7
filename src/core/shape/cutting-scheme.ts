import { span, type Form } from './form';
import { commonArea, outlineOf } from './outline';
import { heightFactor, type PortionKind } from './portions';

/** How a cake is cut. `wedges` run to the middle; `strips` go across and are cut into pieces. */
export type CuttingScheme = 'wedges' | 'strips';

/** mm: the rim of a wedge by kind, and the sides of a piece of a row. */
export interface CuttingFigures {
  wedgeRim: Record<PortionKind, number>;
  piece: Record<PortionKind, { length: number; width: number }>;
  /** A piece at the rim counts if so much of it is there, as a share. */
  leastPiece: number;
}

export const CUTTING: CuttingFigures = {
  wedgeRim: { finger: 20, party: 30, dessert: 50 },
  piece: {
    finger: { length: 25, width: 25 },
    party: { length: 50, width: 25 },
    dessert: { length: 50, width: 50 },
  },
  leastPiece: 0.6,
};

/** A piece of a row: its rectangle from the middle of the cake, mm, and how much of it is cake. */
export interface RowPiece {
  x: number;
  y: number;
  length: number;
  width: number;
  share: number;
}

export type CutCake =
  { scheme: 'wedges'; count: number; wedges: number } | { scheme: 'strips'; count: number; pieces: RowPiece[] };

/** Wedges of a round: ⌊outline ÷ rim⌋. Null for forms that have no one middle to cut to. */
function wedgesOf(form: Form, kind: PortionKind, figures: CuttingFigures): number | null {
  if (form.form !== 'round' && form.form !== 'ring') return null;
  const diameter = form.form === 'round' ? form.diameter : form.outer;
  return Math.floor((Math.PI * diameter) / figures.wedgeRim[kind] + 1e-9);
}

/**
 * Strips across, each cut into pieces; a piece at the rim counts if enough of it is there. The grid is laid both ways, with a cut or with a
 * piece in the middle, and the lay with the most pieces is taken.
 */
function rowsOf(form: Form, kind: PortionKind, figures: CuttingFigures): RowPiece[] {
  const { length, width } = figures.piece[kind];
  const { outline, hole } = outlineOf(form);
  const reach = span(form);
  const lays = [
    [length, width],
    [width, length],
  ].flatMap(([dx, dy]) =>
    [0, dx! / 2].flatMap((x0) =>
      [0, dy! / 2].map((y0) => {
        const steps = (size: number) => Math.ceil(reach / size) + 1;
        const pieces: RowPiece[] = [];
        for (let i = -steps(dx!); i < steps(dx!); i++)
          for (let j = -steps(dy!); j < steps(dy!); j++) {
            const [x, y] = [i * dx! - x0, j * dy! - y0];
            const cake = commonArea(outline, x, y, dx!, dy!) - (hole ? commonArea(hole, x, y, dx!, dy!) : 0);
            const share = cake / (dx! * dy!);
            if (share >= figures.leastPiece - 1e-9) pieces.push({ x, y, length: dx!, width: dy!, share });
          }
        return pieces;
      }),
    ),
  );
  return lays.reduce((best, lay) => (lay.length > best.length ? lay : best));
}

/**
 * How one tier of this height can be cut, what gives more first. Slices of rolls and loaves and domes have no scheme: none.
 */
export function cuttingSchemes(
  form: Form,
  height: number,
  kind: PortionKind,
  figures: CuttingFigures = CUTTING,
): CutCake[] {
  if (form.form === 'roll' || form.form === 'loaf' || form.form === 'half-sphere') return [];
  const times = heightFactor(height);
  const count = (pieces: number) => Math.floor(pieces * times + 1e-9);
  const wedges = wedgesOf(form, kind, figures);
  const pieces = rowsOf(form, kind, figures);
  const found: CutCake[] = [{ scheme: 'strips', count: count(pieces.length), pieces }];
  if (wedges !== null) found.push({ scheme: 'wedges', count: count(wedges), wedges });
  return found.sort((a, b) => b.count - a.count);
}
