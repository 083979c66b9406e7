import type { Allergen, Batter } from '../formula/formula';
import type { Form } from '../shape/form';

/** Something that a kitchen has, or several that are alike: an oven, a mixer, a fridge, the tins of one size. */
export interface Item {
  name: string;
  /** What it is, as steps and waits ask for it: `oven`, `mixer`, `fridge`, `tin 24 cm`. */
  kind: string;
  /** How much of it there is: deck slots, hobs, shelves, tins of the set. */
  units: number;
  /** When it cannot be used. */
  closed: ClosedTime[];
  oven?: OvenTraits;
  mixer?: MixerTraits;
  store?: StoreTraits;
  mould?: MouldTraits;
}

/** Wall-clock times, "2027-05-22T14:00". */
export interface ClosedTime {
  from: string;
  until: string;
  why: string;
}

export interface OvenTraits {
  /** °C a minute; null is as ovens usually are. */
  heatRate: number | null;
  coolRate: number | null;
  /** It blows its heat about: formulas are for still heat. */
  fan: boolean;
  /** What is added to the °C of a formula in this oven, and to its minutes. */
  celsius: number;
  minutes: number;
  /** What lies on one deck, mm inside; null where only the slots are known. */
  deck: { length: number; width: number } | null;
}

interface MixerTraits {
  /** Litres of its bowl; null where nobody has said it. */
  litres: number | null;
  /** g of mix that it takes at once, by kind of batter. */
  batches: { batter: Batter; least: number; most: number }[];
}

interface StoreTraits {
  /** °C inside; null where it is as warm as the room. */
  celsius: number | null;
  litres: number | null;
  /** Nothing with these stands here. */
  free: Allergen[];
}

export const MOULD_USES = ['tin', 'ring', 'square tin', 'shaped tin', 'sheet'] as const;
export type MouldUse = (typeof MOULD_USES)[number];

export interface MouldTraits {
  use: MouldUse;
  form: Form;
  /** mm, where somebody has told it. */
  depth?: number;
}

/** The four ways in which items are shown and edited. */
export type ItemGroup = 'ovens' | 'machines' | 'tins' | 'places';

/** Where an item belongs: by what is known of it. */
export function groupOf({ oven, store, mould }: Pick<Item, 'oven' | 'store' | 'mould'>): ItemGroup {
  if (oven) return 'ovens';
  if (store) return 'places';
  return mould ? 'tins' : 'machines';
}
