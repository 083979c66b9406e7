import type { KitchenId } from '../core/ids/ids';
import type { Db } from './db';

/**
 * One kitchen's part of a database: all that is read and written of a kitchen goes through one of these, so that nothing can forget whose
 * it is.
 */
export interface KitchenDb {
  kitchen: KitchenId;
  /** The whole database, or a transaction in it: what is asked here must name the kitchen. */
  rows: Db;
  /** What the kitchen's clock shows. */
  now: () => Date;
  /** Who asks, where their device says it: the id of a person. It is written beside what they tell, and nothing is allowed or forbidden by it. */
  by?: string | null;
}
