import { topArea, type Form } from './form';

/** How a round is cut. `wedges` run to the middle; `strips` are sliced across and cut into blocks. */
export type CuttingScheme = 'area' | 'wedges' | 'strips';

/** mm along the rim of a wedge, and across a strip. */
export interface CuttingFigures {
  wedgeRim: number;
  stripWidth: number;
}

export const CUTTING: CuttingFigures = { wedgeRim: 50, stripWidth: 50 };

/**
 * Pieces of one tier by its scheme, at 100 mm height; `portionArea` in cm². Wedges: ⌊perimeter ÷ rim⌋. Strips and blocks:
 * strips across, each cut into blocks of the portion's area at its mean chord, which uses the middle that wedges waste.
 * Other forms than rounds are cut by area.
 */
export function cutPortions(form: Form, scheme: CuttingScheme, portionArea: number, figures = CUTTING): number {
  if (form.form !== 'round' || scheme === 'area') return Math.floor(topArea(form) / 100 / portionArea);
  if (scheme === 'wedges') return Math.floor((Math.PI * form.diameter) / figures.wedgeRim);
  const radius = form.diameter / 2;
  const block = (portionArea * 100) / figures.stripWidth;
  const strips = Math.max(1, Math.floor(form.diameter / figures.stripWidth));
  const width = form.diameter / strips;
  let pieces = 0;
  for (let i = 0; i < strips; i++) {
    const [from, to] = [-radius + i * width, -radius + (i + 1) * width];
    pieces += Math.floor((segment(to, radius) - segment(from, radius)) / (block * figures.stripWidth));
  }
  return pieces;
}

/** Area of a disc left of the vertical line at x, mm². */
function segment(x: number, radius: number): number {
  const at = Math.max(-1, Math.min(1, x / radius));
  return radius ** 2 * (Math.PI / 2 + Math.asin(at) + at * Math.sqrt(1 - at * at));
}
