import { formName, type Form } from '../shape/form';
import type { Mould } from './kitchen';
import type { Build } from './build';

/** The forms that a build can have: sizes of its own, or those of the moulds that the kitchen owns. */
export function formsOfBuild(build: Build, moulds: Mould[]): Form[] {
  const forms = build.sizes ?? moulds.filter((m) => m.use === build.mould && m.owned > 0).map((m) => m.form);
  return [...new Map(forms.map((f) => [formName(f), f])).values()];
}
