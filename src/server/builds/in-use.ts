import type { Build } from '../../core/design/build';
import type { LoadedKitchen } from '../situation/load-kitchen';

/** The builds that an order can begin from, as the kitchen sorts them. */
export const buildsInUse = ({ rows }: Pick<LoadedKitchen, 'rows'>): Build[] =>
  rows.builds.map((b) => b.body).filter((b) => !b.retired);
