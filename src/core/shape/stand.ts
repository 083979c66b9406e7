import { perimeter, span, type Form } from './form';
import { stacksOf } from './stacks';

/** What a cake stands on and goes into: margins in mm, and dowels by the diameter of what they carry. */
export interface StandFigures {
  drumMargin: number;
  boxMargin: number;
  filmOverlap: number;
  /** What a drum weighs, g for each cm². */
  drumDensity: number;
  /** Pairs of [up to this span in mm, dowels]. */
  dowels: readonly (readonly [number, number])[];
}

export const STAND: StandFigures = {
  drumMargin: 50,
  boxMargin: 20,
  filmOverlap: 20,
  drumDensity: 0.45,
  dowels: [
    [120, 3],
    [160, 4],
    [200, 5],
    [250, 6],
    [300, 8],
    [400, 10],
  ],
};

export interface Stand {
  /** The drum under everything, mm: largest tier + 50. */
  drum: number;
  /** A card under each tier above the first, mm: as wide as the tier. */
  cards: number[];
  /** Dowels in each tier that carries another, from the bottom up. */
  dowels: number[];
  /** What the drums weigh, g: cakes side by side have one each. */
  drumGrams: number;
  /** Inner size of the box, mm. */
  box: { side: number; height: number };
  /** Collar film around each tier, mm. */
  film: number[];
}

/** Board, cards, dowels, box and film for tiers from the bottom up; `height` of the whole cake in mm. */
export function standFor(tiers: Form[], height: number, figures = STAND): Stand {
  const spans = tiers.map(span);
  const drum = Math.ceil(Math.max(...spans) + figures.drumMargin);
  return {
    drum,
    cards: spans.slice(1).map(Math.ceil),
    dowels: spans.slice(1).map((carried) => dowelsFor(carried, figures)),
    drumGrams: drumGrams(tiers, figures),
    box: { side: drum, height: Math.ceil(height + figures.boxMargin) },
    film: tiers.map((t) => collarFilm(t, figures.filmOverlap)),
  };
}

/** What the drums under an order's cakes weigh, g: their area × the figure. Cards are thin, and not counted. */
export function drumGrams(tiers: readonly Form[], figures: StandFigures): number {
  const areas = stacksOf(tiers, (t) => t).map(([bottom]) => drumArea(bottom!, figures.drumMargin));
  return areas.reduce((sum, mm2) => sum + (mm2 / 100) * figures.drumDensity, 0);
}

/** Of the drum under a cake, mm²: a rectangle where the cake covers one, else a disc; both wider by the margin. */
function drumArea(form: Form, margin: number): number {
  const rectangle = (length: number, width: number) => (length + margin) * (width + margin);
  switch (form.form) {
    case 'square':
      return rectangle(form.side, form.side);
    case 'rectangle':
      return rectangle(form.length, form.width);
    case 'loaf':
      return rectangle(Math.max(form.topLength, form.bottomLength), Math.max(form.topWidth, form.bottomWidth));
    case 'roll':
      return rectangle(form.length, form.diameter);
    default:
      return (Math.PI * (span(form) + margin) ** 2) / 4;
  }
}

/** Dowels that carry a tier of this span, mm. */
function dowelsFor(carried: number, figures = STAND): number {
  return figures.dowels.find(([upTo]) => carried <= upTo)?.[1] ?? figures.dowels.at(-1)![1];
}

/** Length of the film around a tier, mm: perimeter + overlap. */
function collarFilm(form: Form, overlap = STAND.filmOverlap): number {
  return perimeter(form) + overlap;
}
