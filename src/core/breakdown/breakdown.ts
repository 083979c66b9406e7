import type { Allergen } from '../formula/formula';
import type { Hold, Route, Wait } from '../planning-format/problem';
import type { Cake } from './amounts/cake';
import type { Component } from './amounts/component';
import type { Drawn, LeftOver } from './amounts/left-overs';
import type { CakeStep } from './steps/cake-step';

export interface Breakdown {
  cake: Cake;
  components: Component[];
  leftOvers: LeftOver[];
  drawn: Drawn[];
  steps: CakeStep[];
  waits: Wait[];
  holds: Hold[];
  routes: Route[];
  /** Allergens and flags of the whole cake, with the components that bring them. */
  allergens: { allergen: Allergen; from: string[] }[];
}
