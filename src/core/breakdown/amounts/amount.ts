import { say } from '../../words/say';
import type { ByProduct } from '../../formula/formula';
import type { Form } from '../../shape/form';

/** Tins of one size and fill that bake together. */
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
  /** It is in no cake and feeds nothing: what stays in bowls, what the saw takes. */
  lost?: boolean;
  /** So many pieces or rosettes, which it is called after. */
  count?: number;
  /** Key of the stage that takes it. */
  stage?: string;
  /** g of it for each piece, where there are several. */
  tiers?: { tier: number; grams: number }[];
  /** Role of the part that it goes into; of what goes into the cake itself nothing. */
  into?: string;
  /** It goes into another part beside what that weighs: a topping on a dough. */
  besides?: true;
}

/** How much to make, what of it is for what, and the sum behind it in words. */
export interface Amount {
  grams: number;
  portions: Portion[];
  pieces: number | null;
  /** Tins to fill, for what is baked in tins or on sheets. */
  loads: Load[];
  /** Weighed as it goes into the oven; all else as it comes out of the pan or bowl. */
  raw?: boolean;
  because: string;
  /** What the geometry says, where somebody has set another amount by hand. */
  computed: number | null;
}

/** What stays in bowl and bag. */
export const IN_THE_BOWL = say`stays in bowl and bag`;
/** What is made because less cannot be made well. */
const FOR_THE_BATCH = say`more than is needed`;

/** An amount of these portions. */
export function amount(
  portions: Portion[],
  because: string,
  more: Partial<Pick<Amount, 'pieces' | 'loads' | 'raw'>> = {},
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

/** Everything spread or piped leaves its share in bowl and bag: made = used × (1 + loss). */
export function spread(used: Portion[], bowlLoss: number, because: string): Amount {
  const grams = used.reduce((total, p) => total + p.grams, 0);
  return amount(
    [...used, { use: IN_THE_BOWL, grams: grams * bowlLoss, lost: true }],
    say`${because}, + ${Math.round(bowlLoss * 100)} % bowl loss`,
  );
}

/** What of an amount is in the cake, g as it was weighed. */
export const onTheCake = ({ portions }: Pick<Amount, 'portions'>): number =>
  portions.filter((p) => !p.leftOver && !p.lost).reduce((sum, p) => sum + p.grams, 0);

/** The same amount made to another weight: its portions and tins grow and shrink alike. */
export function setAmount(computed: Amount, grams: number): Amount {
  const factor = computed.grams === 0 ? 0 : grams / computed.grams;
  return {
    ...computed,
    grams,
    portions: computed.portions.map((p) => ({
      ...p,
      grams: p.grams * factor,
      ...(p.tiers && { tiers: p.tiers.map((t) => ({ ...t, grams: t.grams * factor })) }),
    })),
    loads: computed.loads.map((l) => ({ ...l, gramsEach: l.gramsEach * factor })),
    computed: computed.grams,
  };
}

/** Divides an amount by shares; what is lost and what is left over stay apart. */
export function splitAmount(whole: Amount, split: { use: string; share: number }[]): Amount {
  const aside = whole.portions.filter((p) => p.leftOver || p.lost);
  const rest = onTheCake(whole);
  const shares = split.reduce((sum, s) => sum + s.share, 0);
  return {
    ...whole,
    portions: [...split.map((s) => ({ use: s.use, grams: (rest * s.share) / shares })), ...aside],
  };
}

/** At least as much as can be made well; what is too much is left over. A second time it changes nothing. */
export function withLeastBatch(a: Amount, least: number | undefined): Amount {
  const portions = a.portions.filter((p) => p.use !== FOR_THE_BATCH);
  const grams = portions.reduce((sum, p) => sum + p.grams, 0);
  if (least === undefined || grams === 0 || grams >= least)
    return portions.length === a.portions.length ? a : { ...a, grams, portions };
  return {
    ...a,
    grams: least,
    portions: [...portions, { use: FOR_THE_BATCH, grams: least - grams, leftOver: 'rest' }],
    because: /least batch/.test(a.because) ? a.because : `${a.because}; least batch ${Math.round(least)} g`,
  };
}
