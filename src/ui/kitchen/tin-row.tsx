'use client';

import { say } from '@/core/words/say';
import { formBox } from '@/core/shape/form-box';
import { MOULD_USES, type MouldTraits } from '@/core/kitchen/item';
import { counted } from '@/core/measure/counted';
import type { ShownItem } from '@/server/kitchen/kitchen-sections';
import { useReading } from '../parts/reading';
import { KitchenLink } from '../kitchens/kitchen-link';
import { MouldPlan } from './mould-plan';

const placeOf = ({ use }: MouldTraits) => MOULD_USES.indexOf(use);

/** Tins in a row, the smallest first, all at one scale. */
export function TinRow({ tins }: { tins: readonly ShownItem[] }) {
  const { tell } = useReading();
  const sorted = [...tins]
    .filter((t): t is ShownItem & { mould: MouldTraits } => t.mould !== undefined)
    .sort((a, b) => placeOf(a.mould) - placeOf(b.mould) || formBox(a.mould.form)[0] - formBox(b.mould.form)[0]);
  return (
    <ul className="zl-tins">
      {sorted.map((t) => (
        <li key={t.id}>
          <KitchenLink href={`/kitchen/tins/${t.id}`}>
            <MouldPlan mould={t.mould} />
            <b>{tell(t.name)}</b>
            <span>
              {' '}
              {t.units} ×{t.touches > 0 ? say` · in ${counted(t.touches, 'order')}` : ''}
            </span>
          </KitchenLink>
        </li>
      ))}
    </ul>
  );
}
