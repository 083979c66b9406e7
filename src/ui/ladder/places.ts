import type { Place } from '@/core/kinds/places';

/**
 * Colour and texture of a place: the same on rails, strips, lists and legends. The textures are in `ladder.css`; only the colour of an oven
 * depends on more than the place: hotter is darker, from 140 °C up, by the tenth of a shade.
 */
export function placeLook(
  place: Place,
  celsius: number | null = null,
): { className: string; style: { background?: string } } {
  const className = `zl-place-${place.replace(' ', '-')}`;
  if (place !== 'oven') return { className, style: {} };
  const heat = celsius === null ? 0.5 : Math.min(1, Math.max(0, (celsius - 140) / 80));
  return { className, style: { background: `color-mix(in srgb, var(--zl-oven), #5c1200 ${Math.round(heat * 45)}%)` } };
}
