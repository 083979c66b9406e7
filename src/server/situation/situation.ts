import type { Situation as CoreSituation } from '../../core/situation/situation';
import type { BatchRow } from '../../data/repositories/batches';
import type { OrderRow } from '../../data/repositories/orders';
import type { LoadedKitchen } from './load-kitchen';

/** Everything that is planned from, with its rows as the database has them. */
export type Situation = CoreSituation<LoadedKitchen, OrderRow, BatchRow>;
