/**
 * The forms a cake or a tin can have, with their sizes in mm. The plan view (`round`, `square`, …) is one thing,
 * the height another: functions take the height where they need it.
 */
export type Form =
  | { form: 'round'; diameter: number }
  | { form: 'square'; side: number }
  | { form: 'rectangle'; length: number; width: number }
  | { form: 'roll'; length: number; diameter: number };

/** Area seen from above, mm². A roll is seen as the rectangle it covers. */
export function topArea(form: Form): number {
  switch (form.form) {
    case 'round':
      return (Math.PI * form.diameter ** 2) / 4;
    case 'square':
      return form.side ** 2;
    case 'rectangle':
      return form.length * form.width;
    case 'roll':
      return form.length * form.diameter;
  }
}

/** Length of the outline seen from above, mm. */
export function perimeter(form: Form): number {
  switch (form.form) {
    case 'round':
      return Math.PI * form.diameter;
    case 'square':
      return 4 * form.side;
    case 'rectangle':
      return 2 * (form.length + form.width);
    case 'roll':
      return 2 * (form.length + form.diameter);
  }
}

/** Area of the wall of a cake of this height, mm². For a roll, its rounded skin without the two cut ends. */
export function sideArea(form: Form, height: number): number {
  return form.form === 'roll' ? Math.PI * form.diameter * form.length : perimeter(form) * height;
}

/** Volume in ml of a cake or tin of this height in mm. A roll is a cylinder lying down. */
export function volume(form: Form, height: number): number {
  const cubicMillimetres =
    form.form === 'roll' ? ((Math.PI * form.diameter ** 2) / 4) * form.length : topArea(form) * height;
  return cubicMillimetres / 1000;
}

/** Its widest measure seen from above, mm. */
export function span(form: Form): number {
  switch (form.form) {
    case 'round':
      return form.diameter;
    case 'square':
      return form.side;
    default:
      return form.length;
  }
}

/** As a baker says it: "round 20 cm", "sheet 60 × 40 cm". */
export function formName(form: Form): string {
  const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;
  switch (form.form) {
    case 'round':
      return `round ${cm(form.diameter)} cm`;
    case 'square':
      return `square ${cm(form.side)} cm`;
    case 'rectangle':
      return `${cm(form.length)} × ${cm(form.width)} cm`;
    case 'roll':
      return `roll of ${cm(form.length)} cm`;
  }
}
