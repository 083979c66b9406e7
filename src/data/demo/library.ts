import type { Formula } from '../../core/formula/formula';
import { bakedFormulas } from './formulas-baked';
import { creamFormulas } from './formulas-creams';
import { decorationFormulas } from './formulas-decorations';
import { fillingFormulas } from './formulas-fillings';
import { foamFormulas } from './formulas-foams';

/** All formulas of the demo kitchen. */
export const demoFormulas: Formula[] = [
  ...bakedFormulas,
  ...foamFormulas,
  ...fillingFormulas,
  ...creamFormulas,
  ...decorationFormulas,
];
