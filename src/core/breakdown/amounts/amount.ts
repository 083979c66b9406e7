import type { ByProduct } from '../../formula/formula';
import type { Form } from '../../shape/form';

/** Tins of one size that bake together. */
export interface Load {
  tier: number;
  form: Form;
  tins: number;
  gramsEach: number;
}

/** What one part of a batch is for. The portions of an amount add up to its grams. */
export interface Portion {
  use: string;
  grams: number;
  /** It is left over, and may feed another component. */
  leftOver?: ByProduct;
}

/** How much to make, what of it is for what, and the sum behind it in words. */
export interface Amount {
  grams: number;
  portions: Portion[];
  pieces: number | null;
  /** Tins to fill, for what is baked in tins or on sheets. */
  loads: Load[];
  because: string;
  /** What the geometry says, where somebody has set another amount by hand. */
  computed: number | null;
}

/** What stays in bowl and bag. */
export const IN_THE_BOWL = 'stays in bowl and bag';

/** An amount of these portions. */
export function amount(
  portions: Portion[],
  because: string,
  more: Partial<Pick<Amount, 'pieces' | 'loads'>> = {},
): Amount {
  const wanted = portions.filter((p) => p.grams > 0);
  return {
    grams: wanted.reduce((sum, p) => sum + p.grams, 0),
    portions: wanted,
    pieces: null,
    loads: [],
    because,
    computed: null,
    ...more,
  };
}

/** The same amount made to another weight: its portions and tins grow and shrink alike. */
export function setAmount(computed: Amount, grams: number): Amount {
  const factor = computed.grams === 0 ? 0 : grams / computed.grams;
  return {
    ...computed,
    grams,
    portions: computed.portions.map((p) => ({ ...p, grams: p.grams * factor })),
    loads: computed.loads.map((l) => ({ ...l, gramsEach: l.gramsEach * factor })),
    computed: computed.grams,
  };
}

/** Divides an amount by shares; what stays in the bowl and what is left over stay apart. */
export function splitAmount(whole: Amount, split: { use: string; share: number }[]): Amount {
  const aside = whole.portions.filter((p) => p.leftOver || p.use === IN_THE_BOWL);
  const rest = whole.grams - aside.reduce((sum, p) => sum + p.grams, 0);
  const shares = split.reduce((sum, s) => sum + s.share, 0);
  return {
    ...whole,
    portions: [...split.map((s) => ({ use: s.use, grams: (rest * s.share) / shares })), ...aside],
  };
}
