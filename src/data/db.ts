import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import * as schema from './schema';

/** One type for PGlite and for a PostgreSQL server. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;
