import { say } from '../words/say';
import { formName, type Form } from '../shape/form';
import type { MouldTraits, MouldUse } from './item';

const cm = (mm: number) => `${Number((mm / 10).toFixed(1))}`;

/** The longest measure of a form seen from above, mm. */
function across(form: Form): number {
  switch (form.form) {
    case 'round':
    case 'half-sphere':
      return form.diameter;
    case 'square':
    case 'heart':
      return form.side;
    case 'rectangle':
    case 'roll':
    case 'house':
      return form.length;
    case 'ring':
      return form.outer;
    case 'hexagon':
    case 'petal':
      return form.across;
    case 'loaf':
      return form.topLength;
  }
}

/** What a form is that is baked in, and is no ring. */
export function mouldUse(form: Form, isSheet: boolean): MouldUse {
  if (isSheet) return 'sheet';
  if (form.form === 'round') return 'tin';
  return form.form === 'square' ? 'square tin' : 'shaped tin';
}

/**
 * What kind of equipment a mould is: all of one use, form, size and depth are alike. Depths that are usual are not said, so that what earlier
 * versions stored is the same kind.
 */
export function mouldKind({ use, form, depth }: MouldTraits): string {
  const deep = depth === undefined || USUAL_DEPTHS.includes(depth) ? '' : `, ${cm(depth)} deep`;
  if (use === 'shaped tin') return `${form.form} tin ${cm(across(form))} cm${deep}`;
  const second = form.form === 'rectangle' && use !== 'sheet' ? ` × ${cm(form.width)}` : '';
  return `${use} ${cm(across(form))}${second} cm${deep}`;
}

/** mm. */
const USUAL_DEPTHS = [60, 75];

const PLURAL: Record<MouldUse, string> = {
  tin: say`Tins`,
  ring: say`Rings`,
  'square tin': say`Tins`,
  'shaped tin': say`Tins`,
  sheet: say`Sheets`,
};

/** "Tins, round 24 cm", "Tins, round 24 cm, 10 deep". */
export function mouldName({ use, form, depth }: MouldTraits): string {
  const size = use === 'ring' && form.form === 'round' ? `${cm(across(form))} cm` : formName(form);
  const deep = depth === undefined || USUAL_DEPTHS.includes(depth) ? '' : say`, ${cm(depth)} cm deep`;
  const isFrame = use === 'ring' && form.form === 'rectangle';
  return `${isFrame ? say`Frames` : PLURAL[use]}, ${size}${deep}`;
}
