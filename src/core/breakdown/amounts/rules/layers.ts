import type { AmountOf } from '../amount-context';
import { layersFromTins } from './layers-from-tins';
import { layersOfOwnSize } from './layers-of-own-size';
import { layersFromSheets } from './layers-from-sheets';
import { rolledSheets } from './rolled-sheets';

/** Where nothing is said, layers come from tins of this depth, at most two out of one. mm. */
const USUAL = { from: 'tins', depth: 50, most: 2 } as const;

/** Layers, by where they come from. */
export const layers: AmountOf<'layers'> = (_, context) => {
  const from = context.part.layers ?? USUAL;
  switch (from.from) {
    case 'tins':
      return layersFromTins(from, context);
    case 'sheets':
      return layersFromSheets(from, context);
    case 'own size':
      return layersOfOwnSize(from, context);
    case 'rolled sheet':
      return rolledSheets(from, context);
  }
};
