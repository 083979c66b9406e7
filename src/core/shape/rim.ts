import { perimeter, span, type Form } from './form';

/** Exterior angles of the corners of an outline, in radians; arcs and inward notches have none. */
function corners(form: Form): number[] {
  const right = Math.PI / 2;
  switch (form.form) {
    case 'square':
    case 'rectangle':
    case 'loaf':
    case 'roll':
      return [right, right, right, right];
    case 'hexagon':
      return Array.from({ length: 6 }, () => Math.PI / 3);
    case 'heart':
      return [right];
    default:
      return [];
  }
}

/**
 * Area of the band of this width along the inside of an outline, mm²: what a dam covers, or what an insert leaves free. Of a round
 * π(r² − (r − w)²). In general P × w − w² × (π + Σ (tan(φ/2) − φ/2)) over the corners with exterior angle φ (Steiner’s formula for
 * parallel outlines); of a ring both its edges.
 */
export function rimArea(form: Form, width: number): number {
  if (form.form === 'ring') return perimeter(form) * width;
  const sharp = corners(form).reduce((sum, angle) => sum + Math.tan(angle / 2) - angle / 2, 0);
  return perimeter(form) * width - width ** 2 * (Math.PI + sharp);
}

/** Diameter of the smallest disc under which a form disappears, mm: to the corners of a square, the point of a heart. */
export function coveringDisc(form: Form): number {
  switch (form.form) {
    case 'square':
      return form.side * Math.SQRT2;
    case 'rectangle':
      return Math.hypot(form.length, form.width);
    case 'loaf':
      return Math.hypot(form.topLength, form.topWidth);
    case 'roll':
      return Math.hypot(form.length, form.diameter);
    case 'heart': {
      // Its centre lies on the axis, as far from the point as from the outermost point of both lobes: y = a ÷ (2 × (3/(2√2) − 1/2)).
      const lobe = 3 / (2 * Math.SQRT2);
      return form.side / (lobe - 0.5);
    }
    default:
      return span(form);
  }
}
