import { say } from '../words/say';
import type { Form } from './form';
import { coveringDisc } from './rim';

/** What a cover is rolled to, mm: a square or rectangle for those, a disc for every other form. */
export type Cloth = { shape: 'disc'; diameter: number } | { shape: 'rectangle'; length: number; width: number };

/**
 * A cloth of the cake’s own form that hangs to the foot all round and has `margin` to trim, mm. Round 200 × 100 → a disc of 450;
 * a square of 200 → a square of 450. A form with neither circle nor right angles gets the disc that covers it.
 */
export function clothFor(form: Form, height: number, margin: number): Cloth {
  const more = 2 * height + margin;
  switch (form.form) {
    case 'square':
      return { shape: 'rectangle', length: form.side + more, width: form.side + more };
    case 'rectangle':
      return { shape: 'rectangle', length: form.length + more, width: form.width + more };
    case 'loaf':
      return { shape: 'rectangle', length: form.topLength + more, width: form.topWidth + more };
    default:
      return clothDisc(form, height, margin);
  }
}

/** The disc that covers any form to its foot: of a square its diagonal + 2h + margin. mm. */
export const clothDisc = (form: Form, height: number, margin: number): Cloth & { shape: 'disc' } => ({
  shape: 'disc',
  diameter: coveringDisc(form) + 2 * height + margin,
});

/** mm². */
export const clothArea = (cloth: Cloth): number =>
  cloth.shape === 'disc' ? (Math.PI * cloth.diameter ** 2) / 4 : cloth.length * cloth.width;

/** "disc of 45 cm", "45 × 45 cm" */
export function clothName(cloth: Cloth): string {
  const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;
  return cloth.shape === 'disc'
    ? say`disc of ${cm(cloth.diameter)} cm`
    : say`cloth of ${cm(cloth.length)} × ${cm(cloth.width)} cm`;
}
