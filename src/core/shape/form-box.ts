import type { Form } from './form';

/** A heart against the side of its square, which stands on its corner: how broad it is, how high, and how far its lobes rise above the upper corner. */
export const HEART = { width: 1.71, height: 1.57, lobes: 0.15 };

/** How broad and deep a form is, seen from above. mm. */
export function formBox(form: Form): [number, number] {
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return [form.diameter, form.diameter];
    case 'square':
      return [form.side, form.side];
    case 'heart':
      return [form.side * HEART.width, form.side * HEART.height];
    case 'rectangle':
    case 'house':
      return [form.length, form.width];
    case 'ring':
      return [form.outer, form.outer];
    case 'hexagon':
    case 'petal':
      return [form.across, form.across];
    case 'loaf':
      return [form.topLength, form.topWidth];
    case 'roll':
      return [form.length, form.diameter];
  }
}
