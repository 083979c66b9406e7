import type { Kitchen } from '../../core/breakdown/kitchen';
import { startingCoefficients } from '../../core/breakdown/figures/starting-figures';
import { demoIngredients } from './ingredients';
import { demoEquipment } from './kitchen';
import { demoFormulas } from './library';

/** The demo kitchen as the core sees it, without a database: for tests and the command line. */
export const demoLibrary: Kitchen = {
  coefficients: startingCoefficients,
  formulas: new Map(demoFormulas.map((f) => [f.id, f])),
  ingredients: new Map(demoIngredients.map((i) => [i.id, i])),
  moulds: demoEquipment.flatMap((e) => (e.mould ? [{ ...e.mould, kind: e.kind, owned: e.units }] : [])),
  ovenSlots: 6,
  choices: {},
};
