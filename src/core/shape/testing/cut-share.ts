import type { CutCake } from '../cutting-scheme';
import { topArea, type Form } from '../form';

/** Share of the top that the counted pieces of a scheme take. */
export function cutShare(form: Form, cut: CutCake): number {
  if (cut.scheme === 'wedges') return 1;
  return cut.pieces.reduce((sum, p) => sum + p.share * p.length * p.width, 0) / topArea(form);
}
