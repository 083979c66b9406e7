import { say } from '@/core/words/say';
import { NothingYet } from '../parts/nothing-yet';

/** Where a kitchen has nothing yet to compose a cake of: what belongs here, and where it comes from. */
export const NoFormulas = () => (
  <NothingYet
    title={say`A new build`}
    text={say`A cake is composed of formulas: one for its layers at least, and one to fill them with. Write your own, bring in a recipe, or take some from the starter library.`}
    ways={[
      { name: say`Choose from the starter library`, href: '/kitchen/library' },
      { name: say`Write a formula`, href: '/formulas/new' },
    ]}
  />
);
