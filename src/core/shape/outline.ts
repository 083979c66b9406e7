import type { Form } from './form';

export type Point = readonly [x: number, y: number];

/** Straight pieces in which a half circle is walked. */
const ARC = 90;

/** Points along an arc from one angle to another, both ends with it. */
function arc([cx, cy]: Point, radius: number, from: number, to: number, steps: number): Point[] {
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const angle = from + ((to - from) * i) / steps;
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  });
}

const box = (length: number, width: number): Point[] => [
  [-length / 2, -width / 2],
  [length / 2, -width / 2],
  [length / 2, width / 2],
  [-length / 2, width / 2],
];

/**
 * The outline of a form seen from above, anti-clockwise about its middle, mm, and its hole where it has one. Arcs are walked in steps of two
 * degrees.
 */
export function outlineOf(form: Form): { outline: Point[]; hole: Point[] | null } {
  const only = (outline: Point[]) => ({ outline, hole: null });
  const circle = (diameter: number) => arc([0, 0], diameter / 2, 0, 2 * Math.PI, 2 * ARC).slice(1);
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return only(circle(form.diameter));
    case 'ring':
      return { outline: circle(form.outer), hole: circle(form.inner) };
    case 'square':
      return only(box(form.side, form.side));
    case 'rectangle':
    case 'house':
      return only(box(form.length, form.width));
    case 'loaf':
      return only(box(form.topLength, form.topWidth));
    case 'roll':
      return only(box(form.length, form.diameter));
    case 'hexagon':
      return only(arc([0, 0], form.across / Math.sqrt(3), 0, 2 * Math.PI, 6).slice(1));
    case 'heart': {
      const { side } = form;
      const [x, y] = [side / (2 * Math.SQRT2), (3 * side) / (2 * Math.SQRT2)];
      // Standing on its point; its middle is that of the square.
      const down = -side / Math.SQRT2;
      const right = arc([x, y + down], side / 2, -Math.PI / 4, (3 * Math.PI) / 4, ARC);
      const left = arc([-x, y + down], side / 2, Math.PI / 4, (5 * Math.PI) / 4, ARC);
      return only([[0, down], ...right, ...left.slice(1)]);
    }
    case 'petal': {
      const { across, petals } = form;
      const side = across / (1 / Math.tan(Math.PI / petals) + 1);
      const apothem = side / 2 / Math.tan(Math.PI / petals);
      return only(
        Array.from({ length: petals }, (_, i) => {
          const turn = (2 * Math.PI * i) / petals;
          const middle: Point = [apothem * Math.cos(turn), apothem * Math.sin(turn)];
          return arc(middle, side / 2, turn - Math.PI / 2, turn + Math.PI / 2, ARC).slice(1);
        }).flat(),
      );
    }
  }
}

/** Area inside a closed outline by the shoelace formula, mm². */
export function enclosedArea(outline: readonly Point[]): number {
  const twice = outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + x * ny - nx * y;
  }, 0);
  return Math.abs(twice) / 2;
}

/** The part of an outline on one side of a line: where `axis` (0 x, 1 y) is at least or at most `limit`. */
function halfPlane(outline: Point[], axis: 0 | 1, limit: number, atLeast: boolean): Point[] {
  const inside = (p: Point) => (atLeast ? p[axis] >= limit : p[axis] <= limit);
  return outline.flatMap((p, i): Point[] => {
    const next = outline[(i + 1) % outline.length]!;
    const here = inside(p) ? [p] : [];
    if (inside(p) === inside(next)) return here;
    const t = (limit - p[axis]) / (next[axis] - p[axis]);
    return [...here, [p[0] + t * (next[0] - p[0]), p[1] + t * (next[1] - p[1])]];
  });
}

/** Area that an outline and an upright rectangle have in common, mm² (clipping by Sutherland and Hodgman). */
export function commonArea(outline: Point[], x: number, y: number, length: number, width: number): number {
  let left = halfPlane(outline, 0, x, true);
  left = halfPlane(left, 0, x + length, false);
  left = halfPlane(left, 1, y, true);
  return enclosedArea(halfPlane(left, 1, y + width, false));
}
