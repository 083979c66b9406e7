/**
 * How much of a batch one use takes, said in one of five ways; the others are computed from it. `mm` is a thickness, `grams` what is weighed out for
 * it, `share` a fraction of the whole batch, `rest` what all other uses leave (one a batch), `usual` the thickness that the kitchen's figures say.
 */
export type Measure = { mm: number } | { grams: number } | { share: number } | 'rest' | 'usual';

/** Does it depend on how large the batch is? */
export const isOfBatch = (measure: Measure): measure is { share: number } | 'rest' =>
  measure === 'rest' || (measure !== 'usual' && 'share' in measure);
