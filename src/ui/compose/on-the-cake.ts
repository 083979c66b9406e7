import { withAmount, withoutBlock } from '@/core/compose/edits/blocks';
import { withoutInside, withThickness } from '@/core/compose/edits/inside';
import { withoutPiece } from '@/core/compose/edits/pieces';
import { withMeasure } from '@/core/compose/measures';
import type { Place } from '@/core/compose/place';
import type { Design } from '@/core/design/design';

/** What is touched so thick. */
export function thick(design: Design, place: Place, mm: number): Design {
  if (place.on === 'inside') return withThickness(design, place.piece, place.at, mm);
  if (place.on !== 'block' || place.take === null) return design;
  const amount = design.blocks.find((b) => b.key === place.block)?.takes[place.take]?.amount;
  if (!amount || !('thickness' in amount)) return design;
  return withAmount(design, place.block, place.take, withMeasure(amount, 'thickness', Math.round(mm * 2) / 2));
}

/** Without what is touched. */
export function without(design: Design, place: Place, blocks: Parameters<typeof withoutBlock>[2]): Design {
  if (place.on === 'space') return design;
  if (place.on === 'inside') return withoutInside(design, place.piece, place.at);
  return place.on === 'block' ? withoutBlock(design, place.block, blocks) : withoutPiece(design, place.piece, blocks);
}
