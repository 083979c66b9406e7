import type { Control, FieldPath, FieldValues } from 'react-hook-form';

/** What every field of a form is told. */
export interface FieldOf<F extends FieldValues> {
  control: Control<F>;
  name: FieldPath<F>;
  label: string;
}
