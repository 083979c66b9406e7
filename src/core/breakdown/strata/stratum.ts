import type { Form } from '../../shape/form';

/** What a stratum is to the cake. */
type StratumKind = 'base' | 'layer' | 'filling' | 'dam' | 'insert' | 'ring filling';

/**
 * A flat part of the inside of a tier. `rule` is the place of its use in the design, `from` is the height of its lower face above the board, `inset` how far from the rim it begins,
 * `until` where a ring of it ends (a dam). mm; `ml` is its volume.
 */
export interface Stratum {
  role: string;
  rule: number;
  kind: StratumKind;
  from: number;
  thickness: number;
  inset: number;
  /** mm from the rim to which a dam reaches. */
  until?: number;
  ml: number;
}

/** What lies outside, from the inside out. `side` is how high it stands on the wall, 0 where it is on the top alone. mm; ml. */
export interface Coat {
  role: string;
  rule: number;
  kind: 'crumb coat' | 'final coat' | 'coat' | 'cover' | 'glaze' | 'flooded top';
  thickness: number;
  side: number;
  ml: number;
  /** On the wall alone: it adds nothing to the height. */
  beside?: true;
}

/** One tier as it is built: its form, the height of what is inside and of the whole, and what it is made of. mm. */
export interface Tier {
  form: Form;
  body: number;
  height: number;
  strata: Stratum[];
  coats: Coat[];
  /** So many of it, all alike; 1 where nothing is said. */
  count?: number;
  /** Places of the pieces that it is cut from. */
  cutFrom?: number[];
  /** Cut up for another piece: it is neither coated nor eaten by itself. */
  within?: true;
  /** Coated and not eaten. */
  dummy?: true;
}
