import { say } from '@/core/words/say';
import { NothingYet } from '../parts/nothing-yet';

/** Where a kitchen has no cake yet to begin from: what belongs here, and where it comes from. */
export const NoBuilds = () => (
  <NothingYet
    title={say`New order`}
    text={say`A cake is composed from a build: a cake that this kitchen makes, as a beginning. There is none here yet. Compose one from your own formulas, or take some from the starter library; every one can be changed.`}
    ways={[
      { name: say`Choose from the starter library`, href: '/kitchen/library' },
      { name: say`Compose a build`, href: '/builds/new' },
    ]}
  />
);
