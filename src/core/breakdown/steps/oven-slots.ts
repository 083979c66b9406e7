import type { Form } from '../../shape/form';
import { formBox } from '../../shape/form-box';

/** What stands on one deck slot, mm. */
export interface Slot {
  length: number;
  width: number;
}

/**
 * What stands on one slot of a deck: the deck divided so that its slots are as square as they can be. Of several ovens the smallest counts, as it is
 * not known before in which of them something bakes; null where no deck was measured.
 */
export function smallestSlot(decks: readonly { length: number; width: number; slots: number }[]): Slot | null {
  const slots = decks.map(({ length, width, slots }) => squarest(length, width, Math.max(1, Math.round(slots))));
  return slots.reduce<Slot | null>((least, s) => (least && area(least) <= area(s) ? least : s), null);
}

const area = ({ length, width }: Slot) => length * width;

function squarest(length: number, width: number, slots: number): Slot {
  const rows = Array.from({ length: slots }, (_, i) => i + 1).filter((n) => slots % n === 0);
  const cells = rows.map((n): Slot => ({ length: length / n, width: width / (slots / n) }));
  const shape = (s: Slot) => Math.max(s.length / s.width, s.width / s.length);
  return cells.reduce((best, s) => (shape(s) < shape(best) ? s : best));
}

/** Room between tins, so that the heat goes round them. mm. */
const GAP = 20;

/**
 * Deck slots that one tin takes: as many as the formula says, or where it is by size as many as its box covers with room around it, never fewer than
 * the formula says. A kitchen that has not told the size of its decks counts by the formula.
 */
export function slotsPerTin(slots: number, bySize: boolean, form: Form | null, slot: Slot | undefined): number {
  const least = Math.max(1, slots);
  if (!bySize || form === null || !slot) return least;
  const [length, width] = formBox(form);
  const along = (a: number, b: number) =>
    Math.ceil((length + GAP) / (a + GAP) - 1e-9) * Math.ceil((width + GAP) / (b + GAP) - 1e-9);
  return Math.max(least, Math.min(along(slot.length, slot.width), along(slot.width, slot.length)));
}
