import type { Allergen } from '../formula/formula';
import type { PlannedStep } from '../planning-format/plan';

/** A thing that other work brings what these eaters must not get to, before this cake's own work with it. Minutes of the plan. */
export interface Contact {
  allergen: Allergen;
  /** Id of the thing: a mixer, an oven, a turntable. */
  item: string;
  /** Id of the step that brings it, and when that is over; in an oven it may stand beside this cake's. */
  from: string;
  until: number;
  /** Id of this cake's step, and when it begins. */
  to: string;
  start: number;
}

/** What was longer ago than this has been cleaned since. Minutes. */
const SAME_SHIFT = 12 * 60;

/**
 * Where work for others comes before a cake's own on the same thing, with something that its eaters must not get: the last such work before
 * each thing's first use for this cake, the soonest first. Things that are for one cake at a time and washed after each, its tins, are not
 * `shared`. It only says where to look: nothing is said of bowls, boards and hands that no plan knows.
 */
export function contactsOf(
  avoid: readonly Allergen[],
  steps: readonly PlannedStep[],
  {
    own,
    brings,
    shared,
  }: {
    /** Is a step this cake's own, or of a batch that it has a part of? */
    own: (step: string) => boolean;
    /** What a step works with. */
    brings: (step: string) => readonly Allergen[];
    shared: (item: string) => boolean;
  },
): Contact[] {
  if (avoid.length === 0) return [];
  const others = steps
    .filter((s) => !own(s.id))
    .map((s) => ({ ...s, brings: avoid.filter((a) => brings(s.id).includes(a)) }))
    .filter((s) => s.brings.length > 0);
  const found = new Map<string, Contact>();
  const mine = steps.filter((s) => own(s.id)).sort((a, b) => a.start - b.start);
  for (const s of mine)
    for (const item of new Set(s.equipment.filter(shared)))
      for (const other of others) {
        const before = other.start < s.end && s.start - other.end <= SAME_SHIFT;
        if (!before || !other.equipment.includes(item)) continue;
        for (const allergen of other.brings) {
          const key = `${item} ${allergen}`;
          const known = found.get(key);
          if (known && (known.to !== s.id || known.until >= other.end)) continue;
          found.set(key, { allergen, item, from: other.id, until: other.end, to: s.id, start: s.start });
        }
      }
  return [...found.values()].sort((a, b) => a.start - b.start || (a.item < b.item ? -1 : 1));
}
