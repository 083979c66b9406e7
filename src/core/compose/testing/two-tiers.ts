import { demoLibrary } from '../../../data/kitchens/demo-parts';
import { starterBuilds } from '../../../data/kitchens/starter';
import { designIn } from '../../design/design-in';
import { sumsOf, type Sums } from '../sums';

/** A cake of two tiers of the starter library, with what it comes to, for tests of screens. */
export const kitchen = demoLibrary;
export const { blocks } = demoLibrary;
export const design = designIn(
  starterBuilds.find((b) => b.id === 'walnut-ganache')!,
  [
    { form: 'round', diameter: 240 },
    { form: 'round', diameter: 150 },
  ],
);
export const sums = sumsOf(design, {}, demoLibrary) as Sums;
