import { span, type Form } from './form';

/** Less than this is no cake any more, mm across. */
const LEAST = 40;

/** A form with so many mm cut off its side all round; null where nothing sensible is left, or a side cannot be cut off so: of a heart, a roll. */
export function sideTrimmed(form: Form, mm: number): Form | null {
  const less = (length: number) => length - 2 * mm;
  const left = (): Form | null => {
    switch (form.form) {
      case 'round':
        return { form: 'round', diameter: less(form.diameter) };
      case 'square':
        return { form: 'square', side: less(form.side) };
      case 'rectangle':
        return { form: 'rectangle', length: less(form.length), width: less(form.width) };
      case 'hexagon':
        return { form: 'hexagon', across: less(form.across) };
      default:
        return null;
    }
  };
  const made = left();
  if (!made) return null;
  return Math.min(...Object.values(made).filter((v) => typeof v === 'number')) >= LEAST ? made : null;
}

/** How many mm are cut off the side of what is baked in a tin to make a form of it. */
export const sideTrimOf = (form: Form, tin: Form | undefined): number =>
  tin ? Math.max(0, (span(tin) - span(form)) / 2) : 0;
