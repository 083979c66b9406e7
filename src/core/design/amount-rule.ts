import type { Measure } from './measure';

/** What of the outside is covered: everything, the top alone, the side alone, or a band of the side so high, mm. */
type Surface = 'all' | 'top' | 'side' | { band: number };

/** How much a block takes of a part. Lengths in mm; what is left out comes from the kitchen's figures. */
export type AmountRule =
  /** Spread on; crumb and final coat are each measured on the cake as it is built, as their usual thickness is. */
  | { rule: 'coat'; coat: 'crumb' | 'final' | 'other'; thickness: Measure; on: Surface }
  /** Rolled out, hangs to the foot. */
  | { rule: 'paste cover'; thickness?: number }
  /** Poured over; what runs off is caught. */
  | { rule: 'glaze' }
  /** Drops around the rim; `flood`: mm over the whole top. */
  | { rule: 'drip'; meanLength?: number; flood?: number }
  /** On the finished top, to the edge or to a border so far from it. */
  | { rule: 'spread on top'; thickness: Measure; border?: number }
  /** `every`: one every so many mm around each piece of the cake, in place of a number. */
  | { rule: 'pieces'; per: 'cake' | 'tier' | 'portion'; count: number; grams: number; spare?: number; every?: number }
  | { rule: 'border'; nozzle: string; where: 'top' | 'foot' | 'both' }
  | { rule: 'rosettes'; spacing: number; grams: number }
  /** Crumbs, nuts, powder over the top, or around the foot in a band so high: g per cm². */
  | { rule: 'strewn'; gramsPerCm2: number; height?: number }
  /** Flat pieces around a tier so high; without a height over the whole outside, as a house has them. */
  | { rule: 'panels'; height?: number; thickness: number }
  /** What holds other things on: g for each piece of another part, or for each cm around. */
  | { rule: 'glue'; grams: number; per: { piecesOf: string } | 'cm around' }
  /** So much of the batch, for what has no thickness: whipped and piped, for instance. */
  | { rule: 'of the batch'; amount: { grams: number } | { share: number } | 'rest' }
  /** So much for each g of another part: "one part of glaze to two of mousse". */
  | { rule: 'share'; of: string; share: number };
