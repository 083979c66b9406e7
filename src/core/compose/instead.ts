import type { Design } from '../design/design';
import { formulaOf } from '../design/design';
import { canReplace } from '../breakdown/amounts/components';
import { allergensOf } from '../formula/within';
import type { Allergen, Formula, Ingredient } from '../formula/formula';

/** A part that brings what its eaters must not get, and formulas that could take its place everywhere. */
export interface Instead {
  role: string;
  label: string;
  clashes: Allergen[];
  /** The same family first. */
  others: { id: string; name: string }[];
}

/** So many are offered for a part. */
const OFFERED = 3;

/** All parts of a design that clash with what must not be in it, each with what would do. */
export function insteadOf(
  { parts }: Design,
  { formulas, ingredients }: { formulas: ReadonlyMap<string, Formula>; ingredients: ReadonlyMap<string, Ingredient> },
  avoid: readonly Allergen[],
): Instead[] {
  if (avoid.length === 0) return [];
  const bad = (f: Formula) =>
    allergensOf(f, ingredients, formulas)
      .map((a) => a.allergen)
      .filter((a) => avoid.includes(a));
  return parts.flatMap((p): Instead[] => {
    const now = formulas.get(formulaOf(p) ?? '');
    const clashes = now ? bad(now) : [];
    if (!now || clashes.length === 0) return [];
    const others = [...formulas.values()]
      .filter((f) => !f.retired && canReplace(now, f) && bad(f).length === 0)
      .sort((a, b) => Number(b.family === now.family) - Number(a.family === now.family) || (a.name < b.name ? -1 : 1));
    return [
      { role: p.role, label: p.label, clashes, others: others.slice(0, OFFERED).map(({ id, name }) => ({ id, name })) },
    ];
  });
}
