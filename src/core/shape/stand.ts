import { perimeter, span, type Form } from './form';

/** What a cake stands on and goes into: margins in mm, and dowels by the diameter of what they carry. */
export interface StandFigures {
  drumMargin: number;
  boxMargin: number;
  filmOverlap: number;
  /** Pairs of [up to this span in mm, dowels]. */
  dowels: readonly (readonly [number, number])[];
}

export const STAND: StandFigures = {
  drumMargin: 50,
  boxMargin: 20,
  filmOverlap: 20,
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
    box: { side: drum, height: Math.ceil(height + figures.boxMargin) },
    film: tiers.map((t) => collarFilm(t, figures.filmOverlap)),
  };
}

/** Dowels that carry a tier of this span, mm. */
function dowelsFor(carried: number, figures = STAND): number {
  return figures.dowels.find(([upTo]) => carried <= upTo)?.[1] ?? figures.dowels.at(-1)![1];
}

/** Length of the film around a tier, mm: perimeter + overlap. */
function collarFilm(form: Form, overlap = STAND.filmOverlap): number {
  return perimeter(form) + overlap;
}
