import { say } from '../words/say';
/**
 * The forms a cake or a tin can have, with their sizes in mm. The plan view (`round`, `square`, …) is one thing,
 * the height another: functions take the height where they need it.
 *
 * `ring` is what is left between two circles. `hexagon` is regular, measured across its flats. `heart` is a square of
 * side `side` with a half-disc on two neighbouring sides. `petal` is a regular polygon with a half-disc on each of its
 * sides, measured across from the outermost point to the one opposite. `loaf` tapers. `roll` is a cylinder lying down.
 * `house` has four walls and a roof with its ridge along the length; `wall` and `ridge` are heights above the ground.
 */
export type Form =
  | { form: 'round'; diameter: number }
  | { form: 'square'; side: number }
  | { form: 'rectangle'; length: number; width: number }
  | { form: 'ring'; outer: number; inner: number }
  | { form: 'hexagon'; across: number }
  | { form: 'heart'; side: number }
  | { form: 'petal'; across: number; petals: number }
  | { form: 'half-sphere'; diameter: number }
  | { form: 'loaf'; topLength: number; topWidth: number; bottomLength: number; bottomWidth: number }
  | { form: 'roll'; length: number; diameter: number }
  | { form: 'house'; length: number; width: number; wall: number; ridge: number };

export type FormName = Form['form'];

/** The measures that each form is given by, in mm but for the count of petals. */
export const FORM_MEASURES: Record<FormName, readonly string[]> = {
  round: ['diameter'],
  square: ['side'],
  rectangle: ['length', 'width'],
  ring: ['outer', 'inner'],
  hexagon: ['across'],
  heart: ['side'],
  petal: ['across', 'petals'],
  'half-sphere': ['diameter'],
  loaf: ['topLength', 'topWidth', 'bottomLength', 'bottomWidth'],
  roll: ['length', 'diameter'],
  house: ['length', 'width', 'wall', 'ridge'],
};

const disc = (diameter: number) => (Math.PI * diameter ** 2) / 4;

/** Area seen from above, mm². A roll and a house are seen as the rectangle they cover, a loaf as its top. */
export function topArea(form: Form): number {
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return disc(form.diameter);
    case 'square':
      return form.side ** 2;
    case 'rectangle':
    case 'house':
      return form.length * form.width;
    case 'ring':
      return disc(form.outer) - disc(form.inner);
    case 'hexagon':
      // Area of a regular hexagon across flats s: (√3 / 2) s².
      return (Math.sqrt(3) / 2) * form.across ** 2;
    case 'heart':
      return form.side ** 2 + disc(form.side);
    case 'petal': {
      const side = petalSide(form);
      return (form.petals * side ** 2) / (4 * Math.tan(Math.PI / form.petals)) + (form.petals * disc(side)) / 2;
    }
    case 'loaf':
      return form.topLength * form.topWidth;
    case 'roll':
      return form.length * form.diameter;
  }
}

/** Side of the polygon inside a petal form: across = 2 × (apothem + half a side). mm. */
function petalSide({ across, petals }: { across: number; petals: number }): number {
  return across / (1 / Math.tan(Math.PI / petals) + 1);
}

/** Length of the outline seen from above, mm; of a ring, both edges. */
export function perimeter(form: Form): number {
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return Math.PI * form.diameter;
    case 'square':
      return 4 * form.side;
    case 'rectangle':
    case 'house':
      return 2 * (form.length + form.width);
    case 'ring':
      return Math.PI * (form.outer + form.inner);
    case 'hexagon':
      return 2 * Math.sqrt(3) * form.across;
    case 'heart':
      return 2 * form.side + Math.PI * form.side;
    case 'petal':
      return (form.petals * Math.PI * petalSide(form)) / 2;
    case 'loaf':
      return 2 * (form.topLength + form.topWidth);
    case 'roll':
      return 2 * (form.length + form.diameter);
  }
}

/**
 * Area of the wall of a cake of this height, mm². For a roll its rounded skin without the two cut ends; for a
 * half-sphere what its skin, 2πr², has more than its top area; for a loaf by the mean of its two outlines; for a house its
 * walls and gables, and what its roof has more than its top area.
 */
export function sideArea(form: Form, height: number): number {
  switch (form.form) {
    case 'roll':
      return Math.PI * form.diameter * form.length;
    case 'half-sphere':
      return disc(form.diameter);
    case 'loaf':
      return (form.topLength + form.topWidth + form.bottomLength + form.bottomWidth) * height;
    case 'house': {
      const roof = form.ridge - form.wall;
      const slopes = 2 * form.length * Math.hypot(roof, form.width / 2);
      return perimeter(form) * form.wall + form.width * roof + slopes - topArea(form);
    }
    default:
      return perimeter(form) * height;
  }
}

/** What a coat over a cake of this height covers, mm²: top and wall; of a roll its rounded skin, which is both. */
export const coatedArea = (form: Form, height: number): number =>
  form.form === 'roll' ? sideArea(form, height) : topArea(form) + sideArea(form, height);

/** Volume in ml of a cake or tin of this height in mm. A roll, a half-sphere and a house have theirs without it. */
export function volume(form: Form, height: number): number {
  return cubicMillimetres(form, height) / 1000;
}

function cubicMillimetres(form: Form, height: number): number {
  switch (form.form) {
    case 'roll':
      return disc(form.diameter) * form.length;
    case 'half-sphere':
      return (2 * Math.PI * (form.diameter / 2) ** 3) / 3;
    case 'loaf':
      return ((form.topLength * form.topWidth + form.bottomLength * form.bottomWidth) / 2) * height;
    case 'house':
      return (topArea(form) * (form.wall + form.ridge)) / 2;
    default:
      return topArea(form) * height;
  }
}

/** Its widest measure seen from above, mm. */
export function span(form: Form): number {
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return form.diameter;
    case 'square':
      return form.side;
    case 'ring':
      return form.outer;
    case 'hexagon':
      return (2 * form.across) / Math.sqrt(3);
    case 'heart':
      // Standing on its point: from lobe to lobe, (1 + 1/√2) sides.
      return form.side * (1 + Math.SQRT1_2);
    case 'petal':
      return form.across;
    case 'loaf':
      return form.topLength;
    default:
      return form.length;
  }
}

/** As a baker says it: "round 20 cm", "60 × 40 cm". */
export function formName(form: Form): string {
  const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;
  switch (form.form) {
    case 'round':
      return say`round ${cm(form.diameter)} cm`;
    case 'square':
      return say`square ${cm(form.side)} cm`;
    case 'rectangle':
      return say`${cm(form.length)} × ${cm(form.width)} cm`;
    case 'ring':
      return say`ring ${cm(form.outer)}/${cm(form.inner)} cm`;
    case 'hexagon':
      return say`hexagon ${cm(form.across)} cm`;
    case 'heart':
      return say`heart ${cm(form.side)} cm`;
    case 'petal':
      return say`petal ${cm(form.across)} cm`;
    case 'half-sphere':
      return say`half-sphere ${cm(form.diameter)} cm`;
    case 'loaf':
      return say`loaf ${cm(form.topLength)} × ${cm(form.topWidth)} cm`;
    case 'roll':
      return say`roll of ${cm(form.length)} cm`;
    case 'house':
      return say`house ${cm(form.length)} × ${cm(form.width)} cm`;
  }
}

/** Nothing in a bakery is longer. mm. */
const LONGEST = 10_000;

/** Are all measures there, above zero, and possible together? The words say which is not. */
export function formProblems(form: Form): string[] {
  const measures = form as unknown as Record<string, unknown>;
  const names = FORM_MEASURES[form.form];
  const wrong = names
    .filter((m) => !(typeof measures[m] === 'number' && (measures[m] as number) > 0))
    .map((m) => `${m} must be a number above 0`);
  const endless = names.filter((m) => (measures[m] as number) > LONGEST).map((m) => `${m} is at most ${LONGEST} mm`);
  if (wrong.length > 0) return wrong;
  if (endless.length > 0) return endless;
  if (form.form === 'ring' && form.inner >= form.outer) return ['inner must be smaller than outer'];
  if (form.form === 'petal' && !(Number.isInteger(form.petals) && form.petals >= 3))
    return ['petals must be a whole number of 3 or more'];
  return [];
}
