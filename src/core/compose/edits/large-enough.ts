import { componentsOf } from '../../breakdown/amounts/components';
import type { Kitchen } from '../../breakdown/kitchen';
import type { Design, Piece } from '../../design/design';
import { cannotBeMade } from '../../design/problems';
import { formName, span } from '../../shape/form';
import { sizesOf } from '../sizes-of';
import { withCount, withForm, withTierOnTop } from './pieces';

/** No cake is made larger in more steps than there are sizes, nor more than so many times over. */
const MOST_STEPS = 20;
const MOST_TIMES = 40;
const MOST_TIERS = 6;

/**
 * A design that gives so many portions: every piece in the next size that the kitchen has, as often as it takes, each tier smaller than the one that
 * it stands on; where that does not suffice, tiers more on top of several, and as many of one that stands alone as do. Null where nothing does, or it
 * gives enough already.
 */
export function largeEnough(design: Design, wanted: number, kitchen: Kitchen): Design | null {
  const fits = (d: Design) => cannotBeMade(d, kitchen).length === 0;
  const enough = (d: Design) =>
    componentsOf({ design: d, inscription: '', without: [] }, kitchen).cake.portions >= wanted;
  if (!fits(design) || enough(design)) return null;
  let larger = design;
  for (let step = 0; step < MOST_STEPS; step++) {
    const next = inNextSizes(larger, kitchen, fits);
    if (next === larger) break;
    larger = next;
    if (enough(larger)) return larger;
  }
  const eaten = eatenOf(larger);
  const [only, ...more] = eaten;
  if (!only) return null;
  if (more.length > 0) {
    while (larger.pieces.length < MOST_TIERS) {
      const top = larger.pieces.at(-1)!;
      const smaller = sizesOf(top.form, kitchen).filter((f) => span(f) < span(top.form));
      const next = smaller
        .reverse()
        .map((f) => withTierOnTop(larger, f, kitchen.blocks))
        .find(fits);
      if (!next || next === larger) return null;
      larger = next;
      if (enough(larger)) return larger;
    }
    return null;
  }
  for (let times = (only.count ?? 1) + 1; times <= MOST_TIMES; times++) {
    const several = withCount(larger, only.key, times);
    if (!fits(several)) return null;
    if (enough(several)) return several;
  }
  return null;
}

/** Pieces that are eaten as they are, and no others are cut from. */
function eatenOf({ pieces }: Design): Piece[] {
  const cutFrom = new Set(pieces.flatMap((p) => p.madeOf?.pieces ?? []));
  return pieces.filter((p) => !p.madeOf && !cutFrom.has(p.key));
}

/** Every piece in the next size that fits it, and that still stands on the one below. */
function inNextSizes(design: Design, kitchen: Kitchen, fits: (d: Design) => boolean): Design {
  const eaten = eatenOf(design);
  return eaten.reduce((d, p, i) => {
    const below = eaten[i - 1];
    const stands = below !== undefined && span(p.form) < span(below.form);
    const room = stands ? span(d.pieces.find((x) => x.key === below.key)!.form) : Infinity;
    const sizes = sizesOf(p.form, kitchen);
    const above = sizes.slice(sizes.findIndex((f) => formName(f) === formName(p.form)) + 1);
    // A ring of that size does not bake a cake that needs a tin.
    return (
      above
        .filter((f) => span(f) < room)
        .map((f) => withForm(d, p.key, f))
        .find(fits) ?? d
    );
  }, design);
}
