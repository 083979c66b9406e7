import { span, type Form } from '../../shape/form';
import type { Cake } from './cake';
import type { PieceSize } from './store-draw';

/** Layers of one size that a piece of the cake asks for. */
export interface LayersNeeded extends PieceSize {
  tier: number;
  count: number;
}

/** Layers of a role that the cake is built of, by piece and thickness; what is rolled or put together of other pieces is made for it. mm. */
export function layersNeeded(cake: Cake, role: string): LayersNeeded[] {
  return cake.tiers.flatMap((t, tier): LayersNeeded[] => {
    if (t.within || t.cutFrom || t.form.form === 'roll') return [];
    const heights = t.strata.filter((s) => s.role === role && s.kind !== 'filling').map((s) => s.thickness);
    return [...new Set(heights)].map((height) => ({
      ...{ tier, form: t.form, height },
      count: heights.filter((h) => h === height).length * (t.count ?? 1),
    }));
  });
}

/** A layer may be so much thicker than it is wanted, and is trimmed; and so much thinner, which nobody sees. mm. */
const TRIMMED_AT_MOST = 10;
const UNSEEN = 1;

/** Does a kept layer serve? It is of the same form and size, and thick enough. */
export function fitsLayer(kept: PieceSize, wanted: PieceSize): boolean {
  const over = kept.height - wanted.height;
  return sameSize(kept.form, wanted.form) && over >= -UNSEEN && over <= TRIMMED_AT_MOST;
}

const sameSize = (a: Form, b: Form): boolean =>
  a.form === b.form && Math.abs(span(a) - span(b)) < 1 && JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
const sorted = (form: Form) => Object.entries(form).sort(([x], [y]) => (x < y ? -1 : 1));
