import { DateTime } from 'luxon';
import type { Breakdown } from '../breakdown/breakdown';
import type { StoreEvent } from './store-state';

type Kept = Omit<Extract<StoreEvent, { kind: 'lot kept' }>, 'kind' | 'lot'>;

/** Of what is weighed less than so much is not kept. g. */
const WORTH = 50;

/**
 * What of an order remains that may go into the store: what a least batch or the tins made too much, of formulas that are kept there. `day` is when it
 * was made, "2026-03-14".
 */
export function goesIn({ leftOvers, components }: Breakdown, day: string): Kept[] {
  return leftOvers.flatMap((l): Kept[] => {
    const c = components.find((x) => x.role === l.from);
    const inStore = c?.formula.inStore;
    if (!c || !inStore || l.kind !== 'rest' || l.left < WORTH) return [];
    const pieces = c.amount.pieces === null ? 0 : Math.floor((c.amount.pieces * l.left) / c.amount.grams);
    if (inStore.by === 'piece' && pieces === 0) return [];
    return [
      {
        ...{ formula: c.formula.id, name: c.formula.name, by: inStore.by },
        amount: inStore.by === 'piece' ? pieces : Math.round(l.left),
        ...{ place: inStore.place, shelf: '', madeOn: day, useBy: lastDay(day, inStore.keeps) },
        ...{ allergens: c.allergens.map((a) => a.allergen), from: 'left over', reservedFor: null },
      },
    ];
  });
}

/** The last day on which something may be used that keeps for so many minutes. */
export const lastDay = (day: string, keeps: number): string =>
  DateTime.fromISO(day, { zone: 'utc' }).plus({ minutes: keeps }).toISODate()!;
