import { sql } from 'drizzle-orm';
import type { KitchenDb } from '../../data/kitchen-db';
import { openKitchen } from '../shared/open-kitchen';

/** Tables that belong to kitchens, what is referred to first. */
const TABLES = [
  ...['entries', 'formulas', 'formula_versions', 'builds', 'orders', 'batches', 'ticks'],
  ...['probe_series', 'plans', 'events', 'counts', 'writes'],
];

/** A second kitchen with everything that the first one has: ids are a kitchen's own, so that they stay as they are. */
export async function copyKitchen(from: KitchenDb, to: string, change: object = {}): Promise<KitchenDb> {
  const copy = (table: string, own: object) =>
    from.rows.execute(
      sql`insert into ${sql.identifier(table)} select (jsonb_populate_record(t, ${JSON.stringify(own)}::jsonb)).*
          from ${sql.identifier(table)} t where ${sql.identifier(table === 'kitchens' ? 'id' : 'kitchen')} = ${from.kitchen}`,
    );
  await copy('kitchens', { id: to, ...change });
  for (const table of TABLES) await copy(table, { kitchen: to });
  return (await openKitchen(to))!;
}

/** Everything that is stored of a kitchen, as text by table. */
export async function storedOf({ rows, kitchen }: KitchenDb): Promise<Record<string, string>> {
  const stored: Record<string, string> = {};
  for (const table of TABLES) {
    const answer = await rows.execute(
      sql`select coalesce(jsonb_agg(t order by t::text)::text, '') as text from ${sql.identifier(table)} t where kitchen = ${kitchen}`,
    );
    const [row] = (answer as unknown as { rows: { text: string }[] }).rows;
    stored[table] = row!.text;
  }
  return stored;
}
