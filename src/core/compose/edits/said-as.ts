import type { Measure } from '../../design/measure';
import type { Design } from '../../design/design';
import type { Place } from '../place';
import { withInside } from './parts';

/** The ways in which an amount can be said. */
export const SAID_AS = ['usual', 'mm', 'grams', 'share', 'rest'] as const;
export type SaidAs = (typeof SAID_AS)[number];

export const saidAs = (measure: Measure): SaidAs =>
  typeof measure === 'string' ? measure : 'mm' in measure ? 'mm' : 'grams' in measure ? 'grams' : 'share';

/** What stands in a place, where it is said as a measure: a filling, a coat, what is spread on top. Null of all else. */
export function measureAt(design: Design, place: Place): Measure | null {
  if (place.on === 'inside') {
    const item = design.pieces.find((p) => p.key === place.piece)?.inside[place.at];
    return item?.is === 'filling' ? item.amount : null;
  }
  if (place.on !== 'block' || place.take === null) return null;
  const amount = design.blocks.find((b) => b.key === place.block)?.takes[place.take]?.amount;
  return amount && 'thickness' in amount && typeof amount.thickness !== 'number' ? (amount.thickness ?? null) : null;
}

/** The same place with another measure. */
export function withMeasureAt(design: Design, place: Place, measure: Measure): Design {
  if (place.on === 'inside')
    return withInside(design, place.piece, (inside) =>
      inside.map((i, at) => (at === place.at && i.is === 'filling' ? { ...i, amount: measure } : i)),
    );
  if (place.on !== 'block') return design;
  return {
    ...design,
    blocks: design.blocks.map((b) =>
      b.key !== place.block
        ? b
        : {
            ...b,
            takes: b.takes.map((t, at) =>
              at === place.take && (t.amount?.rule === 'coat' || t.amount?.rule === 'spread on top')
                ? { ...t, amount: { ...t.amount, thickness: measure } }
                : t,
            ),
          },
    ),
  };
}

/** The same amount said in another way: what was known of it is what it begins with. mm, g. */
export function sayAs(as: SaidAs, known: { mm: number | null; grams: number | null }): Measure {
  switch (as) {
    case 'mm':
      return { mm: Math.round((known.mm ?? 5) * 2) / 2 };
    case 'grams':
      return { grams: Math.max(1, Math.round(known.grams ?? 100)) };
    case 'share':
      return { share: 0.5 };
    default:
      return as;
  }
}
