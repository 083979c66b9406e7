import type { Place } from '@/core/kinds/places';

/** Colour and texture of a place, as a background: the same on rails, strips and legends. */
export function placeBackground(place: Place, celsius: number | null = null): { background: string } {
  switch (place) {
    case 'oven': {
      // Hotter is darker: from 140 °C up, by the tenth of a shade.
      const heat = celsius === null ? 0.5 : Math.min(1, Math.max(0, (celsius - 140) / 80));
      return { background: `color-mix(in srgb, var(--zl-oven), #5c1200 ${Math.round(heat * 45)}%)` };
    }
    case 'machine':
      return { background: 'var(--zl-muted)' };
    case 'fridge':
      return { background: 'repeating-linear-gradient(135deg, var(--zl-fridgeLine) 0 2px, var(--zl-fridge) 2px 6px)' };
    case 'freezer':
      return {
        background:
          'repeating-linear-gradient(135deg, var(--zl-freezerLine) 0 1.5px, transparent 1.5px 6px), repeating-linear-gradient(45deg, var(--zl-freezerLine) 0 1.5px, var(--zl-freezer) 1.5px 6px)',
      };
    case 'dry box':
      return { background: 'repeating-linear-gradient(0deg, var(--zl-dryLine) 0 1.5px, var(--zl-dry) 1.5px 6px)' };
    case 'bench':
      return {
        background: 'radial-gradient(circle, var(--zl-benchDot) 1px, transparent 1.4px) 0 0 / 5px 5px, var(--zl-bench)',
      };
  }
}
